using JollyBarn.Measures;

namespace JollyBarn.Terms;

/// <summary>Facts of a cable where it comes to the box.</summary>
public static class CableFacts
{
    public static FactKey<Length> Sheath { get; } = Fact.Tape("sheath", FactOf.CableEnd, 210);

    public static FactKey<CableHurt> Hurt { get; } = Fact.OneOf<CableHurt>("cable-damage", FactOf.CableEnd, 211);

    public static FactKey<CableMark> Mark { get; } = Fact.OneOf<CableMark>("cable-mark", FactOf.CableEnd, 235);

    public static FactKey<Length> Fastener { get; } = Fact.Tape("fastener", FactOf.CableEnd, 212);

    public static FactKey<Length> Slack { get; } = Fact.Tape("slack", FactOf.CableEnd, 213);

    public static FactKey<Length> Spacing { get; } = Fact.Tape("spacing", FactOf.CableEnd, 215);

    public static FactKey<bool> FastenerSound { get; } = Fact.YesNo("fastener-sound", FactOf.CableEnd, 216, true);

    public static FactKey<bool> Stacked { get; } = Fact.YesNo("stacked", FactOf.CableEnd, 217, false);

    public static FactKey<Length> Edge { get; } = Fact.Tape("edge", FactOf.CableEnd, 218);

    public static FactKey<bool> Plated { get; } = Fact.YesNo("plated", FactOf.CableEnd, 219, true);

    public static FactKey<bool> MetalStud { get; } = Fact.YesNo("metal-stud", FactOf.CableEnd, 220);

    public static FactKey<bool> Grommet { get; } = Fact.YesNo("grommet", FactOf.CableEnd, 221, true);

    public static FactKey<Length> Bend { get; } = Fact.Tape("bend", FactOf.CableEnd, 222);

    public static FactKey<bool> Bushing { get; } = Fact.YesNo("bushing", FactOf.CableEnd, 223, true);

    public static FactKey<Length> Buried { get; } = Fact.Tape("buried", FactOf.CableEnd, 224);

    public static FactKey<BuriedUnder> Over { get; } = Fact.OneOf<BuriedUnder>("cover", FactOf.CableEnd, 225);

    public static FactKey<RacewayKind> Raceway { get; } = Fact.OneOf<RacewayKind>("raceway", FactOf.CableEnd, 234);

    public static FactKey<bool> Riser { get; } = Fact.YesNo("riser", FactOf.CableEnd, 226, true);

    public static FactKey<EndInGround> EndWaits { get; } = Fact.OneOf<EndInGround>("buried-end", FactOf.CableEnd, 235);

    public static FactKey<decimal> Bundled { get; } = Fact.Number("bundled", FactOf.CableEnd, 227, "cables");

    public static FactKey<bool> Tagged { get; } = Fact.YesNo("tagged", FactOf.CableEnd, 228, true);

    public static FactKey<bool> Tied { get; } = Fact.YesNo("tied", FactOf.CableEnd, 229, true);

    public static FactKey<Terms.Legs> Legs { get; } = Fact.OneOf<Terms.Legs>("legs", FactOf.CableEnd, 230);

    public static FactKey<decimal> FarWatts { get; } = Fact.Number("far-load", FactOf.CableEnd, 231, "W");

    public static FactKey<bool> FarLasting { get; } = Fact.YesNo("far-load-long", FactOf.CableEnd, 232);

    public static FactKey<bool> GroundTested { get; } = Fact.YesNo("ground-tested", FactOf.CableEnd, 214);

    public static FactKey<bool> Terminals75 { get; } = Fact.YesNo("terminals-75", FactOf.CableEnd, 233);

    internal static IReadOnlyList<FactKey> All { get; } =
    [
        Sheath,
        Hurt,
        Mark,
        Fastener,
        Slack,
        Spacing,
        FastenerSound,
        Stacked,
        Edge,
        Plated,
        MetalStud,
        Grommet,
        Bend,
        Bushing,
        Buried,
        Over,
        Raceway,
        Riser,
        EndWaits,
        Bundled,
        Tagged,
        Tied,
        Legs,
        FarWatts,
        FarLasting,
        GroundTested,
        Terminals75,
    ];
}
