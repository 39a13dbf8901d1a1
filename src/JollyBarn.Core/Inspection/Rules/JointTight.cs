namespace JollyBarn.Inspection.Rules;

/// <summary>Every conductor of a joint holds when tugged.</summary>
/// <remarks>NEC 110.14(B).</remarks>
public sealed class JointTight() : BoxRule("joint-tight", "Joint holds", "A loose joint is a heater.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var joint in look.Box.Joints.Ids)
        {
            yield return look.YesNo(joint, "tight") == false
                ? Stop(joint, $"A conductor slips out of {look.JointName(joint)}.", "110.14(B)", ["Leave the breaker off and tag it.", "Prove it dead.", "Make the joint again with a new connector; cut back what is burnt."])
                : YesNo(look, joint, "tight", true, "", "110.14(B)");
        }
    }
}
