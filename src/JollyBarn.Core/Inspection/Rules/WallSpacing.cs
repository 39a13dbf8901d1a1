using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No point along a wall is more than 6 ft from a receptacle.</summary>
/// <remarks>NEC 210.52(A)(1): so 12 ft between two.</remarks>
public sealed class WallSpacing() : OutletSpacing("wall-spacing", WallFacts.WallNext, WallFacts.WallEdge, "outlet.wall")
{
    protected override WallReach Reach(WallPlan plan, WallSide side, LimitTable limits) => WallReach.Floor(plan, side, limits);
}
