using System.Runtime.CompilerServices;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What is connected in a job, over all its runs and boxes, three-valued: built of the links the network is built of, breakers
/// on.</summary>
/// <remarks>Pieces end at the panel: two neutrals that meet on its bar are two pieces that land there.</remarks>
public sealed class Connected
{
    private static readonly ConditionalWeakTable<Job, Connected> Kept = [];

    private readonly PanelEnds panels;
    private readonly List<(Id<Box> Id, BoxJoins Joins, int First)> boxes = [];
    private readonly Dictionary<Id<Box>, int> boxAt;
    private readonly List<(RunJoins Joins, int First)> runs = [];
    private readonly Dictionary<Id<Run>, int> runAt;
    private readonly List<(int Node, OpenEnd End)> loose = [];
    private readonly List<(int From, int To, GuardKey Guard)> guards = [];
    private readonly int nodes;
    private readonly Pieces apart;
    private readonly Labels always;
    private readonly Labels switched;
    private readonly Behind behind;
    private readonly Dictionary<(int Always, int Switched, int Apart), Wire> told = [];
    private readonly Lock guard = new();

    private Connected(Job job)
    {
        panels = PanelEnds.Of(job);
        (boxAt, runAt) = (new(job.Boxes.Count), new(job.Runs.Count));
        foreach (var (id, run) in job.Runs)
        {
            var joins = RunJoins.Of(job, panels, id, run);
            runAt[id] = runs.Count;
            runs.Add((joins, nodes));
            nodes += joins.Count;
        }

        foreach (var (id, box) in job.Boxes.Where(b => !b.Value.Binned))
        {
            var joins = BoxJoins.Of(job, id, box);
            guards.AddRange(joins.Guarded.Select(g => (nodes + g.From, nodes + g.To, g.Guard)));
            boxAt[id] = boxes.Count;
            boxes.Add((id, joins, nodes));
            nodes += joins.Count;
        }

        Nowhere(job);
        var lines = boxes.SelectMany(b => b.Joins.Lines.Select(l => (l.Guard, b.First + l.Hot, b.First + l.Neutral))).ToList();
        var wires = Wires(null);
        var turned = Turned(wires.Copy());
        apart = turned;
        behind = new(Labelled(turned), guards, lines);
        always = Labelled(Guarded(wires));
        switched = Labelled(Guarded(turned.Copy()));
    }

    public static Connected Of(Job job) => Kept.GetValue(job, j => new(j));

    /// <summary>What the points of one box reach.</summary>
    public BoxWires In(Id<Box> id) =>
        boxAt.TryGetValue(id, out var at) && boxes[at] is var (_, joins, first)
            ? new(id, joins, [.. Enumerable.Range(first, joins.Count).Select(At)], behind.BackFed)
            : BoxWires.None;

    /// <summary>What one conductor of a run reaches.</summary>
    public Wire At(Id<Run> run, int index) =>
        runAt.TryGetValue(run, out var at) && index < runs[at].Joins.Count ? At(runs[at].First + index) : Wire.Nothing;

    /// <summary>What comes to a box by each conductor that ends in it, with nothing in the box joined.</summary>
    public Comings Coming(Id<Box> id)
    {
        if (!boxAt.TryGetValue(id, out var at))
        {
            return Comings.None;
        }

        var labels = Labelled(Guarded(Turned(Wires(id))));
        return new(
            boxes[at]
                .Joins.Ends.Where(e => runAt.TryGetValue(e.Run, out var run) && e.Index < runs[run].Joins.Count)
                .Select(e => new Coming(e.Run, e.Side, e.Index, labels.Of(runs[runAt[e.Run]].First + e.Index)))
        );
    }

    private Wire At(int node)
    {
        lock (guard)
        {
            var key = (always.Pieces.Root(node), switched.Pieces.Root(node), apart.Root(node));
            return told.TryGetValue(key, out var wire) ? wire : told[key] = Tell(node);
        }
    }

    private Wire Tell(int node)
    {
        var reaches = switched.Of(node);
        var lands =
            reaches.At.Count > 0 ? reaches.At
            : reaches.Taken is { } taken ? [taken]
            : [];
        var what = lands.Any(e => e.What == Gives.Hot) ? Gives.Hot : Gives.Neutral;
        var breakers = lands.Where(e => e.What == what).Select(panels.Guard).Distinct().ToList();
        var guarding = behind.Of(node);
        return new(always.Of(node), reaches, breakers is [{ } breaker] ? [.. guarding, breaker] : guarding);
    }

    /// <summary>Conductors of runs with the pieces of boxes they end in; what switches and protection join is apart.</summary>
    /// <param name="without">A box in which nothing is joined.</param>
    private Pieces Wires(Id<Box>? without)
    {
        var pieces = new Pieces(nodes);
        foreach (var (id, joins, first) in boxes)
        {
            foreach (var (run, _, index, piece) in without == id ? [] : joins.Ends)
            {
                if (runAt.TryGetValue(run, out var at) && index < runs[at].Joins.Count)
                {
                    pieces.Join(runs[at].First + index, first + piece);
                }
            }
        }

        return pieces;
    }

    private Pieces Turned(Pieces pieces)
    {
        foreach (var (_, joins, first) in boxes)
        {
            foreach (var (from, to) in joins.Switched)
            {
                pieces.Join(first + from, first + to);
            }
        }

        return pieces;
    }

    private Pieces Guarded(Pieces pieces)
    {
        foreach (var (from, to, _) in guards)
        {
            pieces.Join(from, to);
        }

        return pieces;
    }

    private Labels Labelled(Pieces pieces)
    {
        var labels = new Labels(pieces);
        foreach (var (joins, first) in runs)
        {
            foreach (var (index, at) in joins.Lands)
            {
                labels.Lands(first + index, at);
            }

            foreach (var (index, end) in joins.Open)
            {
                labels.Open(first + index, end);
            }
        }

        foreach (var (id, joins, first) in boxes)
        {
            foreach (var (piece, end) in joins.Open)
            {
                labels.Open(first + piece, end);
            }

            for (var piece = 0; piece < joins.Count; piece++)
            {
                labels.Box(first + piece, id);
            }
        }

        foreach (var (node, end) in loose)
        {
            labels.Open(node, end);
        }

        return labels;
    }

    /// <summary>Ends of runs in boxes that have no lead for them, and in boxes that are no more: nobody knows where those go.</summary>
    private void Nowhere(Job job)
    {
        var ended = boxes.SelectMany(b => b.Joins.Ends.Select(e => (e.Run, e.Side, e.Index))).ToHashSet();
        foreach (var (id, run) in job.Runs)
        {
            var (joins, first) = runs[runAt[id]];
            foreach (var (side, end) in new[] { (RunSide.A, run.A), (RunSide.B, run.B) })
            {
                for (var i = 0; end.IsBox && i < joins.Count; i++)
                {
                    if (!ended.Contains((id, side, i)))
                    {
                        loose.Add((first + i, new(OpenKind.FarEnd, id, side)));
                    }
                }
            }
        }
    }
}
