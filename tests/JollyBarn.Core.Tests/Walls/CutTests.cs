using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Walls;
using JollyBarn.Wiring;
using static JollyBarn.Core.Tests.Walls.WallHouse;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>What a hole meets, worked by hand: an old-work box of one gang is 2¼ by 3½ in and its hole 1/16 larger all round.</summary>
public sealed class CutTests
{
    [Fact]
    public void A_hole_on_open_wall_meets_nothing_and_was_looked_into_by_nobody()
    {
        var cut = Cut(With(Plain).Box("a", Left("30"), Floor("12")));
        Assert.Equal((Length.Parse("2 3/8"), Length.Parse("3 5/8")), (cut.Across.Size, cut.Up.Size));
        Assert.Equal([WallSide.Near, WallSide.Far], Of(cut, CutCase.NobodyLooked).Select(n => n.Face!.Value));
        Assert.DoesNotContain(cut.Notes, n => n.Weight is CutWeight.Stop or CutWeight.Fix);
    }

    /// <summary>The stud is from 29¼ to 30¾, the hole from 28 13/16 to 31 3/16.</summary>
    [Theory]
    [InlineData(FoundHow.Seen, CutWeight.Stop)]
    [InlineData(FoundHow.Finder, CutWeight.Stop)]
    [InlineData(FoundHow.Guessed, CutWeight.Ask)]
    public void A_stud_in_the_hole_stops_it_where_it_was_found(FoundHow how, CutWeight weight)
    {
        var cut = Cut(With(Plain, ("s", Stud("30", how))).Box("a", Left("30"), Floor("12")));
        Assert.Equal(weight, Assert.Single(Of(cut, CutCase.Stud)).Weight);
    }

    [Fact]
    public void A_stud_the_spacing_says_is_there_is_to_be_found()
    {
        var cut = Cut(With(Plain with { Spacing = In("16") }).Box("a", Left("32"), Floor("12")));
        Assert.Equal(CutWeight.Ask, Assert.Single(Of(cut, CutCase.GuessedStud)).Weight);
    }

    /// <summary>A box of two gangs, 4 1/16 in wide, beside a stud with blocking under it: ⅛ in from the stud it is screwed to it. Its ears
    /// want ½ in on that side and do not turn; 1 in higher than the blocking they would.</summary>
    [Fact]
    public void A_two_gang_beside_a_stud_with_blocking_below()
    {
        var job = With(
                Plain,
                ("s", Stud("40")),
                (
                    "block",
                    new WallThing(WallThingKind.Blocking)
                    {
                        Across = Held("s", TapeTo.High, "0", TapeTo.Low),
                        Up = Floor("7"),
                        Width = In("14 1/2"),
                        Height = In("3 1/2"),
                    }
                )
            )
            .Box("a", Held("s", TapeTo.High, "3/16", TapeTo.Low), Floor("12"), kind: "ow-2g-34");
        var cut = Cut(job);
        Assert.Equal(Length.Parse("1/8"), Assert.Single(Of(cut, CutCase.ByStud)).Way);
        Assert.Equal(["s"], Of(cut, CutCase.Ears).Select(n => n.Thing));
        Assert.Empty(Of(cut, CutCase.Framing));
        // Cut down to the blocking, the ears meet that too; a little lower and the hole does.
        Assert.Equal(["block", "s"], Of(Cut(Lower(job, "10 3/4")), CutCase.Ears).Select(n => n.Thing).Order());
        Assert.Equal(CutWeight.Stop, Assert.Single(Of(Cut(Lower(job, "10")), CutCase.Framing)).Weight);
    }

    private static Job Lower(Job job, string bottom) => job.Do(new SetBoxWall("a", "w", job.Boxes["a"].Spot! with { Up = Floor(bottom) }));

    [Theory]
    [InlineData("30", true)]
    [InlineData("33", true)]
    [InlineData("34 1/4", false)]
    public void A_pipe_stops_a_hole_that_comes_within_two_inches(string at, bool stops)
    {
        var pipe = new WallThing(WallThingKind.Pipe) { Across = Left(at), Width = In("2") };
        var cut = Cut(With(Plain, ("pipe", pipe)).Box("a", Left("30"), Floor("12")));
        Assert.Equal(stops, Of(cut, CutCase.Pipe).Any(n => n.Weight == CutWeight.Stop));
    }

    /// <summary>Two boxes of 2⅞ in back to back in a wall of ½ + 3½ + ½: they lap, and one has to move aside. In 5½ in studs both
    /// fit.</summary>
    [Theory]
    [InlineData("3 1/2", CutCase.BoxBehind, CutWeight.Stop)]
    [InlineData("5 1/2", CutCase.Clear, CutWeight.Tell)]
    [InlineData(null, CutCase.BoxBehindAsk, CutWeight.Ask)]
    public void A_box_behind_wants_a_wall_thick_enough(string? studs, CutCase found, CutWeight weight)
    {
        var wall = Plain with { StudDepth = studs is null ? Fact<Length>.Unknown : In(studs) };
        var job = With(wall).Box("a", Left("30"), Floor("12")).Box("b", Left("31"), Floor("12"), WallSide.Far);
        foreach (var id in new[] { "a", "b" })
        {
            job = job.Do(new SetBoxSize(id, Depth: In("2 7/8")));
        }

        var note = Assert.Single(Cut(job).Notes, n => n.Box == "b");
        Assert.Equal((found, weight), (note.Case, note.Weight));
    }

    [Fact]
    public void A_box_deeper_than_the_wall_is_hollow_stops()
    {
        var job = With(Plain with { StudDepth = In("1 1/2") })
            .Box("a", Left("30"), Floor("12"))
            .Do(new SetBoxSize("a", Depth: In("2 7/8")));
        Assert.Equal(Length.Parse("7/8"), Assert.Single(Of(Cut(job), CutCase.TooDeep)).Way);
    }

    /// <summary>Casing begins 1¼ in from the hole's middle line; the plate of 2¾ in reaches 1⅜: ⅛ in too far.</summary>
    [Fact]
    public void A_plate_that_would_lie_on_casing_is_told()
    {
        var casing = new WallThing(WallThingKind.Trim)
        {
            Across = Left("31 1/4", TapeTo.Low),
            Width = In("2 1/4"),
            Side = WallSide.Near,
        };
        var cut = Cut(With(Plain, ("casing", casing)).Box("a", Left("30"), Floor("12")));
        Assert.Equal(Length.Parse("1/8"), Assert.Single(Of(cut, CutCase.Plate)).Way);
        Assert.Empty(Of(Cut(With(Plain, ("c", casing with { Side = WallSide.Far })).Box("a", Left("30"), Floor("12"))), CutCase.Plate));
    }

    /// <summary>The standard plate of one gang, 2¾ × 4½ in, hides a hole of at most 2½ × 4¼ when it is to cover ⅛ in on each side; each
    /// gang more is 1 13/16 in wider. NEMA WD 6, from memory.</summary>
    [Theory]
    [InlineData("ow-1g-18", "2 1/2")]
    [InlineData("ow-2g-34", "4 5/16")]
    [InlineData("ow-3g-46", "6 1/8")]
    [InlineData("ow-4g-60", "7 15/16")]
    public void The_largest_hole_a_plate_hides(string kind, string width)
    {
        var cut = Cut(With(Plain).Box("a", Left("60"), Floor("12"), kind: kind));
        Assert.Equal((Length.Parse(width), Length.Parse("4 1/4")), (cut.LargestWidth, cut.LargestHeight));
    }

    /// <summary>The stud at 32½ begins at 31¾, 9/16 from the hole: one gang more is cut to the other side.</summary>
    [Fact]
    public void One_gang_more_is_cut_away_from_the_stud()
    {
        var cut = Cut(With(Plain, ("s", Stud("32 1/2"))).Box("a", Left("30"), Floor("12")));
        Assert.Equal([(false, true), (true, false)], cut.Wider.Select(w => (w.Right, w.Free)));
    }

    /// <summary>Looked into from one face only, the other still waits; a part that is smaller than the hole is no look.</summary>
    [Theory]
    [InlineData("24", "12", 1)]
    [InlineData("29", "1", 2)]
    public void A_look_counts_for_all_of_the_hole_and_its_own_face(string left, string width, int waits)
    {
        var look = new WallThing(WallThingKind.Looked)
        {
            Across = Left(left, TapeTo.Low),
            Up = Floor("8"),
            Width = In(width),
            Height = In("12"),
            Side = WallSide.Near,
        };
        Assert.Equal(waits, Of(Cut(With(Plain, ("look", look)).Box("a", Left("30"), Floor("12"))), CutCase.NobodyLooked).Count());
    }

    /// <summary>A cable recorded between two boxes of the wall goes, as such cables do, up 8 in and across: a hole there stops until it is
    /// proved dead; one under it does not.</summary>
    [Theory]
    [InlineData("22", true)]
    [InlineData("60", false)]
    public void A_cable_nobody_saw_is_inferred(string bottom, bool stops)
    {
        var job = With(Plain)
            .Box("left", Left("20"), Floor("12"), kind: "nm-1g-18")
            .Box("right", Left("100"), Floor("12"), kind: "nm-1g-18")
            .Box("a", Left("60"), Floor(bottom))
            .Do(new AddCable("left", "run", "k1", Jobs.Nm(12, 2)), new ConnectRun("right", "run", RunSide.B, "k2", EntrySide.Top));
        var cut = Cut(job);
        Assert.Equal(stops, Of(cut, CutCase.InferredCable).Any(n => n.Weight == CutWeight.Stop));
        var reach = LiveInReach.Of(cut, job, "Ines", "2026-10-01T08:00:00Z");
        Assert.Equal(stops ? ["run"] : Array.Empty<string>(), reach.Select(r => r.Run!.Value.Text));
        Assert.All(reach, r => Assert.Null(r.ProvedAt));
    }

    /// <summary>Its own cables come to its hole, whichever way.</summary>
    [Fact]
    public void A_boxs_own_cable_does_not_stop_it()
    {
        var job = With(Plain).Box("a", Left("60"), Floor("12"), kind: "nm-1g-18").Do(new AddCable("a", "run", "k1", Jobs.Nm(12, 2)));
        Assert.Empty(Of(Cut(job), CutCase.InferredCable));
        Assert.Single(LiveInReach.Of(Cut(job), job, "Ines", "2026-10-01T08:00:00Z"));
    }

    /// <summary>A cable somebody saw and nobody followed: it is near, and what feeds it is not known. That is never "none".</summary>
    [Fact]
    public void A_cable_nobody_followed_is_in_reach()
    {
        var cable = new WallThing(WallThingKind.Cable) { Across = Left("31"), Width = In("1/2") };
        var job = With(Plain, ("cable", cable)).Box("a", Left("30"), Floor("12"));
        Assert.Equal(CutWeight.Stop, Assert.Single(Of(Cut(job), CutCase.Cable)).Weight);
        var live = Assert.Single(LiveInReach.Of(Cut(job), job, "Ines", "2026-10-01T08:00:00Z"));
        Assert.Equal(("cable", 0), (live.Thing, live.Breakers.Count));
        Assert.Null(live.Run);
    }

    /// <summary>What is written down and not measured is somewhere: the cut waits for it.</summary>
    [Fact]
    public void What_has_no_place_is_asked_for()
    {
        var pipe = new WallThing(WallThingKind.Pipe) { Across = new(TapeStart.LeftCorner, Fact<Length>.Unknown) };
        var job = With(Plain, ("pipe", pipe))
            .Box("a", Left("30"), Floor("12"))
            .Do(new AddBox("lost", "Lost", "nm-1g-18"), new SetBoxWall("lost", "w"));
        var lost = Of(Cut(job), CutCase.Lost).ToList();
        Assert.Equal(["pipe", null], lost.Select(n => n.Thing));
        Assert.Equal("lost", lost[1].Box!.Value.Text);
        Assert.All(lost, n => Assert.Equal(CutWeight.Ask, n.Weight));
        Assert.All(Cut(job).Wider, w => Assert.False(w.Free));
    }

    /// <summary>A stud goes from floor to ceiling, however high that is.</summary>
    [Fact]
    public void A_stud_stands_in_the_hole_of_a_wall_whose_height_nobody_measured()
    {
        var job = With(Plain with { High = Fact<Length>.Unknown }, ("s", Stud("30"))).Box("a", Left("30"), Floor("12"));
        Assert.Equal(CutWeight.Stop, Assert.Single(Of(Cut(job), CutCase.Stud)).Weight);
    }

    /// <summary>A guess that somebody looked is no look; an open face is told, and stands for none either.</summary>
    [Fact]
    public void Only_a_look_is_a_look()
    {
        var look = new WallThing(WallThingKind.Looked, FoundHow.Guessed) { Across = Left("0", TapeTo.Low), Width = In("144") };
        var open = Plain with { BehindLayers = [new("board", In("1/2"), false, true)] };
        var cut = Cut(With(open, ("look", look)).Box("a", Left("30"), Floor("12")));
        Assert.Equal(WallSide.Near, Assert.Single(Of(cut, CutCase.NobodyLooked)).Face);
        Assert.Equal(WallSide.Far, Assert.Single(Of(cut, CutCase.OpenFace)).Face);
        Assert.Empty(Of(cut, CutCase.Looked));
    }

    /// <summary>In ½ + 3½ in a box of 2⅞ leaves 1⅛ behind it; with the depth of the studs not known, that is asked.</summary>
    [Fact]
    public void What_is_left_behind_a_box_is_told_or_asked()
    {
        var job = With(Plain).Box("a", Left("30"), Floor("12")).Do(new SetBoxSize("a", Depth: In("2 7/8")));
        Assert.Equal(Length.Parse("1 1/8"), Assert.Single(Of(Cut(job), CutCase.Behind)).Way);
        var unknown = job.Do(new PutWall("w", job.Walls["w"] with { StudDepth = Fact<Length>.Unknown }));
        Assert.Equal(CutWeight.Ask, Assert.Single(Of(Cut(unknown), CutCase.DepthAsk)).Weight);
    }

    /// <summary>Two boxes of 2¼ in, 2½ from middle to middle: standard plates of 2¾ lap by ¼.</summary>
    [Theory]
    [InlineData("32 1/2", "1/4")]
    [InlineData("32 3/4", null)]
    public void Plates_beside_each_other_do_not_lap(string other, string? lap)
    {
        var notes = Of(Cut(With(Plain).Box("a", Left("30"), Floor("12")).Box("b", Left(other), Floor("12"))), CutCase.Plates);
        Assert.Equal(lap is null ? null : Length.Parse(lap), notes.SingleOrDefault()?.Way);
    }

    /// <summary>A pipe where the second gang would go: that side is not free, though no framing stands there.</summary>
    [Fact]
    public void One_gang_more_is_not_cut_into_a_pipe()
    {
        var pipe = new WallThing(WallThingKind.Pipe) { Across = Left("33"), Width = In("2") };
        var cut = Cut(With(Plain, ("pipe", pipe)).Box("a", Left("30"), Floor("12")));
        Assert.Equal([(false, true), (true, false)], cut.Wider.Select(w => (w.Right, w.Free)));
    }

    /// <summary>A cable that is cut through is two: dead at one end says nothing of the other piece.</summary>
    [Fact]
    public void A_proof_at_one_end_of_a_cut_cable_proves_nothing()
    {
        const string now = "2026-09-14T09:00:00Z";
        var proved = ProofTests
            .Proved()
            .Do(
                new PutPlace("room", new Place("Room")),
                new PutPlace("porch", new Place("Porch")),
                new PutWall("w", Plain),
                new SetBoxWall("b", "w", new(Left("60"), Floor("12")))
            );
        Id<Box>? At(Job job, string by) =>
            Assert.Single(LiveInReach.Of(CutLook.Of(job.Plan(), job.Plan().Box("b")!, job)!, job, by, now)).ProvedAt;
        Assert.Equal("b", At(proved, "Ines")?.Text);
        Assert.Null(At(proved, "Mara"));
        var run = proved.Runs["r0"];
        var saw = run with { Hurts = run.Hurts.With("saw", new RunHurt(HurtKind.Cut)) };
        Assert.Null(At(proved with { Runs = proved.Runs.With("r0", saw) }, "Ines"));
    }

    private static CutLook Cut(Job job) => CutLook.Of(job.Plan(), job.Plan().Box("a")!, job)!;

    private static IEnumerable<CutNote> Of(CutLook cut, CutCase what) => cut.Notes.Where(n => n.Case == what);
}
