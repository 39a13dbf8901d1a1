using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>The wiring of a job, built and solved.</summary>
internal sealed class Built
{
    private readonly int[] branches;

    private Built(Wired wired, Complex? little)
    {
        (Wired, Little, Network) = (wired, little, new());
        while (Network.Nodes < wired.Nodes)
        {
            Network.Add();
        }

        branches = [.. wired.Links.Select(l => wired.Ends(l.Index) is var (from, to) ? Join(Network, from, to, l) : -1)];
        Solved = Network.Solve();
    }

    public Wired Wired { get; }

    /// <summary>Ω by which what couples to nothing else couples to the earth; null where conductors are taken to couple to
    /// nothing.</summary>
    public Complex? Little { get; }

    public Network Network { get; }

    public Solved Solved { get; }

    public static Built Build(Job job, Situation now)
    {
        var little = now.Stray ? JobPlan.Capacity((double)ElectricsBook.MetalCoupling.Of(job.Practice)) : (Complex?)null;
        return new(new(JobPlan.Owners(job).Select(o => (o, JobPlan.Read(job, now, o))), little), little);
    }

    /// <summary>Puts a link into a network; the number of its branch, −1 for one that is open or joins a point with itself.</summary>
    public static int Join(Network network, int from, int to, Link link) =>
        link.Open || from == to ? -1
        : link.Kind == LinkKind.Source ? network.Source(from, to, link.Volts, link.Ohms)
        : network.Join(from, to, 1 / link.Ohms);

    /// <summary>What an altered plan changes of the network.</summary>
    public NetworkChange Change(LinkPlan plan)
    {
        var change = new NetworkChange { NewNodes = plan.Nodes - Wired.Nodes };
        foreach (var (index, now) in plan.Instead)
        {
            var (was, ends, branch) = (Wired.Links[index], Wired.Ends(index), branches[index]);
            var stays =
                now is { Open: false }
                && ends == (plan.Node(now.From), plan.Node(now.To))
                && branch >= 0
                && was.Volts == now.Volts
                && was.Kind != LinkKind.Source;
            if (branch >= 0 && (!stays || now!.Ohms != was.Ohms))
            {
                change.Set(branch, stays ? 1 / now!.Ohms : Complex.Zero);
            }

            if (branch >= 0 && was.Kind == LinkKind.Source)
            {
                change.Drive(ends.To, ends.From, -was.Volts / was.Ohms);
            }

            if (!stays && now is not null)
            {
                Add(change, plan, now);
            }
        }

        foreach (var link in plan.Added)
        {
            Add(change, plan, link);
        }

        return change;
    }

    private static void Add(NetworkChange change, LinkPlan plan, Link link)
    {
        var (from, to) = (plan.Node(link.From), plan.Node(link.To));
        if (link.Open || from == to)
        {
            return;
        }

        change.Add(new(from, to, 1 / link.Ohms));
        if (link.Kind == LinkKind.Source)
        {
            change.Drive(to, from, link.Volts / link.Ohms);
        }
    }
}
