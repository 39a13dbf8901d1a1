using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The box is held fast.</summary>
/// <remarks>NEC 314.23.</remarks>
public sealed class BoxHeld() : BoxRule("box-held")
{
    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look) => [YesNo(look, Subjects.Box, BoxFacts.Held, true)];
}
