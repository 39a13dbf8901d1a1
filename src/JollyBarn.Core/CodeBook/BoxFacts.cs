using static JollyBarn.CodeBook.FactKinds;

namespace JollyBarn.CodeBook;

/// <summary>Facts of the box itself and of its entries: what is seen once the plate is off.</summary>
public static class BoxFacts
{
    public static IReadOnlyList<FactKind> All { get; } =
    [
        YesNo("held", FactOf.Box, 100, "Is the box held fast?", "Push and pull at it: it does not move in the wall.", "yes"),
        YesNo("ears-backed", FactOf.Box, 101, "Is there board behind its ears?", "An old-work box holds on sound board at every ear; not on plaster edge or air.", "yes"),
        Choice("nails", FactOf.Box, 102, "Do nails or screws go through the inside?", "Only within 1/4 in of the back or the ends.", ("none", "none inside"), ("edge", "within 1/4 in of back or ends"), ("middle", "farther in")),
        YesNo("clean", FactOf.Box, 103, "Is it clean inside?", "No paint, plaster, foam or overspray on conductors or terminals.", "yes"),
        Choice("bond-screw", FactOf.Box, 104, "What holds the ground to the box?", "Look at the screw itself. 10-32 is the usual tapped hole.",
            ("screw", "a machine screw used for nothing else"), ("clip", "a listed clip"), ("cover", "a cover screw"), ("clamp", "a clamp screw"), ("wood", "a wood or sheet-metal screw")),
        YesNo("plate-metal", FactOf.Box, 110, "Is the plate metal?", "Tap it; a magnet holds on steel only."),
        YesNo("bonded-through", FactOf.Box, 105, "Are the metal sheaths bonded to each other through the plastic box?", "A bonding bushing and jumper, or an integral bonding means.", "yes"),
        YesNo("box-wet-listed", FactOf.Box, 106, "Is the box marked for damp or wet places?", "Look for the words inside or on its back."),
        Choice("stub", FactOf.Box, 107, "What carries it, where no wall does?", "Only for a box on raceways or a post.", ("one-plastic", "one plastic raceway"), ("two", "two raceways or a post"), ("metal", "one rigid metal raceway"), ("wall", "it is on a wall or post")),
        YesNo("repair", FactOf.Box, 108, "Is it a repair of wiring that was concealed already?", "In an existing building, as the listing of a concealed splice asks."),
        Choice("switch-neutral", FactOf.Box, 109, "Why may there be no neutral at this switch?", "404.2(C) asks for one where a switch controls lighting of a room people use.",
            ("raceway", "it is on a raceway one can pull through"), ("reach", "the box is open to pull to"), ("whole", "the light is seen whole from several switches"), ("none", "none of these")),
        YesNo("fan-listed", FactOf.Box, 110, "Is the box marked for a fan?", "Moulded or stamped, with its weight."),
        YesNo("two-listed", FactOf.Entry, 201, "Is this clamp listed for as many cables as come in here?", "Its package or its marking says.", "yes"),
    ];
}
