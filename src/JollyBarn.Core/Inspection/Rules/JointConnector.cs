using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint needs a connector listed for the number and the gauges of the conductors in it.</summary>
/// <remarks>NEC 110.14(B). Ports are counted; what copper the sizes of twist-on grip is <em>practice</em>: under the least that any of the
/// size lists nothing is gripped, over the usual its package is read.</remarks>
public sealed class JointConnector() : BoxRule("joint-connector")
{
    public enum Case
    {
        None,
        TooManyForPorts,
        AskPackage,
        AskThickness,
        TooThin,
        Roomy,
        One,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            var inside = look.In(id).Select(m => m.Gauge).ToList();
            if (ConnectorKinds.Find(joint.Connector) is { } kind && inside.Count > 0 && Judge(look, id, kind, inside) is { } found)
            {
                yield return found;
            }
        }
    }

    private Finding? Judge(BoxLook look, Id<Joint> id, ConnectorKind kind, List<Gauge?> inside)
    {
        (string, object?)[] details =
        [
            ("joint", Thing.Joint(id)),
            ("count", inside.Count),
            ("connector", new Thing(ThingKind.Connector, kind.Id)),
        ];
        if (kind.Style == ConnectorStyle.None)
        {
            return Fix(id, Case.None, details);
        }

        if (kind.Ports is { } ports && inside.Count > ports)
        {
            return Fix(id, Case.TooManyForPorts, [.. details, ("most", ports), ("by", inside.Count - ports)]);
        }

        if (inside.Count == 1)
        {
            return Better(id, Case.One, details);
        }

        var (thickest, read) = (inside.Max(), look.Read(LeadFacts.JointListed, id) is not null);
        if (kind.Thickest is { } most && thickest?.ThickerThan(most) == true)
        {
            return read ? null : Ask(id, Case.AskThickness, [LeadFacts.JointListed], [.. details, ("gauge", thickest), ("most", most)]);
        }

        return kind.Grip is { } grip ? Gripped(id, grip, inside, read, [.. details, ("gauge", thickest)]) : null;
    }

    private Finding? Gripped(Id<Joint> id, Grip grip, List<Gauge?> inside, bool read, (string, object?)[] details)
    {
        if (!grip.Takes(inside))
        {
            return read
                ? null
                : Ask(
                    id,
                    Case.AskPackage,
                    [LeadFacts.JointListed],
                    [.. details, ("most", inside.Max() is { } thickest ? grip.MostOf(thickest) : grip.Count)]
                );
        }

        var copper = Grip.Copper(inside);
        if (inside.Contains(null) || copper >= grip.Snug)
        {
            return null;
        }

        details = [.. details, ("better", new Thing(ThingKind.Connector, ConnectorKinds.TwistOnFor(inside).Id))];
        return copper < grip.Least
            ? Fix(id, Case.TooThin, [.. details, ("copper", copper), ("least", grip.Least), ("by", grip.Least - copper)])
            : Better(id, Case.Roomy, details);
    }
}
