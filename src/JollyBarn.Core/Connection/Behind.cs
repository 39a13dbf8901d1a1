using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>On whose load side each piece lies: what opening one protective device alone cuts off from where power can come.</summary>
internal sealed class Behind
{
    private readonly Labels apart;
    private readonly Dictionary<int, List<GuardKey>> found = [];

    /// <param name="apart">Pieces with no protective device closed and every switch either way.</param>
    /// <param name="lines">The line side of each device: a piece for its hot and one for its neutral.</param>
    public Behind(
        Labels apart,
        IReadOnlyList<(int From, int To, GuardKey Guard)> guards,
        IReadOnlyList<(GuardKey Guard, int Hot, int Neutral)> lines
    )
    {
        this.apart = apart;
        var edges = guards.Select(g => (From: apart.Pieces.Root(g.From), To: apart.Pieces.Root(g.To), g.Guard)).ToList();
        var roots = edges.SelectMany(e => new[] { e.From, e.To }).Distinct().Order().ToList();
        var all = Fed(roots, edges);
        foreach (var (guard, hot, neutral) in lines)
        {
            var left = Fed(roots, edges.Where(e => e.Guard != guard));
            bool CutOff(int piece) => apart.Pieces.Root(piece) is var root && all.Contains(root) && !left.Contains(root);
            if (CutOff(hot) || CutOff(neutral))
            {
                BackFed[guard] = (CutOff(hot), CutOff(neutral));
            }

            // One fed at its load side senses nothing and cannot be reset.
            foreach (var root in CutOff(hot) ? [] : all.Where(r => !left.Contains(r)))
            {
                (found.TryGetValue(root, out var list) ? list : found[root] = []).Add(guard);
            }
        }
    }

    /// <summary>Devices whose feed comes to the load side: the hot, the neutral, or both.</summary>
    public Dictionary<GuardKey, (bool Hot, bool Neutral)> BackFed { get; } = [];

    public IReadOnlyList<GuardKey> Of(int node) => found.TryGetValue(apart.Pieces.Root(node), out var guards) ? guards : [];

    /// <summary>Pieces that power can come to along these edges: from a panel, or from where nobody has looked.</summary>
    private HashSet<int> Fed(List<int> roots, IEnumerable<(int From, int To, GuardKey)> edges)
    {
        var place = roots.Select((r, i) => (r, i)).ToDictionary(p => p.r, p => p.i);
        var pieces = new Pieces(roots.Count);
        foreach (var (from, to, _) in edges)
        {
            pieces.Join(place[from], place[to]);
        }

        var fed = roots
            .Where(r => apart.Of(r) is { Hot: true } or { Neutral: true } or { Closed: false })
            .Select(r => pieces.Root(place[r]));
        var sources = fed.ToHashSet();
        return [.. roots.Where(r => sources.Contains(pieces.Root(place[r])))];
    }
}
