using JollyBarn.Inspection;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A fact that would decide a verdict, as the screens ask it.</summary>
/// <param name="Of">The thing it is about.</param>
/// <param name="Key">Key of the question.</param>
/// <param name="Box">The box to ask it at; null for the box, circuit or panel that is judged.</param>
public sealed record ToldAsk(string Of, string Key, Id<Box>? Box = null);

/// <summary>A finding in words.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Of">The thing it judges: with the rule's id it names this verdict.</param>
/// <param name="Case">Which of the rule's cases it is.</param>
/// <param name="Details">The details of the case as one text, the same as long as the case is: what a ruling keeps.</param>
/// <param name="Says">One plain sentence.</param>
/// <param name="Article">Article, or <c>practice</c>.</param>
/// <param name="Ids">Leads, joints, devices it is about, for the picture.</param>
public sealed record ToldFinding(
    string Rule,
    string Of,
    Verdict Verdict,
    string Case,
    string Details,
    string Says,
    string Article,
    IReadOnlyList<string> Ids
)
{
    /// <summary>The box it is seen at, of a verdict on a circuit; null otherwise.</summary>
    public Id<Box>? Box { get; init; }

    /// <summary>The arithmetic with this box's numbers; null where nothing is counted.</summary>
    public string? Sum { get; init; }

    /// <summary>What would settle it, in words and with amounts, where no edit of one box does.</summary>
    public string? Mend { get; init; }

    /// <summary>Facts that would decide it, for <see cref="Verdict.Measure"/>.</summary>
    public IReadOnlyList<ToldAsk> Asks { get; init; } = [];

    /// <summary>What to do now, in order, for <see cref="Verdict.Stop"/>.</summary>
    public IReadOnlyList<string> Now { get; init; } = [];

    /// <summary>Key of the house practice it depends on.</summary>
    public string? Practice { get; init; }

    /// <summary>Id of the ruling that settled it.</summary>
    public string? Ruling { get; init; }
}
