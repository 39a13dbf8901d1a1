using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box is never buried behind a finish.</summary>
/// <remarks>NEC 314.29. A listed concealed splice is judged by its own rule.</remarks>
public sealed class Accessible() : BoxRule("accessible", "Can be got at", "A fault in a joint nobody can reach burns until somebody smells it.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Kind == "splice-kit")
        {
            yield break;
        }

        yield return look.Answer(Subjects.Box, "access") switch
        {
            null => Ask(Subjects.Box, "Can it be got at without taking the building apart?", "314.29", "access"),
            "buried" => Fix(Subjects.Box, "The box is buried behind a finish.", "314.29"),
            _ => Fine(Subjects.Box, "It can be got at.", "314.29"),
        };
    }
}
