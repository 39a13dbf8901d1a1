using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box does not sit too far behind the finished face.</summary>
/// <remarks>NEC 314.20: 1/4 in in a finish that does not burn, flush in one that does.</remarks>
public sealed class Setback() : BoxRule("setback")
{
    public enum Case
    {
        AskFinish,
    }

    /// <summary>What the surface is, as far as it matters.</summary>
    public enum Face
    {
        Finished,
        Burns,
        DoesNotBurn,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string limit = "box.setback";
        const string strict = "box.setback.burns";
        if (look.Box.Shape is BoxShape.Surface or BoxShape.Weatherproof)
        {
            yield break;
        }

        if (look.Read(WallFacts.Setback) is not { } back)
        {
            yield return Ask(Subjects.Box, Usual.Ask, [WallFacts.Setback]).By(limit);
            yield break;
        }

        var (plain, burns) = (look.Limits.Inches(limit), look.Limits.Inches(strict));
        var sure = back <= (plain < burns ? plain : burns) || back > (plain > burns ? plain : burns);
        yield return look.Burns switch
        {
            true => AtMost(look, Subjects.Box, back, strict, details: [("face", Face.Burns)]),
            false => AtMost(look, Subjects.Box, back, limit, details: [("face", Face.DoesNotBurn)]),
            null when sure => AtMost(look, Subjects.Box, back, limit, details: [("face", Face.Finished)]),
            null => Ask(Subjects.Box, Case.AskFinish, [WallFacts.Finish], ("at", back)).By(limit),
        };
    }
}
