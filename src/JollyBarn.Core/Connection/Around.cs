namespace JollyBarn.Connection;

/// <summary>The nodes of a job with what each hangs on directly: for a walk that goes round one box.</summary>
internal sealed class Around
{
    private readonly List<int>[] next;
    private readonly Dictionary<int, List<PanelEnd>> lands = [];
    private readonly Dictionary<int, List<OpenEnd>> open = [];

    public Around(int nodes, IEnumerable<(int From, int To)> edges, Marks marks)
    {
        next = new List<int>[nodes];
        foreach (var (from, to) in edges)
        {
            (next[from] ??= []).Add(to);
            (next[to] ??= []).Add(from);
        }

        foreach (var (node, at) in marks.Lands)
        {
            (lands.TryGetValue(node, out var list) ? list : lands[node] = []).Add(at);
        }

        foreach (var (node, end) in marks.Open)
        {
            (open.TryGetValue(node, out var list) ? list : open[node] = []).Add(end);
        }
    }

    /// <summary>What a conductor reaches without going through some nodes.</summary>
    public Reaching From(int start, Func<int, bool> barred)
    {
        var (seen, ahead) = (new HashSet<int> { start }, new Stack<int>([start]));
        var (at, ends) = (new List<PanelEnd>(), new List<OpenEnd>());
        while (ahead.TryPop(out var node))
        {
            at.AddRange(lands.GetValueOrDefault(node) ?? []);
            ends.AddRange(open.GetValueOrDefault(node) ?? []);
            foreach (var on in next[node] ?? [])
            {
                if (!barred(on) && seen.Add(on))
                {
                    ahead.Push(on);
                }
            }
        }

        return new(at, ends, []);
    }
}
