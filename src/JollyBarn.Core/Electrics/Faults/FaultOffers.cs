using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Faults;

/// <summary>What a fault on offer is.</summary>
public enum OfferCase
{
    ComesOff,
    PoorJoint,
    OffNowAndThen,
    ArcsInJoint,
    Exchanged,
    TouchesBox,
    LeaksToBox,

    /// <summary>A leak that a ground-fault device may open on and need not.</summary>
    LeaksALittle,
    TouchesGround,
    BrokenAlong,
    TouchesFarMetal,
    NailThrough,
    Jumper,
    LessonCrossed,
    DeadInside,

    /// <summary>A contact of a switch: as where another switch hangs there than it is taken for.</summary>
    NeverCloses,
    NeverOpens,
    NotBonded,
    StuckBreaker,
    OneLeg,
    BorrowedNeutral,
    TabWhole,
    TabBroken,
    LineAndLoad,
    LineAndLoadLocked,
    LineAndLoadOld,
    TrippedOrNeverReset,
    CommonAndTraveler,

    /// <summary>A hot leaks to the ground beside it in a box that may be wet, of plastic or not.</summary>
    WetSplice,
    WetSpliceInRain,
    LeaksInGround,
    LeaksInGroundInRain,

    /// <summary>A neutral skinned along a cable touches its ground.</summary>
    SkinnedAlong,
    LeaksInFar,
    LeaksInFarInRain,
    LeakyAppliance,

    /// <summary>Things that each leak a little hang behind one ground-fault device.</summary>
    LeaksAddUp,
}

/// <summary>A fault one can plant here to see what it does.</summary>
/// <param name="About">What it is of.</param>
public sealed record FaultOffer(OfferCase Case, Details About, Fault Fault)
{
    internal static FaultOffer Of(OfferCase offered, Fault fault, params ReadOnlySpan<(string, object?)> about) =>
        new(offered, Details.Of(about), fault);
}

/// <summary>Faults that can be planted at a box, ready made and named in its words.</summary>
public static class FaultOffers
{
    private const double WetOhms = 15000;

    /// <summary>5 mA at 120 V, between what never and what surely opens a class A device, UL 943.</summary>
    private const double DampOhms = 24000;

    private const double Burnt = 5;

    public static IEnumerable<FaultOffer> At(Live live, Id<Box> id, Box box)
    {
        static (string, object?) Of(Id<Lead> lead) => ("lead", Thing.Lead(lead));
        Exchanged? crossed = null;
        foreach (var cable in box.Leads.Where(l => l.Value is { Run: not null, LeavesBy: null }).GroupBy(l => (l.Value.Run, l.Value.Side)))
        {
            var hot = cable.FirstOrNull(l => l.Value.Use is ConductorUse.Hot)?.Key;
            var neutral = cable.FirstOrNull(l => l.Value.Use is ConductorUse.Neutral)?.Key;
            foreach (var (leadId, lead) in cable)
            {
                if (live.Plan.Find(LinkKeys.Land(id, leadId)) is not null)
                {
                    yield return FaultOffer.Of(OfferCase.ComesOff, new OpenLink(LinkKeys.Land(id, leadId)), Of(leadId));
                    if (!lead.IsGround)
                    {
                        yield return FaultOffer.Of(OfferCase.PoorJoint, new PoorLink(LinkKeys.Land(id, leadId), Burnt), Of(leadId));
                        yield return FaultOffer.Of(
                            OfferCase.OffNowAndThen,
                            new ComesAndGoes(new OpenLink(LinkKeys.Land(id, leadId))),
                            Of(leadId)
                        );
                        yield return FaultOffer.Of(OfferCase.ArcsInJoint, new SeriesArc(LinkKeys.Land(id, leadId)), Of(leadId));
                    }
                }
            }

            if (
                hot is { } black
                && neutral is { } white
                && live.Plan.Find(LinkKeys.Land(id, black)) is not null
                && live.Plan.Find(LinkKeys.Land(id, white)) is not null
            )
            {
                var exchanged = new Exchanged(LinkKeys.Land(id, black), LinkKeys.Land(id, white));
                crossed =
                    live.Job.Runs.Find(cable.Key.Run)?.End(cable.Key.Side).Feeds == Feeds.FeedsIn || crossed is null ? exchanged : crossed;
                yield return FaultOffer.Of(OfferCase.Exchanged, exchanged, Of(black), ("other", box.Leads[white].Colour));
            }

            if (hot is { } near && box.Material != BoxMaterial.Nonmetallic)
            {
                var point = Points.Lead(id, near, box.Leads[near]);
                yield return FaultOffer.Of(OfferCase.TouchesBox, new Bridged(point, Points.Metal(id)), Of(near));
                yield return FaultOffer.Of(OfferCase.LeaksToBox, new Bridged(point, Points.Metal(id), WetOhms), Of(near));
                yield return FaultOffer.Of(OfferCase.LeaksALittle, new Bridged(point, Points.Metal(id), DampOhms), Of(near));
            }

            var ground = cable.FirstOrNull(l => l.Value.IsGround)?.Key;
            foreach (var touching in ground is null ? [] : new[] { hot, neutral }.OfType<Id<Lead>>())
            {
                yield return FaultOffer.Of(
                    OfferCase.TouchesGround,
                    new Bridged(Points.Lead(id, touching, box.Leads[touching]), Points.Lead(id, ground!.Value, box.Leads[ground!.Value])),
                    Of(touching)
                );
            }

            var (run, side) = (cable.Key.Run!.Value, cable.Key.Side);
            foreach (var (leadId, lead) in cable)
            {
                yield return FaultOffer.Of(OfferCase.BrokenAlong, new OpenLink(LinkKeys.Wire(run, lead.Index)), Of(leadId));
            }

            foreach (var (_, far, there) in FarLoads.Of(live.Job, box).Where(f => f.Run == run && hot is not null))
            {
                yield return FaultOffer.Of(
                    OfferCase.TouchesFarMetal,
                    new Bridged(Points.End(run, far, box.Leads[hot!.Value].Index), Points.Frame(run, far)),
                    ("load", there.Says)
                );
            }

            if (live.Job.Runs.Find(run) is { Ground: GroundKind.Bare or GroundKind.Insulated } through)
            {
                yield return FaultOffer.Of(
                    OfferCase.NailThrough,
                    new Nail(run, [0, through.Conductors.Count]),
                    ("cable", new Thing(ThingKind.Cable, Subjects.CableEnd(run, side)))
                );
            }
        }

        foreach (var offer in Borrowed(live, id, box))
        {
            yield return offer;
        }

        foreach (var (deviceId, device) in box.Devices)
        {
            foreach (var offer in OfDevice(live, id, deviceId).Concat(ContactOffers.Of(live, id, deviceId, device)))
            {
                yield return offer;
            }

            var kind = DeviceKinds.Find(device.Kind);
            if (kind?.Terminals.FirstOrDefault(t => t.Role.IsNeutral()) is { } neutral && kind.PlaceOf(TerminalRole.Ground) is not null)
            {
                var jumper = new Bridged(Points.Terminal(id, deviceId, neutral.Id), Points.Yoke(id, deviceId));
                yield return FaultOffer.Of(OfferCase.Jumper, jumper, ("device", Thing.Device(deviceId)));
                if (crossed is not null)
                {
                    yield return FaultOffer.Of(OfferCase.LessonCrossed, new Several([crossed, jumper]));
                }
            }

            if (kind?.Protects == true)
            {
                yield return FaultOffer.Of(
                    OfferCase.DeadInside,
                    new NoTrip(GuardKey.Device(id, deviceId).ToString()),
                    ("device", Thing.Device(deviceId))
                );
            }
        }

        foreach (var offer in LeakOffers.At(live, id, box))
        {
            yield return offer;
        }

        if (box.Material != BoxMaterial.Nonmetallic && live.Plan.Touching(Points.Metal(id)).Any(l => l.Kind == LinkKind.Contact))
        {
            yield return FaultOffer.Of(OfferCase.NotBonded, new Unbonded(id));
        }

        var circuits = box.Leads.Values.Select(l => live.Job.Runs.Find(l.Run)?.Circuit).OfType<Id<Circuit>>().ToHashSet();
        foreach (var (panelId, panel) in live.Job.Panels)
        {
            foreach (var breaker in panel.Breakers.Where(b => b.Circuit is { } of && circuits.Contains(of)))
            {
                yield return FaultOffer.Of(
                    OfferCase.StuckBreaker,
                    new Stuck(GuardKey.Breaker(panelId, breaker.Key).ToString()),
                    ("breaker", Thing.Breaker(panelId, breaker.Key))
                );
                if (
                    live.Plan.Find(LinkKeys.Pole(panelId, breaker.Key, 1)) is { } second
                    && live.Plan.Find(LinkKeys.Pole(panelId, breaker.Key, 0)) is { } first
                )
                {
                    yield return FaultOffer.Of(
                        OfferCase.OneLeg,
                        new Moved(second.Key, first.From, true),
                        ("breaker", Thing.Breaker(panelId, breaker.Key))
                    );
                }
            }
        }
    }

    /// <summary>The neutral of one cable goes back with another circuit's.</summary>
    private static IEnumerable<FaultOffer> Borrowed(Live live, Id<Box> id, Box box)
    {
        var neutrals = box
            .Leads.Where(l =>
                l.Value is { Run: not null, Use: ConductorUse.Neutral } && live.Plan.Find(LinkKeys.Land(id, l.Key)) is not null
            )
            .Select(l => (l.Key, l.Value, Circuit: live.Job.Runs.Find(l.Value.Run)?.Circuit))
            .Where(l => l.Circuit is not null)
            .ToList();
        foreach (var (own, _, circuit) in neutrals)
        {
            if (neutrals.FirstOrNull(n => n.Circuit != circuit)?.Key is { } other)
            {
                yield return FaultOffer.Of(
                    OfferCase.BorrowedNeutral,
                    new Moved(LinkKeys.Land(id, own), live.Plan.Find(LinkKeys.Land(id, other))!.To),
                    ("lead", Thing.Lead(own))
                );
            }
        }
    }

    /// <summary>What goes wrong in a device: its tab, its line and load, the wiring of a switch.</summary>
    private static IEnumerable<FaultOffer> OfDevice(Live live, string id, Id<Device> deviceId)
    {
        (string, object?) device = ("device", Thing.Device(deviceId));
        foreach (var tab in new[] { "hot", "neutral" })
        {
            if (live.Plan.Find(LinkKeys.Tab(id, deviceId, tab)) is { } link)
            {
                yield return link.Open
                    ? FaultOffer.Of(OfferCase.TabWhole, new Whole(link.Key), device, ("tab", tab))
                    : FaultOffer.Of(OfferCase.TabBroken, new OpenLink(link.Key), device, ("tab", tab));
            }
        }

        string On(string terminal) => Points.Terminal(id, deviceId, terminal);
        Moved[] To(string from, string to) =>
            [
                .. live
                    .Plan.Touching(On(from))
                    .Where(l => l.To == On(from) && l.Key.StartsWith(LinkKeys.LandsIn(id), StringComparison.Ordinal))
                    .Select(l => new Moved(l.Key, On(to))),
            ];
        var exchanged = Watches.Sides.SelectMany(w => To(w.Line, w.Load).Concat(To(w.Load, w.Line))).ToList();
        if (exchanged.Count is > 0 and <= 6)
        {
            var tripped = new Tripped(GuardKey.Device(id, deviceId).ToString());
            var old = Watches.Sides.Select(w => new Bridged(On(w.Load), On(w.Face)));
            yield return FaultOffer.Of(OfferCase.LineAndLoad, new Several([.. exchanged]), device);
            yield return FaultOffer.Of(OfferCase.LineAndLoadLocked, new Several([.. exchanged, tripped]), device);
            yield return FaultOffer.Of(OfferCase.LineAndLoadOld, new Several([.. exchanged, .. old, tripped]), device);
            yield return FaultOffer.Of(OfferCase.TrippedOrNeverReset, tripped, device);
        }

        if (To("common", "traveler-1") is [var common, ..] && To("traveler-1", "common") is [var traveler, ..])
        {
            yield return FaultOffer.Of(OfferCase.CommonAndTraveler, new Several([common, traveler]), device);
        }
    }
}
