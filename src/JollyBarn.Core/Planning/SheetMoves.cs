using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>What drawing from one thing of the run sheet to another may mean.</summary>
public enum SheetMove
{
    /// <summary>A new cable between two boxes, or from a breaker to a box.</summary>
    NewCable,

    /// <summary>The cable a stop comes by is pulled out of the box before it, and brought into another.</summary>
    ComesFrom,

    /// <summary>An end nobody had followed is in that box.</summary>
    EndsThere,

    /// <summary>A stop, and all behind it, hangs on another breaker.</summary>
    ToBreaker,
}

/// <summary>A thing of the run sheet.</summary>
/// <param name="Rail">Key of its rail.</param>
/// <param name="Stop">Key of the stop; null for the head of the rail, its breaker.</param>
public sealed record SheetSpot(string Rail, string? Stop = null);

/// <summary>Somebody drew from one thing of the run sheet to another.</summary>
/// <param name="Run">Id of a new cable, and what ids of new entries and of a new circuit begin with.</param>
/// <param name="Cable">What a new cable would be; like the one at hand when null.</param>
public sealed record SheetDraw(SheetSpot From, SheetSpot To, Id<Run> Run, CableSpec? Cable = null);

/// <summary>One thing it may mean, as one edit.</summary>
/// <param name="Why">Why it cannot be done; null where it can.</param>
public sealed record SheetWay(SheetMove Move, Batch Edit, Refusal? Why);

/// <summary>What a gesture on the run sheet may mean, each as one edit that undoes in one step.</summary>
public static class SheetMoves
{
    private static readonly CableSpec Usual = new(CableType.NmB, 2, GroundKind.Bare, Measures.Gauge.Awg(12));

    /// <summary>Every meaning it may have, likeliest first; none where it can mean nothing.</summary>
    public static IReadOnlyList<SheetWay> Of(Job job, SheetDraw draw)
    {
        ArgumentNullException.ThrowIfNull(draw);
        var sheet = RunSheet.Of(job);
        if (Find(sheet, draw.From) is not { } from || Find(sheet, draw.To) is not { } to || from == to)
        {
            return [];
        }

        return
        [
            .. Ways(new(job, draw, from, to))
                .Select(w => new SheetWay(w.Move, w.Edit, Shared(w.Move, from, to) ?? w.Edit.Check(job)))
                .OrderBy(w => w.Why is not null),
        ];
    }

    /// <summary>Hots that share a neutral land on breakers of their own each: which on which, a stroke of the hand does not say.</summary>
    private static Refusal? Shared(SheetMove move, Spot from, Spot to) =>
        move == SheetMove.ToBreaker
        && ((from.Stop ?? to.Stop)?.Breakers.Count > 1 || (from.Stop is null ? from : to).Rail.Breakers.Count > 1)
            ? new(Why.SharesNeutral, "to")
            : null;

    private static IEnumerable<(SheetMove Move, Batch Edit)> Ways(Drawing d) =>
        (d.From.Stop, d.To.Stop) switch
        {
            (null, null) => [],
            (null, { } stop) => [.. ToBreaker(d, d.To, stop, d.From), .. FromBreaker(d, stop, d.From)],
            ({ } stop, null) => [.. ToBreaker(d, d.From, stop, d.To), .. FromBreaker(d, stop, d.To)],
            ({ At: StopAt.Somewhere } end, { At: StopAt.Box } box) => EndsThere(d, end, box),
            ({ At: StopAt.Box } box, { At: StopAt.Somewhere } end) => EndsThere(d, end, box),
            ({ At: StopAt.Box } one, { At: StopAt.Box } other) => [.. NewCable(d, one, other), .. ComesFrom(d, one, other)],
            _ => [],
        };

    private static IEnumerable<(SheetMove, Batch)> NewCable(Drawing d, SheetStop from, SheetStop to)
    {
        Id<Box> there = from.Id!,
            here = to.Id!;
        List<Edit> edits =
        [
            new AddCable(there, d.Draw.Run, d.Entry("out"), d.Cable(from), EntrySide.Bottom, Feeds: Feeds.FeedsOn),
            new ConnectRun(here, d.Draw.Run, RunSide.B, d.Entry("in"), Feeds: Feeds.FeedsIn),
        ];
        if (d.Circuit(d.From.Rail) is { } circuit)
        {
            edits.Add(new SetRun(d.Draw.Run, Circuit: circuit));
        }

        yield return (SheetMove.NewCable, new(edits, For: BatchFor.RunDrawn));
    }

    private static IEnumerable<(SheetMove, Batch)> FromBreaker(Drawing d, SheetStop stop, Spot head)
    {
        if (stop.At != StopAt.Box || Drawing.Panel(head.Rail) is not { } panel)
        {
            yield break;
        }

        var (circuit, made) = d.CircuitOf(head.Rail);
        yield return (
            SheetMove.NewCable,
            new(
                [
                    .. made,
                    new AddCable(stop.Id!, d.Draw.Run, d.Entry("in"), d.Cable(stop), Feeds: Feeds.FeedsIn),
                    new EndAtPanel(d.Draw.Run, RunSide.B, panel),
                    new SetRun(d.Draw.Run, Circuit: circuit),
                ],
                For: BatchFor.RunDrawn
            )
        );
    }

    private static IEnumerable<(SheetMove, Batch)> ComesFrom(Drawing d, SheetStop stop, SheetStop box)
    {
        if (stop.By is not { } run || d.Job.Runs.Find(run) is not { } cable || Behind(d.From.Rail, stop).Exists(s => s.Key == box.Key))
        {
            yield break;
        }

        var near = Other(stop.Side);
        Id<Box> to = box.Id!;
        Edit? moved = cable.End(near) switch
        {
            { Box: { } was } when was != to => new MoveRunEnd(was, run, near, to, d.Entry("moved"), EntrySide.Bottom),
            { At: EndAt.Unknown } => new ConnectRun(to, run, near, d.Entry("moved"), EntrySide.Bottom, Feeds: Feeds.FeedsOn),
            _ => null,
        };
        if (moved is not null)
        {
            yield return (
                SheetMove.ComesFrom,
                new([moved, .. OnCircuit(d, d.From.Rail, stop, d.Circuit(d.To.Rail))], For: BatchFor.RunMoved)
            );
        }
    }

    private static IEnumerable<(SheetMove, Batch)> EndsThere(Drawing d, SheetStop end, SheetStop box)
    {
        if (end.By is { } run)
        {
            yield return (
                SheetMove.EndsThere,
                new([new ConnectRun(box.Id!, run, end.Side, d.Entry("in"), Feeds: Feeds.FeedsIn)], For: BatchFor.RunFollowed)
            );
        }
    }

    /// <summary>Its cable lands on another breaker: pulled out of the box before it where it comes from one.</summary>
    private static IEnumerable<(SheetMove, Batch)> ToBreaker(Drawing d, Spot at, SheetStop stop, Spot head)
    {
        if (head.Rail.Key == at.Rail.Key || Drawing.Panel(head.Rail) is not { } panel || stop.By is not { } run)
        {
            yield break;
        }

        var near = Other(stop.Side);
        var end = d.Job.Runs[run].End(near);
        var (circuit, made) = d.CircuitOf(head.Rail);
        List<Edit> edits = [.. made];
        if (end.Box is { } box)
        {
            edits.Add(new RemoveCable(box, run));
        }
        else if (end.At == EndAt.Panel && end.Id != panel)
        {
            edits.Add(new LoseEnd(run, near));
        }

        if (end.At != EndAt.Panel || end.Id != panel)
        {
            edits.Add(new EndAtPanel(run, near, panel));
        }

        edits.AddRange(OnCircuit(d, at.Rail, stop, circuit));
        yield return (SheetMove.ToBreaker, new(edits, For: BatchFor.StopMoved));
    }

    /// <summary>The cable of a stop and all behind it said to be of a circuit, where they are said to be of another.</summary>
    private static IEnumerable<Edit> OnCircuit(Drawing d, Rail rail, SheetStop stop, Id<Circuit>? circuit)
    {
        var behind = Behind(rail, stop);
        var keys = behind.Select(s => s.Key).ToHashSet();
        var ties = rail.Ties.Where(t => keys.Contains(t.From) && keys.Contains(t.To)).Select(t => t.Run);
        return circuit is not { } of
            ? []
            : behind
                .Select(s => s.By)
                .OfType<Id<Run>>()
                .Concat(ties)
                .Distinct()
                .Where(r => d.Job.Runs[r].Circuit != of)
                .Select(r => new SetRun(r, Circuit: of));
    }

    /// <summary>A stop and every stop that comes from it.</summary>
    private static List<SheetStop> Behind(Rail rail, SheetStop stop)
    {
        var keys = new HashSet<string>(StringComparer.Ordinal) { stop.Key };
        // Each stop is given after the one it comes from.
        return [.. rail.Stops.Where(s => s.Key == stop.Key || (s.From is { } from && keys.Contains(from) && keys.Add(s.Key)))];
    }

    private static RunSide Other(RunSide side) => side == RunSide.A ? RunSide.B : RunSide.A;

    private static Spot? Find(RunSheet sheet, SheetSpot spot) =>
        sheet.Rails.FirstOrDefault(r => r.Key == spot.Rail) is not { } rail ? null
        : spot.Stop is null ? new(rail, null)
        : rail.Stops.FirstOrDefault(s => s.Key == spot.Stop) is { } stop ? new(rail, stop)
        : null;

    private sealed record Spot(Rail Rail, SheetStop? Stop);

    private sealed record Drawing(Job Job, SheetDraw Draw, Spot From, Spot To)
    {
        /// <summary>Id of a new entry.</summary>
        public string Entry(string which) => $"{Draw.Run}-{which}";

        /// <summary>What a new cable is: as asked, or like the one the stop comes by.</summary>
        public CableSpec Cable(SheetStop stop) => Draw.Cable ?? (Job.Runs.Find(stop.By) is { } like ? CableSpec.Like(like) : Usual);

        public static string? Panel(Rail rail) => rail.Breakers.Count > 0 ? BreakerKey.Read(rail.Breakers[0])?.Panel : null;

        public Id<Circuit>? Circuit(Rail rail) => rail.Breakers.Count == 0 ? null : Breaker(rail).Circuit;

        /// <summary>The circuit of the rail's first breaker; a new one, with the edits that make it, where it has none yet.</summary>
        public (Id<Circuit> Circuit, IEnumerable<Edit> Made) CircuitOf(Rail rail)
        {
            if (Circuit(rail) is { } there)
            {
                return (there, []);
            }

            var (id, panel, breaker) = ((Id<Circuit>)Entry("circuit"), Panel(rail)!, Breaker(rail));
            var held = Job.Panels[panel];
            return (
                id,
                [
                    new PutCircuit(id, new(breaker.Says ?? string.Join(", ", breaker.Slots), panel)),
                    new PutPanel(
                        panel,
                        held with
                        {
                            Breakers = [.. held.Breakers.Select(b => b == breaker ? b with { Circuit = id } : b)],
                        }
                    ),
                ]
            );
        }

        private Breaker Breaker(Rail rail) => BreakerKey.Find(Job, rail.Breakers[0])!.Value.Breaker;
    }
}
