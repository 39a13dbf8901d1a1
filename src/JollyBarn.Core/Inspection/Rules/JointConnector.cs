using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint needs a connector listed for the number of conductors in it.</summary>
/// <remarks>NEC 110.14(B). Ports are counted; how many a twist-on takes is on its package, so over the usual number the answer is to read it.</remarks>
public sealed class JointConnector() : BoxRule("joint-connector", "Connector", "A joint that is not gripped heats.")
{
    private const string Article = "110.14(B)";

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            var kind = ConnectorKinds.Find(joint.Connector);
            var count = look.In(id).Count;
            var name = joint.Name is null ? "a joint" : $"joint {joint.Name}";
            if (kind is null || count == 0)
            {
                continue;
            }

            if (kind.Style == ConnectorStyle.None)
            {
                yield return Fix(id, $"{Sentence.Start(name)} has no connector: {count} conductors twisted or laid together bare.", Article);
            }
            else if (kind.Ports is { } ports && count > ports)
            {
                yield return Fix(id, $"{Sentence.Start(name)}: {count} conductors, and the {kind.Name} has {ports} ports.", Article) with { Sum = $"{count} − {ports} = {count - ports} too many" };
            }
            else if (kind.Most is { } most && count > most && look.YesNo(id, "joint-listed") is null)
            {
                yield return Ask(id, $"{Sentence.Start(name)}: {count} conductors under a {kind.Name}; most take {most}. Read what its package lists.", Article, "joint-listed");
            }
            else if (count == 1)
            {
                yield return Better(id, $"{Sentence.Start(name)} holds one conductor only.", "practice");
            }
        }
    }
}
