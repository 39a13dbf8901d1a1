namespace JollyBarn.CodeBook;

/// <summary>What ways are weighed by: minutes of each operation, and what damage, outage, walks to the shop and looks are worth to this
/// house. All <em>practice</em>: a house corrects them.</summary>
public static class WayBook
{
    public static Assumption Rate { get; } = new("way.rate", "an hour of work", 90m, "$");

    public static Assumption Damage { get; } = new("way.damage", "a hole in a finished wall to make good, as much as", 40m, "$");

    public static Assumption Outage { get; } = new("way.outage", "a circuit off for an hour, as much as", 15m, "$");

    public static Assumption Trip { get; } = new("way.trip", "a walk to the shop, as much as", 45m, "$");

    public static Assumption Look { get; } = new("way.look", "a thing to look at first, as much as", 10m, "$");

    /// <summary>Added to the length of a cable that nobody measured.</summary>
    public static Assumption Guess { get; } = new("way.guess", "added to a length that is guessed", 20m, "%");

    public static Assumption Waste { get; } = new("way.waste", "cable lost at each run", 6m, "in");

    /// <summary>What a lead is longer by where a cabinet or an appliance stands in front of its box.</summary>
    public static Assumption Front { get; } = new("lead.front", "leads longer behind a cabinet or an appliance", 6m, "in");

    /// <summary>Bare at the end of a wire, for a port or a hole.</summary>
    public static Assumption StripPort { get; } = new("strip.port", "stripped for a port, a plate or a hole", 0.5m, "in");

    /// <summary>Bare at the end of a wire, to go round a screw.</summary>
    public static Assumption StripHook { get; } = new("strip.hook", "stripped for a hook round a screw", 0.75m, "in");

    public static Assumption SameRoom { get; } = new("way.near", "way to another box of the room, guessed", 12m, "ft");

    public static Assumption OtherRoom { get; } = new("way.far", "way to a box of another room, guessed", 30m, "ft");

    public static Assumption ToPanel { get; } = new("way.panel", "way to the panel, guessed", 45m, "ft");

    /// <summary>What an under-floor way or one round outdoors is longer by: down and up.</summary>
    public static Assumption DownAndUp { get; } = new("way.down", "down and up again under a floor", 8m, "ft");

    /// <summary>Joists and studs are crossed by opening the wall between.</summary>
    public static Assumption HoleEvery { get; } = new("way.hole", "fished across studs, a hole to make good every", 4m, "ft");

    /// <summary>Both ends together: a sawn or burnt end is cut back to bright copper first.</summary>
    public static Assumption CutBack { get; } = new("way.cutback", "cut back at a hurt place, both ends together", 1m, "in");

    public static Assumption Prove { get; } = Op("prove", "off, tagged, proved dead, on again and tested", 12m);

    public static Assumption Open { get; } = Op("open", "a box opened and closed again", 8m);

    public static Assumption Joint { get; } = Op("joint", "a joint made", 2m);

    public static Assumption Tail { get; } = Op("tail", "a pigtail cut and made", 2m);

    public static Assumption Device { get; } = Op("device", "a device put on", 6m);

    public static Assumption Hole { get; } = Op("hole", "a hole cut in a finished wall, after a look behind it", 15m);

    public static Assumption SetBox { get; } = Op("box", "a box set", 8m);

    public static Assumption Replace { get; } = Op("replace", "a box taken out of a finished wall", 20m);

    public static Assumption Part { get; } = Op("part", "a ring, cover or extension put on", 4m);

    public static Assumption CableIn { get; } = Op("cable", "a cable brought in, stripped and held", 4m);

    public static Assumption FishFoot { get; } = Op("fish", "a foot fished inside a wall", 1.5m);

    public static Assumption SurfaceFoot { get; } = Op("surface", "a foot of surface raceway", 3m);

    public static Assumption UnderFoot { get; } = Op("under", "a foot under a floor, drilled and fastened", 1.2m);

    public static Assumption OutsideFoot { get; } = Op("outside", "a foot outdoors, dug or fastened", 6m);

    public static Assumption Breaker { get; } = Op("breaker", "a breaker put in (licensed work)", 25m);

    public static Assumption Splice { get; } = Op("splice", "a cable cut back and spliced", 10m);

    public static Assumption Hand { get; } = Op("hand", "a thing done by hand that is looked at again", 10m);

    /// <summary>The operations a way is made of.</summary>
    public static IReadOnlyList<Assumption> Operations { get; } =
    [
        Prove,
        Open,
        Joint,
        Tail,
        Device,
        Hole,
        SetBox,
        Replace,
        Part,
        CableIn,
        FishFoot,
        SurfaceFoot,
        UnderFoot,
        OutsideFoot,
        Breaker,
        Splice,
        Hand,
    ];

    /// <summary>What a figure counts for in the ranking.</summary>
    public static IReadOnlyList<Assumption> Weights { get; } = [Rate, Damage, Outage, Trip, Look];

    public static IReadOnlyList<Assumption> All { get; } =
    [.. Weights, Guess, Waste, Front, StripPort, StripHook, SameRoom, OtherRoom, ToPanel, DownAndUp, HoleEvery, CutBack, .. Operations];

    private static Assumption Op(string key, string name, decimal minutes) => new($"op.{key}", name, minutes, "min");
}
