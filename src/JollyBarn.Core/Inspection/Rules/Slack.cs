using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>From 2020 on no more than 18 in of cable lies between entry and first support.</summary>
/// <remarks>NEC 334.30, 2020 (from memory).</remarks>
public sealed class Slack() : BoxRule("slack")
{
    public enum Case
    {
        AskFished,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string limit = "cable.slack";
        if (!look.Limits.Has(limit))
        {
            yield break;
        }

        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB && look.Fished(c.Id) != true))
        {
            if (look.Read(CableFacts.Slack, cable.Id) is { } slack)
            {
                yield return (
                    look.Fished(cable.Id) is null && slack > look.Limits.Inches(limit)
                        ? Ask(cable.Id, Case.AskFished, [CableFacts.Fastener], ("at", slack), ("cable", cable.Thing)).By(limit)
                        : AtMost(look, cable.Id, slack, limit, details: [("cable", cable.Thing)])
                ).Pointing(cable.Leads);
            }
        }
    }
}
