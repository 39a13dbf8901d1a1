using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Planning;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>May this run here, with that on: NEC 210.20(A), 210.23(A), UL 489, and the solved network.</summary>
public sealed class MayRunTests
{
    /// <summary>NEC 210.20(A): 1500 W at 120 V is 12.5 A; for three hours or more 15.6 A: too much for 15 A, not for 20 A.</summary>
    [Theory]
    [InlineData(15, 2, null)]
    [InlineData(15, 3, RunCase.OverLong)]
    [InlineData(20, 6, null)]
    public void A_space_heater_for_the_evening_needs_twenty_amperes(int breaker, double hours, RunCase? against)
    {
        var answer = Ask(House(breaker), 1500, (decimal)hours);
        Assert.Equal(against is null ? May.Yes : May.No, answer.May);
        Assert.Equal(against is { } c ? [c] : [], Against(answer));
        Assert.Equal(12.5m, answer.Then);
    }

    /// <summary>Nobody said how long: it matters at 12.5 A of 15, and not at 10 A, where 125 % is 12.5 A.</summary>
    [Theory]
    [InlineData(1500, May.CannotTell)]
    [InlineData(1200, May.Yes)]
    public void How_long_it_runs_is_asked_only_where_it_decides(int watts, May may) => Assert.Equal(may, Ask(House(15), watts, null).May);

    /// <summary>NEC 210.23(A)(1): 80 % of 20 A is 16 A for one thing on a cord where others share the circuit; 1950 W takes
    /// 16.25 A.</summary>
    [Fact]
    public void One_thing_on_a_cord_leaves_a_fifth_to_the_others()
    {
        Assert.Equal([RunCase.Cord], Against(Ask(Shared(20), 1950, 1)));
        Assert.Empty(Against(Ask(Shared(20), 1900, 1)));
        // On a circuit of its own it may take all.
        Assert.Empty(Against(Ask(House(20), 1950, 1)));
    }

    /// <summary>NEC 210.23(A)(2): what is fastened takes at most half beside receptacles: 1200 W is 10 A of 20.</summary>
    [Theory]
    [InlineData(1200, false)]
    [InlineData(1210, true)]
    public void What_is_fastened_in_place_leaves_half_to_the_others(int watts, bool against)
    {
        var answer = Ask(Shared(20), watts, 1, Hangs.Fixed);
        Assert.Equal(against ? [RunCase.Fixed] : [], Against(answer));
        Assert.Equal(1200m, answer.MostWatts);
    }

    /// <summary>The solved network opens the breaker in the time the answer tells: three heaters on 20 A take 37.5 A.</summary>
    [Fact]
    public void Too_much_is_told_with_the_time_the_network_opens_it_in()
    {
        var job = Shared(20).Do(Runs("other", "b", 3000));
        var answer = Ask(job, 1500, 1);
        var over = answer.Reasons.Single(r => r.Case == RunCase.Over);
        var story = Story.Unfold(
            Live.Fresh(
                job,
                new Situation
                {
                    Stray = false,
                    Plugged = new Dictionary<string, double> { ["b/r"] = 3000, ["b/q"] = 1500 },
                }
            )
        );
        Assert.Equal(story.Openings[0].Seconds, (double)over.About["minutes"]! * 60, 3);
        // UL 489: 135 % within an hour, 200 % within two minutes, to 30 A.
        Assert.InRange(story.Openings[0].Seconds, 120, 3600);
        Assert.Equal(37.5m, answer.Then);
        // A little over its rating a breaker may hold for ever, UL 489: 25 A is 125 % of 20.
        var little = Ask(Shared(20).Do(Runs("other", "b", 1500)), 1500, 1).Reasons.Single(r => r.Case == RunCase.Over);
        Assert.Null(little.About["minutes"]);
    }

    [Fact]
    public void With_the_other_off_it_may()
    {
        var job = Shared(20).Do(Runs("other", "b", 1500));
        Assert.Equal(May.No, Ask(job, 1500, 1).May);
        var alone = MayRun.Of(job, new("b", "q", 1500, 1, Idle: ["b/r"])).Single();
        Assert.Equal(May.Yes, alone.May);
        Assert.Equal((0m, 12.5m), (alone.Now, alone.Then));
    }

    /// <summary>NEC Chapter 9 Table 8: 50 ft of 14 AWG out and back is 0.307 Ω; 12 A lose 3.7 V on it, joints and source a little
    /// more.</summary>
    [Fact]
    public void What_is_left_there_is_what_the_network_says()
    {
        var answer = Ask(House(15), 1440, 1);
        Assert.InRange(answer.Volts!.Value, 114.5, 116.4);
        Assert.Contains(answer.Reasons, r => r is { Case: RunCase.Low, Says: May.Yes });
    }

    /// <summary>Unknown is a verdict of its own: no breaker, a mark alone, a rating nobody read, outlets nobody spoke of.</summary>
    [Fact]
    public void What_nobody_knows_is_never_yes()
    {
        var marked = SmallHouse.Receptacle();
        Assert.Equal([RunCase.ByMark], Open(Ask(marked, 600, 1)));
        var unread = House(15).Do(Breakers(null));
        Assert.Equal([RunCase.NoRating], Open(Ask(unread, 600, 1)));
        var lone = Job.Blank("test").Do(new AddBox("b", "Lone", "nm-1g-18"), new AddDevice("b", "r", "receptacle", 1));
        Assert.Equal(RunCase.NotFollowed, MayRun.Of(lone, new("b", "r", 600)).Single().Reasons.Single().Case);
        var shared = Shared(20).Do(new NoteFact("b", "r", "load"));
        Assert.Equal([RunCase.Unsaid], Open(Ask(shared, 600, 1)));
        Assert.Equal(May.Yes, MayRun.Of(shared, new("b", "q", 600, 1, RestIdle: true)).Single().May);
    }

    /// <summary>An open neutral leaves nothing between the slots; a stop that the network alone sees, at any box of the circuit, comes
    /// first: presence of a breaker and a rating is no yes.</summary>
    [Fact]
    public void What_the_network_says_goes_before_arithmetic()
    {
        var open = House(15).Do(new MoveLead("j", "on.a1", new Landing(LandingAt.Cap)));
        Assert.Equal([RunCase.NoVolts], Against(Ask(open, 600, 1)));
        Inspection.Finding stop = new("seen", "j", Inspection.Verdict.Stop, "", Details.None, []);
        var stopped = MayRun.Of(House(15), new("b", "r", 600, 1), id => id == "j" ? [stop] : []).Single();
        Assert.Equal([RunCase.Stopped], Against(stopped));
        Assert.Null(stopped.MostWatts);
    }

    /// <summary>A motor takes about six times its current when it starts (common practice); a magnet may pull from five times the
    /// rating, UL 489: 1500 W on 15 A.</summary>
    [Theory]
    [InlineData(1500, true)]
    [InlineData(1000, false)]
    public void A_motor_may_open_it_when_it_starts(int watts, bool may)
    {
        var answer = MayRun.Of(House(15), new("b", "r", watts, 1, Motor: true)).Single();
        Assert.Equal(may, answer.Reasons.Any(r => r is { Case: RunCase.Starts, Says: May.Yes }));
    }

    /// <summary>What hangs on an outlet is what it takes: put there, moved, taken off again.</summary>
    [Fact]
    public void An_outlet_takes_what_hangs_on_it()
    {
        Appliance heater = new("heater", 1500, 6, Box: "b", Device: "r"),
            lamp = new("lamp", 60, 2, Box: "b", Device: "r");
        var both = Shared(20).Do(new PutAppliance("h", heater), new PutAppliance("l", lamp));
        Assert.Equal(("1560", "yes", "cord"), Said(both, "r"));
        var moved = both.Do(new PutAppliance("h", heater with { Device = "q" }));
        Assert.Equal(("60", "no", "cord"), Said(moved, "r"));
        Assert.Equal(("1500", "yes", "cord"), Said(moved, "q"));
        Assert.Equal((null, null, null), Said(moved.Do(new RemoveAppliance("h")), "q"));
        // Asked of where it hangs already, it is not counted twice.
        Assert.Equal(12.5m, MayRun.Of(moved, new("b", "q", 1500, 6, Idle: ["b/r"], Instead: "h")).Single().Then);
        Assert.Equal(1560m / 120, MayRun.Of(both, new("b", "r", 1500, 6, Instead: "h")).Single().Then);
    }

    private static (string?, string?, string?) Said(Job job, string device)
    {
        var facts = job.Boxes["b"].Noted.Find(device)?.Facts;
        return (facts?.Find("load")?.Value, facts?.Find("load-long")?.Value, facts?.Find("load-how")?.Value);
    }

    private static RunAnswer Ask(Job job, decimal watts, decimal? hours, Hangs how = Hangs.Cord) =>
        MayRun.Of(job, new("b", job.Boxes["b"].Devices.Has("q") ? "q" : "r", watts, hours, how)).Single();

    private static IEnumerable<RunCase> Against(RunAnswer answer) => answer.Reasons.Where(r => r.Says == May.No).Select(r => r.Case);

    private static IEnumerable<RunCase> Open(RunAnswer answer) => answer.Reasons.Where(r => r.Says == May.CannotTell).Select(r => r.Case);

    private static PutAppliance Runs(string id, string box, decimal watts) => new(id, new(id, watts, 1, Box: box, Device: "r"));

    private static PutPanel Breakers(decimal? amperes) =>
        new(
            "p",
            SmallHouse.Receptacle().Panels["p"] with
            {
                Breakers = [new Breaker(1, 1, amperes, BreakerKind.Standard, "c", "bench", true)],
            }
        );

    /// <summary>One receptacle 50 ft from the panel, alone on its circuit.</summary>
    private static Job House(int breaker) => SmallHouse.Followed(SmallHouse.Receptacle()).Do(Breakers(breaker));

    /// <summary>Two receptacles in one box on a circuit; nothing hangs on the first.</summary>
    private static Job Shared(int breaker) =>
        SmallHouse
            .Followed(SmallHouse.Receptacle(box: "nm-2g-32"))
            .Do(
                Breakers(breaker),
                new AddDevice("b", "q", "receptacle", 2),
                new AddPigtail("b", "qh", GfciBox.At("hot-lower/screw", "r"), GfciBox.At("hot-upper/screw", "q")),
                new AddPigtail("b", "qn", GfciBox.At("neutral-lower/screw", "r"), GfciBox.At("neutral-upper/screw", "q")),
                new NoteFact("b", "r", "load", new Observation(Known.Measured, "0"))
            );
}
