using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Breakers that share a circuit's neutral are on different legs.</summary>
/// <remarks>NEC 210.4, 300.13(B): on one leg their currents add in the neutral. Two breakers on one hot are in parallel, 240.8.</remarks>
public sealed class LegsByPanel() : CircuitRule("legs", "Legs by the panel", "On one leg the neutral carries both loads, and no breaker watches it.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        var legs = look.Breakers.SelectMany(b => SupplyLegs.Of(b.In, b.Breaker).Select(l => (b.Panel, l))).ToList();
        if (legs.Count < 2)
        {
            yield break;
        }

        var slots = string.Join(" and ", look.Breakers.Select(b => b.Breaker.Where));
        var shared = look.Runs.Where(r => r.Run.Conductors.Count(c => c.Use == ConductorUse.Hot) > 1 && r.Run.Conductors.Any(c => c.Use == ConductorUse.Neutral)).Select(r => r.Id).ToArray();
        if (shared.Length == 0)
        {
            if (look.Breakers.Count > 1)
            {
                yield return Fix(Subjects.Circuit, $"Breakers {slots} feed {look.Circuit.Name}, which has one hot: breakers do not stand in parallel.", "240.8") with { Mend = "Keep one of them; a licensed electrician frees the other." };
            }

            yield break;
        }

        yield return legs.Distinct().Count() < legs.Count
            ? Stop(Subjects.Circuit, $"Breakers {slots} of {look.Circuit.Name} are on one leg by their slots: its neutral carries both loads, and no breaker watches it.", "210.4, 300.13(B)",
                ["Switch both breakers off and tag them.", "Have a licensed electrician move one of them to the other leg.", "Read the full voltage between the hots before anything is plugged in."], shared)
            : Fine(Subjects.Circuit, $"The hots of {look.Circuit.Name} are on different legs by their slots.", "210.4", shared);
    }
}
