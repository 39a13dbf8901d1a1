using System.Numerics;
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
}

/// <summary>A job as electricity in one situation: potentials of every point, currents of every link, and what opened by itself.</summary>
public sealed class Live
{
    /// <summary>Above this against the earth a point is called live, V. <em>Practice</em>: 30 V in wet places, 50 V elsewhere.</summary>
    public const double LiveVolts = 30;

    private readonly Dictionary<string, int> nodes = new(StringComparer.Ordinal) { [Points.Earth] = Network.Earth };
    private readonly Dictionary<string, int> branches = new(StringComparer.Ordinal);
    private readonly Lazy<HashSet<string>> uncertain;

    private Live(Job job, Situation now, Plan plan)
    {
        (Job, Now, Plan) = (job, now, plan);
        Network = new Network();
        foreach (var link in plan.Links)
        {
            var (from, to) = (Node(link.From), Node(link.To));
            if (!link.Open && from != to)
            {
                branches[link.Key] =
                    link.Kind == LinkKind.Source ? Network.Source(from, to, link.Volts, link.Ohms) : Network.Join(from, to, 1 / link.Ohms);
            }
        }

        Solved = Network.Solve();
        uncertain = new(Uncertain);
    }

    public Job Job { get; }

    public Situation Now { get; }

    public Plan Plan { get; }

    public Network Network { get; }

    public Solved Solved { get; }

    /// <summary>The job as it stands in a situation, before anything opens by itself.</summary>
    public static Live Of(Job job, Situation now) => new(job, now, new JobPlan(job, now).Plan);

    /// <summary>The same plan solved anew after links of it were opened or altered.</summary>
    internal Live Again() => new(Job, Now, Plan);

    public bool Has(string point) => nodes.ContainsKey(point);

    /// <summary>Number of a point's node; the earth's for a point the job does not have.</summary>
    public int At(string point) => nodes.GetValueOrDefault(point, Network.Earth);

    /// <summary>Potential against the earth, V RMS.</summary>
    public Complex Volts(string point) => Solved[At(point)];

    public double Between(string a, string b) => Solved.Between(At(a), At(b));

    /// <summary>Current of a link from its first point to its second, A RMS; 0 when open.</summary>
    public Complex Amperes(Link link)
    {
        if (!branches.ContainsKey(link.Key))
        {
            return Complex.Zero;
        }

        return (Volts(link.From) - Volts(link.To) + link.Volts) / link.Ohms;
    }

    /// <summary>What is expected of a point: live by its potential; unknown when it is joined to something nobody has looked at; else
    /// dead.</summary>
    public Expected Expect(string point) =>
        !Has(point) ? Expected.Unknown
        : Volts(point).Magnitude >= LiveVolts ? Expected.Live
        : uncertain.Value.Contains(point) ? Expected.Unknown
        : Expected.Dead;

    /// <summary>Driving-point impedance between two points with every source at rest, Ω.</summary>
    public Complex Impedance(string a, string b)
    {
        var response = Solved.RespondTo(At(a), At(b));
        return response[At(a)] - response[At(b)];
    }

    /// <summary>A number of the house's settings.</summary>
    internal double Set(Assumption number) => (double)number.Of(Job.Practice);

    /// <summary>Points joined to an unknown end by what conducts, switches either way, and to no bar of a panel, which would hold them
    /// where it is.</summary>
    private HashSet<string> Uncertain()
    {
        var loose = Plan.Reach(Plan.Unknown, l => l.Conducts || l.Kind is LinkKind.Switch);
        loose.ExceptWith(Plan.Reach(Job.Panels.Ids.SelectMany(p => new[] { Points.NeutralBar(p), Points.GroundBar(p) }), l => l.Conducts));
        return loose;
    }

    private int Node(string point)
    {
        if (!nodes.TryGetValue(point, out var node))
        {
            nodes[point] = node = Network.Add();
        }

        return node;
    }
}
