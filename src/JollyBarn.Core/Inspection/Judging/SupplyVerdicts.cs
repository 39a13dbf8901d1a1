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
    private readonly Dictionary<Id<Circuit>, JudgedCircuit> circuits = [];
    private readonly Dictionary<string, JudgedPanel> panels = new(StringComparer.Ordinal);

    public static IReadOnlyList<Finding> Judge(CircuitLook look) =>
        Sorted(
            look,
            look.Id,
            SupplyRules
                .Circuits.Where(r => look.Articles.Asks(r.Id))
                .SelectMany(r => Tried.Judge(r, look.Id, Subjects.Circuit, one => one.Judge(look)))
        );

    /// <param name="rules">The rules that are asked; all when null.</param>
    public static IReadOnlyList<Finding> Judge(PanelLook look, IReadOnlySet<string>? rules = null) =>
        Sorted(
            look,
            look.Id,
            SupplyRules
                .Panels.Where(r => rules?.Contains(r.Id) != false && look.Articles.Asks(r.Id))
                .SelectMany(r => Tried.Judge(r, look.Id, Subjects.Panel, one => one.Judge(look)))
        );

    /// <summary>Every circuit, in the order of their ids.</summary>
    public IReadOnlyList<JudgedCircuit> Circuits(Job job)
    {
        lock (guard)
        {
            return
            [
                .. job.Circuits.Select(c =>
                {
                    if (
                        !circuits.TryGetValue(c.Key, out var kept)
                        || !ReferenceEquals(kept.Look.Circuit, c.Value)
                        || !kept.Look.Reads.Hold(job)
                    )
                    {
                        var look = new CircuitLook(job, c.Key);
                        circuits[c.Key] = kept = new(look, Judge(look));
                    }

                    return kept;
                }),
            ];
        }
    }

    /// <summary>Every panel, in the order of their ids.</summary>
    public IReadOnlyList<JudgedPanel> Panels(Job job)
    {
        lock (guard)
        {
            var looks = Circuits(job).ToDictionary(c => c.Look.Id, c => c.Look);
            return
            [
                .. job.Panels.Ids.Select(id =>
                {
                    if (!panels.TryGetValue(id, out var kept) || !kept.Look.Holds(job))
                    {
                        var look = new PanelLook(new Reads(job), id, looks);
                        panels[id] = kept = new(look, Judge(look));
                    }

                    return kept;
                }),
            ];
        }
    }

    private static IReadOnlyList<Finding> Sorted(Look look, string id, IEnumerable<Finding> found) =>
        [.. found.Select(f => Inspector.Settled(look, id, f)).OrderBy(f => f.Verdict)];
}
