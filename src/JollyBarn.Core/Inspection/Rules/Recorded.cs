using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Everything in the box is recorded.</summary>
/// <remarks>Practice: what is not recorded is not judged.</remarks>
public sealed class Recorded() : BoxRule("recorded", "All recorded", "What nobody wrote down is not judged.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        yield return look.Complete ? Fine(Subjects.Box, "Everything in it is recorded.", "practice") : AskOf(Subjects.Box, "Is everything in it recorded? What is not is not judged.", "practice", []);
    }
}
