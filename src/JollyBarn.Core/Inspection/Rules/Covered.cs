using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every box has a cover, canopy or device over it.</summary>
/// <remarks>NEC 314.25.</remarks>
public sealed class Covered() : BoxRule("covered")
{
    public enum Case
    {
        Open,
        Closed,
        Ask,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var closes =
            look.Box.Devices.Count > 0
            || look.Box.Parts.Values.Any(p => p.Role is PartRole.FlatCover or PartRole.RaisedCover or PartRole.Plate);
        yield return look.Read(WallFacts.Covered) switch
        {
            false => Fix(Subjects.Box, Case.Open),
            true => Fine(Subjects.Box, Case.Closed),
            null when closes => Fine(Subjects.Box, Case.Closed),
            null => Ask(Subjects.Box, Case.Ask, [WallFacts.Covered]),
        };
    }
}
