using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>What a stage of a Change waits for, in the order the stages come.</summary>
public enum WaitCase
{
    /// <summary>A box it works on nobody has opened.</summary>
    NotOpened,

    /// <summary>A box it works on is not all recorded.</summary>
    NotRecorded,

    /// <summary>Something can hurt somebody at a box it works on.</summary>
    Stopped,

    /// <summary>Planned steps no longer go on the job as it is now.</summary>
    NoLongerGoes,

    /// <summary>As planned, a box would fail or hurt that does not now.</summary>
    WouldFail,

    /// <summary>Nothing is in the way: steps are to be done.</summary>
    ToDo,

    /// <summary>Every step is done: as left can become the present.</summary>
    ToClose,
}

/// <summary>One thing the next stage of a Change waits for.</summary>
/// <param name="Box">The box it is about; null for the Change as a whole.</param>
/// <param name="Count">How many: stops, steps, verdicts.</param>
public sealed record Waits(string Change, WaitCase Case, Id<Box>? Box, int Count);

/// <summary>What each open Change waits for before its next stage: look, record, make safe, plan what goes, do, close (<em>practice</em>,
/// the order people work in). Only the first stage that is not through is told, and everything in its way.</summary>
public static class NextStages
{
    /// <summary>Of every open Change that plans something, in the order of their ids.</summary>
    /// <param name="now">Verdicts of a box as it is recorded now.</param>
    public static IReadOnlyList<Waits> Of(Job job, Func<Id<Box>, IReadOnlyList<Finding>> now) =>
        [.. job.Changes.Where(c => c.Value is { Closed: null, Edits.Count: > 0 }).SelectMany(c => Of(job, c.Key, now))];

    private static List<Waits> Of(Job job, string change, Func<Id<Box>, IReadOnlyList<Finding>> now)
    {
        var planned = ChangeWork.Planned(job, change);
        Id<Box>[] touched =
        [
            .. planned.Boxes.Where(b => job.Boxes.Find(b.Key) is { } was && !ReferenceEquals(was, b.Value)).Select(b => b.Key),
        ];
        var steps = ChangeWork.Steps(job, change).ToList();
        IEnumerable<Waits>[] stages =
        [
            Each(WaitCase.NotOpened, id => job.Boxes[id].Contents == Contents.NotOpened ? 1 : 0),
            Each(WaitCase.NotRecorded, id => job.Boxes[id].Contents == Contents.Partial ? 1 : 0),
            Each(WaitCase.Stopped, id => now(id).Count(f => f.Verdict == Verdict.Stop)),
            Whole(WaitCase.NoLongerGoes, steps.Count(s => s is { Refusal: not null, Through: false })),
            Each(WaitCase.WouldFail, id => Brought.By(now(id), Inspector.Judge(planned, id, planned.Boxes[id])).Count),
            Whole(WaitCase.ToDo, steps.Count(s => !s.Through)),
            Whole(WaitCase.ToClose, steps.Count),
        ];
        return stages.Select(s => s.ToList()).First(s => s.Count > 0);

        IEnumerable<Waits> Each(WaitCase what, Func<Id<Box>, int> count) =>
            touched.Select(id => new Waits(change, what, id, count(id))).Where(w => w.Count > 0);
        IEnumerable<Waits> Whole(WaitCase what, int count) => count > 0 ? [new(change, what, null, count)] : [];
    }
}
