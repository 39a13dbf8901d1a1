using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Walls;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>Marking out, worked by hand with a tape. Sizes of boxes are common practice, of plates by NEMA WD 6, from memory.</summary>
public sealed class MarkTests
{
    private static readonly HousePractice House = HousePractice.Default;

    /// <summary>Jambs of unequal width: 21⅝ in to the middle inside, the jamb outside wider by ⅝: 22¼ outside, off by ⅛ at most with two
    /// tapes of 1/16.</summary>
    [Theory]
    [InlineData("21 5/8", "5/8", "22 1/4")]
    [InlineData("21 5/8", "-5/8", "21")]
    [InlineData("30", "0", "30")]
    public void A_mark_goes_through_the_wall_by_the_edge_both_faces_share(string inside, string wider, string outside)
    {
        var marked = Marked.Of(Ask(inside, wider: wider), House)!;
        Assert.Equal(Length.Parse(outside), marked.Outside);
        Assert.Equal(Length.Inches(0, 1, 8), marked.OffAcross);
    }

    /// <summary>A box of 2¼ × 3½ in, 12 in to its bottom, ¾ in of floor to come: the hole is 2⅜ × 3⅝; it begins 11 15/16 over the finished
    /// floor and 12 11/16 over the floor there is.</summary>
    [Theory]
    [InlineData(HeightTo.Bottom, "12", "11 15/16")]
    [InlineData(HeightTo.Centre, "13 3/4", "11 15/16")]
    [InlineData(HeightTo.Top, "15 1/2", "11 15/16")]
    public void Heights_are_from_the_finished_floor(HeightTo to, string height, string bottom)
    {
        var marked = Marked.Of(Ask("20", height: height, to: to, toCome: "3/4"), House)!;
        Assert.Equal((Length.Inches(2, 3, 8), Length.Inches(3, 5, 8)), (marked.Width, marked.Height));
        Assert.Equal(Length.Parse(bottom), marked.Bottom);
        Assert.Equal(Length.Parse("12 11/16"), marked.BottomNow);
        Assert.Equal(marked.Height, marked.Top - marked.Bottom);
        Assert.Equal(marked.Width, marked.Far - marked.Near);
    }

    /// <summary>A standard plate of one gang is 2¾ × 4½: over a hole of 2⅜ × 3⅝ it covers 3/16 aside and 7/16 above. Of two to four
    /// gangs it is
    /// wider by as much as the yokes stand apart, and covers as much.</summary>
    [Theory]
    [InlineData("ow-1g-18", "3/16")]
    [InlineData("ow-2g-25", "3/16")]
    [InlineData("ow-3g-46", "3/16")]
    [InlineData("ow-4g-60", "3/16")]
    public void A_plate_covers_its_hole(string kind, string aside)
    {
        var plates = Marked.Of(Ask("20", kind: kind), House)!.Plates;
        Assert.Equal(Length.Parse(aside), plates[0].Aside);
        Assert.Equal(Length.Inches(0, 7, 16), plates[0].Above);
        Assert.True(plates[0].Covers);
        // A larger plate is wider on both sides by half of what it is wider in all.
        Assert.Equal(Length.Inches(0, 3, 8), plates[1].Aside);
        Assert.Equal(Length.Inches(0, 9, 16), plates[2].Aside);
    }

    /// <summary>Cut ¼ in wider all round, a standard plate does not hide the hole, and the next one does.</summary>
    [Fact]
    public void A_hole_cut_too_large_wants_the_next_plate()
    {
        var loose = House.With(WallBook.Play.Key, "0.25");
        var plates = Marked.Of(Ask("20"), loose)!.Plates;
        Assert.Equal([false, true, true], plates.Select(p => p.Covers));
    }

    /// <summary>Moving the reference moves no box: whatever one measures from, its middle is where it was.</summary>
    [Fact]
    public void Moving_the_edge_does_not_move_the_box()
    {
        for (var sixteenths = -200; sixteenths <= 200; sixteenths += 7)
        {
            var edge = Length.Inches(0, sixteenths, 16);
            var (one, other) = (Marked.Of(Ask("40"), House)!, Marked.Of(Ask("40") with { Inside = Length.Inches(40) + edge }, House)!);
            Assert.Equal(edge, other.Near - one.Near);
            Assert.Equal(edge, other.Outside - one.Outside);
            Assert.Equal((one.Width, one.Bottom), (other.Width, other.Bottom));
        }
    }

    [Fact]
    public void A_box_of_unknown_size_has_no_hole() => Assert.Null(Marked.Of(Ask("20", kind: "luminaire-box"), House));

    private static MarkAsk Ask(
        string inside,
        string wider = "0",
        string height = "12",
        HeightTo to = HeightTo.Bottom,
        string toCome = "0",
        string kind = "ow-1g-18"
    ) => new(Length.Parse(inside), Length.Parse(wider), Length.Parse(height), to, Length.Parse(toCome), BoxKinds.Find(kind)!);
}
