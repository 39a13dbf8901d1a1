using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A screw for each neutral.</summary>
/// <remarks>NEC 408.41.</remarks>
public sealed class NeutralScrews() : PanelRule("neutral-screws")
{
    public override IEnumerable<Finding> Judge(PanelLook look) =>
        look.Panel.Breakers.Count == 0
            ? []
            : [YesNo(look, Subjects.Panel, SupplyFacts.NeutralScrews, true, details: [("panel", look.Thing)])];
}
