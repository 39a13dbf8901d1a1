using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No paint, plaster or foam inside.</summary>
/// <remarks>NEC 110.12(B).</remarks>
public sealed class Clean() : BoxRule("clean", "Clean inside", "Paint on a terminal is a bad joint; foam holds heat.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        yield return YesNo(look, Subjects.Box, "clean", true, "Paint, plaster or foam is in the box.", "110.12(B)");
    }
}
