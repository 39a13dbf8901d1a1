using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Openings of the panel.</summary>
/// <remarks>NEC 408.7.</remarks>
public sealed class SlotsClosed() : PanelRule("slots-closed", "Openings of the panel", "A finger or a mouse reaches the bars.")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        if (look.Panel.Breakers.Count > 0)
        {
            yield return YesNo(look, Subjects.Panel, "slots-closed", true, $"Unused openings of {look.Panel.Name} are not closed.", "408.7") with { Mend = "Plugs made for the panel, from its maker's list." };
        }
    }
}
