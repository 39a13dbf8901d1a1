namespace JollyBarn.CodeBook;

/// <summary>One school of a question the trade answers differently.</summary>
public sealed record PracticeChoice(string Value, string Name, string Reason);

/// <summary>Where an answer of house practice is used.</summary>
public enum PracticeUse
{
    Fill,
    Verdicts,
    Remedies,

    /// <summary>The card that says in what order a box is made up.</summary>
    MakeUp,

    /// <summary>The writing down of what is in a box.</summary>
    Survey,

    /// <summary>The planner of ways, parts and cuts.</summary>
    Ways,
}

/// <summary>A question on which people differ, its schools, and what holds unless the house says otherwise.</summary>
/// <param name="Used">Where it is used.</param>
public sealed record PracticeQuestion(string Key, string Name, string Default, PracticeUse Used, IReadOnlyList<PracticeChoice> Choices);

/// <summary>A house's answers; a question not answered has its default.</summary>
public sealed record HousePractice
{
    public static HousePractice Default { get; } = new();

    /// <summary>Answers by question key. Numbers (crowding assumptions) are kept here as text too.</summary>
    public IReadOnlyDictionary<string, string> Answers { get; init; } = new SortedDictionary<string, string>(StringComparer.Ordinal);

    public string Answer(PracticeQuestion question) => Answers.TryGetValue(question.Key, out var given) ? given : question.Default;

    public bool Says(PracticeQuestion question, string value) => Answer(question) == value;

    public HousePractice With(string key, string? value)
    {
        if (value is null && !Answers.ContainsKey(key))
        {
            return this;
        }

        var next = new SortedDictionary<string, string>(StringComparer.Ordinal);
        foreach (var pair in Answers.Where(p => p.Key != key))
        {
            next[pair.Key] = pair.Value;
        }

        if (value is not null)
        {
            next[key] = value;
        }

        return this with
        {
            Answers = next,
        };
    }
}
