using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Breakers the panel names.</summary>
/// <remarks>NEC 110.3(B).</remarks>
public sealed class BreakerListed() : PanelRule("breaker-listed")
{
    public override IEnumerable<Finding> Judge(PanelLook look) =>
        look.Panel.Breakers.Count == 0
            ? []
            : [YesNo(look, Subjects.Panel, SupplyFacts.BreakersListed, true, details: [("panel", look.Thing)])];
}
