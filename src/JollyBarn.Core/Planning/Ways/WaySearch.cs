using System.Collections.Concurrent;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Looks for the ways to a wish.</summary>
/// <remarks>Every source, protection, route and enclosure is costed by arithmetic; the likeliest are built and judged, cheapest first, with
/// one source never crowding the others out.</remarks>
public static class WaySearch
{
    /// <summary>So many are built and judged.</summary>
    private const int Most = 24;

    /// <summary>Another way from the same box waits as if it cost this much more, $.</summary>
    private const int Crowd = 12;

    private const int MostAtOnce = 4;

    /// <param name="stop">Asked before each way: true to end with what there is.</param>
    /// <param name="found">Told of each as it is found.</param>
    /// <param name="most">So many are built and judged.</param>
    public static WayAnswer Find(Job job, Wish wish, IShop shop, Func<bool>? stop = null, Action<FoundWay>? found = null, int most = Most)
    {
        var stock = new Stock(job, shop);
        var outlets = new OutletWays(job, wish, stock);
        var (drafts, rejected) = wish.Kind == WishKind.MoreOutlets ? outlets.All() : OtherWays.For(job, wish, stock);
        var judge = new WayJudge(job, wish, stock);
        var not = rejected.ToList();
        var queue = new PriorityQueue<WayDraft, (decimal, int)>();
        var order = 0;
        // A circuit of its own is always among what is looked at, however far the panel is.
        var own = drafts
            .Where(d => d.Choice is { Panel: not null, Route: not null })
            .GroupBy(d => d.Choice.Panel)
            .Select(g => g.MinBy(d => d.Guess)!)
            .ToHashSet(ReferenceEqualityComparer.Instance);
        foreach (var draft in drafts)
        {
            queue.Enqueue(draft, (own.Contains(draft) ? 0 : draft.Guess, order++));
        }

        // One is put together while others are judged: the first is there soon.
        var judged = new ConcurrentDictionary<long, (FoundWay? Way, Rejected? Rejected)>();
        var (stopped, telling) = (false, new Lock());
        Parallel.ForEach(
            Partitioner.Create(Built(), EnumerablePartitionerOptions.NoBuffering),
            new ParallelOptions { MaxDegreeOfParallelism = Math.Clamp(Environment.ProcessorCount, 1, MostAtOnce) },
            (one, state, i) =>
            {
                if (stop?.Invoke() == true)
                {
                    stopped = true;
                    state.Stop();
                    return;
                }

                judged[i] = judge.Of($"w{i}", one);
                if (judged[i].Way is { } way)
                {
                    lock (telling)
                    {
                        found?.Invoke(way);
                    }
                }
            }
        );
        var all = judged.OrderBy(j => j.Key).Select(j => j.Value).ToList();
        var ways = all.Select(j => j.Way).OfType<FoundWay>().ToList();
        not.AddRange(all.Select(j => j.Rejected).OfType<Rejected>());
        // What is decided comes before what is not; then by what it is worth.
        return new(
            [.. ways.OrderBy(w => !w.Decided).ThenBy(w => w.Worth).ThenBy(w => w.Key.Length).ThenBy(w => w.Key, StringComparer.Ordinal)],
            not,
            all.Count,
            stopped
        );

        // Asked for one after another, by whoever is free to judge it.
        IEnumerable<BuiltWay> Built()
        {
            var (count, taken) = (0, new Dictionary<string, int>(StringComparer.Ordinal));
            while (count < most && queue.TryDequeue(out var next, out var at) && stop?.Invoke() != true)
            {
                var source = next.Choice.From?.Text ?? next.Choice.Panel ?? "";
                var waits = next.Guess + (Crowd * taken.GetValueOrDefault(source));
                if (!own.Contains(next) && at.Item1 < waits && queue.Count > 0)
                {
                    queue.Enqueue(next, (waits, order++));
                    continue;
                }

                var one = next.Build(job);
                if (one.Edit is not null)
                {
                    count++;
                    taken[source] = taken.GetValueOrDefault(source) + 1;
                    yield return one;
                }
                else if (one.Rejected is { } miss)
                {
                    not.Add(miss);
                    foreach (var more in wish.Kind == WishKind.MoreOutlets ? outlets.More(miss) : [])
                    {
                        queue.Enqueue(more, (more.Guess, order++));
                    }
                }
            }
        }
    }
}
