using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>The network while nodes are taken out of it one by one, the least connected first.</summary>
internal sealed class Elimination
{
    private const int None = -1;

    private readonly Complex[] toEarth;
    private readonly List<int>[] byDegree;
    private readonly bool[] gone;
    private readonly int[] first;
    private readonly int[] degree;
    private Arm[] arms;
    private int used;
    private int free = None;
    private int least;

    public Elimination(Network network)
    {
        (toEarth, gone, first, degree) = (
            new Complex[network.Nodes],
            new bool[network.Nodes],
            new int[network.Nodes],
            new int[network.Nodes]
        );
        arms = new Arm[(2 * network.Branches.Count) + 4];
        Array.Fill(first, None);
        foreach (var branch in network.Branches)
        {
            if (branch.From != branch.To)
            {
                Add(branch.From, branch.To, branch.Admittance);
            }
        }

        byDegree = new List<int>[8];
        for (var d = 0; d < byDegree.Length; d++)
        {
            byDegree[d] = [];
        }

        for (var i = network.Nodes - 1; i > 0; i--)
        {
            byDegree[Bucket(i)].Add(i);
        }
    }

    private int Bucket(int node) => Math.Min(degree[node], byDegree.Length - 1);

    /// <summary>The node with the fewest arms; entries of nodes that changed since are passed over.</summary>
    public int Least()
    {
        for (least = Math.Max(0, least - 2); least < byDegree.Length; least++)
        {
            var bucket = byDegree[least];
            while (bucket.Count > 0)
            {
                var node = bucket[^1];
                bucket.RemoveAt(bucket.Count - 1);
                if (!gone[node] && Bucket(node) == least)
                {
                    return node;
                }
            }
        }

        throw new InvalidOperationException("No node is left.");
    }

    /// <summary>Takes a node out: its neighbours are joined through it, its driven current and its tie to the earth go over to them in the
    /// same proportion.</summary>
    /// <returns>Its pivot, the sum of all its admittances, S; zero for an island that nothing holds.</returns>
    public Complex Eliminate(int node, Complex[] loads, List<int> columns, List<Complex> weights)
    {
        gone[node] = true;
        var pivot = toEarth[node];
        for (var arm = first[node]; arm != None; arm = arms[arm].Next)
        {
            pivot += arms[arm].Admittance;
        }

        if (pivot == Complex.Zero)
        {
            return pivot;
        }

        var (start, part) = (columns.Count, Complex.One / pivot);
        for (var arm = first[node]; arm != None; arm = arms[arm].Next)
        {
            columns.Add(arms[arm].To);
            weights.Add(arms[arm].Admittance);
        }

        for (var i = start; i < columns.Count; i++)
        {
            var (to, share) = (columns[i], weights[i] * part);
            Forget(to, node);
            loads[to] += share * loads[node];
            toEarth[to] += share * toEarth[node];
            for (var j = start; j < i; j++)
            {
                Add(columns[j], to, share * weights[j]);
            }
        }

        for (var i = start; i < columns.Count; i++)
        {
            byDegree[Bucket(columns[i])].Add(columns[i]);
        }

        return pivot;
    }

    /// <summary>What each node has to the earth, S: its own, and through nodes taken out before it.</summary>
    public Complex[] Earths => toEarth;

    private void Add(int a, int b, Complex admittance)
    {
        if (a == Network.Earth || b == Network.Earth)
        {
            toEarth[a + b] += admittance;
            return;
        }

        Put(a, b, admittance);
        Put(b, a, admittance);
    }

    private void Put(int from, int to, Complex admittance)
    {
        for (var arm = first[from]; arm != None; arm = arms[arm].Next)
        {
            if (arms[arm].To == to)
            {
                arms[arm].Admittance += admittance;
                return;
            }
        }

        var cell = free;
        if (cell != None)
        {
            free = arms[cell].Next;
        }
        else
        {
            cell = used++;
            if (cell == arms.Length)
            {
                Array.Resize(ref arms, 2 * arms.Length);
            }
        }

        arms[cell] = new(to, first[from], admittance);
        first[from] = cell;
        degree[from]++;
    }

    private void Forget(int at, int node)
    {
        var before = None;
        for (var arm = first[at]; arm != None; (before, arm) = (arm, arms[arm].Next))
        {
            if (arms[arm].To == node)
            {
                if (before == None)
                {
                    first[at] = arms[arm].Next;
                }
                else
                {
                    arms[before].Next = arms[arm].Next;
                }

                (arms[arm].Next, free) = (free, arm);
                degree[at]--;
                return;
            }
        }
    }

    /// <summary>One end of a branch in the chain of its node's arms; all chains lie in one array.</summary>
    private record struct Arm(int To, int Next, Complex Admittance);
}
