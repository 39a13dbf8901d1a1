using JollyBarn.Measures;

namespace JollyBarn.Terms;

/// <summary>Facts of a device.</summary>
public static class DeviceFacts
{
    public static FactKey<bool> Rigid { get; } = Fact.YesNo("rigid", FactOf.Device, 400, true);

    public static FactKey<YokeScrews> Screws { get; } = Fact.OneOf<YokeScrews>("screws", FactOf.Device, 401);

    public static FactKey<decimal> Rating { get; } = Fact.Number("rating", FactOf.Device, 402, "A");

    public static FactKey<bool> Tamper { get; } = Fact.YesNo("tamper", FactOf.Device, 403, true);

    public static FactKey<bool> Weather { get; } = Fact.YesNo("weather", FactOf.Device, 404, true);

    public static FactKey<Terms.WetCover> WetCover { get; } = Fact.OneOf<Terms.WetCover>("wet-cover", FactOf.Device, 405);

    public static FactKey<bool> SelfGround { get; } = Fact.YesNo("self-ground", FactOf.Device, 406);

    public static FactKey<bool> Labelled { get; } = Fact.YesNo("labelled", FactOf.Device, 407, true);

    public static FactKey<bool> TorqueMarked { get; } = Fact.YesNo("torque-marked", FactOf.Device, 408);

    public static FactKey<Tightened> Torqued { get; } = Fact.OneOf<Tightened>("torqued", FactOf.Device, 409);

    public static FactKey<bool> AlMarked { get; } = Fact.YesNo("al-marked", FactOf.Device, 410);

    public static FactKey<decimal> Weight { get; } = Fact.Number("weight", FactOf.Device, 411, "lb");

    public static FactKey<bool> DimsReceptacle { get; } = Fact.YesNo("dims-receptacle", FactOf.Device, 412, false);

    public static FactKey<decimal> Watts { get; } = Fact.Number("load", FactOf.Device, 414, "W");

    public static FactKey<Terms.Hangs> Hangs { get; } = Fact.OneOf<Terms.Hangs>("load-how", FactOf.Device, 415);

    public static FactKey<bool> Lasting { get; } = Fact.YesNo("load-long", FactOf.Device, 416);

    public static FactKey<bool> Taped { get; } = Fact.YesNo("taped", FactOf.Device, 413, true);

    public static FactKey<LuminaireSort> Luminaire { get; } = Fact.OneOf<LuminaireSort>("luminaire", FactOf.Device, 418);

    public static FactKey<Length> ToStorage { get; } = Fact.Tape("to-storage", FactOf.Device, 419);

    public static FactKey<bool> SupplyHot { get; } = Fact.YesNo("supply-hot", FactOf.Device, 420, true);

    public static FactKey<Terms.TamperWhy> TamperWhy { get; } = Fact.OneOf<Terms.TamperWhy>("tamper-why", FactOf.Device, 421);

    public static FactKey<bool> OpensTogether { get; } = Fact.YesNo("opens-together", FactOf.Device, 422, true);

    public static FactKey<bool> ButtonOpens { get; } = Fact.YesNo("test-opens", FactOf.Device, 423, true);

    public static FactKey<bool> ReadyAccess { get; } = Fact.YesNo("ready-access", FactOf.Device, 424, true);

    public static FactKey<bool> ExposedMetal { get; } = Fact.YesNo("exposed-metal", FactOf.Device, 417);

    internal static IReadOnlyList<FactKey> All { get; } =
    [
        Rigid,
        Screws,
        Rating,
        Tamper,
        Weather,
        WetCover,
        SelfGround,
        Labelled,
        TorqueMarked,
        Torqued,
        AlMarked,
        Weight,
        DimsReceptacle,
        Watts,
        Hangs,
        Lasting,
        Taped,
        ExposedMetal,
        Luminaire,
        ToStorage,
        SupplyHot,
        TamperWhy,
        OpensTogether,
        ButtonOpens,
        ReadyAccess,
    ];
}
