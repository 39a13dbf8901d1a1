using System.Globalization;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Answers to questions of the code book, as edits take them: checked and made exact.</summary>
internal static class GivenAnswers
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
    public static ById<string, Observation> With(ById<string, Observation> facts, string key, Observation? fact) =>
        Exact(key, fact) is { } exact ? facts.With(key, exact) : facts.Without(key);

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
            return fact.Value is null ? null : new(Why.NoValueHere, field);
        }

        if (fact.Value is null)
        {
            return new(Why.NeedsAnswer, field);
        }

        return kind.Type switch
        {
            FactType.Length => Length.TryParse(fact.Value, out var length) && length >= Length.Zero && length <= Length.Inches(6000)
                ? null
                : new(Why.NotALength, field),
            FactType.Number => TryNumber(fact.Value, out var number) && number is >= 0 and <= 30_000
                ? null
                : new(Why.NotANumber, field, ("unit", kind.Unit)),
            _ => kind.Answers.Contains(fact.Value) ? null : new(Why.NotAnAnswer, field, ("question", kind)),
        };
    }
}
