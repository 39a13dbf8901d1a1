using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box in a damp or wet place is listed for it.</summary>
/// <remarks>NEC 314.15.</remarks>
public sealed class BoxWet() : BoxRule("box-wet", "Box in the wet", "Water in a box makes its metal live and its joints rot.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Shape == BoxShape.Weatherproof || look.Wetness == "dry")
        {
            yield return Fine(Subjects.Box, "The box suits the place.", "314.15");
            yield break;
        }

        var listed = look.YesNo(Subjects.Box, "box-wet-listed");
        yield return listed == true ? Fine(Subjects.Box, "The box is marked for damp or wet places.", "314.15")
            : look.Wetness is null ? Ask(Subjects.Box, "Is the place dry, damp or wet?", "314.15", "wetness")
            : listed is null ? Ask(Subjects.Box, $"The place is {look.Wetness}. Is the box marked for it?", "314.15", "box-wet-listed")
            : Fix(Subjects.Box, $"The place is {look.Wetness}, and the box is not listed for it.", "314.15");
    }
}
