namespace JollyBarn.Inspection;

/// <summary>Worst first. Fine never means safe: nothing was found by the rules there are.</summary>
public enum Verdict
{
    /// <summary>Can hurt somebody now.</summary>
    Stop,
    /// <summary>Fails the code profile.</summary>
    Fix,
    /// <summary>Cannot tell; says which fact would decide.</summary>
    Measure,
    /// <summary>Breaks a house practice or a recommendation.</summary>
    Better,
    /// <summary>Was judged and holds.</summary>
    Fine,
}

/// <summary>A fact that would decide a verdict.</summary>
/// <param name="Of">The thing it is about, as <see cref="Wiring.Subjects"/> names it.</param>
/// <param name="Key">Key of the question in <see cref="CodeBook.FactKinds"/>.</param>
/// <param name="Box">The box to ask it at; null for the box, circuit or panel that is judged.</param>
public sealed record FactAsked(string Of, string Key, string? Box = null);

/// <summary>What a rule says of one thing of a box.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Of">The thing it judges: with the rule's id it names this verdict.</param>
/// <param name="Says">One plain sentence.</param>
/// <param name="Article">Article, or <c>practice</c>.</param>
/// <param name="Ids">Leads, joints, devices it is about, for the picture.</param>
public sealed record Finding(string Rule, string Of, Verdict Verdict, string Says, string Article, IReadOnlyList<string> Ids)
{
    /// <summary>The box it is seen at, of a verdict on a circuit; null otherwise.</summary>
    public string? Box { get; init; }

    /// <summary>The arithmetic with this box's numbers: measured against limit; null where nothing is counted.</summary>
    public string? Sum { get; init; }

    /// <summary>What would settle it, in words and with amounts, where no edit of one box does.</summary>
    public string? Mend { get; init; }

    /// <summary>Facts that would decide it, for <see cref="Verdict.Measure"/>.</summary>
    public IReadOnlyList<FactAsked> Asks { get; init; } = [];

    /// <summary>What to do now, in order, for <see cref="Verdict.Stop"/>.</summary>
    public IReadOnlyList<string> Now { get; init; } = [];

    /// <summary>Key of the house practice it depends on.</summary>
    public string? Practice { get; init; }

    /// <summary>Id of the ruling that settled it.</summary>
    public string? Ruling { get; init; }

    /// <summary>The same as text, to tell whether two states of a job say the same.</summary>
    public string Key => $"{Rule}|{Of}|{Verdict}|{Says}";
}
