using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An old-work box has board behind its ears.</summary>
/// <remarks>NEC 314.23(C).</remarks>
public sealed class EarsBacked() : BoxRule("ears", "Ears backed", "Ears on crumbling plaster let go at the first tug of a plug.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Kind?.OldWork == true)
        {
            yield return YesNo(look, Subjects.Box, "ears-backed", true, "There is nothing sound behind the ears.", "314.23(C)");
        }
    }
}
