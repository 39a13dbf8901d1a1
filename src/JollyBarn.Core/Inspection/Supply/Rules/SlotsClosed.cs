using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Openings of the panel.</summary>
/// <remarks>NEC 408.7.</remarks>
public sealed class SlotsClosed() : PanelRule("slots-closed")
{
    public override IEnumerable<Finding> Judge(PanelLook look) =>
        look.Panel.Breakers.Count == 0
            ? []
            : [YesNo(look, Subjects.Panel, SupplyFacts.SlotsClosed, true, details: [("panel", look.Thing)])];
}
