using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Hunting;

/// <summary>A test of an acceptance in words.</summary>
/// <param name="Expected">What it shows where everything is as recorded.</param>
/// <param name="Reveals">How many faults it reveals that none before it does.</param>
public sealed record ToldAcceptanceTest(
    string Key,
    string Title,
    string Minds,
    ToldLook Look,
    string Expected,
    double Minutes,
    bool Live,
    int Reveals
)
{
    /// <summary>What was read, where somebody did since the Change was worked on.</summary>
    public string? Shown { get; init; }

    /// <summary>Whether it was as expected; null where nobody looked.</summary>
    public bool? Fits { get; init; }

    /// <summary>Who looked, and when; null where nobody did.</summary>
    public string? By { get; init; }

    public string? At { get; init; }
}

/// <summary>Faults that the tests do not see, alike in what would.</summary>
/// <param name="Faults">The first few of them.</param>
/// <param name="Would">A test that would see them; null where none the program knows does.</param>
public sealed record ToldUnseen(int Count, IReadOnlyList<string> Faults, string? Would);

/// <summary>How a finished job is proved, and what of it is proved.</summary>
/// <param name="Says">What was proved and what was not.</param>
/// <param name="Stands">What no test proves: stops that stand, for the tests expect the wiring as it is recorded, wrong as it may be; boxes
/// of which not all is recorded. Null for neither.</param>
public sealed record ToldAcceptance(
    string Of,
    string Says,
    string? Stands,
    int Faults,
    int Revealed,
    int Made,
    int Otherwise,
    double Minutes,
    IReadOnlyList<ToldAcceptanceTest> Tests,
    IReadOnlyList<ToldUnseen> Unseen
);

/// <summary>Tells how a Change or a whole job is proved.</summary>
public static class AcceptanceTeller
{
    private const int Named = 4;

    private const string Passing = "the same again, on another day: it shows only while it is there";

    /// <param name="change">The Change whose boxes are proved, as it was left; null for the whole job.</param>
    public static ToldAcceptance Tell(Job job, string? change, Means means)
    {
        ArgumentNullException.ThrowIfNull(job);
        var left = change is null || job.Changes[change].Closed is not null ? job : ChangeWork.AsLeft(job, change);
        IReadOnlyCollection<Id<Box>>? of = change is null ? null : [.. Boxes(job, left, change)];
        var accepted = Acceptance.Of(left, of, means);
        var boxes = (of ?? [.. left.Boxes.Ids]).Where(b => left.Boxes.Find(b) is { Binned: false }).ToList();
        var (stops, partly) = (Stops(left, boxes), boxes.Count(b => left.Boxes[b].Contents != Contents.Complete));
        var tests = accepted.Tests.Select(t => Tell(job, left, change, t)).ToList();
        var (made, otherwise) = (tests.Count(t => t.Fits is not null), tests.Count(t => t.Fits == false));
        return new(
            change is null ? job.Name : job.Changes[change].Name,
            Says(accepted, made, otherwise, stops + partly),
            Stands(stops, partly),
            accepted.Faults,
            accepted.Revealed,
            made,
            otherwise,
            tests.Sum(t => t.Minutes),
            tests,
            [
                .. accepted
                    .NotSeen.GroupBy(u => u.Passes ? (true, null, null) : (false, u.Would?.Case, Where(left, u.Would)))
                    .OrderBy(g => g.Key.Item1)
                    .ThenByDescending(g => g.Key.Item2 is null)
                    .ThenByDescending(g => g.Count())
                    .Select(g => new ToldUnseen(
                        g.Count(),
                        [.. g.Take(Named).Select(u => SuspectWords.Of(left, u.Fault))],
                        g.Key.Item1 ? Passing
                            : g.First().Would is { } trial ? Would(left, trial)
                            : null
                    )),
            ]
        );
    }

    private static int Stops(Job left, IReadOnlyCollection<Id<Box>> of)
    {
        var live = ExpectedLive.Judge(left);
        return of.Sum(b => Inspector.Judge(left, b, left.Boxes[b]).Concat(live[b]).Count(f => f.Verdict == Verdict.Stop));
    }

    private static string? Stands(int stops, int partly)
    {
        string[] says =
        [
            .. stops > 0
                ? [$"The tests expect the wiring as it is recorded. Stops that stand in it: {stops}. No test makes that right."]
                : Array.Empty<string>(),
            .. partly > 0 ? [$"Boxes of which not all is recorded: {partly}. What nobody recorded is not proved."] : Array.Empty<string>(),
        ];
        return says.Length == 0 ? null : string.Join(' ', says);
    }

    private static IEnumerable<Id<Box>> Boxes(Job job, Job left, string change) =>
        job.Changes[change]
            .AsFound.Ids.Concat(left.Boxes.Ids.Where(b => !job.Boxes.Has(b)))
            .Concat(job.Changes[change].Ticks.Select(t => t.Box))
            .Distinct()
            .Where(left.Boxes.Has);

    /// <summary>The box a test opens, or is made at.</summary>
    private static Id<Box>? Where(Job job, Trial? trial) =>
        trial is null ? null
        : trial.Opens is [var box, ..] ? box
        : Places.Of(job, trial.Asked.Look).FirstOrNull();

    private static string Would(Job job, Trial trial) =>
        $"{TrialWords.Title(trial.Case)}{(Where(job, trial) is { } box ? $", {job.Boxes[box].Name}" : "")}";

    private static ToldAcceptanceTest Tell(Job job, Job left, string? change, AcceptanceTest test)
    {
        var (shown, fits) = test.Read(job, change);
        return new(
            test.Trial.Key,
            TrialWords.Title(test.Trial.Case),
            TrialWords.Minds(test.Trial.Case),
            ToldLook.Of(left, test.Trial.Asked),
            LookWords.Of(test.Expected),
            test.Trial.Minutes,
            test.Trial.Live,
            test.Reveals
        )
        {
            Shown = shown is null ? null : LookWords.Shown(shown),
            Fits = fits,
            By = shown?.By,
            At = shown?.At,
        };
    }

    private static string Says(Acceptance accepted, int made, int otherwise, int against)
    {
        var missing = accepted.Tests.Count - made;
        var not =
            accepted.NotSeen.Count == 0 ? "" : $" {Counted.Of(accepted.NotSeen.Count, "fault")} it knows no test of these would show.";
        return (otherwise, missing) switch
        {
            (> 0, _) => $"Not proved: {Counted.Of(otherwise, "test")} did not show what the wiring gives.{not}",
            (_, > 0) => $"Not proved yet: {Counted.Of(missing, "test")} to make.{not}",
            _ when against > 0 => $"Not proved, though every test showed what the recorded wiring gives.{not}",
            _ when accepted.Tests.Count == 0 => "There is nothing here to test.",
            _ => $"Of {Counted.Of(accepted.Faults, "single fault")} the program knows, these tests would have shown "
                + $"{accepted.Revealed}.{not}",
        };
    }
}
