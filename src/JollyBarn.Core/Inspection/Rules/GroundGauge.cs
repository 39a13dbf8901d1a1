using JollyBarn.Measures;

namespace JollyBarn.Inspection.Rules;

/// <summary>The ground of a cable is as thick as its breaker asks.</summary>
/// <remarks>NEC Table 250.122: 14 on 15 A, 12 on 20, 10 on 60; it grows with the hots.</remarks>
public sealed class GroundGauge() : BoxRule("ground-gauge", "Ground gauge", "A thin ground burns off before the breaker opens.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables)
        {
            var ground = cable.Leads.Select(l => (Id: l, Lead: look.Box.Leads[l])).FirstOrDefault(l => l.Lead.IsGround);
            if (ground.Id is null || ground.Lead.Gauge is not { } gauge || look.BreakerOf(cable.Run.Circuit)?.Amperes is not { } breaker)
            {
                continue;
            }

            var key = $"ground.{gauge}";
            if (look.Limits.Has(key))
            {
                yield return WireTable.Judge(this, look, ground.Id, $"{gauge} AWG ground of {BoxLook.CableName(cable)}", key, breaker);
            }
            else if (Gauge.Awg(14).ThickerThan(gauge))
            {
                yield return Fix(ground.Id, $"{gauge} AWG ground of {BoxLook.CableName(cable)}: 14 AWG is the least.", "Table 250.122");
            }
        }
    }
}
