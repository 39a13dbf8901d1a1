using static JollyBarn.CodeBook.FactKinds;

namespace JollyBarn.CodeBook;

/// <summary>Facts of the room, the wall and how the box sits in it: what is seen before the device comes out.</summary>
public static class WallFacts
{
    public static IReadOnlyList<FactKind> All { get; } =
    [
        Choice("use", FactOf.Box, 10, "What is the room used as?", "Say what it is used for, not what it was built as.",
            ("bathroom", "bathroom"), ("kitchen", "kitchen"), ("laundry", "laundry"), ("garage", "garage"), ("basement", "basement"), ("crawl", "crawl space"), ("outdoors", "outdoors"), ("boathouse", "boathouse"),
            ("bedroom", "bedroom"), ("living", "living room"), ("dining", "dining room"), ("pantry", "pantry"), ("hall", "hall or stair"), ("closet", "closet"), ("workshop", "workshop"), ("storage", "store"), ("loft", "loft"), ("other", "something else")),
        Choice("wetness", FactOf.Box, 11, "Dry, damp or wet here?", "Damp: under a roof or sweating. Wet: rain, splash, ground or earth reach it.", ("dry", "dry"), ("damp", "damp"), ("wet", "wet")),
        YesNo("near-water", FactOf.Box, 12, "Is a sink, tub or shower within 6 ft?", "Measure the shortest way a cord would take, not through a wall or door."),
        YesNo("bath-zone", FactOf.Box, 13, "Is it inside the zone of a tub or shower?", "3 ft out from the rim and 8 ft up.", "no"),
        YesNo("countertop", FactOf.Box, 14, "Does it serve a kitchen countertop?", "Above the worktop, or where its cords would reach from."),
        YesNo("finished", FactOf.Box, 15, "Is this part of the basement finished as a room?", "Walls and floor finished and used as a room."),
        YesNo("as-built", FactOf.Box, 16, "Has it stood as built since before this edition?", "Not extended and no device replaced under the edition that holds now. If nobody knows, leave it open."),
        YesNo("gfci-ahead", FactOf.Box, 17, "Does a GFCI upstream protect it?", "Trip the device or breaker upstream by its own button, and see whether this goes dead."),
        YesNo("afci-ahead", FactOf.Box, 18, "Does an AFCI breaker or device protect it?", "Look at the breaker and the first outlet of the circuit."),
        Tape("height", FactOf.Box, 20, "How high is it?", "From the finished floor or the ground to the centre of the box.", "height"),
        YesNo("plate-seats", FactOf.Box, 21, "Does the plate cover the opening and lie on the wall?", "Press it at the corners; look for light behind it.", "yes"),
        YesNo("covered", FactOf.Box, 22, "Is it closed by a plate, cover, canopy or device?", "Before you opened it.", "yes"),
        Choice("access", FactOf.Box, 23, "Can it be got at?", "Without taking the building apart.", ("open", "yes, by its cover"), ("tile", "above a lift-out ceiling, or by a hatch"), ("buried", "no, a finish is over it")),
        Tape("wall-next", FactOf.Box, 31, "How far along the wall to the next receptacle?", "Along the floor line, round corners, to the farther of its two neighbours; a door breaks the wall.", "opposite"),
        Tape("wall-edge", FactOf.Box, 32, "How far along the wall to where it ends?", "To the door or opening where no receptacle is between.", "opposite"),
        Tape("counter-next", FactOf.Box, 33, "How far along the counter to the next receptacle?", "Along the back of the worktop.", "opposite"),
        Tape("counter-edge", FactOf.Box, 34, "How far along the counter to where it ends?", "To its end, a sink or a range, where no receptacle is between.", "opposite"),
        Tape("setback", FactOf.Box, 24, "How far behind the finished face is its rim?", "Lay a straight edge over the opening; measure down to the rim at its deepest. 0 when flush.", "setback"),
        Tape("proud", FactOf.Box, 25, "How far does it stand out from the face?", "Straight edge over the rim; measure to the wall. 0 when flush.", "proud"),
        Choice("finish", FactOf.Box, 26, "Does the surface of the wall burn?", "Wood boards burn; gypsum board, plaster, tile and brick do not.", ("burns", "it burns"), ("does-not", "it does not")),
        Tape("gap", FactOf.Box, 27, "What is the widest gap round it?", "Between the box and the wall surface; plaster and gypsum board only.", "gap"),
        Tape("opposite", FactOf.Box, 28, "How far to the nearest box in the other face of this wall?", "Along the wall, centre to centre, in another stud bay or not. Leave it open when there is none in sight.", "opposite"),
        YesNo("fire-protected", FactOf.Box, 29, "Is it protected for a fire wall?", "Listed putty pads, or the box listed for it.", "yes"),
        YesNo("sealed", FactOf.Box, 30, "Are the openings through the fire wall sealed at the annulus?", "With a listed seal round the cable; nothing foamed inside the box.", "yes"),
    ];
}
