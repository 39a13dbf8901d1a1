using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The box is held fast.</summary>
/// <remarks>NEC 314.23.</remarks>
public sealed class BoxHeld() : BoxRule("box-held", "Held fast", "A loose box works its connections loose.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        yield return YesNo(look, Subjects.Box, "held", true, "The box is loose.", "314.23");
    }
}
