using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A twist-on is not used a second time.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class JointReused() : BoxRule("joint-reused", "Used twist-on", "The spring has taken its set.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Practice.Says(PracticeBook.Reuse, "never"))
        {
            yield break;
        }

        foreach (var (id, joint) in look.Box.Joints.Where(j => ConnectorKinds.Find(j.Value.Connector)?.Style is ConnectorStyle.TwistOn or ConnectorStyle.ThroughHoleTwistOn && look.YesNo(j.Key, "reused") is not null))
        {
            yield return YesNo(look, id, "reused", false, $"The twist-on of {look.JointName(id)} was used before.", "practice", Verdict.Better) with { Practice = PracticeBook.Reuse.Key };
        }
    }
}
