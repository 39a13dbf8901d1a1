using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What touches what in a box, and what goes dead when a device comes out: facts of the trade, common practice.</summary>
public class ContinuityTests
{
    [Fact]
    public void A_receptacle_on_a_pigtail_can_come_out_and_the_next_box_stays_live()
    {
        var job = GfciBox.Make();
        Assert.DoesNotContain("on", Continuity.CutOffWithout(job, "b", job.Boxes["b"], "g"));
    }

    [Fact]
    public void What_hangs_on_the_load_side_goes_dead_with_the_device()
    {
        var job = GfciBox.Make();
        Assert.Equal(["safe"], Continuity.CutOffWithout(job, "b", job.Boxes["b"], "g"));
        Assert.Equal(["safe"], Continuity.Protected(job.Boxes["b"]));
    }

    [Theory]
    [InlineData("receptacle", "hot-upper/screw", "hot-lower/screw", "neutral-upper/screw", "neutral-lower/screw")]
    [InlineData("receptacle", "hot-upper/screw", "hot-upper/push", "neutral-upper/screw", "neutral-upper/push")]
    [InlineData("protective", "line-hot/plate", "line-hot/plate", "line-neutral/plate", "line-neutral/plate")]
    public void A_feed_run_through_a_receptacle_goes_dead_beyond_it(
        string kind,
        string hotIn,
        string hotOn,
        string neutralIn,
        string neutralOn
    )
    {
        var job = Through(kind, hotIn, hotOn, neutralIn, neutralOn);
        Assert.Equal(["on"], Continuity.CutOffWithout(job, "b", job.Boxes["b"], "d"));
    }

    [Fact]
    public void With_its_hot_tab_broken_the_two_halves_of_a_receptacle_do_not_touch()
    {
        var job = Through("receptacle", "hot-upper/screw", "hot-lower/screw", "neutral-upper/screw", "neutral-lower/screw");
        Assert.True(Continuity.Trace(job.Boxes["b"]).Joined("feed.a0", "on.a0"));
        var broken = job.Do(new SetDevice("b", "d", BrokenTabs: ["hot"]));
        Assert.False(Continuity.Trace(broken.Boxes["b"]).Joined("feed.a0", "on.a0"));
        Assert.True(Continuity.Trace(broken.Boxes["b"]).Joined("feed.a1", "on.a1"));
    }

    [Theory]
    [InlineData("switch", "hot/screw", "switched/screw")]
    [InlineData("switch-3way", "common/screw", "traveler-1/screw")]
    [InlineData("switch-3way", "common/screw", "traveler-2/screw")]
    [InlineData("switch-4way", "in-1/screw", "out-1/screw")]
    [InlineData("combination", "hot-upper/screw", "switched/screw")]
    [InlineData("combination", "hot-lower/screw", "switched/screw")]
    public void A_switch_is_a_way_through(string kind, string from, string to)
    {
        var job = TwoCables()
            .Do(
                new AddDevice("b", "d", kind, 1),
                new MoveLead("b", "feed.a0", GfciBox.At(from, "d")),
                new MoveLead("b", "on.a0", GfciBox.At(to, "d"))
            );
        Assert.True(Continuity.Trace(job.Boxes["b"]).Joined("feed.a0", "on.a0"));
        Assert.False(Continuity.Without(job.Boxes["b"], "d").Joined("feed.a0", "on.a0"));
    }

    [Theory]
    [InlineData("dimmer")]
    [InlineData("smart-switch")]
    [InlineData("timer")]
    public void A_switch_with_leads_of_its_own_is_one_too(string kind)
    {
        var job = TwoCables()
            .Do(
                new AddDevice("b", "d", kind, 1),
                new JoinLeads("b", "in", "twist-on-small", ["feed.a0", "d.hot"]),
                new JoinLeads("b", "out", "twist-on-small", ["on.a0", "d.switched"])
            );
        Assert.True(Continuity.Trace(job.Boxes["b"]).Joined("feed.a0", "on.a0"));
        Assert.Equal(["on"], Continuity.CutOffWithout(job, "b", job.Boxes["b"], "d"));
    }

    [Fact]
    public void Nothing_is_said_to_go_dead_where_nobody_knows_what_feeds_the_box()
    {
        var job = GfciBox.Make().Do(new NameCable("b", "feed", RunSide.A, "from the pantry", Feeds.CannotTell));
        Assert.Empty(Continuity.CutOffWithout(job, "b", job.Boxes["b"], "g"));
    }

    [Fact]
    public void A_cable_left_hot_on_load_and_neutral_on_line_still_counts_as_neither()
    {
        var job = GfciBox.Make().Do(new MoveLead("b", "safe.a1", GfciBox.In("neutrals")));
        Assert.Empty(Continuity.Protected(job.Boxes["b"]));
    }

    [Fact]
    public void A_capped_end_touches_nothing()
    {
        var job = TwoCables().Do(new MoveLead("b", "feed.a0", new(LandingAt.Cap)), new MoveLead("b", "on.a0", new(LandingAt.Cap)));
        Assert.False(Continuity.Trace(job.Boxes["b"]).Joined("feed.a0", "on.a0"));
    }

    private static Job TwoCables() =>
        Jobs.WithBox("nm-1g-22.5")
            .Do(
                new AddCable("b", "feed", "k1", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn),
                new AddCable("b", "on", "k2", Jobs.Nm(14, 2), EntrySide.Bottom, null, "on", Feeds.FeedsOn)
            );

    private static Job Through(string kind, string hotIn, string hotOn, string neutralIn, string neutralOn) =>
        TwoCables()
            .Do(
                new AddDevice("b", "d", kind, 1),
                new MoveLead("b", "feed.a0", GfciBox.At(hotIn, "d")),
                new MoveLead("b", "on.a0", GfciBox.At(hotOn, "d")),
                new MoveLead("b", "feed.a1", GfciBox.At(neutralIn, "d")),
                new MoveLead("b", "on.a1", GfciBox.At(neutralOn, "d"))
            );
}
