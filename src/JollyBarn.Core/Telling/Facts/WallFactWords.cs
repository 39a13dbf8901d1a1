using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>How the facts of the room, the wall and how the box sits in it are asked.</summary>
internal static class WallFactWords
{
    public static Dictionary<FactKey, FactWords> All { get; } =
        new()
        {
            [WallFacts.Use] = new(
                "What is the room used as?",
                "Say what it is used for, not what it was built as.",
                [
                    "bathroom",
                    "kitchen",
                    "laundry",
                    "garage",
                    "basement",
                    "crawl space",
                    "outdoors",
                    "boathouse",
                    "bedroom",
                    "living room",
                    "dining room",
                    "pantry",
                    "hall or stair",
                    "closet",
                    "workshop",
                    "store",
                    "loft",
                    "outbuilding at grade, not lived in",
                    "something else",
                ]
            ),
            [WallFacts.Wetness] = new(
                "Dry, damp or wet here?",
                "Damp: under a roof or sweating. Wet: rain, splash, ground or earth reach it.",
                ["dry", "damp", "wet"]
            ),
            [WallFacts.NearWater] = new(
                "Is a sink, tub or shower within 6 ft?",
                "Measure the shortest way a cord would take, not through a wall or door."
            ),
            [WallFacts.InTubSpace] = new("Is it inside the space of a tub or shower?", "Within its walls or curb."),
            [WallFacts.OverTub] = new(
                "Is it within or straight above a tub or shower?",
                "Within its walls or curb, or over them at any height."
            ),
            [WallFacts.BathZone] = new("Is it inside the zone of a tub or shower?", "3 ft out from the rim and 8 ft up."),
            [WallFacts.Countertop] = new("Does it serve a kitchen countertop?", "Above the worktop, or where its cords would reach from."),
            [WallFacts.Finished] = new("Is this part of the basement finished as a room?", "Walls and floor finished and used as a room."),
            [WallFacts.AsBuilt] = new(
                "Has it stood as built since before this edition?",
                "Not extended and no device replaced under the edition that holds now. If nobody knows, leave it open."
            ),
            [WallFacts.GfciAhead] = new(
                "Does a GFCI upstream protect it?",
                "Trip the device or breaker upstream by its own button, and see whether this goes dead."
            ),
            [WallFacts.AfciAhead] = new(
                "Does an AFCI breaker or device protect it?",
                "Look at the breaker and the first outlet of the circuit."
            ),
            [WallFacts.Height] = new("How high is it?", "From the finished floor or the ground to the centre of the box.")
            {
                Picture = "height",
            },
            [WallFacts.PlateSeats] = new(
                "Does the plate cover the opening and lie on the wall?",
                "Press it at the corners; look for light behind it."
            ),
            [WallFacts.Covered] = new("Is it closed by a plate, cover, canopy or device?", "Before you opened it."),
            [WallFacts.Access] = new(
                "Can it be got at?",
                "Without taking the building apart.",
                ["yes, by its cover", "above a lift-out ceiling, or by a hatch", "no, a finish is over it"]
            ),
            [WallFacts.WallNext] = new(
                "How far along the wall to the next receptacle?",
                "Along the floor line, round corners, to the farther of its two neighbours; a door breaks the wall."
            )
            {
                Picture = "opposite",
            },
            [WallFacts.WallEdge] = new("How far along the wall to where it ends?", "To the door or opening where no receptacle is between.")
            {
                Picture = "opposite",
            },
            [WallFacts.CounterNext] = new("How far along the counter to the next receptacle?", "Along the back of the worktop.")
            {
                Picture = "opposite",
            },
            [WallFacts.CounterEdge] = new(
                "How far along the counter to where it ends?",
                "To its end, a sink or a range, where no receptacle is between."
            )
            {
                Picture = "opposite",
            },
            [WallFacts.Setback] = new(
                "How far behind the finished face is its rim?",
                "Lay a straight edge over the opening; measure down to the rim at its deepest. 0 when flush."
            )
            {
                Picture = "setback",
            },
            [WallFacts.Proud] = new(
                "How far does it stand out from the face?",
                "Straight edge over the rim; measure to the wall. 0 when flush."
            )
            {
                Picture = "proud",
            },
            [WallFacts.Finish] = new(
                "Does the surface of the wall burn?",
                "Wood boards burn; gypsum board, plaster, tile and brick do not.",
                ["it burns", "it does not"]
            ),
            [WallFacts.InFront] = new(
                "What stands in front of it?",
                "A cabinet or an appliance that stays: leads are cut longer, to be worked on before it.",
                ["nothing", "a cabinet", "an appliance"]
            ),
            [WallFacts.Gap] = new(
                "What is the widest gap round it?",
                "Between the box and the wall surface; plaster and gypsum board only."
            )
            {
                Picture = "gap",
            },
            [WallFacts.Opposite] = new(
                "How far to the nearest box in the other face of this wall?",
                "Along the wall, centre to centre, in another stud bay or not. Leave it open when there is none in sight."
            )
            {
                Picture = "opposite",
            },
            [WallFacts.FireProtected] = new("Is it protected for a fire wall?", "Listed putty pads, or the box listed for it."),
            [WallFacts.Sealed] = new(
                "Are the openings through the fire wall sealed at the annulus?",
                "With a listed seal round the cable; nothing foamed inside the box."
            ),
        };
}
