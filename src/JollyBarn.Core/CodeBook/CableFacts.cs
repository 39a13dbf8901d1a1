using static JollyBarn.CodeBook.FactKinds;

namespace JollyBarn.CodeBook;

/// <summary>Facts of a cable where it comes to the box.</summary>
public static class CableFacts
{
    public static IReadOnlyList<FactKind> All { get; } =
    [
        Tape("sheath", FactOf.CableEnd, 210, "How much sheath is inside the box, past any clamp?", "From the inside of the wall of the box, or the clamp, to where the sheath ends. 0 when it ends short.", "sheath"),
        Choice("cable-damage", FactOf.CableEnd, 211, "Is the cable hurt?", "Look for cuts, teeth, nails, burns, a staple driven in.", ("none", "no"), ("sheath", "its sheath only"), ("conductor", "down to a conductor")),
        Tape("fastener", FactOf.CableEnd, 212, "How far along the sheath is the first fastener?", "From the box along the cable, not straight. Does not apply where it was fished and none could be reached.", "fastener"),
        Tape("slack", FactOf.CableEnd, 213, "How much cable lies between the entry and the first support?", "Along the cable, loops too.", "slack"),
        Tape("spacing", FactOf.CableEnd, 215, "What is the longest way between two fasteners?", "Along the cable. Bored holes count as support.", "spacing"),
        YesNo("fastener-sound", FactOf.CableEnd, 216, "Do its fasteners hold it without hurting it?", "Flat cable flat under them, not crushed, no more cables than the fastener is listed for.", "yes"),
        YesNo("stacked", FactOf.CableEnd, 217, "Are fasteners one over another's, or cables stacked deep?", "A second staple over the first, or more than two deep.", "no"),
        Tape("edge", FactOf.CableEnd, 218, "How far is it from the nearest face of the stud?", "From the bored hole, or the cable along the stud, to the face a nail would come from.", "edge"),
        YesNo("plated", FactOf.CableEnd, 219, "Is a 1/16 in steel plate over it?", "Where the hole is too near the face, or in a notch.", "yes"),
        YesNo("metal-stud", FactOf.CableEnd, 220, "Does it pass metal framing?", "Punched studs."),
        YesNo("grommet", FactOf.CableEnd, 221, "Is a grommet in the metal hole?", "It covers every metal edge.", "yes"),
        Tape("bend", FactOf.CableEnd, 222, "What is the radius of its tightest bend?", "Inner edge of the curve.", "bend"),
        YesNo("bushing", FactOf.CableEnd, 223, "Is an anti-short bushing in the end of the armour?", "A coloured sleeve between armour and conductors.", "yes"),
        Tape("buried", FactOf.CableEnd, 224, "How deep is the top of it?", "From the surface to the top of the cable or raceway.", "buried"),
        Choice("cover", FactOf.CableEnd, 225, "What lies over it?", "Over the shallowest part.", ("soil", "soil"), ("concrete", "2 in of concrete or more"), ("drive", "a house drive"), ("road", "a road or lot")),
        YesNo("riser", FactOf.CableEnd, 226, "Is it protected where it comes out of the ground?", "From the minimum cover, at most 18 in down, to 8 ft up.", "yes"),
        Number("bundled", FactOf.CableEnd, 227, "How many cables share one sealed hole, or lie together in insulation?", "Count them with this one; 1 when it is alone.", "cables"),
        YesNo("tagged", FactOf.CableEnd, 228, "Is it tagged as protected?", "A tag or tape that says what protects it.", "yes"),
        YesNo("tied", FactOf.CableEnd, 229, "Do its two breakers open together?", "A two-pole breaker, or an identified tie on the handles.", "yes"),
        Choice("legs", FactOf.CableEnd, 230, "Are its two hots on different legs?", "240 V between them: different. About 0 V: the same leg, and the neutral carries both.", ("different", "different legs"), ("same", "the same leg")),
        Number("far-load", FactOf.CableEnd, 231, "What does the thing at its other end take, in watts?", "On its label; amperes times volts. For a cable that ends at something fixed.", "W"),
        YesNo("far-load-long", FactOf.CableEnd, 232, "Does the thing at its other end run three hours or more on end?", "A heater, a pump of a well, lights of a yard."),
    ];
}
