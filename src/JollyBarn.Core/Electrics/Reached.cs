using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Which points hang together along links for which a test holds.</summary>
internal sealed class PlanPieces
{
    private readonly LinkPlan plan;
    private readonly Pieces pieces;

    public PlanPieces(LinkPlan plan, Func<Link, bool> along)
    {
        (this.plan, pieces) = (plan, new(plan.Nodes));
        foreach (var (from, to) in plan.Ends(along))
        {
            pieces.Join(from, to);
        }
    }

    public bool Same(string a, string b) =>
        plan.TryNode(a, out var one) && plan.TryNode(b, out var other) && pieces.Root(one) == pieces.Root(other);
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
