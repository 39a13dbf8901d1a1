using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every splice is in a box or a listed enclosure.</summary>
/// <remarks>NEC 300.15.</remarks>
public sealed class SpliceHasBox() : BoxRule("splice-box")
{
    public enum Case
    {
        OneOpen,
        SeveralOpen,
        InBox,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Joints.Count is > 0 and var count)
        {
            yield return look.Box.Kind != "no-box"
                ? Fine(Subjects.Box, Case.InBox)
                : Fix(Subjects.Box, count == 1 ? Case.OneOpen : Case.SeveralOpen, ("count", count));
        }
    }
}
