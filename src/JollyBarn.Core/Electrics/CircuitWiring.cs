using System.Runtime.CompilerServices;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>A circuit as the network it is part of: its own cables and boxes, and whatever goes on from them.</summary>
public sealed partial class CircuitWiring
{
    private static readonly ConditionalWeakTable<ById<Id<Run>, Run>, ILookup<Id<Box>, Id<Run>>> RunsInBoxes = [];

    private readonly Id<Circuit> circuit;
    private readonly Lazy<Job> part;
    private readonly Lazy<Live> wires;

    private CircuitWiring(Job whole, Id<Circuit> circuit, IReadOnlySet<Id<Run>> runs, IReadOnlySet<Id<Box>> boxes)
    {
        this.circuit = circuit;
        Records =
        [
            whole.Profile,
            whole.Practice,
            whole.Sources,
            whole.Panels,
            whole.Circuits,
            .. runs.Order().Select(r => whole.Runs[r]),
            .. boxes.Order().Select(b => whole.Boxes[b]),
        ];
        part = new(() =>
            Job.Blank(whole.Name) with
            {
                Profile = whole.Profile,
                Practice = whole.Practice,
                Sources = whole.Sources,
                Panels = whole.Panels,
                Circuits = whole.Circuits,
                Runs = whole.Runs.Each((id, run) => runs.Contains(id) ? run : null),
                Boxes = whole.Boxes.Each((id, box) => boxes.Contains(id) ? box : null),
            }
        );
        wires = new(() => Live.Fresh(Part, Wires()));
    }

    /// <summary>The part of the job the circuit reaches: its runs, the boxes they end in, every run in those, and on along runs of no
    /// recorded circuit.</summary>
    public static CircuitWiring Find(Job job, Id<Circuit> circuit)
    {
        var runs = job.Runs.Where(r => r.Value.Circuit == circuit).Select(r => r.Key).ToHashSet();
        var boxes = new HashSet<Id<Box>>();
        var inBoxes = RunsInBoxes.GetValue(job.Runs, all =>
            all.SelectMany(r => r.Value.Boxes.Select(b => (Box: b, Run: r.Key))).ToLookup(x => x.Box, x => x.Run)
        );
        var ahead = new Queue<Id<Run>>(runs);
        while (ahead.Count > 0)
        {
            var run = job.Runs[ahead.Dequeue()];
            foreach (
                var box in run.Circuit is null || run.Circuit == circuit
                    ? run.Boxes.Where(b => job.Boxes.Find(b) is { Binned: false } && boxes.Add(b))
                    : []
            )
            {
                foreach (var next in inBoxes[box].Where(runs.Add))
                {
                    ahead.Enqueue(next);
                }
            }
        }

        return new(job, circuit, runs, boxes);
    }

    /// <summary>The job with only the boxes and runs that are in it, the supply, the book and the practice.</summary>
    public Job Part => part.Value;

    /// <summary>The records that part is made of, and so all that anything said of it depends on.</summary>
    public IReadOnlyList<object> Records { get; }

    /// <summary>True when runs of other circuits, or of none that is recorded, meet it in a box.</summary>
    public bool Mixed => Part.Runs.Values.Any(r => r.Circuit != circuit);

    /// <summary>True when no cable of it comes from where nobody has looked.</summary>
    public bool Followed => !Part.Runs.Values.Any(ComesFromUnknown);

    /// <summary>Runs a hot of the circuit reaches, through switches either way.</summary>
    public IReadOnlySet<Id<Run>> Reaches()
    {
        var hots = wires.Value.Plan.Reach(Hots(), l => (l.Conducts && l.Kind != LinkKind.Bond) || l.Kind == LinkKind.Switch);
        return Part
            .Runs.Where(r =>
                Enumerable
                    .Range(0, r.Value.Conductors.Count)
                    .Any(i => hots.Contains(Points.End(r.Key, RunSide.A, i)) || hots.Contains(Points.End(r.Key, RunSide.B, i)))
            )
            .Select(r => r.Key)
            .ToHashSet();
    }

    /// <summary>Other circuits whose conductors of this use are joined to this one's, the panel apart.</summary>
    public IReadOnlySet<Id<Circuit>> JoinedTo(ConductorUse use)
    {
        var others = Part.Runs.Where(r => r.Value.Circuit is { } other && other != circuit).Select(r => r.Key).ToHashSet();
        if (others.Count == 0)
        {
            return new HashSet<Id<Circuit>>();
        }

        static bool Outside(Link l) => l.Conducts && l.Kind is not (LinkKind.Bond or LinkKind.Breaker) && !AtBar(l.From) && !AtBar(l.To);
        var joined = wires.Value.Plan.Reach(Conductors(r => Part.Runs[r].Circuit == circuit, use).Select(c => c.Point), Outside);
        return Conductors(others.Contains, use)
            .Where(c => joined.Contains(c.Point))
            .Select(c => Part.Runs[c.Run].Circuit!.Value)
            .ToHashSet();
    }

    /// <summary>Runs whose conductors carry more one way than back when its outlets are in use: hot and neutral went by different ways. A,
    /// by run.</summary>
    public IReadOnlyDictionary<Id<Run>, double> OneSided()
    {
        // Where something is not recorded it may carry the rest; along a tree with one root there is one way only.
        var between = Part.Runs.Values.Count(r => r.A.IsBox && r.B.IsBox);
        if (!Complete || (!Mixed && between < Part.Boxes.Count && Part.Runs.Values.Count(ComesFromSupply) < 2))
        {
            return new Dictionary<Id<Run>, double>();
        }

        const double watts = 120;
        const double clear = 0.2;
        var plugged = Part
            .Boxes.SelectMany(b => b.Value.Devices.Ids.Select(d => $"{b.Key}/{d}"))
            .ToDictionary(k => k, _ => watts, StringComparer.Ordinal);
        var live = Live.Fresh(
            Part,
            new Situation
            {
                Stray = false,
                Plugged = plugged,
                Breakers = AllOn(),
            }
        );
        var found = new Dictionary<Id<Run>, double>();
        foreach (var (id, run) in Part.Runs.Where(r => r.Value.Circuit == circuit))
        {
            var sum = Enumerable
                .Range(0, run.Conductors.Count)
                .Select(i => live.Plan.Find(LinkKeys.Wire(id, i)))
                .OfType<Link>()
                .Select(live.Amperes)
                .Aggregate(System.Numerics.Complex.Zero, (a, b) => a + b)
                .Magnitude;
            var ground =
                RunPlan.GroundIndex(run) is { } g && live.Plan.Find(LinkKeys.Wire(id, g)) is { } wire ? live.Amperes(wire).Magnitude : 0;
            if (sum > clear && ground < clear)
            {
                found[id] = sum;
            }
        }

        return found;
    }

    /// <summary>True for what is in a panel: its bars, and the screws of its breakers.</summary>
    private static bool AtBar(string point) =>
        point.StartsWith("neutral:", StringComparison.Ordinal)
        || point.StartsWith("ground:", StringComparison.Ordinal)
        || point.StartsWith("pole", StringComparison.Ordinal);

    /// <summary>True when everything in its boxes is recorded and every end followed: what carries no current then carries none.</summary>
    private bool Complete =>
        Part.Boxes.Values.All(b =>
            b.Contents == Contents.Complete && b.Leads.Values.All(l => l.Form != LeadForm.Ended || l.Lands.At != LandingAt.Unknown)
        );

    /// <summary>Every breaker on and no load: the wiring alone.</summary>
    private Situation Wires() =>
        new()
        {
            Stray = false,
            Loads = false,
            Breakers = AllOn(),
        };

    private static bool ComesFromSupply(Run run) => run.A.At == EndAt.Panel || run.B.At == EndAt.Panel || ComesFromUnknown(run);

    private static bool ComesFromUnknown(Run run) =>
        (run.A.At == EndAt.Unknown && run.B.Feeds == Feeds.FeedsIn) || (run.B.At == EndAt.Unknown && run.A.Feeds == Feeds.FeedsIn);

    private Dictionary<string, bool> AllOn() =>
        Part
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => BreakerKey.Of(p.Key, b)))
            .Distinct()
            .ToDictionary(k => k, _ => true, StringComparer.Ordinal);

    private IEnumerable<string> Hots() =>
        Part.Panels.SelectMany(p =>
            p.Value.Breakers.Where(b => b.Circuit == circuit)
                .SelectMany(b => Enumerable.Range(0, b.Poles).Select(i => Points.Pole(p.Key, b.Key, i)))
        );

    private static Reached Reached(Live live, IEnumerable<string> from) =>
        live.Plan.Reach(from, l => l.Conducts && l.Kind is not (LinkKind.Bond or LinkKind.Breaker));

    private IEnumerable<(Id<Run> Run, string Point)> Conductors(Func<Id<Run>, bool> of, ConductorUse use) =>
        from run in Part.Runs
        where of(run.Key)
        from i in Enumerable.Range(0, run.Value.Conductors.Count)
        where Uses.Seen(Part, run.Key, run.Value, i) == use
        from side in new[] { RunSide.A, RunSide.B }
        select (run.Key, Points.End(run.Key, side, i));
}
