using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A connector is listed for the number and gauges of its conductors.</summary>
/// <remarks>NEC 110.14(B), 110.3(B). Where ports are counted the count decides; else its package.</remarks>
public sealed class JointListed() : BoxRule("joint-listed")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from joint in look.Box.Joints
        where
            ConnectorKinds.Find(joint.Value.Connector) is { Style: not ConnectorStyle.None }
            && look.Read(LeadFacts.JointListed, joint.Key) is not null
        select YesNo(look, joint.Key, LeadFacts.JointListed, true, details: [("joint", Thing.Joint(joint.Key))]);
}
