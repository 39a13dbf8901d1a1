using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every conductor of a joint holds when tugged.</summary>
/// <remarks>NEC 110.14(B).</remarks>
public sealed class JointTight() : BoxRule("joint-tight")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        look.Box.Joints.Ids.Select(joint => YesNo(look, joint, LeadFacts.Tight, true, Verdict.Stop, ("joint", Thing.Joint(joint))));
}
