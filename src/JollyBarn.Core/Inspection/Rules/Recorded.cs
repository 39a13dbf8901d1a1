using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Everything in the box is recorded.</summary>
/// <remarks>Practice: what is not recorded is not judged.</remarks>
public sealed class Recorded() : BoxRule("recorded")
{
    public enum Case
    {
        All,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        [look.Complete ? Fine(Subjects.Box, Case.All) : AskOf(Subjects.Box, Case.Ask, [])];
}
