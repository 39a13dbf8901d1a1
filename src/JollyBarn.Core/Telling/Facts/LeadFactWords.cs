using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>How the facts of leads, pigtails and joints are asked.</summary>
internal static class LeadFactWords
{
    public static Dictionary<FactKey, FactWords> All { get; } =
        new()
        {
            [LeadFacts.Length] = new("How long is it?", "From where it leaves the sheath to its end, straightened.") { Picture = "lead" },
            [LeadFacts.PastOpening] = new(
                "How far does it reach past the opening?",
                "Pull it straight out; measure from the front of the box or ring to its end."
            )
            {
                Picture = "reach",
            },
            [LeadFacts.Hurt] = new(
                "Is it hurt?",
                "Look where it was stripped and where it lay under a screw.",
                ["no", "its insulation", "the copper is nicked", "it is burnt, or crumbles when it is bent"]
            ),
            [LeadFacts.Hook] = new(
                "Which way does its hook go round the screw?",
                "As seen on the screw: clockwise is drawn in as it is tightened.",
                ["clockwise", "the other way, or not round"]
            ),
            [LeadFacts.Bare] = new("How much bare copper shows past the screw?", "From the edge of the terminal to the insulation.")
            {
                Picture = "bare",
            },
            [LeadFacts.Path] = new(
                "How long is its whole path through the joint?",
                "From the sheath through the connector to the end of what was spliced on."
            )
            {
                Picture = "path",
            },
            [LeadFacts.TailLength] = new("How long is the pigtail?", "End to end, straightened.") { Picture = "lead" },
            [LeadFacts.Tight] = new("Does every conductor hold when tugged?", "One after another, with the breaker off."),
            [LeadFacts.JointListed] = new("Is the connector listed for these conductors?", "The package lists how many of which gauge."),
            [LeadFacts.Seen] = new(
                "How does the joint look?",
                "With its connector on, turned to the light.",
                ["sound", "copper shows below the connector", "the shell is split or pierced", "an end is short of the window"]
            ),
            [LeadFacts.Reused] = new("Is the twist-on one that was used before?", "Taken off and put on again."),
            [LeadFacts.JointAluminum] = new("Is the connector marked for aluminum?", "AL or AL-CU on it, and its paste inside."),
        };
}
