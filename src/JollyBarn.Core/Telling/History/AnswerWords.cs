using JollyBarn.Telling.Facts;
using JollyBarn.Telling.Phrases;
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

    /// <summary>What of a box a question is about, before it; nothing for the box itself.</summary>
    public static string About(Job job, Id<Box> box, string key, string of)
    {
        ThingKind? kind = FactKeys.Find(key)?.Of switch
        {
            FactOf.CableEnd => ThingKind.Cable,
            FactOf.Lead or FactOf.Pigtail or FactOf.Wire => ThingKind.Lead,
            FactOf.Joint => ThingKind.Joint,
            FactOf.Device => ThingKind.Device,
            _ => null,
        };
        return kind is { } thing ? $"{new Names(job, box).Of(new Thing(thing, of))}: " : "";
    }

    /// <summary>The answer in words: a choice by its name, a length as entered.</summary>
    private static string Shown(FactKey? asked, Observation fact, string value) =>
        asked?.Answers.Contains(value) == true ? FactWords.Named(asked, value) : fact.Entered ?? value;
}
