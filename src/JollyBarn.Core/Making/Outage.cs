using JollyBarn.CodeBook;
using JollyBarn.Connection.Sheet;
using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What is done in one box of one Change while its breakers are off.</summary>
/// <param name="Breakers">Keys of the breakers that must be off.</param>
/// <param name="Minutes">By the operations of this house.</param>
public sealed record DarkTask(string Change, Id<Box> Box, IReadOnlyList<string> Breakers, decimal Minutes);

/// <summary>A task put into the day.</summary>
/// <param name="Hand">Whose: counted from 0.</param>
/// <param name="From">Minutes from the beginning.</param>
public sealed record DarkSlot(DarkTask Task, int Hand, decimal From)
{
    public decimal Until => From + Task.Minutes;
}

/// <summary>A breaker that is off once, from its first task to the end of its last.</summary>
public sealed record DarkBreaker(string Breaker, decimal From, decimal Until, IReadOnlyList<Id<Box>> Feeds);

/// <summary>When what is off, over all open Changes: each breaker goes off once, which is the fewest it can, and what shares breakers is
/// done one after the other in the order that leaves them dark the shortest.</summary>
/// <param name="NotKnown">Boxes that are worked in and whose breaker nobody knows: find it first.</param>
public sealed record Outage(IReadOnlyList<DarkSlot> Slots, IReadOnlyList<DarkBreaker> Off, IReadOnlyList<Id<Box>> NotKnown)
{
    /// <summary>Up to so many sets of breakers every order is tried.</summary>
    private const int TriedWhole = 7;

    /// <summary>A step no operation counts. <em>Practice</em>.</summary>
    private const decimal OtherStep = 1.5m;

    public decimal Minutes => Slots.Select(s => s.Until).DefaultIfEmpty(0).Max();

    /// <param name="hands">How many work at once.</param>
    public static Outage Of(Job job, int hands, string by, string now)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(hands);
        var tasks = job.Changes.Where(c => c.Value.Closed is null).SelectMany(c => Tasks(job, c.Key, by, now)).ToList();
        var known = tasks.Where(t => t.Breakers.Count > 0).ToList();
        var slots = Laid(known, hands);
        return new(slots, Darkness(job, slots), [.. tasks.Where(t => t.Breakers.Count == 0).Select(t => t.Box).Distinct()]);
    }

    /// <summary>Tasks laid out: sets of breakers one after the other, in a set all hands at once, the longest first.</summary>
    public static IReadOnlyList<DarkSlot> Laid(IReadOnlyList<DarkTask> tasks, int hands)
    {
        var groups = tasks
            .GroupBy(t => string.Join('|', t.Breakers.Order(StringComparer.Ordinal)))
            .OrderBy(g => g.Key, StringComparer.Ordinal)
            .Select(g => Packed([.. g], hands))
            .ToList();
        var slots = new List<DarkSlot>();
        var from = 0m;
        foreach (var group in Shortest(groups))
        {
            slots.AddRange(group.Select(s => s with { From = from + s.From }));
            from += Long(group);
        }

        return slots;
    }

    private static decimal Long(IReadOnlyList<DarkSlot> group) => group.Max(s => s.Until);

    /// <summary>Each task to the hand that is free first, the longest first.</summary>
    private static List<DarkSlot> Packed(IReadOnlyList<DarkTask> tasks, int hands)
    {
        var free = new decimal[hands];
        var slots = new List<DarkSlot>();
        foreach (var task in tasks.OrderByDescending(t => t.Minutes).ThenBy(t => t.Box))
        {
            var hand = Array.IndexOf(free, free.Min());
            slots.Add(new(task, hand, free[hand]));
            free[hand] += task.Minutes;
        }

        return slots;
    }

    /// <summary>The order of groups that leaves breakers dark the shortest, minutes of all together.</summary>
    private static List<List<DarkSlot>> Shortest(List<List<DarkSlot>> groups)
    {
        if (groups.Count > TriedWhole)
        {
            return Chained(groups);
        }

        var best = groups;
        var least = Dark(groups);
        foreach (var order in Orders(groups))
        {
            var dark = Dark(order);
            (best, least) = dark < least ? (order, dark) : (best, least);
        }

        return best;
    }

    /// <summary>Many sets: after each the one that shares most with what is off already.</summary>
    private static List<List<DarkSlot>> Chained(List<List<DarkSlot>> groups)
    {
        var (left, order) = (groups.ToList(), new List<List<DarkSlot>>());
        IReadOnlyList<string> off = [];
        while (left.Count > 0)
        {
            var next = left.MaxBy(g => g[0].Task.Breakers.Intersect(off).Count())!;
            left.Remove(next);
            order.Add(next);
            off = next[0].Task.Breakers;
        }

        return order;
    }

    private static IEnumerable<List<List<DarkSlot>>> Orders(List<List<DarkSlot>> groups)
    {
        if (groups.Count <= 1)
        {
            yield return groups;
            yield break;
        }

        for (var i = 0; i < groups.Count; i++)
        {
            var first = groups[i];
            foreach (var rest in Orders([.. groups.Where((_, n) => n != i)]))
            {
                yield return [first, .. rest];
            }
        }
    }

    /// <summary>Minutes that breakers are off, all together: from their first group to the end of their last.</summary>
    private static decimal Dark(List<List<DarkSlot>> order)
    {
        var (at, spans) = (0m, new Dictionary<string, (decimal From, decimal Until)>(StringComparer.Ordinal));
        foreach (var group in order)
        {
            var until = at + Long(group);
            foreach (var breaker in group[0].Task.Breakers)
            {
                spans[breaker] = (spans.TryGetValue(breaker, out var span) ? span.From : at, until);
            }

            at = until;
        }

        return spans.Values.Sum(s => s.Until - s.From);
    }

    private static IReadOnlyList<DarkBreaker> Darkness(Job job, IReadOnlyList<DarkSlot> slots)
    {
        var fed = RunSheet
            .Of(job)
            .Rails.SelectMany(r => r.Stops.Where(s => s is { At: StopAt.Box, Id: not null }).Select(s => (r, s)))
            .SelectMany(x => (x.s.Breakers.Count > 0 ? x.s.Breakers : x.r.Breakers).Select(b => (Breaker: b, Box: (Id<Box>)x.s.Id!)))
            .ToLookup(x => x.Breaker, x => x.Box);
        return
        [
            .. slots
                .SelectMany(s => s.Task.Breakers.Select(b => (Breaker: b, Slot: s)))
                .GroupBy(x => x.Breaker)
                .Select(g => new DarkBreaker(
                    g.Key,
                    g.Min(x => x.Slot.From),
                    g.Max(x => x.Slot.Until),
                    [.. fed[g.Key].Where(job.Boxes.Has).Distinct().Order()]
                ))
                .OrderBy(d => d.From)
                .ThenBy(d => d.Breaker, StringComparer.Ordinal),
        ];
    }

    private static IEnumerable<DarkTask> Tasks(Job job, string change, string by, string now)
    {
        var doing = Doing.Of(job, change);
        foreach (var id in doing.Boxes)
        {
            var steps = MakeUpCard.All(doing, id, by, now);
            if (!steps.Exists(s => s.Touches))
            {
                continue;
            }

            var card = new CardMaker(doing, id);
            var minutes = Prove(job) + steps.Where(s => s.Stage is not (StepStage.Dead or StepStage.Test)).Sum(s => Takes(job, s, steps));
            yield return new(change, id, [.. Finishing.Breakers(card).Select(b => BreakerKey.Of(b.Panel, b.Breaker))], minutes);
        }
    }

    private static decimal Prove(Job job) => LearnedMinutes.Of(job, WayBook.Prove).Minutes;

    /// <summary>An operation's minutes are shared among the steps that are it.</summary>
    private static decimal Takes(Job job, CardStep step, List<CardStep> all) =>
        StepOps.Of(step) is { } op
            ? LearnedMinutes.Of(job, op.Op).Minutes / all.Count(s => StepOps.Of(s) is { } other && other.Op == op.Op && other.Of == op.Of)
            : OtherStep;
}
