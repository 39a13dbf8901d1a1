using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Walls;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>A trench to a post. Covers by NEC Table 300.5, 2020 printing, from memory; the rest is common practice.</summary>
public sealed class TrenchTests
{
    [Theory]
    [InlineData(BuriedUnder.Soil, null, false, "24")]
    [InlineData(BuriedUnder.Soil, null, true, "12")]
    [InlineData(BuriedUnder.Soil, RacewayKind.RigidMetal, false, "6")]
    [InlineData(BuriedUnder.Soil, RacewayKind.RigidMetal, true, "6")]
    [InlineData(BuriedUnder.Soil, RacewayKind.Plastic, false, "18")]
    [InlineData(BuriedUnder.Drive, RacewayKind.Plastic, false, "18")]
    [InlineData(BuriedUnder.Drive, null, true, "12")]
    [InlineData(BuriedUnder.Road, RacewayKind.RigidMetal, false, "24")]
    [InlineData(BuriedUnder.Road, null, true, "24")]
    [InlineData(BuriedUnder.Concrete, null, false, "18")]
    [InlineData(BuriedUnder.Concrete, RacewayKind.Plastic, false, "12")]
    public void It_is_as_deep_as_the_table_says(BuriedUnder over, RacewayKind? raceway, bool guarded, string cover) =>
        Assert.Equal(Length.Parse(cover), Dig(over, raceway, guarded).Cover);

    /// <summary>To a post 40 ft off with its box 18 in up, in plastic raceway: 18 in of cover, 1 in of raceway, 2 of sand: 21 dug; the
    /// tape 9
    /// down; four pieces of 10 ft; sleeves of 18 down and 18 up; wire of 480 + twice 36 + twice 24.</summary>
    [Fact]
    public void What_is_dug_and_cut_by_hand()
    {
        var trench = Dig(BuriedUnder.Soil, RacewayKind.Plastic, false);
        Assert.Equal(
            ("21 in", "9 in", "36 in", "600 in", 4),
            (trench.Dig.ToString(), trench.Warning.ToString(), trench.Sleeve.ToString(), trench.Wire.ToString(), trench.Pieces)
        );
        Assert.Equal(("9 in", "27 in"), (trench.Post.ToString(), trench.PostLong.ToString()));
    }

    /// <summary>Frost deeper than the post would stand decides; a high box has its riser covered up to 8 ft, 300.5(D)(1).</summary>
    [Fact]
    public void Frost_and_height_decide_the_post_and_the_sleeve()
    {
        var ask = new TrenchAsk(Length.Inches(120), BuriedUnder.Soil, RacewayKind.Plastic, false, Length.Inches(120), Length.Inches(72));
        var trench = Trench.Of(ask, CodeProfile.Default, HousePractice.Default);
        Assert.Equal(("72 in", "192 in", "114 in"), (trench.Post.ToString(), trench.PostLong.ToString(), trench.Sleeve.ToString()));
    }

    private static Trench Dig(BuriedUnder over, RacewayKind? raceway, bool guarded) =>
        Trench.Of(new(Length.Inches(480), over, raceway, guarded, Length.Inches(18)), CodeProfile.Default, HousePractice.Default);
}
