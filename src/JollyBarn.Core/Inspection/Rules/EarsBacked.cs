using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An old-work box has board behind its ears.</summary>
/// <remarks>NEC 314.23(C).</remarks>
public sealed class EarsBacked() : BoxRule("ears")
{
    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Kind?.OldWork == true)
        {
            yield return YesNo(look, Subjects.Box, BoxFacts.EarsBacked, true);
        }
    }
}
