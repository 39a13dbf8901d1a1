using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box in a damp or wet place is listed for it.</summary>
/// <remarks>NEC 314.15.</remarks>
public sealed class BoxWet() : BoxRule("box-wet")
{
    public enum Case
    {
        Suits,
        Marked,
        AskPlace,
        AskMark,
        NotListed,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var listed = look.Read(BoxFacts.BoxWetListed);
        yield return Subjects.Box switch
        {
            var box when look.Box.Shape == BoxShape.Weatherproof || look.Wetness == Damp.Dry => Fine(box, Case.Suits),
            var box when listed == true => Fine(box, Case.Marked),
            var box when look.Wetness is null => Ask(box, Case.AskPlace, [WallFacts.Wetness]),
            var box when listed is null => Ask(box, Case.AskMark, [BoxFacts.BoxWetListed], ("place", look.Wetness)),
            var box => Fix(box, Case.NotListed, ("place", look.Wetness)),
        };
    }
}
