namespace JollyBarn.Practice.Spot;

/// <summary>What can be said of a part: the same for every part of its kind, so that the list gives nothing away.</summary>
public static class SpotChoices
{
    /// <summary>Rules that speak of a part only where something is wrong with it, and what kinds of part those are.</summary>
    private static readonly (PartIs Kind, string Rule)[] OnlyWhereWrong =
    [
        (PartIs.Box, "fill"),
        (PartIs.Box, "box-bonded"),
        (PartIs.Box, "bond-screw"),
        (PartIs.Box, "bond-count"),
        (PartIs.Box, "short"),
        (PartIs.Entry, "entry-open"),
        (PartIs.Cable, "cable-held"),
        (PartIs.Cable, "cable-damage"),
        (PartIs.Wire, "bond-count"),
        (PartIs.Wire, "landing"),
        (PartIs.Wire, "white-hot"),
        (PartIs.Wire, "green"),
        (PartIs.Wire, "loose-end"),
        (PartIs.Wire, "neutral-ground"),
        (PartIs.Wire, "pigtail-gauge"),
        (PartIs.Wire, "polarity"),
        (PartIs.Wire, "short"),
        (PartIs.Wire, "switch-neutral-cut"),
        (PartIs.Wire, "lead-damage"),
        (PartIs.Wire, "colour"),
        (PartIs.Wire, "line-load"),
        (PartIs.Wire, "grounds-joined"),
        (PartIs.Wire, "multiwire-neutral"),
        (PartIs.Joint, "joint-connector"),
        (PartIs.Joint, "joint-made"),
        (PartIs.Joint, "joint-tight"),
        (PartIs.Device, "landing"),
        (PartIs.Device, "polarity"),
        (PartIs.Device, "fed"),
        (PartIs.Device, "switch-works"),
        (PartIs.Device, "gfci"),
        (PartIs.Device, "line-load"),
        (PartIs.Device, "neutral-ground"),
        (PartIs.Device, "short"),
        (PartIs.Device, "device-bonded"),
        (PartIs.Device, "switch-neutral-cut"),
        (PartIs.Device, "tamper"),
        (PartIs.Device, "grounds-joined"),
    ];

    /// <summary>Rules that also speak where nothing is wrong, and that some mistake breaks.</summary>
    private static readonly string[] Always =
    [
        "accessible",
        "box-held",
        "clean",
        "fastener",
        "free-length",
        "gap",
        "nails",
        "plate",
        "plate-bonded",
        "rigid",
        "setback",
        "sheath",
    ];

    /// <summary>Rules there is a box to practise on.</summary>
    public static IReadOnlySet<string> Taught { get; } =
        OnlyWhereWrong.Select(w => w.Rule).Except(["colour"]).Concat(Always).ToHashSet(StringComparer.Ordinal);

    /// <summary>Ids of the rules one can choose from, for each kind of part.</summary>
    public static IReadOnlyDictionary<PartIs, IReadOnlyList<string>> For(SpotDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        var box = drill.Job.Boxes[drill.Box];
        return SpotDrill
            .All(drill.Sound, drill.Box)
            .SelectMany(f => SpotParts.About(drill.Sound.Boxes[drill.Box], f).Select(p => (Kind: SpotParts.Of(box, p), f.Rule)))
            .Where(p => p.Kind is not null)
            .Select(p => (Kind: p.Kind!.Value, p.Rule))
            .Concat(OnlyWhereWrong)
            .GroupBy(p => p.Kind)
            .ToDictionary(g => g.Key, IReadOnlyList<string> (g) => [.. g.Select(p => p.Rule).Distinct().Order(StringComparer.Ordinal)]);
    }
}
