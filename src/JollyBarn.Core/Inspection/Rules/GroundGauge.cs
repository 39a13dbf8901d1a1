using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The ground of a cable is as thick as its breaker asks.</summary>
/// <remarks>NEC Table 250.122: 14 on 15 A, 12 on 20, 10 on 60; it grows with the hots and is never asked to be thicker than they are,
/// 250.122(A).</remarks>
public sealed class GroundGauge() : BoxRule("ground-gauge")
{
    public enum Case
    {
        AsItsHots,
        UnderLeast,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables)
        {
            var ground = cable.Leads.Select(l => (Id: l, Lead: look.Box.Leads[l])).FirstOrNull(l => l.Lead.IsGround);
            if (
                ground is not var (id, lead)
                || lead.Gauge is not { } gauge
                || look.BreakerOf(cable.Run.Circuit)?.Amperes is not { } breaker
            )
            {
                continue;
            }

            var limit = $"ground.{gauge}";
            if (look.Limits.Has(limit) && AsThickAsItsHots(look, cable, gauge))
            {
                yield return Fine(id, Case.AsItsHots, ("gauge", gauge), ("cable", cable.Thing));
            }
            else if (look.Limits.Has(limit))
            {
                yield return OnBreaker(look, id, limit, breaker, ("gauge", gauge), ("cable", cable.Thing));
            }
            else if (Gauge.Awg(14).ThickerThan(gauge))
            {
                yield return Fix(id, Case.UnderLeast, ("gauge", gauge), ("cable", cable.Thing));
            }
        }
    }

    /// <summary>True where the ground is as thick as the conductors it goes with: it is never asked to be thicker. NEC 250.122(A). Whether
    /// those are thick enough is another rule's.</summary>
    private static bool AsThickAsItsHots(BoxLook look, CableHere cable, Gauge gauge) =>
        cable.Leads.Select(l => look.Box.Leads[l]).Where(l => !l.IsGround).ToList() is { Count: > 0 } others
        && others.TrueForAll(l => l.Gauge is { } hot && !hot.ThickerThan(gauge));
}
