using System.Numerics;
using System.Runtime.InteropServices;

namespace JollyBarn.Electrics;

/// <summary>A solved network: the potential of each node, and the factors that let one small change be solved without solving
/// anew.</summary>
/// <remarks>
/// Nodes are eliminated least-connected first, which for wiring (near-trees) keeps the work proportional to the number of
/// nodes. Each elimination is a star turned into a mesh: what a node has to the earth is carried along as its own
/// sum and never made by a difference, so a metal box tied to the earth by a picofarad beside a joint of a milliohm
/// comes out as exact as any other (the diagonal-free elimination of Grassmann, Taksar and Heyman, 1985, for admittances).
/// </remarks>
public sealed class Solved
{
    private readonly int[] order;
    private readonly int[] place;
    private readonly int[] start;
    private readonly int[] columns;
    private readonly Complex[] weights;
    private readonly Complex[] pivots;
    private readonly Complex[] volts;
    private readonly bool[] floating;

    private Solved(
        int[] order,
        int[] place,
        int[] start,
        int[] columns,
        Complex[] weights,
        Complex[] pivots,
        Complex[] volts,
        bool[] floating
    )
    {
        (this.order, this.place, this.start, this.columns) = (order, place, start, columns);
        (this.weights, this.pivots, this.volts, this.floating) = (weights, pivots, volts, floating);
    }

    /// <summary>About as many nodes as lie above one in the wiring of a house.</summary>
    private const int Usual = 40;

    public int Nodes => volts.Length;

    /// <summary>Potential of a node against the earth, V RMS; 0 for a node that nothing ties to anything.</summary>
    public Complex this[int node] => volts[node];

    /// <summary>True for a node whose island has no path at all to the earth: its potential is anybody's guess and told as 0.</summary>
    public bool Floats(int node) => floating[node];

    /// <summary>The magnitude of the voltage between two nodes, V RMS.</summary>
    public double Between(int a, int b) => (volts[a] - volts[b]).Magnitude;

    /// <summary>One small change of this network: an instrument, a touch, a fault laid between nodes.</summary>
    public Changed With(params ReadOnlySpan<Branch> added) => Changed.Of(this, added);

    internal static Solved Of(Network network)
    {
        var n = network.Nodes;
        var loads = new Complex[n];
        foreach (var (node, amperes) in network.Driven)
        {
            loads[node] += amperes;
        }

        var shape = new Elimination(network);
        var order = new int[n - 1];
        var place = new int[n];
        place[Network.Earth] = n - 1;
        var start = new int[n];
        var columns = new List<int>(2 * n);
        var weights = new List<Complex>(2 * n);
        var pivots = new Complex[n];
        var floating = new bool[n];
        for (var k = 0; k < n - 1; k++)
        {
            var node = shape.Least();
            order[k] = node;
            place[node] = k;
            start[k] = columns.Count;
            floating[node] = !shape.Held(node);
            pivots[node] = shape.Eliminate(node, loads, columns, weights);
        }

        start[n - 1] = columns.Count;
        var solved = new Solved(order, place, start, [.. columns], [.. weights], pivots, new Complex[n], floating);
        solved.BackAll(loads, solved.volts);
        for (var k = n - 2; k >= 0; k--)
        {
            var node = order[k];
            floating[node] &= start[k] == start[k + 1] || floating[columns[start[k]]];
        }

        return solved;
    }

    private void BackAll(Complex[] loads, Complex[] into)
    {
        for (var k = order.Length - 1; k >= 0; k--)
        {
            into[order[k]] = Back(k, loads[order[k]], into);
        }
    }

    private Complex Back(int k, Complex load, Complex[] known)
    {
        var node = order[k];
        if (pivots[node] == Complex.Zero)
        {
            return Complex.Zero;
        }

        for (var e = start[k]; e < start[k + 1]; e++)
        {
            load += weights[e] * known[columns[e]];
        }

        return load / pivots[node];
    }

    /// <summary>The response to 1 A driven in at one node and out at another, told only where it is asked.</summary>
    internal Response RespondTo(int into, int outOf) => new(this, Drive(into, outOf));

    /// <summary>Carries two driven currents up the tree of eliminations, lower node first: only the nodes above them are touched.</summary>
    private Dictionary<int, Complex> Drive(int into, int outOf)
    {
        var loads = new Dictionary<int, Complex>(Usual);
        void Put(int node, Complex more) => CollectionsMarshal.GetValueRefOrAddDefault(loads, node, out _) += more;
        Put(into, Complex.One);
        Put(outOf, -Complex.One);
        var (a, b) = (place[into], place[outOf]);
        while (Math.Min(a, b) is var k && k < order.Length)
        {
            var node = order[k];
            if (pivots[node] != Complex.Zero)
            {
                var share = loads[node] / pivots[node];
                for (var e = start[k]; e < start[k + 1]; e++)
                {
                    Put(columns[e], weights[e] * share);
                }
            }

            (a, b) = (a == k ? Above(k) : a, b == k ? Above(k) : b);
        }

        return loads;
    }

    /// <summary>The first of the nodes that an eliminated one was joined to: all it touches lie on the way from there.</summary>
    private int Above(int k)
    {
        var first = order.Length;
        for (var e = start[k]; e < start[k + 1]; e++)
        {
            first = Math.Min(first, place[columns[e]]);
        }

        return first;
    }

    /// <summary>Potentials that one driven current makes, found for the nodes asked and those above them.</summary>
    internal sealed class Response(Solved of, Dictionary<int, Complex> loads)
    {
        private readonly Dictionary<int, Complex> known = new(Usual) { [Network.Earth] = Complex.Zero };

        public Complex this[int node]
        {
            get
            {
                if (known.TryGetValue(node, out var found))
                {
                    return found;
                }

                var sum = loads.GetValueOrDefault(node);
                var k = of.place[node];
                if (of.pivots[node] != Complex.Zero)
                {
                    for (var e = of.start[k]; e < of.start[k + 1]; e++)
                    {
                        sum += of.weights[e] * this[of.columns[e]];
                    }

                    sum /= of.pivots[node];
                }
                else
                {
                    sum = Complex.Zero;
                }

                return known[node] = sum;
            }
        }
    }
}
