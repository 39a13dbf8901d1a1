using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The end of AC armour has an anti-short bushing.</summary>
/// <remarks>NEC 320.40.</remarks>
public sealed class ArmourBushing() : BoxRule("bushing", "Armour bushing", "A cut edge of armour finds the insulation.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type == CableType.Ac))
        {
            yield return YesNo(look, cable.Id, "bushing", true, $"No bushing in the armour of {BoxLook.CableName(cable)}.", "320.40") with { Ids = cable.Leads };
        }
    }
}
