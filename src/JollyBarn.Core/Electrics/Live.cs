using System.Numerics;
using System.Runtime.CompilerServices;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>What the model expects of a point. Never a proof: only a logged live–dead–live says proved dead.</summary>
public enum Expected
{
    /// <summary>Something it may go on to has not been looked at.</summary>
    Unknown,
    Live,
    Dead,

    /// <summary>A potential by stray coupling alone: a meter of high impedance shows it, and it drives next to nothing.</summary>
    Ghost,
}

/// <summary>A job as electricity in one situation: potentials of every point and currents of every link.</summary>
/// <remarks>The wiring of a job is built and solved once; a situation is solved by what it changes of that.</remarks>
public sealed class Live
{
    /// <summary>Above this against the earth a point is called live, V. <em>Practice</em>: 30 V in wet places, 50 V elsewhere.</summary>
    public const double LiveVolts = 30;

    /// <summary>Felt from, mA. IEC 60479-1, from memory: what drives less through anybody is no shock.</summary>
    public const double Felt = 0.5;

    /// <summary>The lowest of people from hand to foot, Ω. IEC 60479-1 at 120 V, 5 % of people, from memory.</summary>
    private const double LowestPerson = 1000;

    private static readonly ConditionalWeakTable<Job, Kept> AllKept = [];

    private readonly Built built;
    private readonly Lazy<Reached> uncertain;
    private readonly Lazy<Network> network;

    private Live(Job job, Situation now, LinkPlan plan, Built built)
    {
        (Job, Now, Plan, this.built) = (job, now, plan, built);
        Solved = plan.Plain ? built.Solved : built.Solved.Changed(built.Change(plan));
        (uncertain, network) = (new(Uncertain), new(() => plan.Plain ? built.Network : Whole(plan)));
    }

    public Job Job { get; }

    public Situation Now { get; }

    public LinkPlan Plan { get; }

    /// <summary>The network as it is now.</summary>
    public Network Network => network.Value;

    public Solved Solved { get; }

    /// <summary>The job as it stands in a situation, before anything opens by itself; by what the situation changes of how the job is
    /// recorded.</summary>
    public static Live Solve(Job job, Situation now) => Altered(job, now, AllKept.GetOrCreateValue(job).Of(job, now), []);

    /// <summary>The same of a job that differs little from one that is solved.</summary>
    public static Live After(Job before, Job after, Situation now) =>
        JobPlan.Between(before, after) is { } changed
            ? Altered(after, now, AllKept.GetOrCreateValue(before).Of(before, now), changed)
            : Solve(after, now);

    /// <summary>Built and solved for this situation alone, and not kept.</summary>
    public static Live Fresh(Job job, Situation now)
    {
        var built = Built.Build(job, now);
        var plan = new LinkPlan(built.Wired) { Passing = now.Passing };
        if (now.Faults.Count > 0)
        {
            plan = plan.Copy();
            Plant(plan, now.Faults);
        }

        return new(job, now, plan, built);
    }

    /// <summary>With one more fault.</summary>
    public Live With(Fault fault)
    {
        var plan = Plan.Copy();
        fault.Plant(plan);
        return new(Job, Now with { Faults = [.. Now.Faults, fault] }, plan, built);
    }

    /// <summary>With some links opened.</summary>
    internal Live Opened(IEnumerable<Link> links)
    {
        var plan = Plan.Copy();
        foreach (var link in links)
        {
            if (plan.Now(link) is { Open: false } now)
            {
                plan.Put(now.With(open: true));
            }
        }

        return new(Job, Now, plan, built);
    }

    /// <summary>Nodes that are live here and were not as the job is recorded, and how many no longer are.</summary>
    internal (IReadOnlyList<int> Live, int NoLonger) Against(Solved recorded)
    {
        // What a point gains or loses in less than this cannot make it live or dead but by a hair.
        const double least = 0.01;
        var (live, gone) = (new List<int>(), 0);
        foreach (var node in Solved.Moved(recorded, least))
        {
            var (now, then) = (Solved[node].Magnitude >= LiveVolts, node < recorded.Nodes && recorded[node].Magnitude >= LiveVolts);
            if (now && !then)
            {
                live.Add(node);
            }

            gone += then && !now ? 1 : 0;
        }

        return (live, gone);
    }

    public bool Has(string point) => Plan.TryNode(point, out _);

    /// <summary>Number of a point's node; the earth's for a point the job does not have.</summary>
    public int At(string point) => Plan.Node(point);

    /// <summary>Potential against the earth, V RMS.</summary>
    public Complex Volts(string point) => Solved[At(point)];

    public double Between(string a, string b) => Solved.Between(At(a), At(b));

    /// <summary>Current of a link from its first point to its second, A RMS; 0 when open.</summary>
    public Complex Amperes(Link link) =>
        Plan.Now(link) is { Open: false } now && now.From != now.To
            ? (Volts(now.From) - Volts(now.To) + now.Volts) / now.Ohms
            : Complex.Zero;

    /// <summary>What would flow through the lowest of people from a point to the earth, mA.</summary>
    public double Through(string point)
    {
        return 1000 * Solved.Laid(At(point), Network.Earth, 1 / LowestPerson) / LowestPerson;
    }

    /// <summary>What is expected of a point: live by its potential and what that drives; unknown when it is joined to something nobody has
    /// looked at; else dead.</summary>
    public Expected Expect(string point) =>
        !Has(point) ? Expected.Unknown
        : Volts(point).Magnitude is var volts && volts >= LiveVolts && Through(point) >= Felt ? Expected.Live
        : uncertain.Value.Contains(point) ? Expected.Unknown
        : volts >= LiveVolts ? Expected.Ghost
        : Expected.Dead;

    /// <summary>Driving-point impedance between two points with every source at rest, Ω.</summary>
    public Complex Impedance(string a, string b) => Solved.Impedance(At(a), At(b));

    /// <summary>A number of the house's settings.</summary>
    internal double Set(Assumption number) => (double)number.Of(Job.Practice);

    private static Live Altered(Job job, Situation now, Built built, IReadOnlyCollection<Owner> changed)
    {
        var owners = changed.Concat(now.Alters(job)).Distinct().ToList();
        if (owners.Count == 0 && now.Faults.Count == 0)
        {
            return new(job, now, new LinkPlan(built.Wired) { Passing = now.Passing }, built);
        }

        var plan = new LinkPlan(built.Wired) { Passing = now.Passing }.Copy();
        var points = new HashSet<string>(StringComparer.Ordinal);
        foreach (var owner in owners)
        {
            points.UnionWith(plan.Replace(owner, JobPlan.Read(job, now, owner)));
        }

        if (built.Little is { } little)
        {
            plan.Hold(points, little);
        }

        Plant(plan, now.Faults);
        return new(job, now, plan, built);
    }

    private static void Plant(LinkPlan plan, IEnumerable<Fault> faults)
    {
        foreach (var fault in faults)
        {
            fault.Plant(plan);
        }
    }

    /// <summary>The network of a plan that was altered, for whoever wants it as one.</summary>
    private static Network Whole(LinkPlan plan)
    {
        var network = new Network();
        while (network.Nodes < plan.Nodes)
        {
            network.Add();
        }

        foreach (var link in plan.Links)
        {
            Built.Join(network, plan.Node(link.From), plan.Node(link.To), link);
        }

        return network;
    }

    /// <summary>Points joined to an unknown end by what conducts, switches either way, and to no bar of a panel, which would hold them
    /// where it is.</summary>
    private Reached Uncertain()
    {
        var bars = Job.Panels.Ids.SelectMany(p => new[] { Points.NeutralBar(p), Points.GroundBar(p) });
        return Plan.Reach(Plan.Unknown, l => l.Conducts || l.Kind is LinkKind.Switch).Except(Plan.Reach(bars, l => l.Conducts));
    }

    /// <summary>The wirings of one job that are kept: by what makes every link of them another.</summary>
    private sealed class Kept
    {
        private readonly Dictionary<(double Celsius, bool Stray, bool Loads), Built> all = [];

        public Built Of(Job job, Situation now)
        {
            lock (all)
            {
                var key = (now.Celsius, now.Stray, now.Loads);
                if (!all.TryGetValue(key, out var built))
                {
                    all[key] = built = Built.Build(
                        job,
                        new Situation
                        {
                            Celsius = now.Celsius,
                            Stray = now.Stray,
                            Loads = now.Loads,
                        }
                    );
                }

                return built;
            }
        }
    }
}
