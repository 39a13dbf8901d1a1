using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A twist-on is not used a second time.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class JointReused() : BoxRule("joint-reused")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from joint in look.Box.Joints
        where
            look.Practice.Says(PracticeBook.Reuse, "never")
            && ConnectorKinds.Find(joint.Value.Connector)?.Style is ConnectorStyle.TwistOn or ConnectorStyle.ThroughHoleTwistOn
            && look.Read(LeadFacts.Reused, joint.Key) is not null
        select YesNo(look, joint.Key, LeadFacts.Reused, false, Verdict.Better, ("joint", Thing.Joint(joint.Key))).By(PracticeBook.Reuse);
}
