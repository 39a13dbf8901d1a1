using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Breakers the panel names.</summary>
/// <remarks>NEC 110.3(B).</remarks>
public sealed class BreakerListed() : PanelRule("breaker-listed", "Breakers the panel names", "A breaker that was not made for the panel may not grip its bars.")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        if (look.Panel.Breakers.Count > 0)
        {
            yield return YesNo(look, Subjects.Panel, "breakers-listed", true, $"Not all breakers of {look.Panel.Name} are of types its label names.", "110.3(B)") with { Mend = "A licensed electrician changes what the label does not name." };
        }
    }
}
