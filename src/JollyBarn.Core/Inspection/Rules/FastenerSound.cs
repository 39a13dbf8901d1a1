namespace JollyBarn.Inspection.Rules;

/// <summary>Fasteners hold the cable without hurting it.</summary>
/// <remarks>NEC 334.30, 110.3(B): flat cable is not stapled on edge, nor a fastener loaded past its listing.</remarks>
public sealed class FastenerSound() : BoxRule("fastener-sound", "Fastener sound", "A staple driven home is a knife.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => look.Tape(c.Id, "fastener") is not null))
        {
            yield return YesNo(look, cable.Id, "fastener-sound", true, $"A fastener hurts {BoxLook.CableName(cable)} or holds more than it may.", "334.30, 110.3(B)") with { Ids = cable.Leads };
        }
    }
}
