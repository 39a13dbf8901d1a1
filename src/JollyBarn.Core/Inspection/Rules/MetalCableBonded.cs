using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Metal cables that meet in a plastic box are bonded to each other through it.</summary>
/// <remarks>NEC 314.3 exceptions.</remarks>
public sealed class MetalCableBonded() : BoxRule("bonded-through")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Material == BoxMaterial.Nonmetallic && look.Cables.Any(c => c.Run.Type is CableType.Ac or CableType.Mc))
        {
            yield return YesNo(look, Subjects.Box, BoxFacts.BondedThrough, true);
        }
    }
}
