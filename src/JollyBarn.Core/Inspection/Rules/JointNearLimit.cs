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
            var inside = look.In(id).Select(m => m.Gauge).ToList();
            if (
                ConnectorKinds.Find(joint.Connector) is { Grip: { } grip } kind
                && inside.Count > 2
                && grip.Takes(inside)
                && !grip.Takes([.. inside, inside.Min()])
            )
            {
                yield return Better(
                        id,
                        Case.AtLimit,
                        ("joint", Thing.Joint(id)),
                        ("count", inside.Count),
                        ("gauge", inside.Max()),
                        ("connector", new Thing(ThingKind.Connector, kind.Id))
                    )
                    .By(PracticeBook.NearLimit);
            }
        }
    }
}
