using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A reason in words.</summary>
public sealed record ToldReason(RunCase Case, May Says, string Text);

/// <summary>A draw of the circuit that may run meanwhile.</summary>
/// <param name="Name">The device with its box.</param>
public sealed record ToldBeside(string Of, string Name, decimal? Watts, bool Runs);

/// <summary>Whether something may run at an outlet, for one circuit it hangs on.</summary>
/// <param name="Name">What the circuit is called.</param>
public sealed record ToldRun(
    May May,
    Id<Circuit>? Circuit,
    string? Name,
    decimal? Amperes,
    decimal Now,
    decimal Then,
    double? Volts,
    decimal? MostWatts,
    IReadOnlyList<ToldReason> Reasons,
    IReadOnlyList<ToldBeside> Beside
)
{
    private static readonly Dictionary<RunCase, Line> Words = new()
    {
        [RunCase.Stopped] = "Something here can hurt somebody now: that comes first.",
        [RunCase.NoVolts] = "By the recorded wiring there is no voltage between its slots with the breakers on: find out why first.",
        [RunCase.Over] = new(f =>
            $"{f.Text("amperes", "0.0")} A on a breaker of {f.Text("rating", "0")} A: "
            + (
                f["minutes"].Length > 0
                    ? $"it opens, after {f.Text("minutes", "0")} min at the latest."
                    : "more than it is for. It may hold for hours, and be hot all the while."
            )
        ),
        [RunCase.OverLong] =
            "What runs three hours or more counts at 125 %: {amperes:0.0} A of {rating:0} A (210.20(A)). Not for that long.",
        [RunCase.Cord] = "One thing on a cord takes at most {most:0.0} A of this circuit; this takes {amperes:0.0} A (210.23(A)(1)).",
        [RunCase.Fixed] =
            "What is fastened in place takes at most {most:0.0} A here, beside lights and receptacles; it would be {amperes:0.0} A "
            + "(210.23(A)(2)).",
        [RunCase.NotFollowed] = "Which breaker feeds this outlet is not known: find it first.",
        [RunCase.ByMark] = "Only a mark or a cable says which breaker feeds it; the wiring was not followed.",
        [RunCase.NoRating] = "What its breaker is for is not known.",
        [RunCase.HowLong] =
            "It decides whether this runs three hours or more: at 125 % it would be {amperes:0.0} A of {rating:0} A. Nobody said how long.",
        [RunCase.Unsaid] = new(f =>
            f["count"] == "1"
                ? "Nobody said what runs at another outlet of the circuit."
                : $"Nobody said what runs at {f["count"]} other outlets of the circuit."
        ),
        [RunCase.Off] = "Its breaker is off. It was switched off by somebody: ask before it goes on.",
        [RunCase.Starts] = "Its motor starts with about {amperes:0} A for a moment: the breaker may open then, and hold the next time.",
        [RunCase.Low] = "About {volts:0} V of {of:0} V are left there: lights dim, and motors warm.",
        [RunCase.Assumed] = "Not all lengths are measured: the voltage is by what the house assumes.",
        [RunCase.RestIdle] = "It rests on nothing else running at the outlets nobody said anything of.",
    };

    public static IReadOnlyList<ToldRun> Tell(Job job, IReadOnlyList<RunAnswer> answers)
    {
        var names = new Names(job);
        return
        [
            .. answers.Select(a => new ToldRun(
                a.May,
                a.Circuit,
                job.Circuits.Find(a.Circuit)?.Name,
                a.Amperes,
                a.Now,
                a.Then,
                a.Volts,
                a.MostWatts,
                [
                    .. a
                        .Reasons.OrderByDescending(r => r.Says)
                        .Select(r => new ToldReason(r.Case, r.Says, Words[r.Case].Make(new(r.About, names)))),
                ],
                [.. a.Beside.Select(b => new ToldBeside(b.Of, names.Of(b.Thing), b.Watts, b.Runs))]
            )),
        ];
    }
}
