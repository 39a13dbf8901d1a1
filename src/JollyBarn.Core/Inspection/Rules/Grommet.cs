using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable through metal framing passes a grommet.</summary>
/// <remarks>NEC 300.4(B)(1).</remarks>
public sealed class Grommet() : BoxRule("grommet")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.Run.Type is CableType.NmB or CableType.UfB && look.Read(CableFacts.MetalStud, cable.Id) == true
        select YesNo(look, cable.Id, CableFacts.Grommet, true, details: [("cable", cable.Thing)]).Pointing(cable.Leads);
}
