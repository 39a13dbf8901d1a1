using System.Runtime.CompilerServices;
using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>How a circuit reaches one outlet, hot as in long use.</summary>
/// <param name="Box">Box and device of the outlet, and its half.</param>
/// <param name="Ohms">Out and back from the panel, Ω; null where hot or neutral does not reach it.</param>
/// <param name="FaultAmperes">Current of hot held to ground there, A; null where hot or ground does not reach it.</param>
/// <param name="Guards">Keys of what watches it for ground faults, here or upstream.</param>
/// <param name="Over">Runs its current goes over, out, back or by the ground.</param>
public sealed record OutletWay(
    string Box,
    string Device,
    string Half,
    double? Ohms,
    double? FaultAmperes,
    IReadOnlyList<string> Guards,
    IReadOnlyList<string> Over
)
{
    /// <summary>Box and device as one name.</summary>
    public string Of => $"{Box}/{Device}";

    /// <summary>Its device, for a verdict to name.</summary>
    public Thing Thing => Thing.Device(Device, Box);
}

/// <summary>A circuit as the network it is part of: its own cables and boxes, and whatever goes on from them.</summary>
public sealed class CircuitWiring
{
    private static readonly ConditionalWeakTable<ById<Run>, ILookup<string, string>> RunsInBoxes = [];

    private readonly Job job;
    private readonly string circuit;
    private readonly HashSet<string> runs;
    private readonly HashSet<string> boxes;
    private readonly Lazy<Job> part;
    private readonly Lazy<Live> wires;

    private CircuitWiring(Job job, string circuit, HashSet<string>? inBoxes = null)
    {
        (this.job, this.circuit) = (job, circuit);
        boxes = inBoxes ?? new(StringComparer.Ordinal);
        runs = inBoxes is not null
            ? [.. job.Runs.Ids]
            : job.Runs.Where(r => r.Value.Circuit == circuit).Select(r => r.Key).ToHashSet(StringComparer.Ordinal);
        part = new(() =>
            job with
            {
                Runs = job.Runs.Each((id, run) => runs.Contains(id) ? run : null),
                Boxes = job.Boxes.Each((id, box) => boxes.Contains(id) ? box : null),
            }
        );
        wires = new(() => Live.Fresh(Part, Wires()));
    }

    /// <summary>The part of the job the circuit reaches: its runs, the boxes they end in, every run in those, and on along runs of no
    /// recorded circuit.</summary>
    public static CircuitWiring Of(Job job, string circuit)
    {
        var found = new CircuitWiring(job, circuit);
        var inBoxes = RunsInBoxes.GetValue(job.Runs, all =>
            all.SelectMany(r => Ends(r.Value).Select(b => (Box: b, Run: r.Key))).ToLookup(x => x.Box, x => x.Run, StringComparer.Ordinal)
        );
        var ahead = new Queue<string>(found.runs);
        while (ahead.Count > 0)
        {
            var run = job.Runs[ahead.Dequeue()];
            foreach (
                var box in run.Circuit is null || run.Circuit == circuit
                    ? Ends(run).Where(b => job.Boxes.Find(b) is { Binned: false } && found.boxes.Add(b))
                    : []
            )
            {
                foreach (var next in inBoxes[box].Where(found.runs.Add))
                {
                    ahead.Enqueue(next);
                }
            }
        }

        return found;
    }

    /// <summary>The job with only the boxes and runs that are in it.</summary>
    public Job Part => part.Value;

    /// <summary>The records of those boxes and runs.</summary>
    public IEnumerable<object> Records =>
        [.. runs.Order(StringComparer.Ordinal).Select(r => job.Runs[r]), .. boxes.Order(StringComparer.Ordinal).Select(b => job.Boxes[b])];

    /// <summary>True when runs of other circuits, or of none that is recorded, meet it in a box.</summary>
    public bool Mixed => runs.Any(r => job.Runs[r].Circuit != circuit);

    /// <summary>Runs on the way to an outlet that nobody measured, gauged or followed to where they come from.</summary>
    public IReadOnlyList<string> Open(OutletWay way) =>
        [
            .. way.Over.Where(r =>
                Part.Runs[r] is var run
                && (run.Length.OrNull is null || (run.Gauge is null && run.Conductors.Any(c => c.Gauge is null)) || ComesFromUnknown(run))
            ),
        ];

    /// <summary>True when no cable of it comes from where nobody has looked.</summary>
    public bool Followed => !Part.Runs.Values.Any(ComesFromUnknown);

    /// <summary>Every receptacle that hangs on the circuit, with its way from the panel.</summary>
    /// <param name="least">Count a cable nobody measured as having no length: no measurement can make the way shorter.</param>
    public IReadOnlyList<OutletWay> Ways(bool least = false)
    {
        var live = least ? Live.Fresh(Shortest(), Wires()) : wires.Value;
        var (hots, neutrals, grounds) = (
            Reached(live, Hots()),
            Reached(live, job.Panels.Ids.Select(Points.NeutralBar)),
            Reached(live, job.Panels.Ids.Select(Points.GroundBar))
        );
        var guarded = Guarded(live, hots);
        var volts = live.Set(ElectricsBook.LegVolts);
        var ways = new List<OutletWay>();
        foreach (var (box, device, half, hot) in Faces(live).Where(f => hots.Contains(f.Hot)))
        {
            var (neutral, ground) = (Points.Face(box, device, half + "neutral"), Points.Face(box, device, half + "ground"));
            var over = new SortedSet<string>(StringComparer.Ordinal);
            double? ohms = neutrals.Contains(neutral)
                ? Math.Max(0, Loop(live, hot, neutral, over) - live.Set(ElectricsBook.SourceOhms))
                : null;
            double? fault = grounds.Contains(ground) ? volts / Loop(live, hot, ground, over) : null;
            ways.Add(new(box, device, half, ohms, fault, [.. guarded.Where(g => g.Value.Contains(hot)).Select(g => g.Key)], [.. over]));
        }

        return ways;
    }

    /// <summary>A guard as people call it.</summary>
    public string GuardName(string key) =>
        key.Split(':') is ["gfci", var at] && at.Split('/') is [var box, _]
            ? $"the protective receptacle of {Part.Boxes.Find(box)?.Name}"
            : "its breaker";

    /// <summary>Ω of a way if every run it goes over were one gauge thicker; null where one of them is as thick as they come
    /// here.</summary>
    public double? Thicker(OutletWay way)
    {
        var next = new Dictionary<int, int>
        {
            [14] = 12,
            [12] = 10,
            [10] = 8,
            [8] = 6,
        };
        Gauge? Step(Gauge? gauge) => gauge is { } g && next.TryGetValue(g.Number, out var thicker) ? Gauge.Awg(thicker) : null;
        if (way.Over.Any(r => Step(Part.Runs[r].Gauge) is null))
        {
            return null;
        }

        var thick = Part with
        {
            Runs = Part.Runs.Each(
                (id, run) =>
                    way.Over.Contains(id)
                        ? run with
                        {
                            Gauge = Step(run.Gauge),
                            Conductors = [.. run.Conductors.Select(c => c with { Gauge = null })],
                        }
                        : run
            ),
        };
        return new CircuitWiring(thick, circuit, boxes).Ways().FirstOrDefault(w => w.Of == way.Of && w.Half == way.Half)?.Ohms;
    }

    /// <summary>Runs a hot of the circuit reaches, through switches either way.</summary>
    public IReadOnlySet<string> Reaches()
    {
        var hots = wires.Value.Plan.Reach(Hots(), l => (l.Conducts && l.Kind != LinkKind.Bond) || l.Kind == LinkKind.Switch);
        return Part
            .Runs.Where(r =>
                Enumerable
                    .Range(0, r.Value.Conductors.Count)
                    .Any(i => hots.Contains(Points.End(r.Key, RunSide.A, i)) || hots.Contains(Points.End(r.Key, RunSide.B, i)))
            )
            .Select(r => r.Key)
            .ToHashSet(StringComparer.Ordinal);
    }

    /// <summary>Other circuits whose conductors of this use are joined to this one's, the panel apart.</summary>
    public IReadOnlySet<string> JoinedTo(ConductorUse use)
    {
        var others = runs.Where(r => job.Runs[r].Circuit is { } other && other != circuit).ToHashSet(StringComparer.Ordinal);
        if (others.Count == 0)
        {
            return others;
        }

        static bool Outside(Link l) => l.Conducts && l.Kind is not (LinkKind.Bond or LinkKind.Breaker) && !AtBar(l.From) && !AtBar(l.To);
        var joined = wires.Value.Plan.Reach(Conductors(r => job.Runs[r].Circuit == circuit, use).Select(c => c.Point), Outside);
        return Conductors(others.Contains, use)
            .Where(c => joined.Contains(c.Point))
            .Select(c => job.Runs[c.Run].Circuit!)
            .ToHashSet(StringComparer.Ordinal);
    }

    /// <summary>Runs whose conductors carry more one way than back when its outlets are in use: hot and neutral went by different ways. A,
    /// by run.</summary>
    public IReadOnlyDictionary<string, double> OneSided()
    {
        // Where something is not recorded it may carry the rest; along a tree with one root there is one way only.
        var between = Part.Runs.Values.Count(r => r.A.IsBox && r.B.IsBox);
        if (!Complete || (!Mixed && between < boxes.Count && Part.Runs.Values.Count(ComesFromSupply) < 2))
        {
            return new Dictionary<string, double>();
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
        var found = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var (id, run) in Part.Runs.Where(r => r.Value.Circuit == circuit))
        {
            var sum = Enumerable
                .Range(0, run.Conductors.Count)
                .Select(i => live.Plan.Find(RunPlan.Wire(id, i)))
                .OfType<Link>()
                .Select(live.Amperes)
                .Aggregate(System.Numerics.Complex.Zero, (a, b) => a + b)
                .Magnitude;
            var ground =
                RunPlan.GroundIndex(run) is { } g && live.Plan.Find(RunPlan.Wire(id, g)) is { } wire ? live.Amperes(wire).Magnitude : 0;
            if (sum > clear && ground < clear)
            {
                found[id] = sum;
            }
        }

        return found;
    }

    /// <summary>Ω between two points, and the runs a current between them goes over.</summary>
    private double Loop(Live live, string a, string b, SortedSet<string> over)
    {
        const double some = 1e-3;
        var response = live.Solved.RespondTo(live.At(a), live.At(b));
        foreach (var (id, run) in Part.Runs)
        {
            for (var i = 0; i <= run.Conductors.Count && !over.Contains(id); i++)
            {
                if (
                    live.Plan.Find(RunPlan.Wire(id, i)) is { } wire
                    && ((response[live.At(wire.From)] - response[live.At(wire.To)]) / wire.Ohms).Magnitude > some
                )
                {
                    over.Add(id);
                }
            }
        }

        return (response[live.At(a)] - response[live.At(b)]).Magnitude;
    }

    private static IEnumerable<string> Ends(Run run) => new[] { run.A, run.B }.Where(e => e.At == EndAt.Box).Select(e => e.Id!);

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

    private Job Shortest() =>
        Part with
        {
            Practice = job.Practice.With(ElectricsBook.UnknownFeet.Key, "0"),
            Runs = Part.Runs.Each((_, run) => run.Gauge is null ? run with { Length = Fact<Length>.Unknown } : run),
        };

    private Dictionary<string, bool> AllOn() =>
        job
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => $"{p.Key}/{b.Key}"))
            .Distinct()
            .ToDictionary(k => k, _ => true, StringComparer.Ordinal);

    private IEnumerable<string> Hots() =>
        job.Panels.SelectMany(p =>
            p.Value.Breakers.Where(b => b.Circuit == circuit)
                .SelectMany(b => Enumerable.Range(0, b.Poles).Select(i => Points.Pole(p.Key, b.Key, i)))
        );

    private static Reached Reached(Live live, IEnumerable<string> from) =>
        live.Plan.Reach(from, l => l.Conducts && l.Kind is not (LinkKind.Bond or LinkKind.Breaker));

    /// <summary>What each guard that watches for ground faults cuts off when it opens.</summary>
    private Dictionary<string, Reached> Guarded(Live live, Reached hots)
    {
        var found = new Dictionary<string, Reached>(StringComparer.Ordinal);
        foreach (var guard in live.Plan.Guards.Where(g => g.ClassA))
        {
            if (guard.Supply is not { } supply)
            {
                // A breaker watches all that hangs on its own poles.
                if (Hots().Any(p => guard.Links.Any(l => l.To == p)))
                {
                    found[guard.Key] = hots;
                }

                continue;
            }

            var left = live.Plan.Reach(Hots(), l => l.Conducts && l.Kind is not (LinkKind.Bond or LinkKind.Breaker) && !guard.Has(l));
            // One fed at its load side senses nothing of its face and cannot be reset.
            if (left.Contains(supply.Hot))
            {
                found[guard.Key] = hots.Except(left);
            }
        }

        return found;
    }

    private IEnumerable<(string Box, string Device, string Half, string Hot)> Faces(Live live) =>
        from box in Part.Boxes
        from device in box.Value.Devices.Ids
        from half in new[] { "", "upper", "lower" }
        let hot = Points.Face(box.Key, device, half + "hot")
        where live.Has(hot)
        select (box.Key, device, half, hot);

    private IEnumerable<(string Run, string Point)> Conductors(Func<string, bool> of, ConductorUse use) =>
        from run in Part.Runs
        where of(run.Key)
        from i in Enumerable.Range(0, run.Value.Conductors.Count)
        where Uses.Seen(Part, run.Key, run.Value, i) == use
        from side in new[] { RunSide.A, RunSide.B }
        select (run.Key, Points.End(run.Key, side, i));
}
