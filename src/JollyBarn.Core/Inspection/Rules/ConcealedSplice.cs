using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A listed concealed splice is used only where its listing lets it.</summary>
/// <remarks>NEC 334.40(B): repair wiring concealed in an existing building; else exposed.</remarks>
public sealed class ConcealedSplice() : BoxRule("concealed-splice")
{
    public enum Case
    {
        Repair,
        AskBoth,
        AskRepair,
        NoRepair,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var access = look.Read(WallFacts.Access);
        if (look.Box.Kind != "splice-kit" || access is Access.Open or Access.Tile)
        {
            yield break;
        }

        yield return look.Read(BoxFacts.Repair) switch
        {
            true => Fine(Subjects.Box, Case.Repair),
            _ when access is null => Ask(Subjects.Box, Case.AskBoth, [WallFacts.Access, BoxFacts.Repair]),
            null => Ask(Subjects.Box, Case.AskRepair, [BoxFacts.Repair]),
            false => Fix(Subjects.Box, Case.NoRepair),
        };
    }
}
