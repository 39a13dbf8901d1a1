using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>What is left of a network when its nodes were taken out of it one by one: of each node, the nodes it was then joined to, by
/// what, and
/// its tie to the earth. With these its potentials are found from the top down, and a change is carried up only along the nodes above
/// it.</summary>
internal sealed class Factors
{
    private readonly int[] start;
    private readonly int[] columns;
    private readonly Complex[] weights;
    private readonly Lazy<(int[] Start, int[] Of)> contributors;
    private readonly Lazy<(int[] Start, int[] Of)> own;

    private Factors(Network network, int[] start, int[] columns, Complex[] weights)
    {
        (Network, this.start, this.columns, this.weights) = (network, start, columns, weights);
        contributors = new(Contributors);
        own = new(Own);
    }

    public Network Network { get; }

    /// <summary>Nodes in the order they were taken out.</summary>
    public required int[] Order { get; init; }

    /// <summary>When each node was taken out; the earth last.</summary>
    public required int[] Place { get; init; }

    /// <summary>One over the sum of all admittances of a node when it was taken out, Ω; zero for an island that nothing holds.</summary>
    public required Complex[] Parts { get; init; }

    /// <summary>Its own tie to the earth then, S.</summary>
    public required Complex[] Earths { get; init; }

    /// <summary>Current driven into it then, its own and what came down to it, A.</summary>
    public required Complex[] Loads { get; init; }

    public int Nodes => Place.Length;

    /// <summary>The nodes it was joined to when it was taken out: all lie later in the order.</summary>
    public ReadOnlySpan<int> Columns(int node) => columns.AsSpan(start[node], start[node + 1] - start[node]);

    /// <summary>By what, S.</summary>
    public ReadOnlySpan<Complex> Weights(int node) => weights.AsSpan(start[node], start[node + 1] - start[node]);

    /// <summary>Nodes taken out before that were joined to this one.</summary>
    public ReadOnlySpan<int> Contributing(int node) =>
        contributors.Value.Of.AsSpan(contributors.Value.Start[node], Count(contributors.Value.Start, node));

    /// <summary>Branches whose other end was taken out later, or is the earth.</summary>
    public ReadOnlySpan<int> Branches(int node) => own.Value.Of.AsSpan(own.Value.Start[node], Count(own.Value.Start, node));

    public static Factors Factor(Network network)
    {
        var n = network.Nodes;
        var (loads, pivots, place, order) = (new Complex[n], new Complex[n], new int[n], new int[n - 1]);
        foreach (var (node, amperes) in network.Driven)
        {
            loads[node] += amperes;
        }

        var shape = new Elimination(network);
        place[Network.Earth] = n - 1;
        var (columns, weights, begin) = (new List<int>(2 * n), new List<Complex>(2 * n), new int[n]);
        for (var k = 0; k < n - 1; k++)
        {
            var node = shape.Least();
            (order[k], place[node], begin[node]) = (node, k, columns.Count);
            pivots[node] = shape.Eliminate(node, loads, columns, weights);
        }

        var (start, byNode, sorted) = (new int[n + 1], new int[columns.Count], new Complex[columns.Count]);
        var at = 0;
        for (var node = 0; node < n; node++)
        {
            start[node] = at;
            var end =
                node == Network.Earth ? begin[node]
                : place[node] + 1 < n - 1 ? begin[order[place[node] + 1]]
                : columns.Count;
            for (var e = begin[node]; e < end; e++, at++)
            {
                (byNode[at], sorted[at]) = (columns[e], weights[e]);
            }
        }

        start[n] = at;
        return new(network, start, byNode, sorted)
        {
            Order = order,
            Place = place,
            Parts = [.. pivots.Select(p => p == Complex.Zero ? p : Complex.One / p)],
            Earths = shape.Earths,
            Loads = loads,
        };
    }

    private static int Count(int[] starts, int node) => starts[node + 1] - starts[node];

    private (int[] Start, int[] Of) Contributors() =>
        Grouped(Enumerable.Range(0, Nodes).SelectMany(k => Columns(k).ToArray().Select(u => (u, k))));

    private (int[] Start, int[] Of) Own() =>
        Grouped(
            Network
                .Branches.Select((b, i) => (Lower(b), i))
                .Where(b => b.Item1 != Network.Earth && Network.Branches[b.i].From != Network.Branches[b.i].To)
        );

    /// <summary>The end of a branch that was taken out first.</summary>
    private int Lower(Branch branch) => Place[branch.From] < Place[branch.To] ? branch.From : branch.To;

    private (int[] Start, int[] Of) Grouped(IEnumerable<(int Node, int Item)> pairs)
    {
        var all = pairs.ToList();
        var starts = new int[Nodes + 1];
        foreach (var (node, _) in all)
        {
            starts[node + 1]++;
        }

        for (var i = 0; i < Nodes; i++)
        {
            starts[i + 1] += starts[i];
        }

        var (next, of) = (starts.ToArray(), new int[all.Count]);
        foreach (var (node, item) in all)
        {
            of[next[node]++] = item;
        }

        return (starts, of);
    }
}
