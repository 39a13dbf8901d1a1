using System.Globalization;
using JollyBarn.Measures;

namespace JollyBarn.Drawing.Tests;

/// <summary>How the screens write volumes and lengths: cut and never rounded up, in inches with fractions or in metric.</summary>
public sealed class FigureTests
{
    /// <summary>1 in³ is 16.387064 cm³ and 1 in 25.4 mm, exactly (the international inch of 1959). Figures are cut: 9.926 is not
    /// 10.</summary>
    private static readonly (string By, object?[] Of, string Written)[] Cases =
    [
        ("volume", [18.0, "inch"], "18.0 in³"),
        ("volume", [9.926, "inch"], "9.926 in³"),
        ("volume", [9.99999, "inch"], "9.9999 in³"),
        ("volume", [45.5625, "inch"], "45.5625 in³"),
        ("volume", [-0.25, "inch"], "−0.25 in³"),
        ("volume", [22.5, "inch", false], "22.5"),
        ("volume", [1.0, "metric"], "16.3 cm³"),
        ("volume", [18.0, "metric"], "294.9 cm³"),
        ("volume", [-2.0, "metric"], "−32.7 cm³"),
        ("span", [new { low = 10.0, high = 10.0 }, "inch"], "10.0 in³"),
        ("span", [new { low = 10.0, high = 12.5 }, "inch"], "10.0 to 12.5 in³"),
        ("span", [new { low = 10.0 }, "inch"], "10.0 or more in³"),
        ("length", ["2 7/8 in", "inch"], "2 ⅞ in"),
        ("length", ["6 in", "inch"], "6 in"),
        ("length", ["5 63/64 in", "inch"], "5 63/64 in"),
        ("length", ["1/4 in", "metric"], "6.3 mm"),
        ("length", ["6 in", "metric"], "152.4 mm"),
        ("length", ["2 7/8 in", "metric"], "73 mm"),
        ("length", ["73 mm", "metric"], "73 mm"),
        ("fact", [new { how = "Unknown" }, "inch", "? in"], "? in"),
        ("fact", [new { how = "Measured", value = "3/8 in" }, "inch", "? in"], "⅜ in"),
        ("run", [new { how = "Measured", value = "408 in" }, "inch"], "34'"),
        ("run", [new { how = "Measured", value = "150 in" }, "inch"], "12' 6\""),
        ("run", [new { how = "Measured", value = "6 1/2 in" }, "inch"], "6.5\""),
        ("run", [new { how = "Measured", value = "408 in" }, "metric"], "10.36 m"),
        ("run", [new { how = "Unknown" }, "inch"], ""),
    ];

    private static readonly Lazy<IReadOnlyList<string>> Written = new(() => Figures(Cases.Select(c => (c.By, c.Of))));

    public static TheoryData<int> All() => [.. Enumerable.Range(0, Cases.Length)];

    [Theory]
    [MemberData(nameof(All))]
    public void A_figure_is_written_as_the_trade_writes_it(int number) => Assert.Equal(Cases[number].Written, Written.Value[number]);

    /// <summary>What the screens write is read again as the same length, or one that was cut by less than what is shown.</summary>
    [Fact]
    public void What_is_shown_reads_back()
    {
        var lengths = Enumerable.Range(1, 400).Select(i => Length.Inches(i / 64, i % 64, 64)).ToList();
        var shown = Figures(lengths.SelectMany(l => new[] { "inch", "metric" }.Select(u => ("length", new object?[] { l.ToString(), u }))));
        for (var i = 0; i < shown.Count; i++)
        {
            Assert.True(Length.TryParse(shown[i], out var read), shown[i]);
            var off = lengths[i / 2].InInches - read.InInches;
            Assert.True(
                i % 2 == 0 ? off == 0 : off is >= 0 and < 0.004m,
                string.Create(CultureInfo.InvariantCulture, $"{lengths[i / 2]} shown as {shown[i]}")
            );
        }
    }

    private static IReadOnlyList<string> Figures(IEnumerable<(string By, object?[] Of)> asked) =>
        [.. InNode.Call("figures", asked).Select(f => (string)f!)];
}
