namespace JollyBarn.Terms;

/// <summary>Facts of panels, breakers and circuits.</summary>
public static class SupplyFacts
{
    public static FactKey<bool> TakesTandem { get; } = Fact.YesNo("takes-tandem", FactOf.Panel, 500);

    public static FactKey<bool> BreakersListed { get; } = Fact.YesNo("breakers-listed", FactOf.Panel, 501, true);

    public static FactKey<bool> NeutralScrews { get; } = Fact.YesNo("neutral-screws", FactOf.Panel, 502, true);

    public static FactKey<decimal> FeederDrop { get; } = Fact.Number("feeder-drop", FactOf.Panel, 504, "%");

    public static FactKey<bool> OneSource { get; } = Fact.YesNo("one-source", FactOf.Panel, 505, true);

    public static FactKey<bool> SlotsClosed { get; } = Fact.YesNo("slots-closed", FactOf.Panel, 503, true);

    public static FactKey<Terms.Written> Written { get; } = Fact.OneOf<Terms.Written>("written", FactOf.Breaker, 510);

    public static FactKey<bool> DidNotTrip { get; } = Fact.YesNo("did-not-trip", FactOf.Breaker, 511);

    public static FactKey<bool> ButtonOpens { get; } = Fact.YesNo("button-opens", FactOf.Breaker, 512, true);

    public static FactKey<bool> KeepOn { get; } = Fact.YesNo("keep-on", FactOf.Breaker, 513);

    public static FactKey<Terms.Purpose> Purpose { get; } = Fact.OneOf<Terms.Purpose>("purpose", FactOf.Circuit, 520);

    public static FactKey<decimal> DirectWatts { get; } = Fact.Number("direct-load", FactOf.Circuit, 521, "W");

    public static FactKey<bool> DirectLasting { get; } = Fact.YesNo("direct-load-long", FactOf.Circuit, 522);

    internal static IReadOnlyList<FactKey> All { get; } =
    [
        TakesTandem,
        BreakersListed,
        NeutralScrews,
        FeederDrop,
        OneSource,
        SlotsClosed,
        Written,
        DidNotTrip,
        ButtonOpens,
        KeepOn,
        Purpose,
        DirectWatts,
        DirectLasting,
    ];
}
