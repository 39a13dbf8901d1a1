using System.Globalization;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>What operations took by the marks of make-up cards: from one mark of a person at a box to their next.</summary>
/// <remarks><em>Practice</em>: whoever was away longer than half an hour was not at it; that step is not timed, and neither is the
/// operation
/// it is part of.</remarks>
internal static class TickTimes
{
    private static readonly TimeSpan Longest = TimeSpan.FromMinutes(30);

    /// <summary>Minutes of each operation of this kind that was timed whole.</summary>
    public static IEnumerable<decimal> Of(Job job, string op) =>
        job
            .Changes.Values.SelectMany(c => c.Ticks.GroupBy(t => (t.Box, t.By)))
            .SelectMany(marks => Steps(marks).Where(s => s.Tick.Op == op).GroupBy(s => s.Tick.Of))
            .Where(whole => whole.All(s => s.Took is not null))
            .Select(whole => (decimal)whole.Sum(s => s.Took!.Value.TotalMinutes));

    private static IEnumerable<(Tick Tick, TimeSpan? Took)> Steps(IEnumerable<Tick> ticks)
    {
        DateTimeOffset? before = null;
        foreach (var tick in ticks)
        {
            DateTimeOffset? at = DateTimeOffset.TryParse(tick.At, CultureInfo.InvariantCulture, out var time) ? time : null;
            var took = at - before;
            yield return (tick, took is { } t && t > TimeSpan.Zero && t <= Longest ? t : null);
            before = at ?? before;
        }
    }
}
