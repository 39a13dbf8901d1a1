using JollyBarn.Inspection.Rules;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No piece of the circuit is thinner than its breaker allows, wherever its hot goes.</summary>
/// <remarks>NEC 240.4(D). Cables whose circuit is recorded are judged in their boxes; here are those that only the wiring shows to be on
/// it, and those that end in no box anybody opened.</remarks>
public sealed class WirePieces() : CircuitRule("wire-pieces")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Amperes is not { } breaker || look.Read(SupplyFacts.Purpose) == Purpose.Motor)
        {
            yield break;
        }

        var judged = look.Boxes.SelectMany(b => b.Cables).Where(c => c.Run.Circuit == look.Id).Select(c => c.RunId).ToHashSet();
        var mixed = (look.Wiring.Mixed ? look.Wiring.Reaches() : new HashSet<Id<Run>>()).Where(r =>
            look.Wiring.Part.Runs[r].Circuit is null
        );
        foreach (var id in mixed.Concat(look.Runs.Select(r => r.Id)).Where(r => !judged.Contains(r)).Distinct().Order())
        {
            var run = look.Wiring.Part.Runs[id];
            var gauges = run.Conductors.Select(c => c.Gauge ?? run.Gauge).OfType<Gauge>().ToList();
            if (gauges.Count > 0 && WireTable.Key(gauges.Min(), run.Metal) is var key && look.Limits.Has(key))
            {
                var box = run.A.Box ?? run.B.Box;
                yield return OnBreaker(
                    look,
                    id,
                    key,
                    breaker,
                    ("gauge", gauges.Min()),
                    ("run", Thing.Run(id)),
                    ("circuit", look.Thing)
                ) with
                {
                    Box = box,
                };
            }
        }
    }
}
