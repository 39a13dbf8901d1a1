using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The end of AC armour has an anti-short bushing.</summary>
/// <remarks>NEC 320.40.</remarks>
public sealed class ArmourBushing() : BoxRule("bushing")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.Run.Type == CableType.Ac
        select YesNo(look, cable.Id, CableFacts.Bushing, true, details: [("cable", cable.Thing)]).Pointing(cable.Leads);
}
