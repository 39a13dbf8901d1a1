using System.Globalization;
using JollyBarn.Measures;
using JollyBarn.Telling.Facts;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Answers to questions of the code book, as edits take them: checked, made exact, told.</summary>
internal static class Answers
{
    /// <summary>What is wrong with an answer, or null; taking one back is never wrong.</summary>
    public static Refusal? Check(FactKey kind, Observation? fact) =>
        fact is null
            ? null
            : Refuse.BadEnum(fact.How, "fact.how")
                ?? BadValue(kind, fact)
                ?? Refuse.BadNote(fact.Entered, "fact.entered")
                ?? Refuse.BadNote(fact.Who, "fact.who")
                ?? Refuse.BadNote(fact.When, "fact.when")
                ?? Refuse.BadNote(fact.By, "fact.by");

    /// <summary>The answer with its value as it is kept; null when it is unknown.</summary>
    public static Observation? Exact(string key, Observation? fact) =>
        fact is null or { How: Known.Unknown } ? null : fact with { Value = Exact(key, fact.Value) };

    /// <summary>Answers with one given, or taken back.</summary>
    public static ById<Observation> With(ById<Observation> facts, string key, Observation? fact) =>
        Exact(key, fact) is { } exact ? facts.With(key, exact) : facts.Without(key);

    public static string Tell(string key, Observation? fact)
    {
        var asked = FactKeys.Find(key);
        var asks = asked is null ? key : FactWords.Of(asked).Asks;
        return fact?.Value is { } value ? $"{asks} {Shown(asked, fact, value)}"
            : fact?.How == Known.NotApplicable ? $"{asks} Does not apply"
            : $"{asks} Not known";
    }

    /// <summary>The answer in words: a choice by its name, a length as entered.</summary>
    private static string Shown(FactKey? asked, Observation fact, string value) =>
        asked?.Answers.Contains(value) == true ? FactWords.Named(asked, value) : fact.Entered ?? value;

    private static string? Exact(string key, string? value) =>
        FactKeys.Find(key)?.Type switch
        {
            FactType.Length when Length.TryParse(value, out var length) => length.ToString(),
            FactType.Number when TryNumber(value, out var number) => number.ToString("0.####", CultureInfo.InvariantCulture),
            _ => value,
        };

    private static bool TryNumber(string? text, out decimal number) =>
        decimal.TryParse(text?.Trim().Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out number);

    private static Refusal? BadValue(FactKey kind, Observation fact)
    {
        const string field = "fact.value";
        if (fact.How is Known.Unknown or Known.NotApplicable)
        {
            return fact.Value is null ? null : new("Unknown and not applicable carry no value.", field);
        }

        if (fact.Value is null)
        {
            return new("This needs an answer.", field);
        }

        return kind.Type switch
        {
            FactType.Length => Length.TryParse(fact.Value, out var length) && length >= Length.Zero && length <= Length.Inches(6000)
                ? null
                : new("A length: write 2 7/8, 2.875 or 73 mm, from 0 to 500 feet.", field),
            FactType.Number => TryNumber(fact.Value, out var number) && number is >= 0 and <= 30_000
                ? null
                : new($"A number of {kind.Unit}, 0 to 30000.", field),
            _ => kind.Answers.Contains(fact.Value)
                ? null
                : new($"Choose one of: {string.Join(", ", FactWords.Choices(kind).Select(c => c.Name))}.", field),
        };
    }
}
