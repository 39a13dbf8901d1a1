using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A screw for each neutral.</summary>
/// <remarks>NEC 408.41.</remarks>
public sealed class NeutralScrews() : PanelRule("neutral-screws", "A screw for each neutral", "Taking one off loosens the other, and an open neutral with it.")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        if (look.Panel.Breakers.Count > 0)
        {
            yield return YesNo(look, Subjects.Panel, "neutral-screws", true, $"Not every neutral of {look.Panel.Name} has a screw of its own.", "408.41") with { Mend = "A licensed electrician gives each its own screw." };
        }
    }
}
