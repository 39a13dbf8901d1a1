using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>How the facts of a cable where it comes to the box are asked.</summary>
internal static class CableFactWords
{
    public static Dictionary<FactKey, FactWords> All { get; } =
        new()
        {
            [CableFacts.Sheath] = new(
                "How much sheath is inside the box, past any clamp?",
                "From the inside of the wall of the box, or the clamp, to where the sheath ends. 0 when it ends short."
            )
            {
                Picture = "sheath",
            },
            [CableFacts.Hurt] = new(
                "Is the cable hurt?",
                "Look for cuts, teeth, nails, burns, a staple driven in.",
                ["no", "its sheath only", "down to a conductor"]
            ),
            [CableFacts.Mark] = new(
                "How is it marked?",
                "What somebody made on it to know it again. What that means here is a house practice.",
                ["not at all", "notch", "pen", "tape", "bent over"]
            ),
            [CableFacts.Fastener] = new(
                "How far along the sheath is the first fastener?",
                "From the box along the cable, not straight. Does not apply where it was fished and none could be reached."
            )
            {
                Picture = "fastener",
            },
            [CableFacts.Slack] = new("How much cable lies between the entry and the first support?", "Along the cable, loops too.")
            {
                Picture = "slack",
            },
            [CableFacts.Spacing] = new("What is the longest way between two fasteners?", "Along the cable. Bored holes count as support.")
            {
                Picture = "spacing",
            },
            [CableFacts.FastenerSound] = new(
                "Do its fasteners hold it without hurting it?",
                "Flat cable flat under them, not crushed, no more cables than the fastener is listed for."
            ),
            [CableFacts.Stacked] = new(
                "Are fasteners one over another's, or cables stacked deep?",
                "A second staple over the first, or more than two deep."
            ),
            [CableFacts.Edge] = new(
                "How far is it from the nearest face of the stud?",
                "From the bored hole, or the cable along the stud, to the face a nail would come from."
            )
            {
                Picture = "edge",
            },
            [CableFacts.Plated] = new("Is a 1/16 in steel plate over it?", "Where the hole is too near the face, or in a notch."),
            [CableFacts.MetalStud] = new("Does it pass metal framing?", "Punched studs."),
            [CableFacts.Grommet] = new("Is a grommet in the metal hole?", "It covers every metal edge."),
            [CableFacts.Bend] = new("What is the radius of its tightest bend?", "Inner edge of the curve.") { Picture = "bend" },
            [CableFacts.Bushing] = new(
                "Is an anti-short bushing in the end of the armour?",
                "A coloured sleeve between armour and conductors."
            ),
            [CableFacts.Buried] = new("How deep is the top of it?", "From the surface to the top of the cable or raceway.")
            {
                Picture = "buried",
            },
            [CableFacts.Over] = new(
                "What lies over it?",
                "Over the shallowest part.",
                ["soil", "2 in of concrete or more", "a house drive", "a road or lot"]
            ),
            [CableFacts.Raceway] = new(
                "What is the raceway?",
                "Plastic, threaded heavy metal, thin metal tubing, or flexible metal.",
                ["plastic", "rigid metal, threaded", "metal tubing", "flexible metal"]
            ),
            [CableFacts.Riser] = new(
                "Is it protected where it comes out of the ground?",
                "From the minimum cover, at most 18 in down, to 8 ft up."
            ),
            [CableFacts.EndWaits] = new(
                "How is the end that waits in the ground closed?",
                "Only where the cable is to go on later: by a kit listed for burial, by tape, or not.",
                ["by listed means", "by tape", "not at all"]
            ),
            [CableFacts.Bundled] = new(
                "How many cables share one sealed hole, or lie together in insulation?",
                "Count them with this one; 1 when it is alone."
            ),
            [CableFacts.Tagged] = new("Is it tagged as protected?", "A tag or tape that says what protects it."),
            [CableFacts.Tied] = new("Do its two breakers open together?", "A two-pole breaker, or an identified tie on the handles."),
            [CableFacts.Legs] = new(
                "Are its two hots on different legs?",
                "240 V between them: different. About 0 V: the same leg, and the neutral carries both.",
                ["different legs", "the same leg"]
            ),
            [CableFacts.FarWatts] = new(
                "What does the thing at its other end take, in watts?",
                "On its label; amperes times volts. For a cable that ends at something fixed."
            ),
            [CableFacts.FarLasting] = new(
                "Does the thing at its other end run three hours or more on end?",
                "A heater, a pump of a well, lights of a yard."
            ),
            [CableFacts.Terminals75] = new(
                "Are the terminals at both its ends marked 75 °C?",
                "On the breaker and on what it feeds; unmarked up to 100 A counts as 60 °C."
            ),
            [CableFacts.GroundTested] = new(
                "Does its ground carry?",
                "Best: follow the cable and record where it goes. Else, with the power on and a low-impedance meter: 120 V from the hot to "
                    + "its ground, and nothing from its ground to a ground you know."
            ),
        };
}
