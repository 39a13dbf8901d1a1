using JollyBarn.Inspection.Rules;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No piece of the circuit is thinner than its breaker allows, wherever its hot goes.</summary>
/// <remarks>NEC 240.4(D). Cables whose circuit is recorded are judged in their boxes; here are those that only the wiring shows to be on it, and those that end in no box anybody opened.</remarks>
public sealed class WirePieces() : CircuitRule("wire-pieces", "Wire on its breaker, every piece", "The breaker lets through more than the thinnest piece can carry.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Amperes is not { } breaker || look.PurposeOf(look.Id) == CodeBook.PurposeBook.Motor)
        {
            yield break;
        }

        var judged = look.Boxes.SelectMany(b => b.Cables).Where(c => c.Run.Circuit == look.Id).Select(c => c.RunId).ToHashSet(StringComparer.Ordinal);
        var reached = (look.Wiring.Mixed ? look.Wiring.Reaches() : new HashSet<string>()).Where(r => look.Wiring.Part.Runs[r].Circuit is null).Concat(look.Runs.Select(r => r.Id)).Where(r => !judged.Contains(r)).Distinct().Order(StringComparer.Ordinal);
        foreach (var id in reached)
        {
            var run = look.Wiring.Part.Runs[id];
            var gauges = run.Conductors.Select(c => c.Gauge ?? run.Gauge).OfType<Measures.Gauge>().ToList();
            if (gauges.Count > 0 && WireTable.Key(gauges.Min(), run.Metal) is { } key && look.Limits.Has(key))
            {
                var box = new[] { run.A, run.B }.FirstOrDefault(e => e.At == Wiring.EndAt.Box)?.Id;
                yield return WireTable.Judge(this, look, id, $"{gauges.Min()} AWG in {look.RunName(id)}, which the hot of {look.Circuit.Name} reaches", key, breaker) with { Box = box, Mend = "A breaker that suits the thinnest piece, or thicker wire there." };
            }
        }
    }
}
