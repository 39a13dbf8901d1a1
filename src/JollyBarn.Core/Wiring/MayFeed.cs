namespace JollyBarn.Wiring;

/// <summary>Which boxes a breaker or a switch may feed, as far as the record tells: what is not known not to be fed is.</summary>
/// <remarks>
/// Boxes that cables join are one island, whatever lies in them: which lead goes where is not asked, so a neutral borrowed from the next
/// circuit keeps both together, and a cut cable still joins. An island is known when every box of it is completely recorded and every
/// cable end of it is in a box, at something fixed, or at a panel on a circuit that a breaker there feeds. <em>Practice</em>: what nobody
/// followed may come from anywhere.
/// </remarks>
public sealed class MayFeed
{
    private readonly Dictionary<Id<Box>, int> islands = [];
    private readonly HashSet<int> open = [];
    private readonly Dictionary<int, HashSet<(string Panel, string Breaker)>> fed = [];
    private readonly bool subPanels;

    public MayFeed(Job job)
    {
        var parent = job.Boxes.ToDictionary(b => b.Key, b => b.Key);
        Id<Box> Root(Id<Box> box) => parent[box] == box ? box : parent[box] = Root(parent[box]);
        foreach (var run in job.Runs.Values)
        {
            if (run.A.Box is { } one && run.B.Box is { } other && job.Boxes.Has(one) && job.Boxes.Has(other))
            {
                parent[Root(one)] = Root(other);
            }
        }

        // A second panel hangs on a breaker of the first, whether or not the cable between them is recorded.
        subPanels = job.Panels.Count > 1;
        var numbers = new Dictionary<Id<Box>, int>();
        foreach (var (id, box) in job.Boxes)
        {
            var root = Root(id);
            numbers.TryAdd(root, numbers.Count);
            islands[id] = numbers[root];
            if (box.Contents != Contents.Complete)
            {
                open.Add(numbers[root]);
            }
        }

        foreach (var run in job.Runs.Values)
        {
            foreach (var (near, far) in new[] { (run.A, run.B), (run.B, run.A) })
            {
                if (near.Box is { } box && islands.TryGetValue(box, out var island))
                {
                    Ends(job, run, far, island);
                }
            }
        }
    }

    /// <summary>True unless the box is known not to hang on that breaker.</summary>
    public bool Breaker(string panel, string breaker, Id<Box> box) =>
        subPanels
        || !islands.TryGetValue(box, out var island)
        || open.Contains(island)
        || (fed.TryGetValue(island, out var on) && on.Contains((panel, breaker)));

    /// <summary>True unless the box is known to be joined by no cable with the box of a switch.</summary>
    public bool Switch(Id<Box> at, Id<Box> box) =>
        !islands.TryGetValue(at, out var from)
        || !islands.TryGetValue(box, out var to)
        || from == to
        || (open.Contains(from) && open.Contains(to));

    private void Ends(Job job, Run run, RunEnd far, int island)
    {
        if (far.At == EndAt.Unknown || (far.Box is { } box && !job.Boxes.Has(box)))
        {
            open.Add(island);
        }
        else if (far.At == EndAt.Panel)
        {
            var breakers = job.Panels.Find(far.Id)?.Breakers.Where(b => b.Circuit is not null && b.Circuit == run.Circuit).ToList() ?? [];
            if (breakers.Count == 0)
            {
                open.Add(island);
            }

            fed.TryAdd(island, []);
            fed[island].UnionWith(breakers.Select(b => (far.Id!, b.Key)));
        }
    }
}
