using System.Runtime.CompilerServices;
using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Judging;

/// <summary>Verdicts of boxes, kept outside the records as long as all they were made from stays the same.</summary>
public sealed class Verdicts(BoxReports reports)
{
    private readonly ConditionalWeakTable<Box, Entry> kept = [];

    /// <summary>Every verdict of a box, as the inspector gives them.</summary>
    public IReadOnlyList<Finding> Of(Job job, Id<Box> id, Box box)
    {
        if (kept.TryGetValue(box, out var entry) && entry.Id == id && entry.Reads.Hold(job))
        {
            return entry.Findings;
        }

        var reads = new Reads(job);
        var findings = Inspector.JudgeAll(reads, id, box, () => reports.FillOf(job, box));
        reads.Close();
        kept.AddOrUpdate(box, new(id, reads, findings));
        return findings;
    }

    /// <summary>Every box of the job that is not in the bin with its verdicts, in the order of their ids.</summary>
    /// <remarks>One after the other: judged side by side they wait for memory more than they gain.</remarks>
    public IReadOnlyList<(Id<Box> Id, Box Box, IReadOnlyList<Finding> Findings)> Whole(Job job) =>
        [.. job.Boxes.Where(b => !b.Value.Binned).Select(b => (b.Key, b.Value, Of(job, b.Key, b.Value)))];

    private sealed record Entry(string Id, Reads Reads, IReadOnlyList<Finding> Findings);
}
