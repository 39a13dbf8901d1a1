using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Boxes on opposite faces of a fire-rated wall are apart, or protected.</summary>
/// <remarks>NEC 300.21 and the building code: 24 in, or a listed protection.</remarks>
public sealed class FireOpposite() : BoxRule("fire-opposite", "Fire wall, other face", "Two boxes back to back are one hole through the wall.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Wall?.FireRating is not > 0)
        {
            yield break;
        }

        var article = look.Limits["box.opposite"].Article;
        yield return look.YesNo(Subjects.Box, "fire-protected") == true ? Fine(Subjects.Box, "Protected by a listed means.", article)
            : look.DoesNotApply(Subjects.Box, "opposite") ? Fine(Subjects.Box, "No box in the other face.", article)
            : look.Tape(Subjects.Box, "opposite") is not { } apart ? Ask(Subjects.Box, "How far to the nearest box in the other face?", article, "opposite")
            : apart < look.Limits.Inches("box.opposite") && look.YesNo(Subjects.Box, "fire-protected") is null ? Ask(Subjects.Box, $"Only {apart} to a box in the other face. Is it protected by a listed means?", article, "fire-protected")
            : AtLeast(look, Subjects.Box, apart, "box.opposite", "To the box in the other face of a fire wall");
    }
}
