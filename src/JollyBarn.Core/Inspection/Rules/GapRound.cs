using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No wide gap in the wall surface round the box.</summary>
/// <remarks>NEC 314.21, plaster and gypsum board.</remarks>
public sealed class GapRound() : BoxRule("gap")
{
    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Shape is not (BoxShape.Surface or BoxShape.Weatherproof))
        {
            yield return look.Read(WallFacts.Gap) is { } gap
                ? AtMost(look, Subjects.Box, gap, "box.gap")
                : Ask(Subjects.Box, Usual.Ask, [WallFacts.Gap]).By("box.gap");
        }
    }
}
