using System.Runtime.CompilerServices;
using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What is joined inside one box, read from the links the network is built of: pieces that always hang together, and what switches
/// and protection join besides.</summary>
internal sealed class BoxJoins
{
    private static readonly ConditionalWeakTable<Box, BoxJoins> Kept = [];

    private readonly Id<Box> id;
    private readonly Run[] reads;
    private readonly Dictionary<string, int> points = new(StringComparer.Ordinal);

    private BoxJoins(Job job, Id<Box> id, Box box)
    {
        (this.id, reads) = (id, Read(job, box));
        var owner = new Owner(OwnerKind.Box, id);
        var (on, off) = (JobPlan.Read(job, Lying(id, box, true), owner), JobPlan.Read(job, Lying(id, box, false), owner));
        foreach (var (leadId, lead) in box.Leads)
        {
            Number(Points.Lead(id, leadId, lead));
        }

        foreach (var link in on.Links)
        {
            _ = (Number(link.From), Number(link.To));
        }

        var guarded = on.Guards.SelectMany(g => g.Links.Select(l => (l.Key, Guard: g.Key))).ToDictionary(g => g.Item1, g => g.Guard);
        var pieces = new Pieces(points.Count);
        var devices = Of(id, box);
        var (switched, watched) = (new List<(int, int, Id<Device>, bool)>(), new List<(int, int, GuardKey)>());
        foreach (var (link, other) in on.Links.Zip(off.Links))
        {
            var (from, to) = (points[link.From], points[link.To]);
            if (guarded.TryGetValue(link.Key, out var guard))
            {
                watched.Add((from, to, guard));
            }
            else if (link.Conducts && other.Conducts)
            {
                pieces.Join(from, to);
            }
            else if (link.Conducts || other.Conducts)
            {
                switched.Add((from, to, devices[link.From], link.Conducts));
            }
        }

        var numbers = new Dictionary<int, int>();
        int Piece(int point) => numbers.TryGetValue(pieces.Root(point), out var n) ? n : numbers[pieces.Root(point)] = numbers.Count;
        foreach (var point in points.Keys.ToList())
        {
            points[point] = Piece(points[point]);
        }

        Count = numbers.Count;
        int Numbered(int point) => numbers[pieces.Root(point)];
        Switched = [.. switched.Select(s => (Numbered(s.Item1), Numbered(s.Item2), s.Item3, s.Item4))];
        Outlets = [.. Hots(id, box).Where(points.ContainsKey).Select(h => points[h]).Distinct()];
        Guarded = [.. watched.Select(g => (numbers[pieces.Root(g.Item1)], numbers[pieces.Root(g.Item2)], g.Item3))];
        Lines =
        [
            .. on.Guards.Where(g => g.Supply is not null).Select(g => (g.Key, points[g.Supply!.Value.Hot], points[g.Supply.Value.Neutral])),
        ];
        Ends =
        [
            .. box
                .Leads.Where(l => l.Value.Run is not null)
                .Select(l => (l.Value.Run!.Value, l.Value.Side, l.Value.Index, points[Points.Lead(id, l.Key, l.Value)])),
            .. box
                .Leads.Where(l => l.Value.LeavesBy is not null)
                .SelectMany(l =>
                    Leaves(job, l.Value)
                        .Select(s => (l.Value.LeavesBy!.Value, s, l.Value.Index))
                        .Where(e => points.ContainsKey(Points.End(e.Item1, e.s, e.Index)))
                        .Select(e => (e.Item1, e.s, e.Index, points[Points.End(e.Item1, e.s, e.Index)]))
                ),
            .. BoxPlan.Sheaths(job, id, box).Select(s => (s.Run, s.Side, s.Index, points[Points.End(s.Run, s.Side, s.Index)])),
        ];
        Open =
        [
            .. box
                .Leads.Where(l => l.Value is { LeavesBy: null, Lands.At: LandingAt.Unknown })
                .Select(l => (points[Points.Lead(id, l.Key, l.Value)], new OpenEnd(OpenKind.Landing, Box: id, Lead: l.Key))),
            .. box.Contents == Contents.Complete
                ? []
                : Enumerable.Range(0, Count).Select(p => (p, new OpenEnd(OpenKind.Contents, Box: id))),
        ];
    }

    /// <summary>How many pieces there are.</summary>
    public int Count { get; }

    /// <summary>Pieces that a switch joins in one of its positions, on or the other.</summary>
    public (int From, int To, Id<Device> Switch, bool WhenOn)[] Switched { get; }

    /// <summary>Pieces that something taking current hangs on with its hot.</summary>
    public int[] Outlets { get; }

    /// <summary>Pieces that a protective device joins while it is not open.</summary>
    public (int From, int To, GuardKey Guard)[] Guarded { get; }

    /// <summary>The line side of each protective device: the pieces of its hot and its neutral.</summary>
    public (GuardKey Guard, int Hot, int Neutral)[] Lines { get; }

    /// <summary>Ends of cables with the piece each is part of.</summary>
    public (Id<Run> Run, RunSide Side, int Index, int Piece)[] Ends { get; }

    /// <summary>Where the record of the box stops.</summary>
    public (int Piece, OpenEnd End)[] Open { get; }

    public static BoxJoins Of(Job job, Id<Box> id, Box box)
    {
        if (Kept.TryGetValue(box, out var kept) && kept.id == id && Same(kept.reads, Read(job, box)))
        {
            return kept;
        }

        var made = new BoxJoins(job, id, box);
        Kept.AddOrUpdate(box, made);
        return made;
    }

    /// <summary>The piece a point is part of; null for a point the box does not have.</summary>
    public int? Piece(string point) => points.TryGetValue(point, out var piece) ? piece : null;

    /// <summary>Pieces as they hang together with protection closed, and with switches either way where asked.</summary>
    public Pieces Groups(bool turned)
    {
        var groups = new Pieces(Count);
        foreach (var (from, to, _) in Guarded)
        {
            groups.Join(from, to);
        }

        foreach (var (from, to, _, _) in turned ? Switched : [])
        {
            groups.Join(from, to);
        }

        return groups;
    }

    /// <summary>The devices of the box by the points of their terminals and leads.</summary>
    private static Dictionary<string, Id<Device>> Of(Id<Box> id, Box box) =>
        box
            .Devices.SelectMany(d =>
                (DeviceKinds.Find(d.Value.Kind)?.Points() ?? []).SelectMany(p =>
                    new[] { Points.Terminal(id, d.Key, p.Name), Points.Own(id, $"{d.Key}.{p.Name}") }.Select(at => (at, d.Key))
                )
            )
            .ToDictionary(p => p.at, p => p.Key, StringComparer.Ordinal);

    /// <summary>Points of the hots of what takes current, or gives it to a plug.</summary>
    private static IEnumerable<string> Hots(Id<Box> id, Box box) =>
        box.Devices.SelectMany(d =>
            (DeviceKinds.Find(d.Value.Kind)?.Inside ?? [])
                .Select(p =>
                    p switch
                    {
                        Slots s => s.Hot,
                        Draws w => w.Hot,
                        _ => null,
                    }
                )
                .OfType<string>()
                .SelectMany(name => new[] { Points.Terminal(id, d.Key, name), Points.Own(id, $"{d.Key}.{name}") })
        );

    private static Situation Lying(Id<Box> id, Box box, bool on) =>
        new()
        {
            Stray = false,
            Loads = false,
            Switches = Lever.In(id, box).ToDictionary(l => l.Key, _ => on, StringComparer.Ordinal),
        };

    private IEnumerable<RunSide> Leaves(Job job, Lead lead) => job.Runs.Find(lead.LeavesBy)?.SidesIn(id) ?? [];

    /// <summary>Runs it is read from besides the box: those that leads leave by, and those whose own metal is a ground.</summary>
    private static Run[] Read(Job job, Box box) =>
        [
            .. box
                .Leads.Values.SelectMany(l =>
                    new[] { job.Runs.Find(l.LeavesBy), job.Runs.Find(l.Run) is { Ground: GroundKind.Sheath } s ? s : null }
                )
                .OfType<Run>(),
        ];

    private static bool Same(Run[] a, Run[] b) => a.Length == b.Length && a.Zip(b).All(p => ReferenceEquals(p.First, p.Second));

    private int Number(string point) => points.TryGetValue(point, out var n) ? n : points[point] = points.Count;
}
