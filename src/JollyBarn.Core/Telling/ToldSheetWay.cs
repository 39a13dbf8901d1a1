using JollyBarn.Edits;
using JollyBarn.Planning;
using JollyBarn.Telling.History;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>One thing a gesture on the run sheet may mean, with what it would do.</summary>
/// <param name="Says">What the log would say.</param>
/// <param name="Outcome">What it would do; null where it cannot be done.</param>
public sealed record ToldSheetWay(SheetMove Move, Edit Edit, string Says, ToldRefusal? Why, ToldOutcome? Outcome)
{
    public static IReadOnlyList<ToldSheetWay> Tell(Job job, IReadOnlyList<SheetWay> ways) =>
        [
            .. ways.Select(w => new ToldSheetWay(
                w.Move,
                w.Edit,
                w.Edit.Tell(job),
                w.Why?.Tell(),
                w.Why is null ? ToldOutcome.Between(job, w.Edit.Apply(job)) : null
            )),
        ];
}
