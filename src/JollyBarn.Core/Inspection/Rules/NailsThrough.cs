using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Nails or screws through a box pass within 1/4 in of its back or ends.</summary>
/// <remarks>NEC 314.23(B)(1).</remarks>
public sealed class NailsThrough() : BoxRule("nails", "Nails through the box", "A screw in the middle of a box finds a conductor.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Shape is not (BoxShape.Device or BoxShape.Utility))
        {
            yield break;
        }

        yield return look.Answer(Subjects.Box, "nails") switch
        {
            null => Ask(Subjects.Box, "Do nails or screws go through the inside?", "314.23(B)(1)", "nails"),
            "middle" => Fix(Subjects.Box, "A fastener goes through the middle of the box.", "314.23(B)(1)"),
            _ => Fine(Subjects.Box, "No fastener goes through where conductors lie.", "314.23(B)(1)"),
        };
    }
}
