using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Breakers that share a circuit's neutral are on different legs.</summary>
/// <remarks>NEC 210.4, 300.13(B): on one leg their currents add in the neutral. Two breakers on one hot are in parallel, 240.8.</remarks>
public sealed class LegsByPanel() : CircuitRule("legs")
{
    public enum Case
    {
        Parallel,
        OneLeg,
        Different,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        var legs = look.Breakers.SelectMany(b => SupplyLegs.Of(b.In, b.Breaker).Select(l => (b.Panel, l))).ToList();
        var shared = look.Runs.Where(r => Shares(r.Run)).Select(r => r.Id).ToList();
        if (legs.Count < 2 || look.Runs.Count == 0 || (shared.Count == 0 && look.Breakers.Count < 2))
        {
            yield break;
        }

        (string, object?)[] details = [("circuit", look.Thing), ("breakers", look.BreakerThings)];
        yield return Subjects.Circuit switch
        {
            var of when shared.Count == 0 => Fix(of, Case.Parallel, details),
            var of when legs.Distinct().Count() < legs.Count => Stop(of, Case.OneLeg, details).Pointing(shared),
            var of => Fine(of, Case.Different, details).Pointing(shared),
        };
    }

    /// <summary>True for a cable of several hots and a neutral.</summary>
    private static bool Shares(Run run) =>
        run.Conductors.Count(c => c.Use == ConductorUse.Hot) > 1 && run.Conductors.Any(c => c.Use == ConductorUse.Neutral);
}
