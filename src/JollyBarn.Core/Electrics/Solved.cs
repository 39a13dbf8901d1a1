using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>A solved network: the potential of each node, and the factors that let a change be solved without solving anew.</summary>
/// <remarks>
/// Nodes are eliminated least-connected first, which for wiring (near-trees) keeps the work proportional to the number of
/// nodes. Each elimination is a star turned into a mesh: what a node has to the earth is carried along as its own
/// sum and never made by a difference, so a metal box tied to the earth by a picofarad beside a joint of a milliohm
/// comes out as exact as any other (the diagonal-free elimination of Grassmann, Taksar and Heyman, 1985, for admittances).
/// A change takes only the nodes it touches and those above them out anew, and potentials of a change are worked out where they are asked.
/// </remarks>
public sealed class Solved
{
    /// <summary>Less than this drives nothing through anything, V.</summary>
    private const double Nothing = 1e-3;

    private readonly Factors of;
    private readonly NetworkChange? change;
    private readonly Refactored? anew;
    private readonly Potentials volts;

    private Solved(Factors of, NetworkChange? change = null)
    {
        (this.of, this.change) = (of, change);
        anew = change is null ? null : new(of, change);
        volts = new(Nodes);
        for (var k = change is null ? of.Order.Length - 1 : -1; k >= 0; k--)
        {
            Found(of.Order[k]);
        }
    }

    public int Nodes => anew?.Nodes ?? of.Nodes;

    /// <summary>Potential of a node against the earth, V RMS; 0 for a node that nothing ties to anything.</summary>
    public Complex this[int node] => volts.TryGet(node, out var found) ? found : Found(node);

    /// <summary>Nodes whose potential differs by so many volts or more from that of the network this one is a change of: found from the
    /// nodes taken
    /// out anew downwards, as far as the difference goes.</summary>
    /// <param name="from">The network before the change.</param>
    internal IEnumerable<int> Moved(Solved from, double least)
    {
        var (ahead, seen) = (new PriorityQueue<int, int>(), new HashSet<int>());
        foreach (var node in anew?.TakenOut ?? [])
        {
            seen.Add(node);
            ahead.Enqueue(node, -Place(node));
        }

        while (ahead.TryDequeue(out var node, out _))
        {
            var was = node < from.Nodes ? from[node] : Complex.Zero;
            if ((this[node] - was).Magnitude < least)
            {
                continue;
            }

            yield return node;
            foreach (var below in node < of.Nodes ? of.Contributing(node).ToArray() : [])
            {
                if (seen.Add(below))
                {
                    ahead.Enqueue(below, -Place(below));
                }
            }
        }
    }

    /// <summary>True for a node whose island has no path at all to the earth: its potential is anybody's guess and told as 0.</summary>
    public bool Floats(int node)
    {
        while (node != Network.Earth && Earth(node) == Complex.Zero)
        {
            if (Next(node) is not { } above)
            {
                return true;
            }

            node = above;
        }

        return false;
    }

    /// <summary>The magnitude of the voltage between two nodes, V RMS.</summary>
    public double Between(int a, int b) => (this[a] - this[b]).Magnitude;

    /// <summary>The magnitude of the current a branch of that admittance would carry between its nodes as they are, A RMS.</summary>
    public double Amperes(Branch laid) => (laid.Admittance * (this[laid.From] - this[laid.To])).Magnitude;

    /// <summary>This network with more laid between its nodes: an instrument, a touch.</summary>
    public Solved With(params ReadOnlySpan<Branch> added)
    {
        var more = change?.Copy() ?? new NetworkChange();
        foreach (var branch in added)
        {
            ArgumentOutOfRangeException.ThrowIfNegative(branch.Admittance.Real, nameof(added));
            more.Add(branch);
        }

        return new(of, more);
    }

    /// <summary>Volts between two nodes, RMS, with a load laid between them.</summary>
    /// <param name="siemens">Its conductance; what lies beside it is never less for it, so that nothing cancels.</param>
    public double Laid(int a, int b, double siemens)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(siemens);
        var open = this[a] - this[b];
        return open.Magnitude < Nothing ? open.Magnitude
            : Floats(a) || Floats(b) ? With(new Branch(a, b, siemens)).Between(a, b)
            : (open / (1 + (siemens * Impedance(a, b)))).Magnitude;
    }

    /// <summary>Driving-point impedance between two nodes with every source at rest, Ω.</summary>
    /// <remarks>On the way up alone: what each node is driven with, times itself, over its pivot. Admittances are symmetric.</remarks>
    public Complex Impedance(int a, int b)
    {
        var sum = Complex.Zero;
        Up(a, b, (node, load) => sum += load * load * Part(node));
        return sum;
    }

    /// <summary>The nodes of every branch that is not as in the network this one is a change of.</summary>
    internal IReadOnlyList<(int From, int To)> Altered =>
        field ??= change is null
            ? []
            : [.. change.Admittances.Keys.Select(b => of.Network.Branches[b]).Concat(change.Added).Select(b => (b.From, b.To))];

    /// <summary>The response to 1 A driven in at one node and out at another, told only where it is asked.</summary>
    internal Response RespondTo(int into, int outOf) => new(this, into, outOf);

    internal static Solved Solve(Network network) => new(Factors.Factor(network));

    /// <summary>The network this one was made from with a change, whatever else was changed of it already.</summary>
    public Solved Changed(NetworkChange whole) => new(of, whole);

    /// <summary>What each node is driven with, when its turn to be taken out comes, by 1 A into one node and out of another.</summary>
    private void Up(int into, int outOf, Action<int, Complex> hears)
    {
        var driven = Driven.Here(Nodes);
        driven.Put(into, Place(into), Complex.One);
        driven.Put(outOf, Place(outOf), -Complex.One);
        while (driven.TryTake(out var node, out var load))
        {
            hears(node, load);
            var share = load * Part(node);
            var columns = Columns(node);
            var weights = Weights(node);
            for (var i = 0; share != Complex.Zero && i < columns.Length; i++)
            {
                driven.Put(columns[i], Place(columns[i]), weights[i] * share);
            }
        }
    }

    private ReadOnlySpan<int> Columns(int node) => anew is null ? of.Columns(node) : anew.Columns(node);

    private ReadOnlySpan<Complex> Weights(int node) => anew is null ? of.Weights(node) : anew.Weights(node);

    private int Place(int node) => anew?.Place(node) ?? of.Place[node];

    private Complex Part(int node) => anew is null ? of.Parts[node] : anew.Part(node);

    private Complex Earth(int node) => anew is null ? of.Earths[node] : anew.Earth(node);

    private Complex Load(int node) => anew is null ? of.Loads[node] : anew.Load(node);

    /// <summary>A node it is still joined to; null for the last of an island.</summary>
    private int? Next(int node)
    {
        var columns = Columns(node);
        var weights = Weights(node);
        for (var i = 0; i < columns.Length; i++)
        {
            if (weights[i] != Complex.Zero)
            {
                return columns[i];
            }
        }

        return null;
    }

    private Complex Found(int node) => Sum(node, Load(node), volts, out _) is { } sum ? volts.Set(node, sum) : Found(node, Load, volts);

    /// <summary>The potential of a node, after those of the nodes it hangs on. A long feed makes a long way: no recursion.</summary>
    private Complex Found(int asked, Func<int, Complex> load, Potentials known)
    {
        if (Sum(asked, load(asked), known, out var first) is { } at)
        {
            return known.Set(asked, at);
        }

        var ahead = new Stack<int>([asked, first]);
        var found = Complex.Zero;
        while (ahead.TryPeek(out var node))
        {
            if (Sum(node, load(node), known, out var open) is { } sum)
            {
                found = known.Set(node, sum);
                ahead.Pop();
            }
            else
            {
                ahead.Push(open);
            }
        }

        return found;
    }

    /// <summary>The potential of a node from those it hangs on; null, and one of them, while that is not known.</summary>
    private Complex? Sum(int node, Complex load, Potentials known, out int open)
    {
        open = node;
        var columns = Columns(node);
        var weights = Weights(node);
        for (var i = 0; i < columns.Length; i++)
        {
            if (!known.TryGet(columns[i], out var volts))
            {
                open = columns[i];
                return null;
            }

            load += weights[i] * volts;
        }

        return load * Part(node);
    }

    /// <summary>Potentials that one driven current makes, found for the nodes asked and those above them.</summary>
    internal sealed class Response
    {
        private readonly Solved of;
        private readonly Dictionary<int, Complex> loads = [];
        private readonly Potentials found;

        public Response(Solved of, int into, int outOf)
        {
            (this.of, found) = (of, new(of.Nodes));
            of.Up(into, outOf, (node, load) => loads[node] = load);
        }

        public Complex this[int node] => found.TryGet(node, out var volts) ? volts : of.Found(node, n => loads.GetValueOrDefault(n), found);
    }
}
