using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Neutrals of different circuits are not joined.</summary>
/// <remarks>NEC 200.4(A), 300.3(B): one circuit, one neutral, in the same cable.</remarks>
public sealed class NeutralsApart() : BoxRule("neutrals-apart", "Neutrals of two circuits", "With one breaker off, the borrowed neutral still carries the other circuit.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Cables.All(c => c.Run.Circuit is null))
        {
            yield break;
        }

        foreach (var joint in look.Box.Joints.Ids)
        {
            var neutrals = look.In(joint).Where(m => m.Use == ConductorUse.Neutral).ToList();
            var circuits = CircuitsIn(look, joint);
            if (circuits.Count > 1)
            {
                yield return Stop(joint, $"Neutrals of {string.Join(" and ", circuits.Select(look.CircuitName))} are joined here: one may be live with the breaker of the other off.", "200.4(A), 300.3(B)",
                    ["Switch off every circuit named, and tag each breaker.", "Prove dead to an independent ground, every neutral too.", "Part the neutrals so that each goes back with its own hot."], [joint, .. neutrals.Select(n => n.Id)]);
            }
            else if (circuits.Count == 1 && neutrals.Count > 1)
            {
                yield return Fine(joint, "The neutrals joined here are of one circuit, as far as circuits are recorded.", "200.4(A)");
            }
        }
    }

    /// <summary>Circuits of the cables whose neutrals meet in a joint, as far as recorded.</summary>
    internal static IReadOnlyList<string> CircuitsIn(BoxLook look, string joint)
    {
        var neutrals = look.In(joint).Where(m => m.Use == ConductorUse.Neutral).Select(m => m.Id).ToHashSet(StringComparer.Ordinal);
        return [.. look.Cables.Where(c => c.Run.Circuit is not null && c.Leads.Any(neutrals.Contains)).Select(c => c.Run.Circuit!).Distinct()];
    }
}
