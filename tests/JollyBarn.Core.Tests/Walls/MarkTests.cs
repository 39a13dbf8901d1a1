using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Walls;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>Marking out, worked by hand with a tape. Which sizes there are is common practice; 314.20 and 300.4(A)(1) from memory;
/// shares of a
/// stud by IRC R602.6, from memory.</summary>
public sealed class MarkTests
{
    private static readonly HousePractice House = HousePractice.Default;
    private static readonly CodeProfile Code = CodeProfile.Default;

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

    /// <summary>½ in board: out by ½ in and flush; after a second board of ⅝ it is ⅝ behind, ring and all (314.20: ¼ in, 0 where it
    /// burns).</summary>
    [Theory]
    [InlineData("1/2", "3/8", false, "1/8", "0")]
    [InlineData("1/2", "3/8", true, "1/8", "1/8")]
    [InlineData("1 1/8", "1/2", false, "5/8", "5/8")]
    [InlineData("3/4", "1/2", false, "1/4", "0")]
    [InlineData("13/16", "1/2", false, "5/16", "5/16")]
    public void A_box_stands_behind_the_face_by_what_its_notch_leaves(string layers, string stands, bool burns, string back, string ring)
    {
        var set = Projection.Set(Length.Parse(layers), Length.Parse(stands), burns, Code);
        Assert.Equal((Length.Parse(back), Length.Parse(ring)), (set.Back, set.Ring));
    }

    [Theory]
    [InlineData("1/2", "1/2")]
    [InlineData("5/8", "5/8")]
    [InlineData("9/16", "1/2")]
    [InlineData("1 1/8", "1 1/8")]
    public void The_notch_is_the_largest_that_does_not_stand_proud(string layers, string notch) =>
        Assert.Equal(Length.Parse(notch), Projection.For(Length.Parse(layers), false, Code, House).Out);

    /// <summary>1 in in 3½ and 3 in in 5½ without a plate (300.4(A)(1)); 2.2 and 3.3 in of 5½ by the building code, 1.4 and 2.1 of
    /// 3½.</summary>
    [Theory]
    [InlineData("3 1/2", true, 1.0, 1.4, 1.0)]
    [InlineData("3 1/2", false, 1.0, 2.1, 1.0)]
    [InlineData("5 1/2", true, 3.0, 2.2, 2.2)]
    [InlineData("5 1/2", false, 3.0, 3.3, 3.0)]
    [InlineData("5 1/2", null, 3.0, 2.2, 2.2)]
    [InlineData("2", true, 0.0, 0.8, 0.0)]
    public void The_largest_hole_is_the_smaller_of_two(string depth, bool? bears, double bare, double building, double largest)
    {
        var bore = Bore.In(Length.Parse(depth), bears, Code, House);
        Assert.Equal(Length.FromInches((decimal)bare), bore.Bare);
        Assert.Equal(Length.FromInches((decimal)building), bore.Building);
        Assert.Equal(Length.FromInches((decimal)largest), bore.Largest);
        Assert.Equal(building > bare, bore.Plates);
    }

    /// <summary>Two boxes of 2 in and 2¼ in a wall of 4½ in: ¼ in left, which does; of 2⅞ each they meet, and pass each other only side by
    /// side; in 6½ in there is room.</summary>
    [Theory]
    [InlineData("4 1/2", "2", "2 1/4", "1/4", true, "0")]
    [InlineData("4 1/2", "2 7/8", "2 7/8", "-1 1/4", false, "2 1/2")]
    [InlineData("6 1/2", "2 7/8", "2 7/8", "3/4", true, "0")]
    public void Boxes_back_to_back_want_room_for_their_cables(string thick, string one, string other, string left, bool fits, string offset)
    {
        var found = BackToBack.In(Length.Parse(thick), Length.Parse(one), Length.Parse(other), Length.Inches(4, 1, 2), House);
        Assert.Equal((Length.Parse(left), fits, Length.Parse(offset)), (found.Left, found.Fits, found.Offset));
    }

    private static MarkAsk Ask(
        string inside,
        string wider = "0",
        string height = "12",
        HeightTo to = HeightTo.Bottom,
        string toCome = "0",
        string kind = "ow-1g-18"
    ) => new(Length.Parse(inside), Length.Parse(wider), Length.Parse(height), to, Length.Parse(toCome), BoxKinds.Find(kind)!);
}
