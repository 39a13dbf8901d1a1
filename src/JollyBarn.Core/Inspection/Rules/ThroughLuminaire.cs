using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A circuit goes on through a luminaire's own box only where the luminaire is listed for it.</summary>
/// <remarks>NEC 410.21.</remarks>
public sealed class ThroughLuminaire() : BoxRule("through-luminaire")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Shape == BoxShape.Luminaire && look.Cables.Count > 1)
        {
            yield return YesNo(look, Subjects.Box, BoxFacts.ThroughListed, true);
        }
    }
}
