using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A connector is listed for the number and gauges of its conductors.</summary>
/// <remarks>NEC 110.14(B), 110.3(B). Where ports are counted the count decides; else its package.</remarks>
public sealed class JointListed() : BoxRule("joint-listed", "Connector listed", "A connector too big or too small does not grip.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            if (ConnectorKinds.Find(joint.Connector) is { Style: not ConnectorStyle.None } && look.YesNo(id, "joint-listed") is not null)
            {
                yield return YesNo(look, id, "joint-listed", true, $"The connector of {look.JointName(id)} is not listed for its conductors.", "110.14(B)");
            }
        }
    }
}
