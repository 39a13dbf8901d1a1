using System.Runtime.CompilerServices;
using JollyBarn.Connection;
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

    /// <summary>The job that was worked out last, with what it gave.</summary>
    private Worked? last;

    /// <summary>The stops of a job, worked out now.</summary>
    public static ILookup<Id<Box>, Finding> Judge(Job job) => Told(job, LiveParts.Of(job)).ToLookup(p => p.Box, p => p.Stop);

    /// <summary>The stops of what hangs together with something that is not as it was, worked out now.</summary>
    public static ILookup<Id<Box>, Finding> Judge(Job before, Job after) =>
        Told(after, LiveParts.Of(after, Connected.Near(before, after).ToHashSet())).ToLookup(p => p.Box, p => p.Stop);

    /// <summary>The stops of a job where they come within the time; null while they are being worked out.</summary>
    /// <param name="patience">ms.</param>
    public ILookup<Id<Box>, Finding>? Of(Job job, int patience)
    {
        var work = kept.GetValue(job, j => Task.Run(() => After(j)));
        return work.IsCompletedSuccessfully || work.Wait(patience) ? work.Result : null;
    }

    /// <summary>The stops of a job, of what hangs together with something that is not as it was in the last.</summary>
    private ILookup<Id<Box>, Finding> After(Job job)
    {
        try
        {
            var stops = last is { } was && SameSupply(was.Job, job) ? Beside(was.Job, was.Stops, job) : Judge(job);
            last = new(job, stops);
            return stops;
        }
        catch (Exception problem) when (problem is not OutOfMemoryException)
        {
            // What could not be solved is not dead: every box says that it could not be judged.
            Tried.Tell(Rule.Id, job.Name, problem);
            return job.Boxes.Ids.ToLookup(id => id, _ => Rule.NotJudged(Subjects.Box));
        }
    }

    private static ILookup<Id<Box>, Finding> Beside(Job before, ILookup<Id<Box>, Finding> stops, Job job)
    {
        var near = Connected.Near(before, job).ToHashSet();
        return stops
            .Where(b => !near.Contains(b.Key) && job.Boxes.Has(b.Key))
            .SelectMany(b => b.Select(f => (Box: b.Key, Stop: f)))
            .Concat(Told(job, LiveParts.Of(job, near)))
            .ToLookup(p => p.Box, p => p.Stop);
    }

    private static IEnumerable<(Id<Box> Box, Finding Stop)> Told(Job job, IEnumerable<LivePart> parts)
    {
        var reads = new Reads(job);
        return parts.Select(p => (p.Box, Rule.Expected(reads, p)));
    }

    private static bool SameSupply(Job a, Job b) =>
        ReferenceEquals(a.Panels, b.Panels)
        && ReferenceEquals(a.Sources, b.Sources)
        && ReferenceEquals(a.Circuits, b.Circuits)
        && ReferenceEquals(a.Practice, b.Practice)
        && a.Kind == b.Kind;

    /// <summary>Verdicts of a box with those of the network: what it says of a thing stands in the place of what the wiring said.</summary>
    public static IReadOnlyList<Finding> With(IReadOnlyList<Finding> wired, IEnumerable<Finding> solved)
    {
        var told = solved.ToList();
        return told.Count == 0 ? wired : [.. told, .. wired.Where(f => f.Rule != Rule.Id || !told.Exists(t => t.Of == f.Of))];
    }

    private sealed record Worked(Job Job, ILookup<Id<Box>, Finding> Stops);
}
