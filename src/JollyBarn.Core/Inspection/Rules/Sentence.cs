using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Small words that sentences of findings share.</summary>
internal static class Sentence
{
    public static string Start(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    public static string Of(ConductorUse use) => use switch
    {
        ConductorUse.Hot => "hot",
        ConductorUse.Neutral => "neutral",
        ConductorUse.Switched => "switched hot",
        ConductorUse.Traveler => "a traveler",
        ConductorUse.Ground or ConductorUse.IsolatedGround => "ground",
        _ => "nobody knows what",
    };
}
