using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>What a height is usual for.</summary>
public enum HeightFor
{
    Receptacle,
    Switch,
    Bench,
    Counter,
}

/// <summary>A height of the house over the finished floor, and the edge of the box it is measured to.</summary>
public sealed record UsualHeight(HeightFor For, TapeTo To, Length Height)
{
    /// <summary>The house's heights. <em>Practice</em>: a receptacle 12 in to its bottom, which is 16 to its top for a box of 4 in; a bench
    /// 48.</summary>
    public static IReadOnlyList<UsualHeight> Of(HousePractice house) =>
        [
            new(HeightFor.Receptacle, TapeTo.Low, Length.FromInches(WallBook.OutletHeight.Of(house))),
            new(HeightFor.Switch, TapeTo.High, Length.FromInches(WallBook.SwitchHeight.Of(house))),
            new(HeightFor.Bench, TapeTo.Low, Length.FromInches(WallBook.BenchHeight.Of(house))),
            new(HeightFor.Counter, TapeTo.Low, Length.FromInches(WallBook.CounterHeight.Of(house))),
        ];
}
