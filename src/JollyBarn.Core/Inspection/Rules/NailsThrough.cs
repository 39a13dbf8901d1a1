using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Nails or screws through a box pass within 1/4 in of its back or ends.</summary>
/// <remarks>NEC 314.23(B)(1).</remarks>
public sealed class NailsThrough() : BoxRule("nails")
{
    public enum Case
    {
        Ask,
        Middle,
        Clear,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Shape is BoxShape.Device or BoxShape.Utility)
        {
            yield return look.Read(BoxFacts.Nails) switch
            {
                null => Ask(Subjects.Box, Case.Ask, [BoxFacts.Nails]),
                Nails.Middle => Fix(Subjects.Box, Case.Middle),
                _ => Fine(Subjects.Box, Case.Clear),
            };
        }
    }
}
