using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>A mistake that a look close up or a tape shows: one fact that is not as it should be.</summary>
/// <param name="Often">How often it is met, beside the others. <em>Practice</em>.</param>
/// <param name="Sound">What is seen where all is well, for a fact that no rule asks about: some sound boxes show it too, so that its being
/// shown tells nothing. Null where a rule asks, so that every box shows it.</param>
/// <param name="With">What is seen of the same thing beside it.</param>
internal sealed record CloseUp(
    Mistake Mistake,
    int Often,
    FactKey Fact,
    string Wrong,
    string? Sound = null,
    params IReadOnlyList<(FactKey Fact, string Value)> With
)
{
    /// <summary>Devices a fact that no rule asks about is shown of: what is fixed in the box by a yoke.</summary>
    public Func<DeviceKind, bool> Suits { get; init; } = k => k.Yoke;

    /// <summary>What else is so where it is a mistake; null where nothing makes it one there.</summary>
    public Func<Plot, string, IEnumerable<Edit>?> Where { get; init; } = (_, _) => [];

    public IReadOnlyList<Edit>? Plant(Plot plot) =>
        plot.One(Subjects(plot, false)) is { } of && Where(plot, of) is { } so ? [.. so, .. Notes(plot, of, Wrong)] : null;

    /// <summary>The same shown of a thing that is sound; nothing where each is shown already.</summary>
    public IReadOnlyList<Edit>? Show(Plot plot) => plot.One(Subjects(plot, true)) is { } of ? Notes(plot, of, Sound!) : null;

    private List<Edit> Notes(Plot plot, string of, string value) =>
        [.. With.SelectMany(w => plot.Note(of, w.Fact, w.Value)!), .. plot.Note(of, Fact, value)!];

    private bool Fits(Plot plot, string of) =>
        Fact.Of != FactOf.Device || (DeviceKinds.Find(plot.Box.Devices.Find(of)?.Kind) is { } kind && Suits(kind));

    private IEnumerable<string> Subjects(Plot plot, bool unsaid)
    {
        var all = plot.Things(Fact.Of).ToList();
        var said = all.Where(t => plot.Box.Noted.Find(t)?.Facts.Has(Fact.Id) == true).ToList();
        return unsaid ? all.Except(said).Where(t => Fits(plot, t))
            : said.Count > 0 ? said
            : Sound is null ? []
            : all.Where(t => Fits(plot, t));
    }
}

/// <summary>The mistakes of one fact each.</summary>
internal static class CloseUps
{
    public static IReadOnlyList<CloseUp> All { get; } =
    [
        new(Mistake.JointLoose, 3, LeadFacts.Tight, "no"),
        new(Mistake.CopperBelowConnector, 3, LeadFacts.Seen, Choice.Text(JointSeen.CopperBelow), Choice.Text(JointSeen.Sound)),
        new(Mistake.ConnectorUnlisted, 1, LeadFacts.JointListed, "no", "yes"),
        new(Mistake.ReachShort, 3, LeadFacts.PastOpening, "2", "4"),
        new(Mistake.InsulationHurt, 2, LeadFacts.Hurt, Choice.Text(LeadHurt.Insulation), Choice.Text(LeadHurt.None)),
        new(Mistake.CopperNicked, 2, LeadFacts.Hurt, Choice.Text(LeadHurt.Nick), Choice.Text(LeadHurt.None)),
        new(Mistake.SheathShort, 4, CableFacts.Sheath, "1/8"),
        new(Mistake.SheathHurt, 2, CableFacts.Hurt, Choice.Text(CableHurt.Conductor)),
        new(Mistake.FastenedFar, 3, CableFacts.Fastener, "15"),
        new(Mistake.FastenerHurts, 2, CableFacts.FastenerSound, "no"),
        new(Mistake.SpacedFar, 2, CableFacts.Spacing, "84", "48"),
        new(Mistake.SlackLong, 1, CableFacts.Slack, "30", "12"),
        new(Mistake.NearStudEdge, 3, CableFacts.Edge, "3/4", "1 1/2", (CableFacts.Plated, "no")),
        new(Mistake.NoGrommet, 2, CableFacts.Grommet, "no", "yes", (CableFacts.MetalStud, "yes")),
        new(Mistake.BentSharp, 2, CableFacts.Bend, "1", "3"),
        new(Mistake.Bundled, 1, CableFacts.Bundled, "6", "2"),
        new(Mistake.NotTied, 2, CableFacts.Tied, "no"),
        new(Mistake.NoBushing, 3, CableFacts.Bushing, "no"),
        new(Mistake.BuriedShallow, 2, CableFacts.Buried, "4"),
        new(Mistake.RiserOpen, 2, CableFacts.Riser, "no"),
        new(Mistake.SetTooDeep, 4, WallFacts.Setback, "3/8"),
        new(Mistake.GapRound, 3, WallFacts.Gap, "1/4"),
        new(Mistake.PlateNotSeated, 2, WallFacts.PlateSeats, "no"),
        new(Mistake.Hidden, 1, WallFacts.Access, Choice.Text(Access.Buried)),
        new(Mistake.LeftOpen, 2, WallFacts.Covered, "no", "yes"),
        new(Mistake.InBathZone, 2, WallFacts.BathZone, "yes"),
        new(Mistake.OverTub, 2, WallFacts.OverTub, "yes"),
        new(Mistake.InTubSpace, 2, WallFacts.InTubSpace, "yes"),
        new(Mistake.CounterFar, 2, WallFacts.CounterNext, "64"),
        new(Mistake.WallFar, 1, WallFacts.WallNext, "170", "100", (WallFacts.WallEdge, "50")),
        new(Mistake.FireGap, 2, WallFacts.Sealed, "no"),
        new(Mistake.FireOpposite, 2, WallFacts.Opposite, "10"),
        new(Mistake.BoxLoose, 3, BoxFacts.Held, "no"),
        new(Mistake.NailsThrough, 1, BoxFacts.Nails, Choice.Text(Nails.Middle)),
        new(Mistake.NotCleaned, 1, BoxFacts.Clean, "no"),
        new(Mistake.EarsUnbacked, 2, BoxFacts.EarsBacked, "no"),
        new(Mistake.BondByCoverScrew, 2, BoxFacts.BondScrew, Choice.Text(GroundScrew.Cover)),
        new(Mistake.NotBondedThrough, 2, BoxFacts.BondedThrough, "no"),
        new(Mistake.BoxNotForWet, 2, BoxFacts.BoxWetListed, "no"),
        new(Mistake.CarriedByPlastic, 2, BoxFacts.CarriedBy, Choice.Text(Stub.OnePlastic)),
        new(Mistake.LowVoltageBeside, 2, BoxFacts.LowVoltage, Choice.Text(LowVoltageHere.Beside), Choice.Text(LowVoltageHere.None)),
        new(Mistake.NoFanBox, 2, BoxFacts.FanPlace, Choice.Text(FanPlace.NoFraming)),
        new(Mistake.NeutralNotBrought, 2, BoxFacts.SwitchNeutral, Choice.Text(NoNeutral.None)),
        new(Mistake.YokeLoose, 2, DeviceFacts.Rigid, "no"),
        new(Mistake.WrongScrews, 2, DeviceFacts.Screws, Choice.Text(YokeScrews.Other), Choice.Text(YokeScrews.Machine)),
        new(
            Mistake.TightByFeel,
            2,
            DeviceFacts.Torqued,
            Choice.Text(Tightened.Feel),
            Choice.Text(Tightened.Tool),
            (DeviceFacts.TorqueMarked, "yes")
        ),
        new(Mistake.NotForAluminum, 2, DeviceFacts.AlMarked, "no", "yes") { Where = Aluminum },
        new(Mistake.RatedTooHigh, 2, DeviceFacts.Rating, "20", "15") { Suits = k => k.Receptacle },
        new(Mistake.ButtonDead, 3, DeviceFacts.ButtonOpens, "no"),
        new(Mistake.ButtonHidden, 1, DeviceFacts.ReadyAccess, "no"),
        new(Mistake.NotForWeather, 3, DeviceFacts.Weather, "no"),
        new(Mistake.CoverNotForWet, 3, DeviceFacts.WetCover, Choice.Text(WetCover.Indoor)),
        new(Mistake.TooHeavy, 2, DeviceFacts.Weight, "60"),
        new(Mistake.OpenLampInCloset, 3, DeviceFacts.Luminaire, Choice.Text(LuminaireSort.OpenLamp)),
        new(Mistake.NearStorage, 2, DeviceFacts.ToStorage, "4"),
    ];

    /// <summary>A cable of old aluminium on the device.</summary>
    private static IEnumerable<Edit>? Aluminum(Plot plot, string device) =>
        plot.One(
            plot.Box.Leads.Values.Where(l => l.Run is not null && !l.IsGround && l.Lands.Device?.Text == device).Select(l => l.Run!.Value)
        )
            is { } run
            ? [new SetRun(run, Metal: Metal.Aluminum)]
            : null;
}
