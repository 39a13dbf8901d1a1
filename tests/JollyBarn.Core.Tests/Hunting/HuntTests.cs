using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;

namespace JollyBarn.Core.Tests.Hunting;

/// <summary>Hidden faults looked for as the program says, with instruments and words that err. <c>bench/run --long</c> hunts
/// 1,000.</summary>
public class HuntTests(ITestOutputHelper output)
{
    [Fact]
    public void A_hidden_fault_is_found_though_a_tenth_of_the_readings_is_wrong()
    {
        const int hunts = 80;
        var tally = new HuntTally(Scene.Of(SmallHouse.Rows(1, 8), []), Means.Usual, new Random(5));
        for (var n = 0; n < hunts; n++)
        {
            tally.One(0.1, 0.05);
        }

        output.WriteLine(tally.ToString());
        Assert.True(tally.Noticed > hunts / 4);
        Assert.True(tally.First >= 0.9 * tally.Noticed, tally.ToString());
        Assert.True(tally.Third >= 0.97 * tally.Noticed, tally.ToString());

        // Nearly a third fewer boxes are opened than halving by hand opens, though whoever halves by hand never errs here.
        Assert.True(tally.Openings <= 0.7 * tally.Halved, tally.ToString());
    }
}
