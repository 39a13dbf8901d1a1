using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Sources with their impedance, the service bond, and panels with their bars and breakers.</summary>
internal static class SupplyPlan
{
    private const double BarOhms = 1e-4;

    /// <summary>True for a breaker that compares what goes out with what comes back: its circuit's neutral lands on it.</summary>
    public static bool Watches(JobPlan to, Breaker breaker) =>
        breaker.Kind is BreakerKind.Gfci or BreakerKind.DualFunction
        || (breaker.Kind is BreakerKind.Afci && to.Set(ElectricsBook.ArcFaultGround) > 0);

    /// <summary>A load of so many watts at the volts it hangs on: between two hots where there are two, else between hot and
    /// neutral.</summary>
    public static void Load(JobPlan to, string key, IReadOnlyList<string> hots, string? neutral, string? panel, double watts)
    {
        var between =
            hots.Count > 1 ? (hots[0], Back: hots[1])
            : hots.Count == 1 ? (hots[0], Back: neutral)
            : default;
        if (watts <= 0 || between is not ({ } hot, { } back))
        {
            return;
        }

        var system = panel is null ? SupplySystem.SplitPhase : to.Job.Panels[panel].System;
        var volts = to.Set(ElectricsBook.LegVolts) * (hots.Count > 1 ? SupplyLegs.BetweenHots(system) : 1);
        to.Plan.Join(key, hot, back, volts * volts / watts, LinkKind.Load);
    }

    /// <summary>The sources with whether each is on: by the situation, else on when a panel names it, or as the service where none is
    /// named.</summary>
    public static IEnumerable<(string Id, Source Source, bool On)> Sources(Job job, Situation now)
    {
        var named = job.Panels.Values.Select(p => p.Source).OfType<string>().ToHashSet(StringComparer.Ordinal);
        var usual =
            named.Count > 0
                ? named
                : [job.Sources.FirstOrDefault(s => s.Value.Kind == SourceKind.Service).Key ?? job.Sources.Ids.FirstOrDefault() ?? ""];
        return job.Sources.Select(s => (s.Key, s.Value, now.Sources.TryGetValue(s.Key, out var on) ? on : usual.Contains(s.Key)));
    }

    /// <summary>Sources that are on and reach a panel: its own, and those that stand by for any panel.</summary>
    private static List<(string Id, Source Source)> Feeding(JobPlan to, Panel panel)
    {
        var reach = PanelSources.Reaching(to.Job, panel).ToHashSet(StringComparer.Ordinal);
        List<(string Id, Source Source)> on =
        [
            .. Sources(to.Job, to.Now).Where(s => s.On && reach.Contains(s.Id)).Select(s => (s.Id, s.Source)),
        ];

        // What lets only one source be on takes the usual one off when one that stands by comes on.
        return on.Count > 1 && PanelSources.OneAtATime(panel) == true
            ? [on.Find(s => s.Id != panel.Source && s.Source.Kind != SourceKind.Service) is { Id: not null } by ? by : on[0]]
            : on;
    }

    public static void Put(JobPlan to, string id, Panel panel)
    {
        var (neutral, ground) = (Points.NeutralBar(id), Points.GroundBar(id));
        var feeding = Feeding(to, panel);
        foreach (
            var (sourceId, source) in to.Job.Sources.Count == 0 ? [("", new Source("Supply", SourceKind.Service, panel.System))] : feeding
        )
        {
            Legs(to, id, panel, sourceId, source);
        }

        if (feeding.Count > 1)
        {
            to.Plan.Assume(
                AssumedCase.FedAtOnce,
                ("sources", feeding.Select(f => new Thing(ThingKind.Source, f.Id)).ToList()),
                ("panel", Thing.Panel(id))
            );
        }

        // The main bonding jumper stands in the service panel, whatever feeds it; a panel of a vehicle has none of its own.
        var own = to.Job.Sources.Find(panel.Source)?.Kind;
        if (
            to.Job.Sources.Count == 0
            || feeding.Exists(f => f.Source.Kind == SourceKind.Service)
            || (to.Job.Kind == JobKind.Building && own == SourceKind.Service)
        )
        {
            // The utility earths its neutral; the panel's main bonding jumper joins neutral and ground.
            to.Plan.Join(LinkKeys.Utility(id), neutral, Points.Earth, to.Set(ElectricsBook.UtilityEarth), LinkKind.Earthing);
            to.Plan.Join(LinkKeys.Bond(id), neutral, ground, BarOhms, LinkKind.Bond);
        }
        else if (feeding.Exists(f => f.Source.Kind is SourceKind.SecondPanel or SourceKind.ShoreCord))
        {
            to.Plan.Assume(AssumedCase.BondedAtSupply, ("panel", Thing.Panel(id)));
            to.Plan.Join(LinkKeys.Bond(id), neutral, ground, to.JointOhms * 10, LinkKind.Bond);
            to.Plan.Join(LinkKeys.Utility(id), neutral, Points.Earth, to.Set(ElectricsBook.UtilityEarth), LinkKind.Earthing);
        }
        else if (feeding.Count > 0)
        {
            to.Plan.Assume(AssumedCase.Floats, ("source", new Thing(ThingKind.Source, feeding[0].Id)));
        }

        if (to.Job.Kind == JobKind.Building)
        {
            to.Plan.Join(LinkKeys.Electrode(id), ground, Points.Earth, to.Set(ElectricsBook.Electrode), LinkKind.Earthing);
        }

        foreach (var breaker in panel.Breakers)
        {
            Breaker(to, id, panel, breaker);
        }

        foreach (var circuit in panel.Breakers.Select(b => b.Circuit).OfType<Id<Circuit>>().Distinct())
        {
            Direct(to, id, panel, circuit);
        }
    }

    /// <summary>What a circuit feeds straight from the panel, with no box on the way.</summary>
    private static void Direct(JobPlan to, string id, Panel panel, Id<Circuit> circuit)
    {
        if (
            to.Job.Circuits.Find(circuit)?.Facts.Find("direct-load")
            is not { How: not (Known.Unknown or Known.NotApplicable), Value: { } text }
        )
        {
            return;
        }

        var own = panel.Breakers.Where(b => b.Circuit == circuit).ToList();
        var poles = own.SelectMany(b => Enumerable.Range(0, b.Poles).Select(p => Points.Pole(id, b.Key, p))).Take(own[0].Poles).ToList();
        Load(
            to,
            LinkKeys.Load(id, circuit),
            poles,
            Watches(to, own[0]) ? Points.BreakerNeutral(id, own[0].Key) : Points.NeutralBar(id),
            id,
            double.Parse(text, System.Globalization.CultureInfo.InvariantCulture)
        );
    }

    /// <summary>A source on the legs of a panel; one with fewer legs than the panel feeds several in step, as an adapter does.</summary>
    private static void Legs(JobPlan to, string id, Panel panel, string sourceId, Source source)
    {
        var (legs, own) = (SupplyLegs.Count(panel.System), SupplyLegs.Count(source.System));
        for (var leg = 0; leg < legs; leg++)
        {
            var turned = Complex.FromPolarCoordinates(to.Set(ElectricsBook.LegVolts), 2 * Math.PI * (leg % own) / own);
            to.Plan.Join(
                LinkKeys.Source(id, sourceId, leg),
                Points.NeutralBar(id),
                Points.Leg(id, leg),
                to.Set(ElectricsBook.SourceOhms),
                LinkKind.Source,
                turned
            );
        }

        if (own < legs)
        {
            to.Plan.Assume(AssumedCase.LegsInStep, ("source", new Thing(ThingKind.Source, sourceId)), ("panel", Thing.Panel(id)));
        }
    }

    private static void Breaker(JobPlan to, string id, Panel panel, Breaker breaker)
    {
        var key = BreakerKey.Of(id, breaker);
        var on = to.Now.Breakers.TryGetValue(key, out var set) ? set : breaker.On ?? true;
        if (breaker.On is null && !to.Now.Breakers.ContainsKey(key))
        {
            to.Plan.Assume(AssumedCase.BreakerOn, ("breaker", Thing.Breaker(id, breaker.Key)));
        }

        var watches = Watches(to, breaker);
        var fromArc = watches && breaker.Kind is BreakerKind.Afci ? to.Set(ElectricsBook.ArcFaultGround) / 1000 : (double?)null;
        if (breaker.Kind is BreakerKind.Afci && !watches)
        {
            to.Plan.Assume(AssumedCase.ArcsOnly, ("breaker", Thing.Breaker(id, breaker.Key)));
        }

        var poles = new List<Link>();
        for (var pole = 0; pole < breaker.Poles; pole++)
        {
            // Poles of one breaker stand one slot below the other, on legs in turn.
            var link = to.Plan.Join(
                LinkKeys.Pole(id, breaker.Key, pole),
                Points.Leg(id, SupplyLegs.Of(panel.System, breaker.Slot, pole)),
                Points.Pole(id, breaker.Key, pole),
                to.Set(ElectricsBook.BreakerMilliohms) / 1000,
                LinkKind.Breaker,
                open: !on
            );
            poles.Add(link);
        }

        var neutral = to.Plan.Join(
            LinkKeys.BreakerNeutral(id, breaker.Key),
            Points.NeutralBar(id),
            Points.BreakerNeutral(id, breaker.Key),
            BarOhms,
            LinkKind.Contact
        );
        to.Plan.Guards.Add(
            new(GuardKey.Breaker(id, breaker.Key), poles, watches ? [.. poles, neutral] : [])
            {
                Amperes = (double?)breaker.Amperes,
                Arcs = breaker.Kind is BreakerKind.Afci or BreakerKind.DualFunction,
                From = fromArc,
                Loop = watches && fromArc is null ? (Points.NeutralBar(id), Points.BreakerNeutral(id, breaker.Key)) : null,
            }
        );
    }
}
