using System.Numerics;
using System.Runtime.InteropServices;

namespace JollyBarn.Electrics;

/// <summary>The network while nodes are taken out of it one by one, the least connected first.</summary>
internal sealed class Elimination
{
    private readonly List<Arm>[] arms;
    private readonly Complex[] toEarth;
    private readonly List<int>[] byDegree;
    private readonly bool[] gone;
    private int least;

    public Elimination(Network network)
    {
        arms = new List<Arm>[network.Nodes];
        toEarth = new Complex[network.Nodes];
        gone = new bool[network.Nodes];
        for (var i = 0; i < arms.Length; i++)
        {
            arms[i] = new(4);
        }

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

        for (var i = arms.Length - 1; i > 0; i--)
        {
            byDegree[Bucket(i)].Add(i);
        }
    }

    private int Bucket(int node) => Math.Min(arms[node].Count, byDegree.Length - 1);

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

    /// <summary>Takes a node out: its neighbours are joined through it, its driven current and its tie to the earth go over to them in the same proportion.</summary>
    /// <returns>Its pivot, the sum of all its admittances, S; zero for an island that nothing holds.</returns>
    public Complex Eliminate(int node, Complex[] loads, List<int> columns, List<Complex> weights)
    {
        gone[node] = true;
        var mine = arms[node];
        var pivot = toEarth[node];
        foreach (var arm in mine)
        {
            pivot += arm.Admittance;
        }

        if (pivot == Complex.Zero)
        {
            return pivot;
        }

        for (var i = 0; i < mine.Count; i++)
        {
            var (to, admittance) = mine[i];
            columns.Add(to);
            weights.Add(admittance);
            Forget(to, node);
            var share = admittance / pivot;
            loads[to] += share * loads[node];
            toEarth[to] += share * toEarth[node];
            for (var j = 0; j < i; j++)
            {
                Add(mine[j].To, to, share * mine[j].Admittance);
            }
        }

        foreach (var arm in mine)
        {
            byDegree[Bucket(arm.To)].Add(arm.To);
        }

        return pivot;
    }

    /// <summary>True when the node has a tie to the earth of its own, or through nodes taken out before.</summary>
    public bool Held(int node) => toEarth[node] != Complex.Zero;

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
        foreach (ref var arm in CollectionsMarshal.AsSpan(arms[from]))
        {
            if (arm.To == to)
            {
                arm.Admittance += admittance;
                return;
            }
        }

        arms[from].Add(new(to, admittance));
    }

    private void Forget(int at, int node)
    {
        var list = arms[at];
        for (var i = 0; i < list.Count; i++)
        {
            if (list[i].To == node)
            {
                list[i] = list[^1];
                list.RemoveAt(list.Count - 1);
                return;
            }
        }
    }

    private record struct Arm(int To, Complex Admittance);
}
