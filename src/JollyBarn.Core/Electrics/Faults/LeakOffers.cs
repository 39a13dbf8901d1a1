using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Faults;

/// <summary>Current that goes astray without a short: wet splices in boxes of plastic, cable hurt in the ground, water in what is fixed at
/// a cable's end, and what hangs at a receptacle.</summary>
internal static class LeakOffers
{
    /// <summary>8 mA at 120 V: what a class A device surely opens on, UL 943.</summary>
    private const double WetOhms = 15000;

    /// <summary>2.4 mA at 120 V: no one such thing opens a class A device, three do, UL 943.</summary>
    private const double LittleOhms = 50000;

    private const double SkinnedOhms = 0.05;

    public static IEnumerable<FaultOffer> At(Live live, Id<Box> id, Box box)
    {
        foreach (var cable in box.Leads.Where(l => l.Value is { Run: not null, LeavesBy: null }).GroupBy(l => (l.Value.Run, l.Value.Side)))
        {
            var (runId, side) = (cable.Key.Run!.Value, cable.Key.Side);
            if (live.Job.Runs.Find(runId) is not { } run || cable.FirstOrNull(l => l.Value.Use == ConductorUse.Hot) is not { } hot)
            {
                continue;
            }

            var near = Points.Lead(id, hot.Key, hot.Value);
            if (cable.FirstOrNull(l => l.Value.IsGround) is { } ground && MayBeWet(live.Job, box))
            {
                var leak = new Bridged(near, Points.Lead(id, ground.Key, ground.Value), WetOhms);
                yield return FaultOffer.Of(OfferCase.WetSplice, leak, ("lead", Thing.Lead(hot.Key)));
                yield return FaultOffer.Of(OfferCase.WetSpliceInRain, new InTheWet(leak), ("lead", Thing.Lead(hot.Key)));
            }

            (string, object?) of = ("cable", new Thing(ThingKind.Cable, Subjects.CableEnd(runId, side)));
            if (run.Type == CableType.UfB)
            {
                var leak = new Bridged(Points.End(runId, side, hot.Value.Index), Points.Earth, WetOhms);
                yield return FaultOffer.Of(OfferCase.LeaksInGround, leak, of);
                yield return FaultOffer.Of(OfferCase.LeaksInGroundInRain, new InTheWet(leak), of);
            }

            if (
                run.Ground is GroundKind.Bare or GroundKind.Insulated
                && cable.FirstOrNull(l => l.Value.Use == ConductorUse.Neutral) is { } neutral
            )
            {
                yield return FaultOffer.Of(
                    OfferCase.SkinnedAlong,
                    new Nail(runId, [neutral.Value.Index, run.Conductors.Count], SkinnedOhms),
                    of
                );
            }

            foreach (var (_, far, there) in FarLoads.Of(live.Job, box).Where(f => f.Run == runId))
            {
                var wet = new Bridged(Points.End(runId, far, hot.Value.Index), Points.Frame(runId, far), WetOhms);
                yield return FaultOffer.Of(OfferCase.LeaksInFar, wet, ("load", there.Says));
                yield return FaultOffer.Of(OfferCase.LeaksInFarInRain, new InTheWet(wet), ("load", there.Says));
            }
        }

        foreach (var (device, kind) in box.Devices.Select(d => (d.Key, DeviceKinds.Find(d.Value.Kind))))
        {
            foreach (var slots in kind?.Inside.OfType<Slots>() ?? [])
            {
                var (hot, ground) = (Points.Face(id, device, slots.Half + "hot"), Points.Face(id, device, slots.Half + "ground"));
                if (live.Has(hot) && live.Has(ground))
                {
                    (string, object?)[] at = [("device", Thing.Device(device)), ("half", slots.Half.Length == 0 ? null : slots.Half)];
                    yield return FaultOffer.Of(OfferCase.LeakyAppliance, new OfWhatIsPlugged(new Bridged(hot, ground, WetOhms)), at);
                }
            }

            var load = Points.Terminal(id, device, Watches.Sides[0].Load);
            if (kind?.Protects == true && live.Has(load))
            {
                var sum = Enumerable.Repeat(new Bridged(load, Points.Earth, LittleOhms), 3);
                yield return FaultOffer.Of(
                    OfferCase.LeaksAddUp,
                    new OfWhatIsPlugged(new Several([.. sum])),
                    ("device", Thing.Device(device))
                );
            }
        }
    }

    /// <summary>Where water may come: an answer given at the box, else its room; and wherever buried cable comes up.</summary>
    internal static bool MayBeWet(Job job, Box box) =>
        Damp(job, box) is Terms.Damp.Damp or Terms.Damp.Wet || box.Leads.Values.Any(l => job.Runs.Find(l.Run)?.Type == CableType.UfB);

    private static Damp? Damp(Job job, Box box) =>
        box.Fact(Subjects.Box, WallFacts.Wetness.Id) is { Value: { } said } ? Choice.Parse<Damp>(said)
        : box.Place is { } place
            ? job.Places.Find(place)?.Wetness switch
            {
                Wetness.Damp => Terms.Damp.Damp,
                Wetness.Wet => Terms.Damp.Wet,
                _ => null,
            }
        : null;
}
