using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box is never buried behind a finish.</summary>
/// <remarks>NEC 314.29. A listed concealed splice is judged by its own rule.</remarks>
public sealed class Accessible() : BoxRule("accessible")
{
    public enum Case
    {
        Ask,
        Buried,
        Reachable,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Kind == "splice-kit")
        {
            yield break;
        }

        yield return look.Read(WallFacts.Access) switch
        {
            null => Ask(Subjects.Box, Case.Ask, [WallFacts.Access]),
            Access.Buried => Fix(Subjects.Box, Case.Buried),
            _ => Fine(Subjects.Box, Case.Reachable),
        };
    }
}
