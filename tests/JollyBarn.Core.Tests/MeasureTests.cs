using CsCheck;
using JollyBarn.Measures;

namespace JollyBarn.Core.Tests;

public class MeasureTests
{
    [Theory]
    [InlineData("2 7/8", 2.875)]
    [InlineData("2-7/8\"", 2.875)]
    [InlineData("2.875", 2.875)]
    [InlineData("2⅞", 2.875)]
    [InlineData(" 7/8 in ", 0.875)]
    [InlineData("3' 4 1/2\"", 40.5)]
    [InlineData("3 ft 4 in", 40)]
    [InlineData("12'", 144)]
    [InlineData("25.4 mm", 1)] // the inch is 25.4 mm exactly (1959)
    [InlineData("2.54 cm", 1)]
    [InlineData("-1/2", -0.5)]
    [InlineData("2,5", 2.5)]
    public void Lengths_read_as_the_trade_writes_them(string text, decimal inches)
    {
        Assert.True(Length.TryParse(text, out var length));
        Assert.Equal(inches, length.InInches);
    }

    [Theory]
    [InlineData("")]
    [InlineData("long")]
    [InlineData("1/0")]
    [InlineData("2 7/8 8")]
    [InlineData("999999999999 in")]
    [InlineData("2 m m")]
    [InlineData("1e9")]
    public void What_is_no_length_is_refused(string text) => Assert.False(Length.TryParse(text, out _));

    [Fact]
    public void A_length_just_short_never_reads_as_the_limit()
    {
        Assert.True(Length.Parse("2.9999999") < Length.Inches(3));
        Assert.True(Length.Parse("2 7/8") < Length.Inches(3));
        Assert.True(Length.Parse("76.19 mm") < Length.Inches(3));
        Assert.Equal(Length.Inches(3), Length.Parse("76.2 mm"));
    }

    [Fact]
    public void Every_length_reads_back_from_its_text() =>
        Gen.Long[-500_000_000, 500_000_000].Sample(units => Length.Parse(Length.FromUnits(units).ToString()) == Length.FromUnits(units));

    [Fact]
    public void Sixty_fourths_and_millimetres_are_exact()
    {
        Assert.Equal(127, Length.Inches(0, 1, 64).Units);
        Assert.Equal(320, Length.Parse("1 mm").Units);
    }

    [Fact]
    public void Volumes_are_exact_and_compare_exactly()
    {
        Assert.Equal(Volume.Of(45.5625m), 20.25m * Volume.Of(2.25m));
        Assert.True(Volume.Of(18.0m) >= Volume.Of(18m));
        Assert.True(Volume.OfBlock(Length.Parse("3"), Length.Parse("2"), Length.Parse("1.65433")) < Volume.Of(9.926m));
        Assert.True(Volume.TryParse("295 cm³", out var metric) && metric < Volume.Of(18.01m));
    }

    [Fact]
    public void A_thicker_wire_has_a_smaller_number()
    {
        Assert.True(Gauge.TryParse("1/0", out var big) && big.ThickerThan(Gauge.Awg(14)));
        Assert.Equal(Gauge.Awg(10), new[] { Gauge.Awg(14), Gauge.Awg(10), Gauge.Awg(12) }.Max());
        Assert.False(Gauge.TryParse("0", out _));
        // NEC Chapter 9 Table 8, circular mils, which prints them rounded.
        var table = new Dictionary<int, int>
        {
            [18] = 1620,
            [16] = 2580,
            [14] = 4110,
            [12] = 6530,
            [10] = 10380,
            [8] = 16510,
            [6] = 26240,
            [0] = 105600,
        };
        Assert.All(table, row =>
            Assert.InRange(Gauge.Awg(row.Key).CircularMils, row.Value - (row.Value / 200), row.Value + (row.Value / 200))
        );
    }
}
