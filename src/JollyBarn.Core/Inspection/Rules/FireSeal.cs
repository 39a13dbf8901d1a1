using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Openings through a fire-rated wall are sealed at the annulus.</summary>
/// <remarks>NEC 300.21; nothing is foamed inside a box.</remarks>
public sealed class FireSeal() : BoxRule("fire-seal", "Fire wall sealed", "A cable hole is a chimney.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Wall?.FireRating is > 0)
        {
            yield return YesNo(look, Subjects.Box, "sealed", true, "Openings through the fire wall are not sealed at the annulus.", "300.21");
        }
    }
}
