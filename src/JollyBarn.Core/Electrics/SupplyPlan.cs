using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Sources with their impedance, the service bond, and panels with their bars and breakers.</summary>
internal static class SupplyPlan
{
    private const double BarOhms = 1e-4;

    public static void Put(JobPlan to)
    {
        var feeding = to.Now.Source ?? to.Job.Sources.FirstOrDefault(s => s.Value.Kind == SourceKind.Service).Key ?? to.Job.Sources.Ids.FirstOrDefault();
        foreach (var (id, panel) in to.Job.Panels)
        {
            Panel(to, id, panel, to.Job.Sources.Find(feeding));
        }
    }

    /// <summary>Leg of a slot: two slots side by side are on one leg, the next two on the next.</summary>
    public static int LegOf(SupplySystem system, int slot) => system switch { SupplySystem.SplitPhase => (slot - 1) / 2 % 2, SupplySystem.Wye => (slot - 1) / 2 % 3, _ => 0 };

    public static int Legs(SupplySystem system) => system switch { SupplySystem.SplitPhase => 2, SupplySystem.Wye => 3, _ => 1 };

    private static void Panel(JobPlan to, string id, Panel panel, Source? source)
    {
        var (neutral, ground) = (Points.NeutralBar(id), Points.GroundBar(id));
        var volts = to.Set(ElectricsBook.LegVolts);
        var legs = Legs(panel.System);
        for (var leg = 0; leg < legs; leg++)
        {
            var turned = Complex.FromPolarCoordinates(volts, 2 * Math.PI * leg / legs);
            to.Plan.Join($"source:{id}/{leg}", neutral, Points.Leg(id, leg), to.Set(ElectricsBook.SourceOhms), LinkKind.Source, turned);
        }

        if (source is null || source.Kind == SourceKind.Service)
        {
            // The utility earths its neutral; the panel's main bonding jumper joins neutral and ground.
            to.Plan.Join($"earth:{id}/utility", neutral, Points.Earth, to.Set(ElectricsBook.UtilityEarth), LinkKind.Earthing);
            to.Plan.Join($"bond:{id}", neutral, ground, BarOhms, LinkKind.Bond);
        }
        else if (source.Kind is SourceKind.SecondPanel or SourceKind.ShoreCord)
        {
            to.Plan.Assume($"Neutral and ground of {panel.Name} are joined where its supply comes from.");
            to.Plan.Join($"bond:{id}", neutral, ground, to.JointOhms * 10, LinkKind.Bond);
            to.Plan.Join($"earth:{id}/utility", neutral, Points.Earth, to.Set(ElectricsBook.UtilityEarth), LinkKind.Earthing);
        }
        else
        {
            to.Plan.Assume($"{source.Name} floats: its neutral is joined to nothing.");
        }

        if (to.Job.Kind == JobKind.Building)
        {
            to.Plan.Join($"earth:{id}", ground, Points.Earth, to.Set(ElectricsBook.Electrode), LinkKind.Earthing);
        }

        foreach (var breaker in panel.Breakers)
        {
            Breaker(to, id, panel, breaker);
        }
    }

    private static void Breaker(JobPlan to, string id, Panel panel, Breaker breaker)
    {
        var key = $"{id}/{breaker.Slot}";
        var on = to.Now.Breakers.TryGetValue(key, out var set) ? set : breaker.On ?? true;
        if (breaker.On is null && !to.Now.Breakers.ContainsKey(key))
        {
            to.Plan.Assume($"Breaker {breaker.Slot} is taken to be on: nobody recorded it.");
        }

        var poles = new List<Link>();
        for (var pole = 0; pole < breaker.Poles; pole++)
        {
            // Poles of one breaker stand one slot below the other, on legs in turn.
            var link = to.Plan.Join($"breaker:{key}/{pole}", Points.Leg(id, (LegOf(panel.System, breaker.Slot) + pole) % Legs(panel.System)), Points.Pole(id, breaker.Slot, pole), to.Set(ElectricsBook.BreakerMilliohms) / 1000, LinkKind.Breaker);
            link.Open = !on;
            poles.Add(link);
        }

        var watches = breaker.Kind is BreakerKind.Gfci or BreakerKind.DualFunction;
        var neutral = to.Plan.Join($"breakerN:{key}", Points.NeutralBar(id), Points.BreakerNeutral(id, breaker.Slot), BarOhms, LinkKind.Contact);
        to.Plan.Guards.Add(new($"breaker:{key}", $"breaker {breaker.Slot}{(breaker.Says is null ? "" : $", {breaker.Says}")}", poles, watches ? [.. poles, neutral] : [])
        {
            Amperes = (double?)breaker.Amperes,
            Loop = watches ? (Points.NeutralBar(id), Points.BreakerNeutral(id, breaker.Slot)) : null,
        });
    }
}
