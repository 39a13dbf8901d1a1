using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>Fasteners hold the cable without hurting it.</summary>
/// <remarks>NEC 334.30, 110.3(B): flat cable is not stapled on edge, nor a fastener loaded past its listing.</remarks>
public sealed class FastenerSound() : BoxRule("fastener-sound")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where look.Read(CableFacts.Fastener, cable.Id) is not null
        select YesNo(look, cable.Id, CableFacts.FastenerSound, true, details: [("cable", cable.Thing)]).Pointing(cable.Leads);
}
