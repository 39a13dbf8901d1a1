using System.Runtime.CompilerServices;
using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Judging;

/// <summary>Verdicts of boxes, kept outside the records as long as all they were made from stays the same.</summary>
public sealed class Verdicts(BoxReports reports)
{
    private readonly ConditionalWeakTable<Box, Entry> kept = [];

    /// <summary>Every verdict of a box, as <see cref="Inspector.JudgeAll"/> gives them.</summary>
    public IReadOnlyList<Finding> Of(Job job, string id, Box box)
    {
        var read = Read(job, box);
        if (kept.TryGetValue(box, out var entry) && entry.Id == id && Same(entry.Read, read))
        {
            return entry.Findings;
        }

        var findings = Inspector.JudgeAll(job, id, box, () => reports.FillOf(job, box));
        kept.AddOrUpdate(box, new(id, read, findings));
        return findings;
    }

    /// <summary>Every box of the job that is not in the bin with its verdicts, in the order of their ids.</summary>
    /// <remarks>One after the other: judged side by side they wait for memory more than they gain.</remarks>
    public IReadOnlyList<(string Id, Box Box, IReadOnlyList<Finding> Findings)> Whole(Job job) =>
        [.. job.Boxes.Where(b => !b.Value.Binned).Select(b => (b.Key, b.Value, Of(job, b.Key, b.Value)))];

    /// <summary>The records a box's verdicts are made from, besides the box.</summary>
    private static List<object?> Read(Job job, Box box)
    {
        var read = new List<object?>
        {
            job.Profile,
            job.Practice,
            job.Panels,
            job.Circuits,
            job.Rulings,
            job.Places.Find(box.Place),
            job.Walls.Find(box.Wall),
        };
        string? last = null;
        foreach (var lead in box.Leads.Values)
        {
            if (lead.Run is not null && lead.Run != last)
            {
                read.Add(job.Runs.Find(last = lead.Run));
            }

            if (lead.LeavesBy is not null)
            {
                read.Add(job.Runs.Find(lead.LeavesBy));
            }
        }

        return read;
    }

    private static bool Same(List<object?> a, List<object?> b)
    {
        if (a.Count != b.Count)
        {
            return false;
        }

        for (var i = 0; i < a.Count; i++)
        {
            if (!ReferenceEquals(a[i], b[i]))
            {
                return false;
            }
        }

        return true;
    }

    private sealed record Entry(string Id, List<object?> Read, IReadOnlyList<Finding> Findings);
}
