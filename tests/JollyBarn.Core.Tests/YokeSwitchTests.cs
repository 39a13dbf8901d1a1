using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Telling.Live;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Two switches on one yoke are two: a light and a fan go on and off apart, which is what such a device is sold for (common
/// practice of the trade).</summary>
public sealed class YokeSwitchTests
{
    private const string At = "2026-05-01T09:00:00Z";

    [Theory]
    [InlineData(true, true)]
    [InlineData(true, false)]
    [InlineData(false, true)]
    [InlineData(false, false)]
    public void Each_is_thrown_by_itself(bool light, bool fan)
    {
        var job = Made().Do(Thrown(light), Thrown(fan, "lower"));
        Assert.Equal((light, fan), (Live(job, "light"), Live(job, "fan")));
        // The same as a what-if, whatever is recorded.
        var other = Electrics.Live.Solve(
            Made(),
            new Situation
            {
                Switches = new Dictionary<string, bool> { ["b/s"] = light, ["b/s/lower"] = fan },
            }
        );
        Assert.Equal((light, fan), (Live(other, "light"), Live(other, "fan")));
    }

    /// <summary>Steps recorded before the two were apart threw both, and still do when they are replayed.</summary>
    [Fact]
    public void What_was_recorded_before_threw_both()
    {
        var job = Made().Do(new ThrowSwitch("b", "s", false, "Ines", At) { V = 2 });
        Assert.Equal((false, false), (Live(job, "light"), Live(job, "fan")));
    }

    [Fact]
    public void Both_are_offered_by_name_and_the_lower_of_one_switch_is_refused()
    {
        var job = Made();
        var told = new LiveTeller(job, "b").Tell(BoxLive.Read(job, "b", job.Boxes["b"], Situation.AsRecorded));
        Assert.Equal(
            [("b/s", "two switches on a yoke, upper"), ("b/s/lower", "two switches on a yoke, lower")],
            told.Switches.Select(s => (s.Key, s.Name))
        );
        var one = job.Do(new SwapDevice("b", "s", "switch"));
        Assert.Equal(Why.SwitchesNothing, Thrown(true, "lower").Check(one)?.Why);
    }

    private static ThrowSwitch Thrown(bool on, string? lever = null) => new("b", "s", on, "Ines", At, lever) { V = 3 };

    private static bool Live(Job job, string run) => Live(Electrics.Live.Solve(job, Situation.AsRecorded), run);

    private static bool Live(Live live, string run) => live.Volts(Points.End(run, RunSide.B, 0)).Magnitude > 100;

    private static Landing On(string terminal) => new(LandingAt.Terminal, null, "s", $"{terminal}/screw");

    private static Job Made() =>
        Job.Blank("test")
            .Do(
                new PutCircuit("c", new Circuit("Wash room")),
                new PutPanel(
                    "panel",
                    new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(7, 1, 15, BreakerKind.Standard, "c")] }
                ),
                new AddBox("b", "Wash room", "nm-1g-22.5", null, null, Contents.Complete),
                new AddCable("b", "feed", "k1", Jobs.Nm(14, 2), Feeds: Feeds.FeedsIn),
                new AddCable("b", "light", "k2", Jobs.Nm(14, 2), Feeds: Feeds.FeedsOn),
                new AddCable("b", "fan", "k3", Jobs.Nm(14, 2), Feeds: Feeds.FeedsOn),
                new SetRun("feed", Circuit: "c", Length: SmallHouse.Feet(30)),
                new EndAtPanel("feed", RunSide.B, "panel"),
                new EndAtLoad("light", RunSide.B, "light"),
                new EndAtLoad("fan", RunSide.B, "fan"),
                new AddDevice("b", "s", "switches-two", 1),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["feed.a1", "light.a1", "fan.a1"], "neutrals"),
                new MoveLead("b", "feed.a0", On("hot-upper")),
                new MoveLead("b", "light.a0", On("switched-upper")),
                new MoveLead("b", "fan.a0", On("switched-lower"))
            );
}
