using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Boxes on opposite faces of a fire-rated wall are apart, or protected.</summary>
/// <remarks>NEC 300.21 and the building code: 24 in, or a listed protection.</remarks>
public sealed class FireOpposite() : BoxRule("fire-opposite")
{
    public enum Case
    {
        Protected,
        NoneThere,
        AskWay,
        AskProtected,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string limit = "box.opposite";
        if (look.Wall?.FireRating is not > 0)
        {
            yield break;
        }

        var protects = look.Read(WallFacts.FireProtected);
        yield return (look.Read(WallFacts.Opposite) ?? ByWall(look)) switch
        {
            _ when protects == true => Fine(Subjects.Box, Case.Protected).By(limit),
            null when look.DoesNotApply(WallFacts.Opposite) => Fine(Subjects.Box, Case.NoneThere).By(limit),
            null => Ask(Subjects.Box, Case.AskWay, [WallFacts.Opposite]).By(limit),
            { } apart when apart < look.Limits.Inches(limit) && protects is null => Ask(
                    Subjects.Box,
                    Case.AskProtected,
                    [WallFacts.FireProtected],
                    ("at", apart)
                )
                .By(limit),
            { } apart => AtLeast(look, Subjects.Box, apart, limit),
        };
    }

    /// <summary>The nearest box on the other face, where both are laid out on the wall: how far they are apart along it.</summary>
    private static Length? ByWall(BoxLook look)
    {
        if (look.Reads.Plan(look.Box.Wall) is not { } plan || plan.Box(look.Id) is not { At.Across: { } at } here)
        {
            return null;
        }

        var apart = plan
            .Boxes.Where(b => b.Side != here.Side && b.At.Across is not null)
            .Select(b => b.At.Across!.Apart(at))
            .Select(a => a < Length.Zero ? Length.Zero : a)
            .ToList();
        return apart.Count > 0 ? apart.Min() : null;
    }
}
