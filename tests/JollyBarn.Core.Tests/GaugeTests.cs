using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;

namespace JollyBarn.Core.Tests;

public class GaugeTests
{
    public static TheoryData<int> Gauges { get; } = [.. Enumerable.Range(-3, 44)];

    /// <summary>NEC Table 314.16(B) has 18, 16, 14, 12, 10, 8 and 6 AWG, and no other: nothing else counts as no volume at all.</summary>
    [Theory]
    [MemberData(nameof(Gauges))]
    public void A_gauge_the_table_does_not_have_is_out_of_scope(int awg)
    {
        var inTable = new[] { 18, 16, 14, 12, 10, 8, 6 }.Contains(awg);
        var box = new PlainBox
        {
            Mark = Volume.Of(200m),
            Clamps = ClampStyle.Outside,
            Cables = [new PlainCable(9, Gauge.Awg(awg), 3)],
        };
        Assert.Equal(inTable ? Fit.Fits : Fit.OutOfScope, BoxFill.Evaluate(box.Read(), box.Profile(), box.House()).Fit);
    }
}
