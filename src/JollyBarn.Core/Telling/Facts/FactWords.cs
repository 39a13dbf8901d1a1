using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>How one fact is asked.</summary>
/// <param name="Asks">The question, as one would say it at the box.</param>
/// <param name="How">How to take it.</param>
/// <param name="Answers">Names of its choices, in their order; none for other facts.</param>
public sealed record FactWords(string Asks, string How, IReadOnlyList<string>? Answers = null)
{
    private static readonly string[] YesOrNo = ["Yes", "No"];

    private static readonly Dictionary<FactKey, FactWords> All = new[]
    {
        WallFactWords.All,
        BoxFactWords.All,
        CableFactWords.All,
        LeadFactWords.All,
        DeviceFactWords.All,
        SupplyFactWords.All,
    }
        .SelectMany(d => d)
        .ToDictionary();

    /// <summary>Name of the small picture of where the tape goes; null where there is nothing to measure.</summary>
    public string? Picture { get; init; }

    public static FactWords Of(FactKey key) => All[key];

    /// <summary>Every answer with its name, as it is offered.</summary>
    public static IReadOnlyList<FactChoice> Choices(FactKey key) =>
        [.. key.Answers.Zip(key.Type == FactType.YesNo ? YesOrNo : Of(key).Answers ?? [], (value, name) => new FactChoice(value, name))];

    /// <summary>What an answer is called; the answer itself where it has no name of its own.</summary>
    public static string Named(FactKey key, string answer) => Choices(key).FirstOrDefault(c => c.Value == answer)?.Name ?? answer;
}

/// <summary>One answer that is offered: as files write it, and its name.</summary>
public sealed record FactChoice(string Value, string Name);

/// <summary>A fact as the screens ask it.</summary>
public sealed record FactKind(
    string Key,
    FactOf Of,
    FactType Type,
    string Asks,
    string How,
    int Order,
    IReadOnlyList<FactChoice> Choices,
    string? Picture = null,
    string? Unit = null
)
{
    public string? Right { get; init; }

    /// <summary>Every fact there is, as it is asked.</summary>
    public static IReadOnlyList<FactKind> All { get; } = [.. FactKeys.All.Select(Asked)];

    private static FactKind Asked(FactKey key)
    {
        var words = FactWords.Of(key);
        return new(key.Id, key.Of, key.Type, words.Asks, words.How, key.Order, FactWords.Choices(key), words.Picture, key.Unit)
        {
            Right = key.Right,
        };
    }
}
