using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of a cable where it comes to a box and how it is held.</summary>
internal static class CableWords
{
    public static RuleWords[] All =>
        [
            new("cable-held", "Cable held", "A cable that slides pulls on its joints.")
            {
                Words.AtMost("First fastener along the sheath where the box has no clamp, {cable}"),
                { "Held", "Held at the box: {cable}." },
                { "Ask", "What holds {cable} at the box?" },
                { "ByFlap", "Held by the box's own flap: {cable}." },
                { "Nothing", "Nothing holds {cable} at the box." },
                { "FishedWithoutClamp", "Fished, so no fastener is near, and nothing holds {cable} at the box: it needs a clamp." },
                { "AskFastener", "The box has no clamp: is {cable} fastened within {limit} along the sheath?" },
            },
            new("sheath", "Sheath inside", "A clamp on bare conductors cuts them.")
            {
                Words.AtLeast("Sheath inside, {cable}"),
                { "Ask", "How much sheath of {cable} is inside?" },
            },
            new("sheath-long", "Long sheath", "Long sheath takes room and stiffens the fold.") { Words.AtMost("Sheath inside, {cable}") },
            new("fastener", "First fastener", "The first thing a tug reaches should be a fastener, not a joint.")
            {
                Words.AtMost("First fastener, {cable}"),
                { "Fished", "Fished between access points: {cable}." },
                { "Ask", "How far along is the first fastener of {cable}?" },
            },
            new("slack", "Cable to first support", "A loop behind the board finds the drill.")
            {
                Words.AtMost("Cable before its first support, {cable}"),
                { "NoLoop", "{at} of cable before the first support of {cable}: no loop for a second try." },
                { "AskFished", "{at} of cable lies before the first support of {cable}. Was it fished?" },
            },
            new("spacing", "Fasteners along the run", "A sagging cable is hung on.")
            {
                Words.AtMost("Between fasteners, {cable}"),
                { "Fished", "Fished between access points." },
                { "AskFished", "{at} without a fastener: was {cable} fished?" },
            },
            new("fastener-sound", "Fastener sound", "A staple driven home is a knife.")
            {
                { "Wrong", "A fastener hurts {cable} or holds more than it may." },
            },
            new("stacked", "Fasteners stacked", "The staple on top presses through the one below.")
            {
                { "Wrong", "Fasteners are stacked over {cable}." },
            },
            new("edge", "Nails can reach it", "The next picture hook goes straight in.")
            {
                Words.TooLittle("To the face of the stud and no plate, {cable}"),
                { "FarEnough", "{at} from the face of the stud: {cable}." },
                { "Plated", "{at} from the face of the stud, plated: {cable}." },
                { "AskPlate", "{at} from the face of the stud: is {cable} plated?" },
                { "AskRaceway", "{at} from the face of the stud: what kind of raceway is {cable}?" },
            },
            new("grommet", "Grommet", "A punched edge saws at the sheath each time a door slams.")
            {
                { "Wrong", "No grommet where {cable} passes metal framing." },
            },
            new("bend", "Bend", "A kink breaks the insulation inside, where nobody sees it.")
            {
                { "Wide", "Bent to {radius}: {cable}." },
                {
                    "Tight",
                    new("{Cable} is bent to a radius of {radius}; {times:0} times its thickness needed.")
                    {
                        Sum = "{times:0} × {across:0.00} in = {least:0.00} in; {radius} there",
                    }
                },
            },
            new("bushing", "Armour bushing", "A cut edge of armour finds the insulation.")
            {
                { "Wrong", "No bushing in the armour of {cable}." },
            },
            new("entry-size", "Connector for the cable", "A cable forced into a small connector is cut by it.")
            {
                { "Ask", "{Cable} is {gauge} AWG: of what size is its connector? {least} or larger takes it." },
                {
                    "TooSmall",
                    new("{Cable} is {gauge} AWG in a {size} connector: none of that size takes it.") { Sum = "{size} of at least {least}" }
                },
            },
            new("entry-listed", "Cables in one clamp", "Two under a clamp for one: neither is held.")
            {
                { "Wrong", "{count} cables in a clamp that is not listed for them." },
            },
        ];
}
