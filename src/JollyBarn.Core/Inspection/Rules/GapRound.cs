using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No wide gap in the wall surface round the box.</summary>
/// <remarks>NEC 314.21, plaster and gypsum board.</remarks>
public sealed class GapRound() : BoxRule("gap", "Gap round the box", "A gap lets fire into the wall.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Shape is BoxShape.Surface or BoxShape.Weatherproof)
        {
            yield break;
        }

        yield return look.Tape(Subjects.Box, "gap") is { } gap
            ? AtMost(look, Subjects.Box, gap, "box.gap", "Gap round the box")
            : Ask(Subjects.Box, "How wide is the gap round it?", look.Limits["box.gap"].Article, "gap");
    }
}
