using JollyBarn.Inspection.Supply;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Judging;

/// <summary>A circuit with its verdicts, worst first.</summary>
public sealed record JudgedCircuit(CircuitLook Look, IReadOnlyList<Finding> Findings);

/// <summary>A panel with its verdicts, worst first.</summary>
public sealed record JudgedPanel(PanelLook Look, IReadOnlyList<Finding> Findings);

/// <summary>Verdicts of the circuits and panels of one job, kept as long as all they were made from stays the same.</summary>
public sealed class SupplyVerdicts
{
    private readonly Lock guard = new();
    private readonly Dictionary<string, (List<object?> Read, JudgedCircuit Judged)> circuits = new(StringComparer.Ordinal);
    private readonly Dictionary<string, (List<object?> Read, JudgedPanel Judged)> panels = new(StringComparer.Ordinal);

    public static IReadOnlyList<Finding> Judge(Job job, CircuitLook look) =>
        Sorted(
            SupplyRules
                .Circuits.Where(r => look.Articles.Asks(r.Id))
                .SelectMany(r => r.Judge(look))
                .Select(f => Inspector.Settled(job, look.Id, f))
        );

    public static IReadOnlyList<Finding> Judge(Job job, PanelLook look) =>
        Sorted(
            SupplyRules
                .Panels.Where(r => look.Articles.Asks(r.Id))
                .SelectMany(r => r.Judge(look))
                .Select(f => Inspector.Settled(job, look.Id, f))
        );

    /// <summary>Every circuit, in the order of their ids.</summary>
    public IReadOnlyList<JudgedCircuit> Circuits(Job job)
    {
        lock (guard)
        {
            return
            [
                .. job.Circuits.Select(c =>
                    Kept(circuits, c.Key, new CircuitLook(job, c.Key, c.Value), l => Read(job, l), l => new JudgedCircuit(l, Judge(job, l)))
                ),
            ];
        }
    }

    /// <summary>Every panel, in the order of their ids.</summary>
    public IReadOnlyList<JudgedPanel> Panels(Job job)
    {
        lock (guard)
        {
            var looks = Circuits(job).ToDictionary(c => c.Look.Id, c => c.Look, StringComparer.Ordinal);
            return
            [
                .. job.Panels.Select(p =>
                    Kept(
                        panels,
                        p.Key,
                        new PanelLook(job, p.Key, p.Value, looks),
                        l => Read(job, l),
                        l => new JudgedPanel(l, Judge(job, l))
                    )
                ),
            ];
        }
    }

    private static TJudged Kept<TLook, TJudged>(
        Dictionary<string, (List<object?> Read, TJudged Judged)> kept,
        string id,
        TLook look,
        Func<TLook, List<object?>> reads,
        Func<TLook, TJudged> judge
    )
    {
        var read = reads(look);
        if (!kept.TryGetValue(id, out var found) || !found.Read.SequenceEqual(read, ReferenceEqualityComparer.Instance))
        {
            kept[id] = found = (read, judge(look));
        }

        return found.Judged;
    }

    /// <summary>The records the verdicts of a circuit are made from.</summary>
    private static List<object?> Read(Job job, CircuitLook look) =>
        [job.Profile, job.Practice, job.Rulings, job.Sources, job.Panels, job.Circuits, job.Places, job.Walls, .. look.Wiring.Records];

    /// <summary>Of a panel: its circuits' looks are kept themselves while nothing of them changes.</summary>
    private static List<object?> Read(Job job, PanelLook look) =>
        [job.Profile, job.Practice, job.Rulings, job.Sources, job.Panels, job.Circuits, .. look.Circuits];

    private static IReadOnlyList<Finding> Sorted(IEnumerable<Finding> found) => [.. found.OrderBy(f => f.Verdict)];
}
