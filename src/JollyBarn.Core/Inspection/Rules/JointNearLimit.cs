using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint is not at the limit of its connector.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class JointNearLimit() : BoxRule("joint-near", "Joint at its limit", "The last conductor in is the first one out.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Practice.Says(PracticeBook.NearLimit, "allow"))
        {
            yield break;
        }

        foreach (var (id, joint) in look.Box.Joints)
        {
            if (ConnectorKinds.Find(joint.Connector) is { Ports: null, Most: { } most } kind && most > 2)
            {
                var count = look.In(id).Count;
                if (count == most)
                {
                    yield return Better(id, $"{Sentence.Start(look.JointName(id))}: {count} conductors, the most a {kind.Name} usually takes.", "practice") with { Practice = PracticeBook.NearLimit.Key, Sum = $"{count} of {most}" };
                }
            }
        }
    }
}
