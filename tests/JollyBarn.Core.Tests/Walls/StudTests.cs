using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Walls;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>Boards, studs, and boxes back to back, worked by hand.</summary>
public sealed class StudTests
{
    private static readonly HousePractice House = HousePractice.Default;
    private static readonly CodeProfile Code = CodeProfile.Default;
    private static readonly LimitTable Limits = LimitTable.For(Code);

    /// <summary>The ⅜ in notch under ½ in board is common practice; where the face burns the box stands out by all of it, NEC
    /// 314.20.</summary>
    [Theory]
    [InlineData("1/2", false, "3/8", "1/8", "0")]
    [InlineData("1/2", true, "1/2", "0", "0")]
    [InlineData("5/8", false, "5/8", "0", "0")]
    [InlineData("1 1/8", false, "1 1/8", "0", "0")]
    public void A_box_is_set_for_the_boards_to_come(string layers, bool burns, string stands, string back, string ring)
    {
        var set = Projection.For(Length.Parse(layers), burns, Code);
        Assert.Equal((Length.Parse(stands), Length.Parse(back), Length.Parse(ring)), (set.Out, set.Back, set.Ring));
    }

    /// <summary>Set by the ⅜ in notch, ⅛ in back behind ½ in board; after a second board of ⅝ in it is ¾ in back, and wants a ring of as
    /// much: ¼ in is allowed, 314.20. In a face that burns, ⅛ in already wants one.</summary>
    [Theory]
    [InlineData("1/2", "3/8", false, "1/8", "0")]
    [InlineData("1 1/8", "3/8", false, "3/4", "3/4")]
    [InlineData("5/8", "3/8", false, "1/4", "0")]
    [InlineData("1/2", "3/8", true, "1/8", "1/8")]
    public void After_a_second_board_a_ring_is_needed(string layers, string stands, bool burns, string back, string ring)
    {
        var set = Projection.Set(Length.Parse(layers), Length.Parse(stands), burns, Code);
        Assert.Equal((Length.Parse(back), Length.Parse(ring)), (set.Back, set.Ring));
    }

    /// <summary>1 in in 3½ and 3 in in 5½ without a plate, NEC 300.4(A)(1); by the building code 1.4 and 2.1 in of 3½, 2.2 and 3.3 in of
    /// 5½, IRC R602.6, from memory. Not known whether it bears is as if it did.</summary>
    [Theory]
    [InlineData("3 1/2", true, 1.0, 1.4, 1.0)]
    [InlineData("3 1/2", false, 1.0, 2.1, 1.0)]
    [InlineData("5 1/2", true, 3.0, 2.2, 2.2)]
    [InlineData("5 1/2", false, 3.0, 3.3, 3.0)]
    [InlineData("5 1/2", null, 3.0, 2.2, 2.2)]
    [InlineData("2", true, 0.0, 0.8, 0.0)]
    public void The_largest_hole_is_the_smaller_of_two(string depth, bool? bears, double bare, double building, double largest)
    {
        var bore = Bore.In(Length.Parse(depth), bears, Limits);
        Assert.Equal(
            (Length.FromInches((decimal)bare), Length.FromInches((decimal)building), Length.FromInches((decimal)largest)),
            (bore.Bare, bore.Building, bore.Largest)
        );
    }

    /// <summary>A ⅞ in hole in the middle of 3½ leaves 1 5/16; ¼ in off the middle, 1 1/16, and wants a plate. 2⅜ in is over 40 % of
    /// 5½.</summary>
    [Theory]
    [InlineData("3 1/2", "7/8", "0", "1 5/16", false, false)]
    [InlineData("3 1/2", "7/8", "1/4", "1 1/16", true, false)]
    [InlineData("3 1/2", "7/8", "-1/4", "1 1/16", true, false)]
    [InlineData("5 1/2", "2 3/8", "0", "1 9/16", false, true)]
    public void A_hole_off_the_middle_may_want_a_plate(string depth, string diameter, string off, string left, bool plate, bool large)
    {
        var asked = BoreAsked.Of(Length.Parse(depth), Length.Parse(diameter), Length.Parse(off), true, Limits);
        Assert.Equal((Length.Parse(left), plate, large), (asked.ToEdge, asked.Plate, asked.TooLarge));
    }

    /// <summary>In a wall of 4½ in two boxes of 2 in leave ½, which the house asks; of 2⅞ they lap by 1¼ and go side by side, half of both
    /// their widths and ½ in apart; in 6½ in there is room.</summary>
    [Theory]
    [InlineData("4 1/2", "2", "2", "1/2", true, "0")]
    [InlineData("4 1/2", "2", "2 1/4", "1/4", false, "2 3/4")]
    [InlineData("4 1/2", "2 7/8", "2 7/8", "-1 1/4", false, "2 3/4")]
    [InlineData("6 1/2", "2 7/8", "2 7/8", "3/4", true, "0")]
    public void Boxes_back_to_back_want_room_for_their_cables(string thick, string one, string other, string left, bool fits, string offset)
    {
        var found = BackToBack.In(Length.Parse(thick), Length.Parse(one), Length.Parse(other), Length.Inches(4, 1, 2), House);
        Assert.Equal((Length.Parse(left), fits, Length.Parse(offset)), (found.Left, found.Fits, found.Offset));
    }
}
