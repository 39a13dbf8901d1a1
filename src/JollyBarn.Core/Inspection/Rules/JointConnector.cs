using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint needs a connector listed for the number of conductors in it.</summary>
/// <remarks>NEC 110.14(B). Ports are counted; how many a twist-on takes is on its package, so over the usual number the answer is to read it.</remarks>
public sealed class JointConnector : IBoxRule
{
    private const string Article = "110.14(B)";

    public string Id => "joint-connector";

    public IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            var kind = ConnectorKinds.Find(joint.Connector);
            var count = look.In(id).Count();
            var name = joint.Name ?? "a joint";
            if (kind is null || count == 0)
            {
                continue;
            }

            if (kind.Style == ConnectorStyle.None)
            {
                yield return new(Id, Verdict.Fix, $"{Sentence.Start(name)} has no connector: {count} conductors twisted or laid together bare.", Article, [id]);
            }
            else if (kind.Ports is { } ports && count > ports)
            {
                yield return new(Id, Verdict.Fix, $"{Sentence.Start(name)}: {count} conductors, and the {kind.Name} has {ports} ports.", Article, [id]);
            }
            else if (kind.Most is { } most && count > most)
            {
                yield return new(Id, Verdict.Measure, $"{Sentence.Start(name)}: {count} conductors under a {kind.Name}; most take {most}. Read what its package lists.", Article, [id]);
            }
            else if (count == 1)
            {
                yield return new(Id, Verdict.Better, $"{Sentence.Start(name)} holds one conductor only.", "practice", [id]);
            }
        }
    }
}
