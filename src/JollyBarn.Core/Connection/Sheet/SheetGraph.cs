using JollyBarn.Wiring;

namespace JollyBarn.Connection.Sheet;

/// <summary>What a conductor has gone through on its way from the breaker.</summary>
internal enum Gone
{
    Straight,
    Switched,
    Traveler,
}

/// <summary>A step from one node to the next.</summary>
/// <param name="Into">The box it leads into from a cable; null for every other step.</param>
/// <param name="Turn">What a switch in between makes of it; null where there is none.</param>
internal readonly record struct Step(int To, int Into = -1, Gone? Turn = null);

/// <summary>An end of a conductor at a breaker.</summary>
/// <param name="Taken">Not followed: taken by the mark of its cable.</param>
internal readonly record struct Start(int Node, Id<Run> Run, RunSide Side, PanelEnd At, bool Taken);

/// <summary>Conductors of cables and pieces of boxes as nodes, and the steps between them.</summary>
internal sealed class SheetGraph
{
    private readonly Dictionary<(Id<Run> Run, RunSide Side), int> firstOf = [];
    private readonly Dictionary<Id<Run>, int> counts = [];
    private readonly List<Id<Run>> runOf = [];
    private readonly Dictionary<Id<Box>, (int First, BoxJoins Joins)> pieces = [];
    private readonly List<Step>[] steps;

    public SheetGraph(Job job)
    {
        var panels = PanelEnds.Of(job);
        var nodes = 0;
        foreach (var (id, run) in job.Runs)
        {
            var joins = RunJoins.Of(job, panels, id, run);
            (counts[id], firstOf[(id, RunSide.A)]) = (joins.Count, nodes);
            nodes += joins.Count;
            firstOf[(id, RunSide.B)] = run.IsCut ? nodes : firstOf[(id, RunSide.A)];
            nodes += run.IsCut ? joins.Count : 0;
            runOf.AddRange(Enumerable.Repeat(id, nodes - runOf.Count));
            Starts.AddRange(
                joins
                    .Lands.Where(l => l.At.What == Gives.Hot)
                    .Select(l => new Start(firstOf[(id, l.Side)] + l.Index, id, l.Side, l.At, Taken: false))
            );
            Starts.AddRange(
                joins
                    .Open.Where(o => o.End.Taken is { What: Gives.Hot })
                    .Select(o => new Start(firstOf[(id, o.Side)] + o.Index, id, o.Side, o.End.Taken!, Taken: true))
            );
        }

        foreach (var (id, box) in job.Boxes.Where(b => !b.Value.Binned))
        {
            var joins = BoxJoins.Of(job, id, box);
            pieces[id] = (nodes, joins);
            Boxes.Add(id);
            nodes += joins.Count;
        }

        steps = new List<Step>[nodes];
        for (var at = 0; at < Boxes.Count; at++)
        {
            Join(job, at);
        }
    }

    public List<Start> Starts { get; } = [];

    /// <summary>Boxes by their number, in the order of their ids.</summary>
    public List<Id<Box>> Boxes { get; } = [];

    public IReadOnlyList<Step> From(int node) => steps[node] ?? [];

    /// <summary>The conductors of one end of a cable, by their nodes.</summary>
    public IEnumerable<int> Conductors(Id<Run> run, RunSide side) => Enumerable.Range(firstOf[(run, side)], counts[run]);

    /// <summary>The cable a conductor is of, and the end of it that is in a box.</summary>
    public (Id<Run> Run, RunSide Side) EndAt(int conductor, Id<Box> box, Job job)
    {
        var run = runOf[conductor];
        return (run, job.Runs[run].SidesIn(box).First(s => conductor >= firstOf[(run, s)] && conductor < firstOf[(run, s)] + counts[run]));
    }

    /// <summary>True for an end that is one of the cable's conductors, in the box the record has it in.</summary>
    private bool Goes(Job job, int at, Id<Run> run, RunSide side, int index) =>
        counts.TryGetValue(run, out var count) && index < count && job.Runs[run].End(side).IsIn(Boxes[at]);

    private void Join(Job job, int at)
    {
        var (first, joins) = pieces[Boxes[at]];
        foreach (var (run, side, index, piece) in joins.Ends.Where(e => Goes(job, at, e.Run, e.Side, e.Index)))
        {
            var conductor = firstOf[(run, side)] + index;
            Add(conductor, new(first + piece, at));
            Add(first + piece, new(conductor));
        }

        foreach (var (from, to, _) in joins.Guarded)
        {
            Add(first + from, new(first + to));
            Add(first + to, new(first + from));
        }

        foreach (var device in joins.Switched.GroupBy(s => s.Switch))
        {
            Switch(first, [.. device]);
        }
    }

    /// <summary>What a switch joins: of a plain one all is switched; of a three-way what leads to its common, and the rest are
    /// travelers; of a four-way all are.</summary>
    private void Switch(int first, (int From, int To, Id<Device> Switch, bool WhenOn)[] ways)
    {
        var several = ways.Select(w => w.WhenOn).Distinct().Count() > 1;
        var meets = ways.SelectMany(w => new[] { w.From, w.To }).CountBy(p => p).ToDictionary();
        var common = several && meets.Count == 3 ? meets.MaxBy(m => m.Value).Key : -1;
        Gone Turn(int to) => several && to != common ? Gone.Traveler : Gone.Switched;
        foreach (var (from, to, _, _) in ways)
        {
            Add(first + from, new(first + to, -1, Turn(to)));
            Add(first + to, new(first + from, -1, Turn(from)));
        }
    }

    private void Add(int node, Step step) => (steps[node] ??= []).Add(step);
}
