using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>From 2020 on no more than 18 in of cable lies between entry and first support; and, where the house wants a loop there, not
/// less than makes one.</summary>
/// <remarks>NEC 334.30, 2020 (from memory). The loop is practice.</remarks>
public sealed class Slack() : BoxRule("slack")
{
    public enum Case
    {
        AskFished,
        NoLoop,
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
                var loop = look.Practice.Says(PracticeBook.Slack, "yes") && slack < look.Limits.Inches("cable.loop.house");
                if (loop && look.Fished(cable.Id) == false)
                {
                    yield return Better(cable.Id, Case.NoLoop, ("at", slack), ("cable", cable.Thing))
                        .By(PracticeBook.Slack)
                        .Pointing(cable.Leads);
                    continue;
                }

                yield return (
                    look.Fished(cable.Id) is null && (loop || slack > look.Limits.Inches(limit))
                        ? Ask(cable.Id, Case.AskFished, [CableFacts.Fastener], ("at", slack), ("cable", cable.Thing)).By(limit)
                        : AtMost(look, cable.Id, slack, limit, details: [("cable", cable.Thing)])
                ).Pointing(cable.Leads);
            }
        }
    }
}
