using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Openings through a fire-rated wall are sealed at the annulus.</summary>
/// <remarks>NEC 300.21; nothing is foamed inside a box.</remarks>
public sealed class FireSeal() : BoxRule("fire-seal")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Wall?.FireRating is > 0)
        {
            yield return YesNo(look, Subjects.Box, WallFacts.Sealed, true);
        }
    }
}
