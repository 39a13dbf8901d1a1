using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box does not sit too far behind the finished face.</summary>
/// <remarks>NEC 314.20: 1/4 in in a finish that does not burn, flush in one that does.</remarks>
public sealed class Setback() : BoxRule("setback", "Setback", "Sparks that leave a sunken box reach what burns in the wall.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Shape is BoxShape.Surface or BoxShape.Weatherproof)
        {
            yield break;
        }

        if (look.Tape(Subjects.Box, "setback") is not { } back)
        {
            yield return Ask(Subjects.Box, "How far behind the finished face does it sit?", look.Limits["box.setback"].Article, "setback");
            yield break;
        }

        var (plain, burns) = (look.Limits.Inches("box.setback"), look.Limits.Inches("box.setback.burns"));
        var sure = back <= (plain < burns ? plain : burns) || back > (plain > burns ? plain : burns);
        yield return look.Burns is { } burning ? AtMost(look, Subjects.Box, back, burning ? "box.setback.burns" : "box.setback", burning ? "Behind a face that burns" : "Behind a face that does not burn")
            : sure ? AtMost(look, Subjects.Box, back, "box.setback", "Behind the finished face")
            : Ask(Subjects.Box, $"It sits {back} back: right in plaster or gypsum board, wrong in wood. Does the surface burn?", look.Limits["box.setback"].Article, "finish");
    }
}
