namespace JollyBarn.CodeBook;

/// <summary>What a circuit is for, and what may hang on it.</summary>
/// <param name="Uses">Uses of rooms whose receptacles may hang on it; empty where any may.</param>
/// <param name="Own">True when it feeds nothing but receptacles of those rooms.</param>
/// <param name="OneRoom">True when anything may hang on it as long as it all is in one such room.</param>
/// <param name="Article">Article that asks it; null where none does.</param>
public sealed record CircuitPurpose(string Id, string Name, IReadOnlyList<string> Uses, bool Own, bool OneRoom, string? Article = null);

/// <summary>Circuits a dwelling has for a purpose. From memory of NEC 210.11(C) and 210.52(B).</summary>
public static class PurposeBook
{
    /// <summary>Wire and breaker of it go by the nameplate, 240.4(G).</summary>
    public const string Motor = "motor";

    /// <summary>Out of what is judged here: article 680 has rules of its own.</summary>
    public const string Pool = "pool";

    /// <summary>The clock, the gas range and their like, 210.52(B)(2), and an outdoor receptacle on the garage's circuit, 210.11(C)(4), are the exceptions.</summary>
    public static IReadOnlyList<CircuitPurpose> All { get; } =
    [
        new("general", "lights and receptacles of any room", [], false, false),
        new("small-appliance", "small appliances of kitchen, pantry and dining room", ["kitchen", "pantry", "dining"], true, false, "210.11(C)(1), 210.52(B)"),
        new("laundry", "the laundry", ["laundry"], true, false, "210.11(C)(2)"),
        new("bathroom", "bathroom receptacles", ["bathroom"], true, true, "210.11(C)(3)"),
        new("garage", "garage receptacles", ["garage", "outdoors"], true, false, "210.11(C)(4)"),
        new("one", "one appliance", [], false, false),
        new(Motor, "a motor or air conditioner", [], false, false, "240.4(G)"),
        new(Pool, "a pool, spa or fountain", [], false, false, "680"),
    ];

    public static CircuitPurpose? Find(string? id) => All.FirstOrDefault(p => p.Id == id);
}
