namespace JollyBarn.Terms;

/// <summary>Facts of the box itself and of its entries: what is seen once the plate is off.</summary>
public static class BoxFacts
{
    public static FactKey<bool> Held { get; } = Fact.YesNo("held", FactOf.Box, 100, true);

    public static FactKey<bool> EarsBacked { get; } = Fact.YesNo("ears-backed", FactOf.Box, 101, true);

    public static FactKey<Terms.Nails> Nails { get; } = Fact.OneOf<Terms.Nails>("nails", FactOf.Box, 102);

    public static FactKey<bool> Clean { get; } = Fact.YesNo("clean", FactOf.Box, 103, true);

    public static FactKey<GroundScrew> BondScrew { get; } = Fact.OneOf<GroundScrew>("bond-screw", FactOf.Box, 104);

    public static FactKey<bool> BondEach { get; } = Fact.YesNo("bond-each", FactOf.Box, 109, true);

    public static FactKey<bool> PlateMetal { get; } = Fact.YesNo("plate-metal", FactOf.Box, 110);

    public static FactKey<bool> BondedThrough { get; } = Fact.YesNo("bonded-through", FactOf.Box, 105, true);

    public static FactKey<bool> BoxWetListed { get; } = Fact.YesNo("box-wet-listed", FactOf.Box, 106);

    public static FactKey<Stub> CarriedBy { get; } = Fact.OneOf<Stub>("stub", FactOf.Box, 107);

    public static FactKey<bool> Repair { get; } = Fact.YesNo("repair", FactOf.Box, 108);

    public static FactKey<NoNeutral> SwitchNeutral { get; } = Fact.OneOf<NoNeutral>("switch-neutral", FactOf.Box, 109);

    public static FactKey<bool> FanListed { get; } = Fact.YesNo("fan-listed", FactOf.Box, 110);

    public static FactKey<LowVoltageHere> LowVoltage { get; } = Fact.OneOf<LowVoltageHere>("low-voltage", FactOf.Box, 111);

    public static FactKey<bool> ThroughListed { get; } = Fact.YesNo("through-listed", FactOf.Box, 112, true);

    public static FactKey<Terms.FanPlace> FanPlace { get; } = Fact.OneOf<Terms.FanPlace>("fan-place", FactOf.Box, 113);

    public static FactKey<bool> TwoListed { get; } = Fact.YesNo("two-listed", FactOf.Entry, 201, true);

    internal static IReadOnlyList<FactKey> All { get; } =
    [
        Held,
        EarsBacked,
        Nails,
        Clean,
        BondScrew,
        BondEach,
        PlateMetal,
        BondedThrough,
        BoxWetListed,
        CarriedBy,
        Repair,
        SwitchNeutral,
        FanListed,
        LowVoltage,
        ThroughListed,
        FanPlace,
        TwoListed,
    ];
}
