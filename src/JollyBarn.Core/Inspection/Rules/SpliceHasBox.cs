using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every splice is in a box or a listed enclosure.</summary>
/// <remarks>NEC 300.15.</remarks>
public sealed class SpliceHasBox() : BoxRule("splice-box", "Splice in a box", "A joint in the open has nothing round it when it gets hot.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Box.Joints.Count > 0)
        {
            yield return look.Box.Kind == "no-box" ? Fix(Subjects.Box, $"{(look.Box.Joints.Count == 1 ? "A joint lies" : $"{look.Box.Joints.Count} joints lie")} open with no box round {(look.Box.Joints.Count == 1 ? "it" : "them")}.", "300.15") : Fine(Subjects.Box, "The joints are in a box.", "300.15");
        }
    }
}
