using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint is not at the limit of its connector.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class JointNearLimit() : BoxRule("joint-near")
{
    public enum Case
    {
        AtLimit,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Practice.Says(PracticeBook.NearLimit, "allow"))
        {
            yield break;
        }

        foreach (var (id, joint) in look.Box.Joints)
        {
            if (ConnectorKinds.Find(joint.Connector) is { Ports: null, Most: > 2 and var most } kind && look.In(id).Count == most)
            {
                yield return Better(
                        id,
                        Case.AtLimit,
                        ("joint", Thing.Joint(id)),
                        ("count", most),
                        ("connector", new Thing(ThingKind.Connector, kind.Id))
                    )
                    .By(PracticeBook.NearLimit);
            }
        }
    }
}
