using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Walls;
using JollyBarn.Wiring;
using static JollyBarn.Core.Tests.Walls.WallHouse;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>What receptacles reach along a wall, and marks carried through it. NEC 210.52(A) and (C).</summary>
public sealed class ReachTests
{
    private static readonly LimitTable Limits = LimitTable.For(CodeProfile.Default);

    /// <summary>Two receptacles 12 ft apart leave no point over 6 ft; an inch more, and an inch of wall is left.</summary>
    [Theory]
    [InlineData("216", null)]
    [InlineData("217", "1")]
    public void No_point_of_a_wall_is_over_six_feet_from_a_receptacle(string second, string? gap)
    {
        var job = With(Plain with { Wide = In("288") })
            .Box("a", Left("72"), Floor("12"), device: "receptacle")
            .Box("b", Left(second), Floor("12"), device: "receptacle");
        var gaps = WallReach.Floor(job.Plan(), WallSide.Near, Limits).Gaps;
        Assert.Equal(
            gap is null ? Array.Empty<(Length, bool)>() : [(Length.Parse(gap), true)],
            gaps.Where(g => g.From > Length.Zero).Select(g => (g.Size, g.Open is null))
        );
    }

    /// <summary>To a door, 6 ft are all there is; round a corner another receptacle may reach.</summary>
    [Fact]
    public void A_gap_by_a_door_is_decided_and_one_by_a_corner_is_not()
    {
        var job = With(Plain with { Wide = In("288") }, ("door", Door("200")))
            .Box("a", Left("110"), Floor("12"), device: "receptacle")
            .Box("b", Left("270"), Floor("12"), device: "receptacle");
        var gaps = WallReach.Floor(job.Plan(), WallSide.Near, Limits).Gaps;
        Assert.Equal([(Length.Parse("38"), false), (Length.Parse("18"), true)], gaps.Select(g => (g.Size, g.Open is null)));
    }

    /// <summary>Between two doors, 2 ft of wall ask for a receptacle and less does not, 210.52(A)(2).</summary>
    [Theory]
    [InlineData("24", 1)]
    [InlineData("23 15/16", 0)]
    public void A_narrow_wall_asks_for_none(string between, int gaps)
    {
        var right = Length.Parse("60") + Length.Parse(between);
        var job = With(Plain, ("one", Door("28")), ("two", Door(right.ToString())));
        Assert.Equal(gaps, WallReach.Floor(job.Plan(), WallSide.Near, Limits).Gaps.Count(g => g.From == Length.Inches(60)));
    }

    /// <summary>Higher than 5½ ft it does not count, and neither does a switch or the other face.</summary>
    [Theory]
    [InlineData("12", "receptacle", WallSide.Near, true)]
    [InlineData("66", "receptacle", WallSide.Near, false)]
    [InlineData("12", "switch", WallSide.Near, false)]
    [InlineData("12", "receptacle", WallSide.Far, false)]
    public void Only_a_receptacle_within_reach_counts(string bottom, string device, WallSide side, bool counts)
    {
        var job = With(Plain).Box("a", Left("72"), Floor(bottom), side, device: device);
        var reach = WallReach.Floor(job.Plan(), WallSide.Near, Limits);
        Assert.Equal(counts, reach.Around("a") is not null);
    }

    /// <summary>Along a counter 2 ft: of 64 in with one receptacle at 14, from 38 on nothing reaches. 210.52(C)(1).</summary>
    [Fact]
    public void A_counter_asks_every_two_feet()
    {
        var counter = new WallThing(WallThingKind.Counter)
        {
            Side = WallSide.Near,
            Across = Left("0", TapeTo.Low),
            Up = Floor("36", TapeTo.High),
            Width = In("64"),
            Height = In("1 1/2"),
        };
        var job = With(Plain, ("c", counter)).Box("a", Left("14"), Floor("42"), device: "receptacle");
        var gap = Assert.Single(WallReach.Counters(job.Plan(), WallSide.Near, Limits).Gaps);
        Assert.Equal((Length.Inches(38), Length.Inches(64), true), (gap.From, gap.To, gap.Open is null));
    }

    /// <summary>A box nobody measured or opened may be the receptacle that is missed, and so may one whose place is a guess.</summary>
    [Theory]
    [InlineData("no place")]
    [InlineData("not opened")]
    [InlineData("a guess")]
    public void A_gap_waits_for_boxes_that_are_not_known(string how)
    {
        var job = With(Plain with { Wide = In("288") }, ("g", Stud("40", FoundHow.Guessed)))
            .Box("a", Left("72"), Floor("12"), device: "receptacle")
            .Box("b", Left("230"), Floor("12"), device: "receptacle");
        Assert.Contains(WallReach.Floor(job.Plan(), WallSide.Near, Limits).Gaps, g => g.Open is null);
        job = how switch
        {
            "no place" => job.Do(new AddBox("c", "Box c", "nm-1g-18"), new SetBoxWall("c", "w")),
            "not opened" => job.Box("c", Left("150"), Floor("12")),
            _ => job.Box("c", Held("g", TapeTo.High, "4"), Floor("12"), device: "receptacle"),
        };
        Assert.All(WallReach.Floor(job.Plan(), WallSide.Near, Limits).Gaps, g => Assert.Equal(GapOpen.Box, g.Open));
    }

    /// <summary>Jambs of unequal width: 21⅝ in inside, ⅝ farther outside, 22¼ there, ⅛ off at most with two tapes of 1/16. A thin hole
    /// through a wall of 4½ in leans by at most 9/64 more.</summary>
    [Fact]
    public void A_mark_goes_through_by_the_edge_that_is_surest()
    {
        var hole = new WallThing(WallThingKind.ThinHole) { Across = Left("50"), Up = Floor("20") };
        var job = With(Plain, ("door", Door("82", leftFar: "5/8")), ("hole", hole)).Box("a", Left("60 3/8"), Floor("12"));
        var through = Transfer.Of(job.Plan(), job.Plan().Box("a")!, job.Practice);
        Assert.Equal(["door", "hole"], through.Ways.Take(2).Select(w => w.By.Of));
        var door = through.Ways[0];
        Assert.Equal((Length.Parse("21 5/8"), Length.Parse("22 1/4")), (door.Near, door.Far!.Value));
        Assert.Equal(Length.Parse("1/8"), door.Off);
        Assert.Equal(Length.Parse("17/64"), through.Ways[1].Off);
        Assert.All(through.Ways.Skip(2), w => Assert.Null(w.Far));
    }

    /// <summary>The porch floor 5 in lower: 12 in to the bottom inside is 17 there; not measured, nothing is said.</summary>
    [Theory]
    [InlineData("5", "17")]
    [InlineData("-2", "10")]
    [InlineData(null, null)]
    public void A_height_is_carried_by_how_the_floors_lie(string? lower, string? height)
    {
        var wall = Plain with { FarFloor = lower is null ? Fact<Length>.Unknown : In(lower) };
        var job = With(wall).Box("a", Left("30"), Floor("12"));
        var through = Transfer.Of(job.Plan(), job.Plan().Box("a")!, job.Practice);
        Assert.Equal(height is null ? null : Length.Parse(height), through.Height);
    }
}
