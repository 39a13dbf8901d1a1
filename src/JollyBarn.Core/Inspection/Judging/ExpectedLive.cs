using System.Runtime.CompilerServices;
using JollyBarn.Electrics.Seen;
using JollyBarn.Inspection.Rules;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Judging;

/// <summary>Stops that the solved network of a job gives: metal that would give somebody a shock. Worked out apart from the rules, which
/// follow the wiring alone and are told at once.</summary>
public sealed class ExpectedLive
{
    private static readonly LiveMetal Rule = new();
    private readonly ConditionalWeakTable<Job, Task<ILookup<Id<Box>, Finding>>> kept = [];

    /// <summary>The stops of a job, worked out now.</summary>
    public static ILookup<Id<Box>, Finding> Judge(Job job)
    {
        var reads = new Reads(job);
        return LiveParts.Of(job).ToLookup(p => p.Box, p => Rule.Expected(reads, p));
    }

    /// <summary>The stops of a job where they come within the time; null while they are being worked out.</summary>
    /// <param name="patience">ms.</param>
    public ILookup<Id<Box>, Finding>? Of(Job job, int patience)
    {
        var work = kept.GetValue(job, j => Task.Run(() => Judge(j)));
        return work.IsCompletedSuccessfully || work.Wait(patience) ? work.Result : null;
    }

    /// <summary>Verdicts of a box with those of the network: what it says of a thing stands in the place of what the wiring said.</summary>
    public static IReadOnlyList<Finding> With(IReadOnlyList<Finding> wired, IEnumerable<Finding> solved)
    {
        var told = solved.ToList();
        return told.Count == 0 ? wired : [.. told, .. wired.Where(f => f.Rule != Rule.Id || !told.Exists(t => t.Of == f.Of))];
    }
}
