using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection.Sheet;

/// <summary>Makes the rails of a job: first what the wiring shows, then what only a cable leads to.</summary>
internal sealed class SheetMaker(Job job)
{
    private readonly SheetGraph graph = new(job);
    private readonly Connected connected = Connected.Of(job);
    private Dictionary<string, SheetWalk> walks = [];

    public RunSheet Make()
    {
        var starts = graph.Starts.ToLookup(s => KeyOf(s.At));
        walks = starts.ToDictionary(s => s.Key, s => new SheetWalk(graph, s));
        var rails = Groups().Select(breakers => Rail(breakers, breakers.SelectMany(b => starts[b]))).ToList();
        var apart = new SheetStrays(job, rails).Place();
        var across = Across(rails).ToList();
        return new([.. rails.Select(r => r.Done())], apart, across);
    }

    /// <summary>Cables between two boxes that no stop comes by, and that no hot was followed into: said of their rail, or given where the
    /// two hang on different ones.</summary>
    private IEnumerable<SheetTie> Across(List<RailDraft> rails)
    {
        var drawn = rails.SelectMany(r => r.Stops.Select(s => s.By).OfType<Id<Run>>().Concat(r.Ties.Select(t => t.Run))).ToHashSet();
        foreach (var (id, run) in job.Runs.Where(r => !drawn.Contains(r.Key) && !r.Value.IsCut))
        {
            if (run.A.Box is not { } a || run.B.Box is not { } b || a == b)
            {
                continue;
            }

            var (one, two) = (RailDraft.KeyOf(a), RailDraft.KeyOf(b));
            if (rails.Find(r => r.Has(one) && r.Has(two)) is { } both)
            {
                both.Ties.Add(new(id, one, two, Brings.Unknown));
            }
            else if (rails.Exists(r => r.Has(one)) && rails.Exists(r => r.Has(two)))
            {
                yield return new(id, one, two, Brings.Unknown);
            }
        }
    }

    private static string KeyOf(PanelEnd end) => $"{end.Panel}/{end.Breaker}";

    /// <summary>Breakers in the order of the panel; those that share a cable on different conductors are one.</summary>
    private List<List<string>> Groups()
    {
        string[] all =
        [
            .. job.Panels.SelectMany(p => p.Value.Breakers.OrderBy(b => b.Slot).ThenBy(b => b.Lower).Select(b => BreakerKey.Of(p.Key, b))),
        ];
        var number = all.Select((b, i) => (b, i)).ToDictionary(x => x.b, x => x.i);
        var pieces = new Pieces(all.Length);
        foreach (var (id, run) in job.Runs.Where(r => r.Value.Conductors.Count > 2))
        {
            var by = graph
                .Conductors(id, RunSide.A)
                .Select(n =>
                    walks.Where(w => number.ContainsKey(w.Key) && w.Value.Of(n) is { Gone: Gone.Straight }).Select(w => w.Key).ToList()
                )
                .Where(keys => keys.Count == 1)
                .Select(keys => number[keys[0]])
                .Distinct()
                .ToList();
            foreach (var other in by.Skip(1))
            {
                pieces.Join(by[0], other);
            }
        }

        return [.. all.GroupBy(b => pieces.Root(number[b])).Select(g => g.ToList())];
    }

    private RailDraft Rail(List<string> breakers, IEnumerable<Start> starts)
    {
        var rail = new RailDraft(breakers[0], breakers);
        var walk = new SheetWalk(graph, starts);
        foreach (var (box, conductor) in walk.Entered.Select(e => (graph.Boxes[e.Box], e.Conductor)))
        {
            if (!rail.Has(RailDraft.KeyOf(box)))
            {
                rail.Add(Stop(rail, walk, box, conductor));
            }
        }

        foreach (var (id, run) in job.Runs)
        {
            Ends(rail, walk, id, run);
        }

        return rail;
    }

    private SheetStop Stop(RailDraft rail, SheetWalk walk, Id<Box> box, int conductor)
    {
        var (run, side) = graph.EndAt(conductor, box, job);
        var other = job.Runs[run].End(side == RunSide.A ? RunSide.B : RunSide.A);
        var from = other.Box is { } before && rail.Has(RailDraft.KeyOf(before)) ? RailDraft.KeyOf(before) : null;
        return Told(rail, walk, RailDraft.KeyOf(box), StopAt.Box, box, from, run, side, conductor);
    }

    private SheetStop Told(
        RailDraft rail,
        SheetWalk walk,
        string key,
        StopAt at,
        string? id,
        string? from,
        Id<Run> run,
        RunSide side,
        int conductor
    )
    {
        var nodes = graph.Conductors(run, side).ToList();
        var point = Points.End(run, side, conductor - nodes[0]);
        var near = at == StopAt.Box ? id : from?[2..];
        var nearSide =
            at == StopAt.Box ? side
            : side == RunSide.A ? RunSide.B
            : RunSide.A;
        var wire = near is null ? Wire.Nothing : connected.In(near).At(Points.End(run, nearSide, conductor - nodes[0]));
        return new(
            key,
            at,
            id,
            from,
            run,
            side,
            BringsOf(walk, nodes),
            walk.Of(conductor)?.Seen ?? false,
            wire.Behind,
            false,
            [.. rail.Breakers.Where(b => walks.TryGetValue(b, out var own) && nodes.Exists(n => own.Of(n) is not null))],
            point
        );
    }

    private static Brings BringsOf(SheetWalk walk, IEnumerable<int> conductors)
    {
        var gone = conductors.Select(n => walk.Of(n)?.Gone).OfType<Gone>().ToList();
        return gone.Count == 0 ? Brings.Unknown
            : gone.Contains(Gone.Straight) ? Brings.Feed
            : gone.Contains(Gone.Traveler) ? Brings.Travelers
            : Brings.Switched;
    }

    /// <summary>The ends of a cable that are no box, where its hots go on to them; and cables that join two stops besides.</summary>
    private void Ends(RailDraft rail, SheetWalk walk, Id<Run> id, Run run)
    {
        foreach (var side in new[] { RunSide.A, RunSide.B })
        {
            var (end, other) = (run.End(side), run.End(side == RunSide.A ? RunSide.B : RunSide.A));
            var hot = graph.Conductors(id, side).Cast<int?>().FirstOrDefault(n => walk.Of(n!.Value) is not null);
            var started = graph.Starts.Exists(s => s.Run == id && s.Side == side && rail.Breakers.Contains(KeyOf(s.At)));
            if (hot is not { } conductor || started || end.IsBox)
            {
                continue;
            }

            var from = other.Box is { } before && rail.Has(RailDraft.KeyOf(before)) ? RailDraft.KeyOf(before) : null;
            var at =
                end.At == EndAt.Load ? StopAt.Load
                : end.At == EndAt.Panel ? StopAt.Panel
                : StopAt.Somewhere;
            var panel = at == StopAt.Panel ? end.Id : null;
            rail.Add(Told(rail, walk, RailDraft.KeyOf(id, side), at, panel, from, id, side, conductor));
        }

        if (run.A.Box is { } a && run.B.Box is { } b && a != b && !run.IsCut)
        {
            var (one, two) = (RailDraft.KeyOf(a), RailDraft.KeyOf(b));
            var brings = BringsOf(walk, graph.Conductors(id, RunSide.A));
            if (brings != Brings.Unknown && rail.Has(one) && rail.Has(two) && !rail.Stops.Exists(s => s.By == id))
            {
                rail.Ties.Add(new(id, one, two, brings));
            }
        }
    }
}
