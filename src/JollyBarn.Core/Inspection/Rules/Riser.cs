using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is protected where it comes out of the ground.</summary>
/// <remarks>NEC 300.5(D)(1): from the minimum cover, at most 18 in, to 8 ft.</remarks>
public sealed class Riser() : BoxRule("riser")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.Run.Type is CableType.UfB && look.Read(CableFacts.Buried, cable.Id) is not null
        select YesNo(look, cable.Id, CableFacts.Riser, true, details: [("cable", cable.Thing)]).Pointing(cable.Leads);
}
