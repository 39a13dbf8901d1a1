using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A listed concealed splice is used only where its listing lets it.</summary>
/// <remarks>NEC 334.40(B): repair wiring concealed in an existing building; else exposed.</remarks>
public sealed class ConcealedSplice() : BoxRule("concealed-splice", "Concealed splice", "Its listing is for a repair; anywhere else nothing says it holds.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Kind != "splice-kit" || look.Answer(Subjects.Box, "access") is "open" or "tile")
        {
            yield break;
        }

        var repair = look.YesNo(Subjects.Box, "repair");
        yield return repair == true ? Fine(Subjects.Box, "A repair of wiring that was concealed.", "334.40(B)")
            : look.Answer(Subjects.Box, "access") is null ? Ask(Subjects.Box, "Is this splice concealed, and is it a repair?", "334.40(B)", "access", "repair")
            : repair is null ? Ask(Subjects.Box, "Is this concealed splice a repair of wiring that was concealed already?", "334.40(B)", "repair")
            : Fix(Subjects.Box, "A concealed splice that is no repair of concealed wiring.", "334.40(B)");
    }
}
