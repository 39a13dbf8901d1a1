using CsCheck;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Walls;
using JollyBarn.Wiring;
using static JollyBarn.Core.Tests.Walls.WallHouse;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>Laying out a wall, worked by hand with a tape.</summary>
public sealed class WallPlanTests
{
    /// <summary>A box 2¼ wide whose middle is 21⅝ left of a jamb that begins at 82: from 59¼ to 61½. Twelve inches from a finished floor
    /// that is ¾ over the one there is: its bottom is 12¾ up.</summary>
    [Fact]
    public void A_box_is_where_its_tapes_say()
    {
        var plan = With(Plain with { FloorBuildUp = In("3/4") }, ("door", Door("82")))
            .Box("a", Held("door", TapeTo.Low, "-21 5/8"), Floor("12"))
            .Plan();
        var at = plan.Box("a")!.At;
        Assert.Equal((Length.Parse("59 1/4"), Length.Parse("61 1/2")), (at.Across!.Low, at.Across.High));
        Assert.Equal((Length.Parse("12 3/4"), Length.Parse("16 1/4")), (at.Up!.Low, at.Up.High));
        Assert.True(at.Across.Sure && at.Up.Sure);
    }

    [Theory]
    [InlineData(TapeStart.FloorNow, "12 3/4", "12 3/4")]
    [InlineData(TapeStart.FinishedFloor, "12", "12 3/4")]
    [InlineData(TapeStart.Ceiling, "83 1/4", "12 3/4")]
    public void A_height_starts_at_what_a_tape_can_start_at(TapeStart start, string way, string bottom)
    {
        var job = With(Plain with { FloorBuildUp = In("3/4") }).Box("a", Left("30"), new(start, In(way), TapeTo.Low));
        Assert.Equal(Length.Parse(bottom), job.Plan().Box("a")!.At.Up!.Low);
    }

    /// <summary>A floor that falls by 1½ in over 144: at 96 it is 1 in lower. A row kept level is there 13 in over the floor.</summary>
    [Fact]
    public void A_row_is_level_where_the_floor_is_not()
    {
        var job = With(Plain with { FloorDrop = In("1 1/2") })
            .Box("a", Left("0", TapeTo.Low), Floor("12"))
            .Box("b", Left("96"), new(TapeStart.Box, In("0"), TapeTo.Low, "a", TapeTo.Low));
        var plan = job.Plan();
        var (a, b) = (plan.Box("a")!.At, plan.Box("b")!.At);
        Assert.Equal(a.Up!.Low, b.Up!.Low);
        Assert.Equal(Length.Parse("-1"), plan.Floor(WallSide.Near, true, Length.Inches(96)));
        var row = Assert.Single(WallRow.Of(plan, job.Practice));
        Assert.Equal((Length.Zero, 2), (row.Off, row.Boxes.Count));
    }

    [Fact]
    public void Boxes_at_two_heights_are_no_row()
    {
        var job = With(Plain).Box("a", Left("20"), Floor("12")).Box("b", Left("60"), Floor("48"));
        Assert.Empty(WallRow.Of(job.Plan(), job.Practice));
    }

    /// <summary>A jamb that stands ⅝ in farther in on the face behind: 22¼ from it there is 21⅝ from it here.</summary>
    [Fact]
    public void A_tape_on_the_other_face_starts_at_that_faces_edge()
    {
        var job = With(Plain, ("door", Door("82", leftFar: "5/8")))
            .Box("in", Held("door", TapeTo.Low, "-21 5/8"), Floor("12"))
            .Box("out", Held("door", TapeTo.Low, "-22 1/4"), Floor("12"), WallSide.Far);
        var plan = job.Plan();
        Assert.Equal(plan.Box("in")!.At.Across, plan.Box("out")!.At.Across);
    }

    /// <summary>What is measured from a guess is a guess.</summary>
    [Fact]
    public void A_guess_is_handed_on()
    {
        var job = With(Plain, ("s", Stud("40", FoundHow.Guessed))).Box("a", Held("s", TapeTo.High, "4"), Floor("12"));
        var at = job.Plan().Box("a")!.At;
        Assert.False(at.Across!.Sure);
        Assert.True(at.Up!.Sure);
    }

    [Fact]
    public void What_has_nothing_to_be_measured_from_has_no_place()
    {
        var job = With(Plain with { Wide = Fact<Length>.Unknown }).Box("a", new(TapeStart.RightCorner, In("10")), Floor("12"));
        Assert.Null(job.Plan().Box("a")!.At.Across);
        Assert.DoesNotContain(WallNumbers.Of(job.Plan(), job.Plan().Box("a")!), n => !n.Up);
    }

    /// <summary>Two things may lean on each other on different axes, and not on the same.</summary>
    [Fact]
    public void A_circle_of_tapes_is_refused()
    {
        var job = With(Plain).Box("a", Left("20"), Floor("12")).Box("b", new(TapeStart.Box, In("10"), Of: "a"), Floor("12"));
        var row = new SetBoxWall("a", "w", new(Left("20"), new(TapeStart.Box, In("0"), TapeTo.Low, "b", TapeTo.Low)));
        Assert.Null(row.Check(job));
        Assert.True(job.Do(row).Plan().Box("a")!.At.IsPlaced);
        var circle = new SetBoxWall("a", "w", new(new(TapeStart.Box, In("10"), Of: "b"), Floor("12")));
        Assert.Equal(Terms.Why.TapeCircle, circle.Check(job)!.Why);
    }

    /// <summary>By 16 in from the left corner, no stud where one was found within a third of it, none in the door, and none by the
    /// corner, which has its own.</summary>
    [Fact]
    public void Studs_nobody_found_are_guessed_by_the_spacing()
    {
        var wall = Plain with { Spacing = In("16"), Wide = In("112") };
        Assert.Equal([16m, 32, 48, 64, 80, 96], Middles(With(wall)));
        Assert.Equal([17m, 49, 65, 81, 97], Middles(With(wall, ("s", Stud("33")))));
        Assert.Equal([16m, 32, 48], Middles(With(wall, ("door", Door("60")))).Where(m => m < 60));
        Assert.DoesNotContain(80m, Middles(With(wall, ("door", Door("60")))));
    }

    private static IEnumerable<decimal> Middles(Job job) => job.Plan().Guessed.Select(g => g.Across.Middle.InInches);

    /// <summary>Whatever one types, holding the tape elsewhere moves no box: not by a unit of 1/320 mm.</summary>
    [Fact]
    public void Moving_the_reference_does_not_move_the_box() =>
        Gen.Select(
                Gen.Long[-400_000, 900_000],
                Gen.Long[0, 700_000],
                Gen.Enum<TapeTo>(),
                Gen.Enum<TapeTo>(),
                Gen.Enum<WallSide>(),
                Gen.Long[-9000, 9000]
            )
            .Sample(
                (x, y, toX, toY, side, drop) =>
                {
                    var wall = Plain with { FloorBuildUp = In("3/4"), FloorDrop = new(Known.Measured, Length.FromUnits(drop)) };
                    var job = With(wall, ("door", Door("82", leftFar: "5/8", rightFar: "-1/4")), ("s", Stud("40")))
                        .Box("mate", Left("20"), Floor("12"))
                        .Box("a", new(TapeStart.LeftCorner, Exact(x), toX), new(TapeStart.FinishedFloor, Exact(y), toY), side);
                    var plan = job.Plan();
                    var was = plan.Box("a")!.At;
                    foreach (var number in WallNumbers.Of(plan, plan.Box("a")!))
                    {
                        var spot = job.Boxes["a"].Spot!;
                        var edit = new SetBoxWall(
                            "a",
                            "w",
                            number.Up ? spot with { Up = number.Tape } : spot with { Across = number.Tape }
                        );
                        var now = job.Do(edit).Plan().Box("a")!.At;
                        Assert.Equal((was.Across!.Low, was.Up!.Low), (now.Across!.Low, now.Up!.Low));
                    }
                },
                iter: 200
            );

    /// <summary>Whatever is recorded is laid out or has no place: tapes held to tapes for a mile, a floor that falls over a hair, twenty
    /// layers of 500 ft.</summary>
    [Fact]
    public void Nothing_that_can_be_recorded_breaks_the_wall()
    {
        var far = new Fact<Length>(Known.Measured, Length.Inches(6000));
        var layer = new WallLayer("board", far, false, true);
        var job = With(
            Plain with
            {
                Wide = new(Known.Measured, Length.FromUnits(1)),
                FloorDrop = far,
                StudDepth = far,
                Layers = [.. Enumerable.Repeat(layer, 20)],
                BehindLayers = [.. Enumerable.Repeat(layer, 20)],
            },
            ("t0", new WallThing(WallThingKind.Pipe) { Across = new(TapeStart.LeftCorner, far) })
        );
        for (var i = 1; i < 30; i++)
        {
            var thing = new WallThing(WallThingKind.Pipe)
            {
                Across = new(TapeStart.Thing, far, TapeTo.Low, $"t{i - 1}", TapeTo.High),
                Up = new(TapeStart.FinishedFloor, far),
                Width = far,
                Height = far,
            };
            job = job.Do(new PutOnWall("w", $"t{i}", thing));
        }

        job = job.Box("a", new(TapeStart.Thing, far, Of: "t0"), new(TapeStart.FinishedFloor, far));
        Assert.Null(job.Plan().Things["t29"].Across);
        Assert.NotNull(Telling.Walls.WallTeller.Tell(job, "w", "", "2026-10-01T08:00:00Z"));
        Assert.Null(Transfer.Thick(job.Plan()));
    }

    /// <summary>No sum of parts differs from the whole: from both corners to the middle is the wall, from floor and ceiling its height,
    /// whatever the units are.</summary>
    [Fact]
    public void Parts_add_up_to_the_whole() =>
        Gen.Select(Gen.Long[0, 1_000_000], Gen.Long[0, 700_000], Gen.Enum<TapeTo>())
            .Sample(
                (x, y, to) =>
                {
                    var plan = With(Plain).Box("a", new(TapeStart.LeftCorner, Exact(x), to), new(TapeStart.FloorNow, Exact(y), to)).Plan();
                    var numbers = WallNumbers.Of(plan, plan.Box("a")!);
                    Length Of(TapeStart start) => numbers.First(n => n.Tape.From == start).Way;
                    Assert.Equal(plan.Wide, Of(TapeStart.LeftCorner) + Of(TapeStart.RightCorner));
                    Assert.Equal(plan.High, Of(TapeStart.FinishedFloor) + Of(TapeStart.Ceiling));
                    var cut = CutLook.Of(plan, plan.Box("a")!, With(Plain))!;
                    Assert.Equal(cut.Across.High, cut.Across.Low + cut.Across.Size);
                },
                iter: 200
            );

    private static Fact<Length> Exact(long units) => new(Known.Measured, Length.FromUnits(units));
}
