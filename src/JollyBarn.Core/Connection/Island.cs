using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>Boxes that cables join to each other, and what is connected in them.</summary>
/// <remarks>Built of the links the network is built of, breakers on. Pieces end at the panel: two neutrals that meet on its bar are two
/// pieces that land there, so that what is joined at panels alone is apart.</remarks>
internal sealed class Island
{
    private readonly PanelEnds panels;
    private readonly List<(Id<Box> Id, BoxJoins Joins, int First)> boxes = [];
    private readonly Dictionary<Id<Box>, int> boxAt;
    private readonly List<(Id<Run> Id, Run Run, RunJoins Joins, int First)> runs = [];
    private readonly BoxWires?[] seen;
    private readonly Dictionary<Id<Run>, int> runAt;
    private readonly Marks marks = new();
    private readonly Lazy<Around> around;
    private readonly List<(int From, int To, GuardKey Guard)> guards = [];
    private readonly int nodes;
    private readonly Pieces apart;
    private readonly Labels always;
    private readonly Labels switched;
    private readonly Behind behind;
    private readonly Lazy<Controls> controls;
    private readonly Dictionary<(int Always, int Switched, int Apart), Wire> told = [];
    private readonly Lock guard = new();

    public Island(PanelEnds panels, IslandParts parts)
    {
        (this.panels, Parts) = (panels, parts);
        (boxAt, runAt) = (new(parts.Boxes.Count), new(parts.Runs.Count));
        foreach (var (id, run, joins) in parts.Runs)
        {
            runAt[id] = runs.Count;
            runs.Add((id, run, joins, nodes));
            nodes += run.IsCut ? 2 * joins.Count : joins.Count;
        }

        seen = new BoxWires?[parts.Boxes.Count];
        foreach (var (id, joins) in parts.Boxes)
        {
            guards.AddRange(joins.Guarded.Select(g => (nodes + g.From, nodes + g.To, g.Guard)));
            boxAt[id] = boxes.Count;
            boxes.Add((id, joins, nodes));
            nodes += joins.Count;
        }

        Mark();
        around = new(() => new(nodes, Edges(), marks));
        var lines = boxes.SelectMany(b => b.Joins.Lines.Select(l => (l.Guard, b.First + l.Hot, b.First + l.Neutral))).ToList();
        var wires = Wires();
        var turned = Turned(wires.Copy());
        apart = turned;
        behind = new(Labelled(turned), guards, lines);
        always = Labelled(Guarded(wires));
        switched = Labelled(Guarded(turned.Copy()));
        controls = new(() => new(always, switched, Switches(), Outlets()));
    }

    public IslandParts Parts { get; }

    /// <summary>What the points of one box reach.</summary>
    public BoxWires In(Id<Box> id)
    {
        var at = boxAt[id];
        lock (guard)
        {
            var (_, joins, first) = boxes[at];
            return seen[at] ??= new(id, joins, [.. Enumerable.Range(first, joins.Count).Select(At)], behind.BackFed, Working(id, joins));
        }
    }

    /// <summary>What comes to a box by each conductor that ends in it, with nothing in the box joined.</summary>
    public Comings Coming(Id<Box> id)
    {
        var (_, joins, own) = boxes[boxAt[id]];
        var count = joins.Count;
        return new(
            joins
                .Ends.Where(e => runAt.TryGetValue(e.Run, out var run) && e.Index < runs[run].Joins.Count)
                .Select(e => new Coming(
                    e.Run,
                    e.Side,
                    e.Index,
                    around.Value.From(Node(e.Run, e.Side, e.Index)!.Value, n => n >= own && n < own + count)
                ))
        );
    }

    /// <summary>The node of one end of a conductor: of a cable that is cut through, the ends are apart. Null where there is no such
    /// conductor.</summary>
    private int? Node(Id<Run> run, RunSide side, int index) =>
        runAt.TryGetValue(run, out var at) && index < runs[at].Joins.Count
            ? runs[at].First + index + (side == RunSide.B && runs[at].Run.IsCut ? runs[at].Joins.Count : 0)
            : null;

    private Wire At(int node)
    {
        var key = (always.Pieces.Root(node), switched.Pieces.Root(node), apart.Root(node));
        return told.TryGetValue(key, out var wire) ? wire : told[key] = Tell(node);
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

    /// <summary>What each switch of a box does.</summary>
    private (Id<Device>, SwitchWork)[] Working(Id<Box> id, BoxJoins joins) =>
        joins.Switched.Length == 0 ? [] : [.. joins.Switched.Select(s => s.Switch).Distinct().Select(d => (d, controls.Value.Of(id, d)))];

    private List<SwitchEdge> Switches() =>
        [
            .. boxes.SelectMany(b =>
                b.Joins.Switched.Select(s => new SwitchEdge(b.First + s.From, b.First + s.To, b.Id, s.Switch, s.WhenOn))
            ),
        ];

    /// <summary>Pieces that something hangs on, or may: what takes current, and cables that go on to where nobody looked.</summary>
    private List<int> Outlets()
    {
        static bool Somewhere(RunEnd end) => end.At is EndAt.Box or EndAt.Panel;
        return
        [
            .. boxes.SelectMany(b => b.Joins.Outlets.Select(o => b.First + o)),
            .. runs.Where(r => !Somewhere(r.Run.A) || !Somewhere(r.Run.B))
                .SelectMany(r => Enumerable.Range(r.First, r.Joins.Count * (r.Run.IsCut ? 2 : 1))),
        ];
    }

    /// <summary>Conductors of runs with the pieces of boxes they end in; what switches and protection join is apart.</summary>
    private Pieces Wires()
    {
        var pieces = new Pieces(nodes);
        foreach (var (from, to) in WireEdges())
        {
            pieces.Join(from, to);
        }

        return pieces;
    }

    private IEnumerable<(int From, int To)> WireEdges()
    {
        foreach (var (_, joins, first) in boxes)
        {
            foreach (var (run, side, index, piece) in joins.Ends)
            {
                if (Node(run, side, index) is { } node)
                {
                    yield return (node, first + piece);
                }
            }
        }
    }

    /// <summary>Everything that joins two nodes, switches either way and protection closed.</summary>
    private IEnumerable<(int From, int To)> Edges() =>
        WireEdges()
            .Concat(boxes.SelectMany(b => b.Joins.Switched.Select(s => (b.First + s.From, b.First + s.To))))
            .Concat(guards.Select(g => (g.From, g.To)));

    private Pieces Turned(Pieces pieces)
    {
        foreach (var (_, joins, first) in boxes)
        {
            foreach (var (from, to, _, _) in joins.Switched)
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

    private Labels Labelled(Pieces pieces) => new(pieces, marks);

    /// <summary>Where conductors land, where the record stops, and the boxes conductors go between.</summary>
    private void Mark()
    {
        var ended = new bool[2 * nodes];
        foreach (var (id, joins, first) in boxes)
        {
            foreach (var (run, side, index, _) in joins.Ends)
            {
                if (Node(run, side, index) is { } node)
                {
                    ended[(2 * node) + (side == RunSide.A ? 0 : 1)] = true;
                    marks.Spans.Add((node, id));
                }
            }

            foreach (var (piece, end) in joins.Open)
            {
                marks.Open.Add((first + piece, end));
            }
        }

        foreach (var (id, run, joins, first) in runs)
        {
            var apart = run.IsCut ? joins.Count : 0;
            foreach (var (side, index, at) in joins.Lands)
            {
                marks.Lands.Add((first + index + (side == RunSide.B ? apart : 0), at));
            }

            foreach (var (side, index, end) in joins.Open)
            {
                marks.Open.Add((first + index + (side == RunSide.B ? apart : 0), end));
            }

            // An end in a box that has no lead for it, or that is no more: nobody knows where it goes.
            for (var i = 0; i < joins.Count; i++)
            {
                if (run.A.IsBox && !ended[2 * (first + i)])
                {
                    marks.Open.Add((first + i, new(OpenKind.FarEnd, id, RunSide.A)));
                }

                if (run.B.IsBox && !ended[(2 * (first + apart + i)) + 1])
                {
                    marks.Open.Add((first + apart + i, new(OpenKind.FarEnd, id, RunSide.B)));
                }
            }
        }
    }
}
