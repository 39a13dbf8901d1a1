using JollyBarn.Wiring;

namespace JollyBarn.Connection.Sheet;

/// <summary>What no hot was followed to: it hangs where its cable leads; what hangs on nothing known is a rail of its own.</summary>
internal sealed class SheetStrays
{
    private readonly Job job;
    private readonly List<RailDraft> rails;
    private readonly HashSet<Id<Box>> unplaced;
    private readonly ILookup<Id<Box>, (Id<Run> Id, Run Run, RunSide Side)> runs;
    private readonly HashSet<string> shown;

    public SheetStrays(Job job, List<RailDraft> rails)
    {
        (this.job, this.rails) = (job, rails);
        runs = job
            .Runs.SelectMany(r => new[] { RunSide.A, RunSide.B }.Select(s => (r.Key, r.Value, s)))
            .Where(e => e.Value.End(e.s).IsBox)
            .ToLookup(e => e.Value.End(e.s).Box!.Value, e => (e.Key, e.Value, e.s));
        shown = [.. rails.SelectMany(r => r.Stops).Select(s => s.Key)];
        unplaced = [.. job.Boxes.Where(b => !b.Value.Binned && !shown.Contains(RailDraft.KeyOf(b.Key))).Select(b => b.Key)];
    }

    /// <summary>Hangs every box somewhere; gives those no cable comes to.</summary>
    public IReadOnlyList<Id<Box>> Place()
    {
        foreach (var rail in rails)
        {
            Follow(rail, new(rail.Stops.Where(s => s.At == StopAt.Box).Select(s => (Id<Box>)s.Id!).ToList()));
        }

        foreach (var box in job.Boxes.Ids.Where(b => unplaced.Contains(b) && runs[b].Any()).OrderBy(b => Turn(b)).ThenBy(b => b).ToList())
        {
            if (unplaced.Contains(box))
            {
                Begin(box);
            }
        }

        return [.. unplaced.Order()];
    }

    /// <summary>Boxes that say where their feed comes in begin, then those a cable leaves for where nobody looked.</summary>
    private int Turn(Id<Box> box) =>
        runs[box].Any(r => Far(r).At == EndAt.Unknown && r.Run.End(r.Side).Feeds == Feeds.FeedsIn) ? 0
        : runs[box].Any(r => Far(r).At == EndAt.Unknown) ? 1
        : 2;

    private void Begin(Id<Box> box)
    {
        var breaker = runs[box].Select(r => BreakerOf(r.Run.Circuit)).FirstOrDefault(b => b is not null);
        var rail = breaker is null ? null : rails.Find(r => r.Breakers.Contains(breaker));
        if (rail is null)
        {
            rails.Add(rail = new($"?{box}", []));
        }

        Put(rail, RailDraft.KeyOf(box), StopAt.Box, box, null, null, RunSide.A);
        unplaced.Remove(box);
        Follow(rail, new([box]));
    }

    private string? BreakerOf(Id<Circuit>? circuit) =>
        circuit is null
            ? null
            : job
                .Panels.SelectMany(p => p.Value.Breakers.Where(b => b.Circuit == circuit).Select(b => BreakerKey.Of(p.Key, b)))
                .FirstOrDefault();

    /// <summary>Along every cable that leaves these boxes for a box that hangs nowhere yet, or for no box.</summary>
    private void Follow(RailDraft rail, Queue<Id<Box>> ahead)
    {
        while (ahead.TryDequeue(out var box))
        {
            foreach (var one in runs[box].OrderBy(r => r.Id))
            {
                var side = one.Side == RunSide.A ? RunSide.B : RunSide.A;
                var far = Far(one);
                if (far.Box is { } next)
                {
                    if (unplaced.Remove(next))
                    {
                        Put(rail, RailDraft.KeyOf(next), StopAt.Box, next, box, one.Id, side);
                        ahead.Enqueue(next);
                    }
                }
                else if (far.At is EndAt.Unknown or EndAt.Load && shown.Add(RailDraft.KeyOf(one.Id, side)) && !FeedsIn(one))
                {
                    var at = far.At == EndAt.Load ? StopAt.Load : StopAt.Somewhere;
                    Put(rail, RailDraft.KeyOf(one.Id, side), at, null, box, one.Id, side);
                }
            }
        }
    }

    /// <summary>The cable that brings power from where nobody looked: it is no stop, the rail comes along it.</summary>
    private static bool FeedsIn((Id<Run> Id, Run Run, RunSide Side) run) => run.Run.End(run.Side).Feeds == Feeds.FeedsIn;

    private static RunEnd Far((Id<Run> Id, Run Run, RunSide Side) run) => run.Run.End(run.Side == RunSide.A ? RunSide.B : RunSide.A);

    private static void Put(RailDraft rail, string key, StopAt at, string? id, Id<Box>? from, Id<Run>? by, RunSide side) =>
        rail.Add(
            new(key, at, id, from is { } before ? RailDraft.KeyOf(before) : null, by, side, Brings.Unknown, false, [], false, [], null)
        );
}
