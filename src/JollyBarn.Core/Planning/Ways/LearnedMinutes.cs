using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Minutes of one operation: the house's number until it was timed often enough, then the median of what was logged
/// and of what the marks of make-up cards tell.</summary>
/// <param name="Timed">How often it was timed.</param>
public sealed record LearnedMinutes(decimal Minutes, int Timed)
{
    /// <summary>From so many on the median counts. <em>Practice</em>.</summary>
    public const int Enough = 3;

    public static LearnedMinutes Of(Job job, Assumption op)
    {
        List<decimal> each =
        [
            .. job.Timed.Values.Where(t => t.Op == op.Key).Select(t => t.Minutes / t.Count).Concat(TickTimes.Of(job, op.Key)).Order(),
        ];
        return new(
            each.Count < Enough ? op.Of(job.Practice)
                : each.Count % 2 == 1 ? each[each.Count / 2]
                : (each[(each.Count / 2) - 1] + each[each.Count / 2]) / 2,
            each.Count
        );
    }
}
