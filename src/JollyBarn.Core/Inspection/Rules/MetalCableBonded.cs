using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Metal cables that meet in a plastic box are bonded to each other through it.</summary>
/// <remarks>NEC 314.3 exceptions.</remarks>
public sealed class MetalCableBonded() : BoxRule("bonded-through", "Bonded through", "The sheath is the ground; a plastic box breaks it.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Material == BoxMaterial.Nonmetallic && look.Cables.Any(c => c.Run.Type is CableType.Ac or CableType.Mc))
        {
            yield return YesNo(look, Subjects.Box, "bonded-through", true, "Metal cables come into a plastic box and are not bonded through it.", "314.3");
        }
    }
}
