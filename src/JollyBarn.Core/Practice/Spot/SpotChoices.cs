namespace JollyBarn.Practice.Spot;

/// <summary>What can be said of a part: the same for every part of its kind, so that the list gives nothing away.</summary>
public static class SpotChoices
{
    /// <summary>Rules that speak of a part only where something is wrong with it, and what kinds of part those are.</summary>
    private static readonly Dictionary<PartIs, string[]> OnlyWhereWrong = new()
    {
        [PartIs.Box] =
        [
            "afci",
            "bath-zone",
            "bond-count",
            "bond-screw",
            "bonded-through",
            "box-bonded",
            "box-wet",
            "counter-spacing",
            "covered",
            "ears",
            "fan-ready",
            "fill",
            "fire-opposite",
            "fire-seal",
            "live-metal",
            "low-voltage",
            "neutral-at-switch",
            "short",
            "splice-box",
            "stub",
            "wall-spacing",
        ],
        [PartIs.Entry] = ["entry-open"],
        [PartIs.Cable] =
        [
            "bend",
            "bundled",
            "buried",
            "bushing",
            "cable-damage",
            "cable-held",
            "cable-wet",
            "cord",
            "edge",
            "fastener-sound",
            "feed-mark",
            "grommet",
            "multiwire-legs",
            "multiwire-tied",
            "riser",
            "slack",
            "spacing",
            "wire-breaker",
        ],
        [PartIs.Wire] =
        [
            "aluminum",
            "bond-count",
            "colour",
            "green",
            "ground-gauge",
            "grounds-joined",
            "landing",
            "lead-damage",
            "line-load",
            "loose-end",
            "multiwire-neutral",
            "neutral-ground",
            "pigtail-gauge",
            "polarity",
            "reach",
            "short",
            "switch-neutral-cut",
            "white-hot",
        ],
        [PartIs.Joint] = ["joint-connector", "joint-listed", "joint-made", "joint-tight"],
        [PartIs.Device] =
        [
            "closet",
            "device-bonded",
            "device-screws",
            "device-test",
            "fed",
            "gfci",
            "grounds-joined",
            "landing",
            "line-load",
            "live-metal",
            "neutral-ground",
            "polarity",
            "rating",
            "ready-access",
            "short",
            "split-tab",
            "switch-neutral-cut",
            "switch-works",
            "tamper",
            "torque",
            "tub-space",
            "weather",
            "weight",
        ],
    };

    /// <summary>Rules that also speak where nothing is wrong, and that some mistake breaks.</summary>
    private static readonly string[] Always =
    [
        "accessible",
        "box-held",
        "clean",
        "depth",
        "fastener",
        "free-length",
        "gap",
        "joint-wet",
        "nails",
        "plate",
        "plate-bonded",
        "rigid",
        "setback",
        "sheath",
    ];

    /// <summary>Rules there is a box to practise on.</summary>
    public static IReadOnlySet<string> Taught { get; } =
        OnlyWhereWrong.SelectMany(w => w.Value).Except(["colour", "live-metal"]).Concat(Always).ToHashSet(StringComparer.Ordinal);

    /// <summary>Ids of the rules one can choose from, for each kind of part; of a wire also what can be said of its cable.</summary>
    public static IReadOnlyDictionary<PartIs, IReadOnlyList<string>> For(SpotDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        var box = drill.Job.Boxes[drill.Box];
        return SpotDrill
            .All(drill.Sound, drill.Box)
            .SelectMany(f => SpotParts.About(drill.Sound.Boxes[drill.Box], f).Select(p => (Kind: SpotParts.Of(box, p), f.Rule)))
            .Where(p => p.Kind is not null)
            .Select(p => (Kind: p.Kind!.Value, p.Rule))
            .Concat(OnlyWhereWrong[PartIs.Cable].Select(r => (Kind: PartIs.Wire, Rule: r)))
            .Concat(OnlyWhereWrong.SelectMany(w => w.Value.Select(r => (Kind: w.Key, Rule: r))))
            .GroupBy(p => p.Kind)
            .ToDictionary(g => g.Key, IReadOnlyList<string> (g) => [.. g.Select(p => p.Rule).Distinct().Order(StringComparer.Ordinal)]);
    }
}
