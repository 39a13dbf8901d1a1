using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>From 2020 on no more than 18 in of cable lies between entry and first support.</summary>
/// <remarks>NEC 334.30, 2020 (from memory).</remarks>
public sealed class Slack() : BoxRule("slack", "Cable to first support", "A loop behind the board finds the drill.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Limits.Has("cable.slack"))
        {
            yield break;
        }

        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB && look.Fished(c.Id) != true))
        {
            if (look.Tape(cable.Id, "slack") is { } slack)
            {
                yield return look.Fished(cable.Id) is null && slack > look.Limits.Inches("cable.slack")
                    ? AskOf(cable.Id, $"{slack} of cable lies before the first support of {BoxLook.CableName(cable)}. Was it fished?", look.Limits["cable.slack"].Article, [new(cable.Id, "fastener")], [.. cable.Leads])
                    : AtMost(look, cable.Id, slack, "cable.slack", $"Cable before its first support, {BoxLook.CableName(cable)}") with { Ids = cable.Leads };
            }
        }
    }
}
