using System.Numerics;
using System.Runtime.InteropServices;

namespace JollyBarn.Electrics;

/// <summary>The nodes of a solved network that a change reaches, taken out anew: those it touches and those above them in the order of
/// elimination.
/// Nothing is subtracted, so what comes out is as exact as solving anew.</summary>
internal sealed class Refactored
{
    private readonly Factors of;
    private readonly NetworkChange change;

    /// <summary>Which of the nodes taken out anew a node is, from 1; 0 for one that stays as it was.</summary>
    private readonly int[] which;
    private readonly List<Front> fronts = new(64);
    private readonly List<int> taken = new(64);
    private readonly PriorityQueue<int, int> ahead = new(32);

    /// <summary>Nodes taken out that are joined to one they were not joined to before: by that one the last of them, each with the one
    /// before it, from 1.</summary>
    private Dictionary<int, int>? joined;
    private readonly List<(int From, int Before)> joins = [];
    private Dictionary<int, List<Branch>>? added;
    private readonly Making making = new();

    public Refactored(Factors of, NetworkChange change)
    {
        (this.of, this.change, which) = (of, change, new int[of.Nodes + change.NewNodes]);
        foreach (var (branch, _) in change.Admittances)
        {
            Touch(Lower(of.Network.Branches[branch]));
        }

        foreach (var branch in change.Added)
        {
            if (branch.From != branch.To)
            {
                var node = Lower(branch);
                Touch(node);
                Listed(ref added, node).Add(branch);
            }
        }

        foreach (var node in change.Driven.Keys)
        {
            Touch(node);
        }

        while (ahead.TryDequeue(out var node, out _))
        {
            TakeOut(node);
        }
    }

    public int Nodes => which.Length;

    /// <summary>The nodes taken out anew.</summary>
    public IReadOnlyList<int> TakenOut => taken;

    public ReadOnlySpan<int> Columns(int node) =>
        which[node] > 0 ? fronts[which[node] - 1].Columns
        : node < of.Nodes ? of.Columns(node)
        : [];

    public ReadOnlySpan<Complex> Weights(int node) =>
        which[node] > 0 ? fronts[which[node] - 1].Weights
        : node < of.Nodes ? of.Weights(node)
        : [];

    /// <summary>One over the pivot, Ω; zero where nothing holds the node.</summary>
    public Complex Part(int node) =>
        which[node] > 0 ? fronts[which[node] - 1].Part
        : node < of.Nodes ? of.Parts[node]
        : Complex.Zero;

    public Complex Earth(int node) =>
        which[node] > 0 ? fronts[which[node] - 1].Earth
        : node < of.Nodes ? of.Earths[node]
        : Complex.Zero;

    public Complex Load(int node) =>
        which[node] > 0 ? fronts[which[node] - 1].Load
        : node < of.Nodes ? of.Loads[node]
        : Complex.Zero;

    /// <summary>When a node is taken out; nodes that came in go first.</summary>
    public int Place(int node) => node < of.Nodes ? of.Place[node] : of.Nodes - 1 - node - 1;

    private static List<T> Listed<T>(ref Dictionary<int, List<T>>? by, int node) =>
        CollectionsMarshal.GetValueRefOrAddDefault(by ??= [], node, out _) ??= [];

    private void Touch(int node)
    {
        if (node != Network.Earth && which[node] == 0)
        {
            // Its place among those taken out anew is known when its turn comes; until then it is as it was.
            which[node] = -1;
            ahead.Enqueue(node, Place(node));
        }
    }

    private int Lower(Branch branch) => Place(branch.From) < Place(branch.To) ? branch.From : branch.To;

    private void TakeOut(int node)
    {
        making.Begin();
        var known = node < of.Nodes ? of.Columns(node) : [];
        foreach (var column in known)
        {
            making.Join(column, Complex.Zero);
        }

        Ties(node);
        foreach (var from in node < of.Nodes ? of.Contributing(node) : [])
        {
            Pass(from, node);
        }

        for (var at = joined?.GetValueOrDefault(node) ?? 0; at > 0; at = joins[at - 1].Before)
        {
            Pass(joins[at - 1].From, node);
        }

        var front = making.Front(change.Driven.GetValueOrDefault(node));
        fronts.Add(front);
        taken.Add(node);
        which[node] = fronts.Count;
        for (var i = 0; i < front.Columns.Length; i++)
        {
            Touch(front.Columns[i]);
            if (i >= known.Length)
            {
                ref var last = ref CollectionsMarshal.GetValueRefOrAddDefault(joined ??= [], front.Columns[i], out _);
                joins.Add((node, last));
                last = joins.Count;
            }
        }
    }

    /// <summary>The branches of a node itself, as they are now, and the current driven into it.</summary>
    private void Ties(int node)
    {
        if (node < of.Nodes)
        {
            foreach (var branch in of.Branches(node))
            {
                var whole = of.Network.Branches[branch];
                making.Tie(node, whole, change.Admittances.TryGetValue(branch, out var other) ? other : whole.Admittance);
            }

            making.Load = of.Network.DrivenInto(node);
        }

        if (added?.GetValueOrDefault(node) is { } came)
        {
            foreach (var branch in came)
            {
                making.Tie(node, branch, branch.Admittance);
            }
        }
    }

    /// <summary>What a node that was taken out before passes on to one it was joined to.</summary>
    private void Pass(int from, int node)
    {
        var columns = Columns(from);
        var weights = Weights(from);
        var place = Place(node);
        var share = weights[columns.IndexOf(node)] * Part(from);
        if (share == Complex.Zero)
        {
            return;
        }

        making.Earth += share * Earth(from);
        making.Load += share * Load(from);
        for (var i = 0; i < columns.Length; i++)
        {
            if (Place(columns[i]) > place)
            {
                making.Join(columns[i], share * weights[i]);
            }
        }
    }

    /// <summary>A node as it was taken out.</summary>
    private sealed record Front(int[] Columns, Complex[] Weights, Complex Part, Complex Earth, Complex Load);

    /// <summary>A node while what it is joined to is summed up.</summary>
    private sealed class Making
    {
        private readonly List<int> columns = new(8);
        private readonly List<Complex> weights = new(8);

        public Complex Earth { get; set; }

        public Complex Load { get; set; }

        public void Begin()
        {
            columns.Clear();
            weights.Clear();
            (Earth, Load) = (Complex.Zero, Complex.Zero);
        }

        public void Tie(int node, Branch branch, Complex admittance)
        {
            var other = branch.From == node ? branch.To : branch.From;
            if (other == Network.Earth)
            {
                Earth += admittance;
            }
            else
            {
                Join(other, admittance);
            }
        }

        public void Join(int column, Complex more)
        {
            var at = columns.IndexOf(column);
            if (at >= 0)
            {
                weights[at] += more;
            }
            else
            {
                columns.Add(column);
                weights.Add(more);
            }
        }

        public Front Front(Complex driven)
        {
            var pivot = Earth;
            foreach (var weight in weights)
            {
                pivot += weight;
            }

            return new([.. columns], [.. weights], pivot == Complex.Zero ? pivot : Complex.One / pivot, Earth, Load + driven);
        }
    }
}
