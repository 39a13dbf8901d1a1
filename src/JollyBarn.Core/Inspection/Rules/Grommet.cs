using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable through metal framing passes a grommet.</summary>
/// <remarks>NEC 300.4(B)(1).</remarks>
public sealed class Grommet() : BoxRule("grommet", "Grommet", "A punched edge saws at the sheath each time a door slams.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB or CableType.UfB && look.YesNo(c.Id, "metal-stud") == true))
        {
            yield return YesNo(look, cable.Id, "grommet", true, $"No grommet where {BoxLook.CableName(cable)} passes metal framing.", "300.4(B)(1)") with { Ids = cable.Leads };
        }
    }
}
