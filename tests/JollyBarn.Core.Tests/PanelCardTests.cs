using JollyBarn.Tracing;

namespace JollyBarn.Core.Tests;

/// <summary>A panel's card as people type it off; slots of one side are numbered odd or even (common practice of the trade).</summary>
public sealed class PanelCardTests
{
    [Theory]
    [InlineData("3 galley", "3/1 galley")]
    [InlineData("5: 20A bench lamps", "5/1 20 bench lamps")]
    [InlineData("2,4 range 40 A", "2/2 40 range")]
    [InlineData("2-4 water heater, 30 amp", "2/2 30 water heater")]
    [InlineData("1,2 two singles", "1/1 two singles")]
    [InlineData("galley\nbindery\n\n7 loft\nporch", "1/1 galley; 2/1 bindery; 7/1 loft; 8/1 porch")]
    [InlineData("6", "6/1")]
    [InlineData("4 first\n4 again", "4/1 first")]
    [InlineData("40 beyond\n1 kept", "1/1 kept")]
    [InlineData("9 2nd floor lights", "9/1 2nd floor lights")]
    public void A_line_is_a_breaker(string card, string read) =>
        Assert.Equal(
            read,
            string.Join("; ", PanelCard.Read(card, 24).Select(b => $"{b.Slot}/{b.Poles} {b.Amperes} {b.Says}".Replace("  ", " ").Trim()))
        );
}
