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

    private const string Limit = "box.opposite";

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Wall?.FireRating is not > 0)
        {
            yield break;
        }

        var protects = look.Read(WallFacts.FireProtected);
        yield return (look.Read(WallFacts.Opposite) ?? TooNear(look)) switch
        {
            _ when protects == true => Fine(Subjects.Box, Case.Protected).By(Limit),
            null when look.DoesNotApply(WallFacts.Opposite) => Fine(Subjects.Box, Case.NoneThere).By(Limit),
            null => Ask(Subjects.Box, Case.AskWay, [WallFacts.Opposite]).By(Limit),
            { } apart when apart < look.Limits.Inches(Limit) && protects is null => Ask(
                    Subjects.Box,
                    Case.AskProtected,
                    [WallFacts.FireProtected],
                    ("at", apart)
                )
                .By(Limit),
            { } apart => AtLeast(look, Subjects.Box, apart, Limit),
        };
    }

    /// <summary>A box on the other face that is nearer along the wall than is allowed, by numbers that were read. That none is, nobody
    /// reads off what is recorded: a box that is not may be nearer.</summary>
    private static Length? TooNear(BoxLook look)
    {
        if (look.Reads.Plan(look.Box.Wall) is not { } plan || plan.Box(look.Id) is not { At.Across: { Sure: true } at } here)
        {
            return null;
        }

        return plan
            .Boxes.Where(b => b.Side != here.Side && b.At.Across is { Sure: true })
            .Select(b => b.At.Across!.Apart(at))
            .Select(a => a < Length.Zero ? Length.Zero : a)
            .Where(a => a < look.Limits.Inches(Limit))
            .Order()
            .FirstOrNull();
    }
}
