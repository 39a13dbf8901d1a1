using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Telling.Ways;
using JollyBarn.Walls;
using JollyBarn.Wiring;
using static JollyBarn.Core.Tests.Walls.WallHouse;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>The way of a cable along a wall, by hand, and ways that go it.</summary>
public sealed class WallWayTests
{
    /// <summary>Boxes of 3½ in at 12 in, 60 in apart, with studs at 32, 48 and 64 between: up 8 in over their tops, 60
    /// across, down 8.</summary>
    [Fact]
    public void It_rises_goes_through_the_studs_and_comes_down()
    {
        var way = Between(With(Plain, ("s1", Stud("32")), ("s2", Stud("48")), ("s3", Stud("64"))), "20", "80");
        Assert.Equal((Length.Inches(76), Length.Parse("23 1/2")), (way.Way, way.Level!.Value));
        Assert.Equal((3, 0, true), (way.Studs.Count, way.Guessed, way.Sure));
    }

    [Fact]
    public void In_one_bay_it_goes_straight()
    {
        var way = Between(With(Plain, ("s1", Stud("16")), ("s2", Stud("48"))), "20", "40");
        Assert.Equal((Length.Inches(20), null), (way.Way, way.Level));
        Assert.Empty(way.Studs);
    }

    [Fact]
    public void Guessed_studs_are_counted_apart_and_make_it_unsure()
    {
        var way = Between(With(Plain with { Spacing = In("16") }), "20", "60");
        Assert.Equal((0, 2, false), (way.Studs.Count, way.Guessed, way.Sure));
    }

    /// <summary>A door of 80 in between: over it by 12, so 92 up; a duct from floor to ceiling stops it.</summary>
    [Fact]
    public void It_goes_over_a_door_and_not_through_a_duct()
    {
        var over = Between(With(Plain, ("door", Door("40")), ("s", Stud("36"))), "20", "90");
        Assert.Equal(Length.Inches(92), over.Level);
        Assert.Empty(over.Stopped);
        var duct = new WallThing(WallThingKind.Duct) { Across = Left("50"), Width = In("10") };
        Assert.Equal(["duct"], Between(With(Plain, ("duct", duct), ("s", Stud("36"))), "20", "90").Stopped);
    }

    /// <summary>The demo's porch: wished for 17½ in right of the type store's box, it is run through the stud between by numbers off the
    /// wall; where the pipe is, no way cuts its hole.</summary>
    [Fact]
    public void A_wish_on_a_wall_is_run_along_it_and_not_into_a_pipe()
    {
        var demo = Demo.Present;
        var found = Find(demo, "70");
        var along = found.Ways.First(w => w.Choice.AlongWall is not null);
        Assert.Equal("type-door", along.Choice.From!.Value.Text);
        Assert.Equal(1, along.Choice.AlongWall!.Studs.Count + along.Choice.AlongWall.Guessed);
        Assert.Equal(along.Choice.Along!.Value, along.Choice.AlongWall.Way);
        var put = along.After.Boxes[along.Choice.New!.Value];
        Assert.Equal(("type-porch", TapeStart.LeftCorner), (put.Wall, put.Spot!.Across.From));
        Assert.Contains(WayOpen.Wall, along.Choice.Open);
        var how = string.Join(" ", ToldWays.Way(demo, Wish("70"), along, Shop).How);
        Assert.Contains("along the wall, through 1 stud", how, StringComparison.Ordinal);

        var pipe = Find(demo, "33");
        Assert.Contains(pipe.Rejected, r => r.Why == WayMiss.CutStops && r.Details["note"] is CutNote { Case: CutCase.Pipe });
        Assert.DoesNotContain(pipe.Ways, w => w.Choice.Route == WayRoute.Inside);
    }

    private static readonly StandInShop Shop = new();

    private static WayAnswer Find(Job demo, string x) => WaySearch.Find(demo, Wish(x), Shop);

    private static Wish Wish(string x) =>
        new(WishKind.MoreOutlets, Place: "type")
        {
            Wall = "type-porch",
            Spot = new(Left(x), Floor("12")),
            Closed = true,
        };

    private static WallWay Between(Job job, string from, string to)
    {
        var house = job.Box("a", Left(from), Floor("12")).Box("b", Left(to), Floor("12"));
        return WallWay.Between(house.Plan(), house.Plan().Box("a")!.At, house.Plan().Box("b")!.At)!;
    }
}
