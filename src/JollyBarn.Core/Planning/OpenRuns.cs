using System.Runtime.CompilerServices;
using JollyBarn.Connection;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>An end of a cable that nobody has followed.</summary>
/// <param name="Decides">How many verdicts wait for it: those that no longer ask when it is taken to go where its mark says, or, without a
/// mark, to the panel or to nothing, whichever decides more. Null where nobody asked.</param>
public sealed record OpenRun(Id<Run> Run, RunSide Side, int? Decides);

/// <summary>Every end of a cable that nobody has followed, those that decide most first. Kept as long as the job is the same.</summary>
public sealed class OpenRuns
{
    private readonly ConditionalWeakTable<Job, IReadOnlyList<OpenRun>> kept = [];

    public IReadOnlyList<OpenRun> Of(Job job) => kept.GetValue(job, Weighed);

    /// <summary>The same, not weighed: how many verdicts wait is not asked.</summary>
    public static IEnumerable<OpenRun> Find(Job job) =>
        from run in job.Runs
        from side in new[] { RunSide.A, RunSide.B }
        where run.Value.End(side).At == EndAt.Unknown
        select new OpenRun(run.Key, side, null);

    private static IReadOnlyList<OpenRun> Weighed(Job job)
    {
        var asked = new Dictionary<Id<Box>, IReadOnlyList<Finding>>();
        return
        [
            .. Find(job)
                .Select(o =>
                    o with
                    {
                        Decides = Ways(job, o.Run, job.Runs[o.Run], o.Side).Select(w => Decided(job, w, asked)).Append(0).Max(),
                    }
                )
                .OrderByDescending(o => o.Decides)
                .ThenBy(o => o.Run),
        ];
    }

    /// <summary>The job with the end followed, as it may be.</summary>
    private static IEnumerable<Job> Ways(Job job, Id<Run> id, Run run, RunSide side)
    {
        var near = run.End(side == RunSide.A ? RunSide.B : RunSide.A);
        var panel = job.Panels.FirstOrDefault(p => p.Value.Breakers.Any(b => b.Circuit is not null && b.Circuit == run.Circuit)).Key;
        if (panel is not null && near.Feeds != Feeds.FeedsOn)
        {
            yield return new EndAtPanel(id, side, panel).Apply(job);
        }

        if (near.Feeds != Feeds.FeedsIn || panel is null)
        {
            yield return Ended(job, id, run, side);
        }
    }

    /// <summary>The end in a box where its conductors go no further.</summary>
    private static Job Ended(Job job, Id<Run> id, Run run, RunSide side)
    {
        Id<Box> far = Ids.Free("followed", b => job.Boxes.Has(b));
        var next = new AddBox(far, "followed", CodeBook.BoxKinds.Unlisted, Contents: Contents.Complete).Apply(job);
        next = new ConnectRun(far, id, side, "k").Apply(next);
        return next.Boxes[far].Leads.Ids.Aggregate(next, (j, l) => new MoveLead(far, l, new(LandingAt.Loose)).Apply(j));
    }

    private static int Decided(Job job, Job followed, Dictionary<Id<Box>, IReadOnlyList<Finding>> asked)
    {
        var count = 0;
        foreach (var box in Connected.Near(job, followed).Where(job.Boxes.Has))
        {
            if (!asked.TryGetValue(box, out var open))
            {
                asked[box] = open = [.. Inspector.Judge(job, box, job.Boxes[box]).Where(f => f.Verdict == Verdict.Measure)];
            }

            if (open.Count > 0)
            {
                var still = Inspector
                    .Judge(followed, box, followed.Boxes[box])
                    .Where(f => f.Verdict == Verdict.Measure)
                    .Select(f => (f.Rule, f.Of))
                    .ToHashSet();
                count += open.Count(f => !still.Contains((f.Rule, f.Of)));
            }
        }

        return count;
    }
}
