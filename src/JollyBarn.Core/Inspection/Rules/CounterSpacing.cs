using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No point along a kitchen counter is more than 24 in from a receptacle.</summary>
/// <remarks>NEC 210.52(C)(1): so 48 in between two.</remarks>
public sealed class CounterSpacing() : OutletSpacing("counter-spacing", WallFacts.CounterNext, WallFacts.CounterEdge, "outlet.counter")
{
    protected override WallReach Reach(WallPlan plan, WallSide side, LimitTable limits) => WallReach.Counters(plan, side, limits);
}
