using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>One check, of a box, a circuit or a panel. Its name, why and sentences stand in <c>Telling</c>, its articles in the
/// book.</summary>
/// <param name="id">Stable id.</param>
public abstract class Rule(string id)
{
    public string Id => id;

    protected Finding Fine<TCase>(string of, TCase one, params ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => Say(Verdict.Fine, of, one, details);

    protected Finding Fix<TCase>(string of, TCase one, params ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => Say(Verdict.Fix, of, one, details);

    protected Finding Better<TCase>(string of, TCase one, params ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => Say(Verdict.Better, of, one, details);

    /// <summary>What to do now stands with the words of the case.</summary>
    protected Finding Stop<TCase>(string of, TCase one, params ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => Say(Verdict.Stop, of, one, details);

    /// <summary>Cannot tell: asks facts of the thing itself.</summary>
    protected Finding Ask<TCase>(string of, TCase one, FactKey[] facts, params ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => Say(Verdict.Measure, of, one, details) with { Asks = [.. facts.Select(f => new FactAsked(of, f))] };

    /// <summary>Cannot tell: asks facts of this or other things; none where only recording more decides.</summary>
    protected Finding AskOf<TCase>(string of, TCase one, IReadOnlyList<FactAsked> facts, params ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => Say(Verdict.Measure, of, one, details) with { Asks = facts };

    /// <summary>A yes-or-no fact that has one right answer.</summary>
    protected Finding YesNo(
        Look look,
        string of,
        FactKey<bool> fact,
        bool right,
        Verdict wrong = Verdict.Fix,
        params ReadOnlySpan<(string, object?)> details
    ) =>
        look.Read(fact, of) switch
        {
            null when look.DoesNotApply(fact, of) => Fine(of, Usual.DoesNotApply),
            null => Ask(of, Usual.Ask, [fact]),
            { } answer when answer == right => Fine(of, Usual.Right, ("fact", fact), ("answer", right)),
            _ => Say(wrong, of, Usual.Wrong, details),
        };

    /// <summary>A length against a limit that it may not pass.</summary>
    protected Finding AtMost(
        Look look,
        string of,
        Length value,
        string limit,
        Verdict wrong = Verdict.Fix,
        params ReadOnlySpan<(string, object?)> details
    )
    {
        var most = look.Limits.Inches(limit);
        return value <= most
            ? Say(Verdict.Fine, of, Usual.Within, [.. details, ("at", value), ("limit", most)]).By(limit)
            : Say(wrong, of, Usual.TooMuch, [.. details, ("at", value), ("limit", most), ("by", value - most)]).By(limit);
    }

    /// <summary>A length against a limit it must reach.</summary>
    protected Finding AtLeast(
        Look look,
        string of,
        Length value,
        string limit,
        Verdict wrong = Verdict.Fix,
        params ReadOnlySpan<(string, object?)> details
    )
    {
        var least = look.Limits.Inches(limit);
        return value >= least
            ? Say(Verdict.Fine, of, Usual.Within, [.. details, ("at", value), ("limit", least)]).By(limit)
            : Say(wrong, of, Usual.TooLittle, [.. details, ("at", value), ("limit", least), ("by", least - value)]).By(limit);
    }

    /// <summary>A conductor against the breaker of its circuit.</summary>
    /// <param name="limit">Key of the row for its gauge and metal.</param>
    /// <param name="breaker">Rating, A.</param>
    protected Finding OnBreaker(Look look, string of, string limit, decimal breaker, params ReadOnlySpan<(string, object?)> details)
    {
        var most = look.Limits.Number(limit);
        return (
            breaker <= most
                ? Say(Verdict.Fine, of, Usual.Carries, [.. details, ("limit", most), ("breaker", breaker)])
                : Say(Verdict.Fix, of, Usual.TooThin, [.. details, ("limit", most), ("breaker", breaker), ("by", breaker - most)])
        ) with
        {
            Limit = limit,
        };
    }

    /// <summary>What stands in the place of its verdicts where it failed.</summary>
    internal Finding NotJudged(string of) => Say(Verdict.Measure, of, Usual.NotJudged, []);

    private Finding Say<TCase>(Verdict verdict, string of, TCase one, ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => new(id, of, verdict, CaseName<TCase>.Of(one), Details.Of(details), Pointed(of));

    private static string[] Pointed(string of) => of is Subjects.Box or Subjects.Circuit or Subjects.Panel ? [] : [of];
}
