namespace JollyBarn.CodeBook;

/// <summary>One school of a question the trade answers differently.</summary>
public sealed record PracticeChoice(string Value, string Name, string Reason);

/// <summary>A question on which people differ, its schools, and what holds unless the house says otherwise.</summary>
public sealed record PracticeQuestion(string Key, string Name, string Default, IReadOnlyList<PracticeChoice> Choices);

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
