using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint needs a connector listed for the number of conductors in it.</summary>
/// <remarks>NEC 110.14(B). Ports are counted; how many a twist-on takes is on its package, so over the usual number the answer is to read
/// it.</remarks>
public sealed class JointConnector() : BoxRule("joint-connector")
{
    public enum Case
    {
        None,
        TooManyForPorts,
        AskPackage,
        One,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            var count = look.In(id).Count;
            if (ConnectorKinds.Find(joint.Connector) is { } kind && count > 0 && Judge(look, id, kind, count) is { } found)
            {
                yield return found;
            }
        }
    }

    private Finding? Judge(BoxLook look, Id<Joint> id, ConnectorKind kind, int count)
    {
        (string, object?)[] details =
        [
            ("joint", Thing.Joint(id)),
            ("count", count),
            ("connector", new Thing(ThingKind.Connector, kind.Id)),
        ];
        return kind switch
        {
            { Style: ConnectorStyle.None } => Fix(id, Case.None, details),
            { Ports: { } ports } when count > ports => Fix(id, Case.TooManyForPorts, [.. details, ("most", ports), ("by", count - ports)]),
            { Most: { } most } when count > most && look.Read(LeadFacts.JointListed, id) is null => Ask(
                id,
                Case.AskPackage,
                [LeadFacts.JointListed],
                [.. details, ("most", most)]
            ),
            _ => count == 1 ? Better(id, Case.One, details) : null,
        };
    }
}
