using JollyBarn.Inspection;

namespace JollyBarn.Telling.Phrases;

/// <summary>What is said of one case of a rule.</summary>
internal sealed record Words(Line Says)
{
    /// <summary>The arithmetic with its numbers.</summary>
    public Line? Sum { get; init; }

    /// <summary>What would settle it, where no edit of one box does.</summary>
    public Line? Mend { get; init; }

    /// <summary>How the case was told by earlier programs, whose rulings kept the sentence.</summary>
    public IReadOnlyList<Line> Formerly { get; init; } = [];

    /// <summary>What to do now, in order.</summary>
    public IReadOnlyList<string> Now { get; init; } = [];

    public static implicit operator Words(string says) => new(new Line(says));

    /// <summary>A length that may not pass a limit: what it is of, in words.</summary>
    public static (string, Words)[] AtMost(string what) =>
        [
            (nameof(Usual.Within), what + ": {at}, {limit} at most."),
            (nameof(Usual.TooMuch), new Words(new Line(what + ": {at}; {limit} at most.")) { Sum = "{at} − {limit} = {by} too much" }),
        ];

    /// <summary>A length that must reach a limit.</summary>
    public static (string, Words)[] AtLeast(string what) => [(nameof(Usual.Within), what + ": {at}, {limit} needed."), .. TooLittle(what)];

    /// <summary>A length that does not reach a limit.</summary>
    public static (string, Words)[] TooLittle(string what) =>
        [(nameof(Usual.TooLittle), new Words(new Line(what + ": {at}; {limit} needed.")) { Sum = "{limit} − {at} = {by} short" })];

    /// <summary>A ground that reaches no panel, and how far it goes.</summary>
    public static Words Ends(string what)
    {
        var (here, on) = (new Line(what + ": it ends in this box."), new Line(what + ": it goes to {boxes} and no further."));
        return new(new Line(f => f["boxes"].Length > 0 ? on.Make(f) : here.Make(f)));
    }

    /// <summary>A conductor on a breaker.</summary>
    public static (string, Words)[] OnBreaker(string what, string? mend = null) =>
        [
            (nameof(Usual.Carries), what + ": {limit:0} A at most, the breaker is {breaker:0} A."),
            (
                nameof(Usual.TooThin),
                new Words(new Line(what + " on a {breaker:0} A breaker; {limit:0} A at most."))
                {
                    Sum = "{breaker:0} − {limit:0} = {by:0} A too much",
                    Mend = mend is null ? null : new Line(mend),
                }
            ),
        ];
}

/// <summary>What is said of a rule and its cases. Cases of facts that have no words of their own are told by the fact's question.</summary>
/// <param name="Id">The rule's id.</param>
/// <param name="Name">A few words for lists.</param>
/// <param name="Why">One plain sentence: what goes wrong otherwise.</param>
internal sealed record RuleWords(string Id, string Name, string Why) : IEnumerable<KeyValuePair<string, Words>>
{
    private readonly Dictionary<string, Words> cases = new(StringComparer.Ordinal)
    {
        [nameof(Usual.DoesNotApply)] = "Does not apply.",
        [nameof(Usual.Right)] = "{fact} {answer}.",
    };

    /// <summary>Words of a case; null for a question that its fact asks.</summary>
    public Words? this[string name] => cases.GetValueOrDefault(name);

    public void Add(string name, Words words) => cases.Add(name, words);

    public void Add((string Name, Words Words)[] usual)
    {
        foreach (var (name, words) in usual)
        {
            cases.Add(name, words);
        }
    }

    public IEnumerator<KeyValuePair<string, Words>> GetEnumerator() => cases.GetEnumerator();

    System.Collections.IEnumerator System.Collections.IEnumerable.GetEnumerator() => GetEnumerator();
}
