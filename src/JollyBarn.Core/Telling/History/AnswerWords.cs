using JollyBarn.Telling.Facts;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Answers to questions, with the question.</summary>
internal static class AnswerWords
{
    public static string Of(string key, Observation? fact)
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
}
