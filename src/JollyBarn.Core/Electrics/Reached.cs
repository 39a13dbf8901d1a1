namespace JollyBarn.Electrics;

/// <summary>Which points hang together along links for which a test holds.</summary>
internal sealed class Pieces
{
    private readonly LinkPlan plan;
    private readonly int[] above;

    public Pieces(LinkPlan plan, Func<Link, bool> along)
    {
        this.plan = plan;
        above = [.. Enumerable.Range(0, plan.Nodes)];
        foreach (var (from, to) in plan.Ends(along))
        {
            above[Root(from)] = Root(to);
        }
    }

    public bool Same(string a, string b) => plan.TryNode(a, out var one) && plan.TryNode(b, out var other) && Root(one) == Root(other);

    private int Root(int node)
    {
        while (above[node] != node)
        {
            node = above[node] = above[above[node]];
        }

        return node;
    }
}

/// <summary>Points that can be got to.</summary>
internal sealed class Reached(LinkPlan plan)
{
    private readonly bool[] nodes = new bool[plan.Nodes];

    public bool Add(int node) => !nodes[node] && (nodes[node] = true);

    public bool Contains(string point) => plan.TryNode(point, out var node) && nodes[node];

    /// <summary>Takes out what others reach.</summary>
    public Reached Except(Reached other)
    {
        var left = new Reached(plan);
        for (var i = 0; i < nodes.Length; i++)
        {
            left.nodes[i] = nodes[i] && !other.nodes[i];
        }

        return left;
    }
}
