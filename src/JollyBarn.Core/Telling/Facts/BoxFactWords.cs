using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>How the facts of the box itself and its entries are asked.</summary>
internal static class BoxFactWords
{
    public static Dictionary<FactKey, FactWords> All { get; } =
        new()
        {
            [BoxFacts.Held] = new("Is the box held fast?", "Push and pull at it: it does not move in the wall."),
            [BoxFacts.EarsBacked] = new(
                "Is there board behind its ears?",
                "An old-work box holds on sound board at every ear; not on plaster edge or air."
            ),
            [BoxFacts.Nails] = new(
                "Do nails or screws go through the inside?",
                "Only within 1/4 in of the back or the ends.",
                ["none inside", "within 1/4 in of back or ends", "farther in"]
            ),
            [BoxFacts.Clean] = new("Is it clean inside?", "No paint, plaster, foam or overspray on conductors or terminals."),
            [BoxFacts.BondEach] = new(
                "Has each ground a screw or clip of its own?",
                "Or lies it under a screw that is marked for so many: one takes one unless it is."
            ),
            [BoxFacts.BondScrew] = new(
                "What holds the ground to the box?",
                "Look at the screw itself. 10-32 is the usual tapped hole.",
                ["a machine screw used for nothing else", "a listed clip", "a cover screw", "a clamp screw", "a wood or sheet-metal screw"]
            ),
            [BoxFacts.PlateMetal] = new("Is the plate metal?", "Tap it; a magnet holds on steel only."),
            [BoxFacts.BondedThrough] = new(
                "Are the metal sheaths bonded to each other through the plastic box?",
                "A bonding bushing and jumper, or an integral bonding means."
            ),
            [BoxFacts.BoxWetListed] = new("Is the box marked for damp or wet places?", "Look for the words inside or on its back."),
            [BoxFacts.CarriedBy] = new(
                "What carries it, where no wall does?",
                "Only for a box on raceways or a post.",
                [
                    "one plastic raceway",
                    "two raceways, nobody said of what",
                    "one rigid metal raceway",
                    "a wall",
                    "two or more threaded metal raceways",
                    "two plastic raceways",
                    "a post or body listed for it",
                ]
            ),
            [BoxFacts.Repair] = new(
                "Is it a repair of wiring that was concealed already?",
                "In an existing building, as the listing of a concealed splice asks."
            ),
            [BoxFacts.SwitchNeutral] = new(
                "Why may there be no neutral at this switch?",
                "404.2(C) asks for one where a switch controls lighting of a room people use.",
                [
                    "it is on a raceway one can pull through",
                    "the box is open to pull to",
                    "the light is seen whole from several switches",
                    "none of these",
                ]
            ),
            [BoxFacts.FanListed] = new("Is the box marked for a fan?", "Moulded or stamped, with its weight."),
            [BoxFacts.LowVoltage] = new(
                "Are low-voltage wires in this box?",
                "Bell, thermostat, data or telephone wire.",
                ["none", "behind a listed barrier", "only for the device's own control", "beside the power"]
            ),
            [BoxFacts.ThroughListed] = new("Is the luminaire listed for wires that go on?", "Its sheet says \"through wiring\"."),
            [BoxFacts.FanPlace] = new(
                "Is there framing to hang a fan from?",
                "Above a box overhead.",
                ["framing is in reach", "no framing", "the box is not overhead"]
            ),
            [BoxFacts.TwoListed] = new("Is this clamp listed for as many cables as come in here?", "Its package or its marking says."),
        };
}
