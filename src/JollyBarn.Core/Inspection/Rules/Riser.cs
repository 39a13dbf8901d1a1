using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is protected where it comes out of the ground.</summary>
/// <remarks>NEC 300.5(D)(1): from the minimum cover, at most 18 in, to 8 ft.</remarks>
public sealed class Riser() : BoxRule("riser", "Out of the ground", "A mower cuts what stands bare.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.UfB && look.Tape(c.Id, "buried") is not null))
        {
            yield return YesNo(look, cable.Id, "riser", true, $"Nothing protects {BoxLook.CableName(cable)} where it comes out of the ground.", "300.5(D)(1)") with { Ids = cable.Leads };
        }
    }
}
