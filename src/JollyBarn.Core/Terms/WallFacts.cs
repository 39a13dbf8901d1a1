using JollyBarn.Measures;

namespace JollyBarn.Terms;

/// <summary>Facts of the room, the wall and how the box sits in it: what is seen before the device comes out.</summary>
public static class WallFacts
{
    public static FactKey<RoomUse> Use { get; } = Fact.OneOf<RoomUse>("use", FactOf.Box, 10);

    public static FactKey<Damp> Wetness { get; } = Fact.OneOf<Damp>("wetness", FactOf.Box, 11);

    public static FactKey<bool> NearWater { get; } = Fact.YesNo("near-water", FactOf.Box, 12);

    public static FactKey<bool> BathZone { get; } = Fact.YesNo("bath-zone", FactOf.Box, 13, false);

    public static FactKey<bool> InTubSpace { get; } = Fact.YesNo("tub-space", FactOf.Box, 19, false);

    public static FactKey<bool> OverTub { get; } = Fact.YesNo("over-tub", FactOf.Box, 48, false);

    public static FactKey<bool> Countertop { get; } = Fact.YesNo("countertop", FactOf.Box, 14);

    public static FactKey<bool> Finished { get; } = Fact.YesNo("finished", FactOf.Box, 15);

    public static FactKey<bool> AsBuilt { get; } = Fact.YesNo("as-built", FactOf.Box, 16);

    public static FactKey<bool> GfciAhead { get; } = Fact.YesNo("gfci-ahead", FactOf.Box, 17);

    public static FactKey<bool> AfciAhead { get; } = Fact.YesNo("afci-ahead", FactOf.Box, 18);

    public static FactKey<Length> Height { get; } = Fact.Tape("height", FactOf.Box, 20);

    public static FactKey<bool> PlateSeats { get; } = Fact.YesNo("plate-seats", FactOf.Box, 21, true);

    public static FactKey<bool> Covered { get; } = Fact.YesNo("covered", FactOf.Box, 22, true);

    public static FactKey<Terms.Access> Access { get; } = Fact.OneOf<Terms.Access>("access", FactOf.Box, 23);

    public static FactKey<Length> WallNext { get; } = Fact.Tape("wall-next", FactOf.Box, 31);

    public static FactKey<Length> WallEdge { get; } = Fact.Tape("wall-edge", FactOf.Box, 32);

    public static FactKey<Length> CounterNext { get; } = Fact.Tape("counter-next", FactOf.Box, 33);

    public static FactKey<Length> CounterEdge { get; } = Fact.Tape("counter-edge", FactOf.Box, 34);

    public static FactKey<Terms.InFront> InFront { get; } = Fact.OneOf<Terms.InFront>("in-front", FactOf.Box, 35);

    public static FactKey<Length> Setback { get; } = Fact.Tape("setback", FactOf.Box, 24);

    public static FactKey<Length> Proud { get; } = Fact.Tape("proud", FactOf.Box, 25);

    public static FactKey<Terms.Finish> Finish { get; } = Fact.OneOf<Terms.Finish>("finish", FactOf.Box, 26);

    public static FactKey<Length> Gap { get; } = Fact.Tape("gap", FactOf.Box, 27);

    public static FactKey<Length> Opposite { get; } = Fact.Tape("opposite", FactOf.Box, 28);

    public static FactKey<bool> FireProtected { get; } = Fact.YesNo("fire-protected", FactOf.Box, 29, true);

    public static FactKey<bool> Sealed { get; } = Fact.YesNo("sealed", FactOf.Box, 30, true);

    internal static IReadOnlyList<FactKey> All { get; } =
    [
        Use,
        Wetness,
        NearWater,
        BathZone,
        InTubSpace,
        OverTub,
        Countertop,
        Finished,
        AsBuilt,
        GfciAhead,
        AfciAhead,
        Height,
        PlateSeats,
        Covered,
        Access,
        WallNext,
        WallEdge,
        CounterNext,
        CounterEdge,
        InFront,
        Setback,
        Proud,
        Finish,
        Gap,
        Opposite,
        FireProtected,
        Sealed,
    ];
}
