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

        var built = Built();
        var judged = new (FoundWay? Way, Rejected? Rejected)[built.Count];
        var stopped = false;
        Parallel.For(
            0,
            built.Count,
            new ParallelOptions { MaxDegreeOfParallelism = Math.Clamp(Environment.ProcessorCount, 1, MostAtOnce) },
            (i, state) =>
            {
                if (stop?.Invoke() == true)
                {
                    stopped = true;
                    state.Stop();
                    return;
                }

                judged[i] = judge.Of($"w{i}", built[i]);
                if (judged[i].Way is { } way)
                {
                    lock (built)
                    {
                        found?.Invoke(way);
                    }
                }
            }
        );
        var ways = judged.Select(j => j.Way).OfType<FoundWay>().ToList();
        not.AddRange(judged.Select(j => j.Rejected).OfType<Rejected>());
        // What is decided comes before what is not; then by what it is worth.
        return new(
            [.. ways.OrderBy(w => !w.Decided).ThenBy(w => w.Worth).ThenBy(w => w.Key.Length).ThenBy(w => w.Key, StringComparer.Ordinal)],
            not,
            built.Count,
            stopped
        );

        List<BuiltWay> Built()
        {
            var (all, taken) = (new List<BuiltWay>(), new Dictionary<string, int>(StringComparer.Ordinal));
            while (all.Count < most && queue.TryDequeue(out var next, out var at) && stop?.Invoke() != true)
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
                    all.Add(one);
                    taken[source] = taken.GetValueOrDefault(source) + 1;
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

            return all;
        }
    }
}
