using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every box has a cover, canopy or device over it.</summary>
/// <remarks>NEC 314.25.</remarks>
public sealed class Covered() : BoxRule("covered", "Cover", "Sparks from a joint must stay in the box.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var closes = look.Box.Devices.Count > 0 || look.Box.Parts.Values.Any(p => p.Role is PartRole.FlatCover or PartRole.RaisedCover or PartRole.Plate);
        yield return look.YesNo(Subjects.Box, "covered") == false ? Fix(Subjects.Box, "Nothing closes this box.", "314.25")
            : closes || look.YesNo(Subjects.Box, "covered") == true ? Fine(Subjects.Box, "It is closed.", "314.25")
            : Ask(Subjects.Box, "Is it closed by a cover?", "314.25", "covered");
    }
}
