using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Rules;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Stops by the solved network: metal that would give somebody a shock, by the current and not by the volts.</summary>
public sealed class LivePartTests
{
    /// <summary>A lamp and a receptacle after it on one circuit. The receptacle's ground is jumpered to its neutral, no ground comes, and
    /// its
    /// metal box hangs on it.</summary>
    private static Job Jumpered(bool neutral) =>
        Job.Blank("test")
            .Do(
                new PutCircuit("c", new Circuit("Lamp and bench")),
                new PutPanel(
                    "panel",
                    new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(7, 1, 15, BreakerKind.Standard, "c")] }
                ),
                new AddBox("lamp", "Lamp", "round-4x1-1/2", null, null, Contents.Complete),
                new AddCable("lamp", "feed", "k1", Jobs.Nm(14, 2, ground: false), Feeds: Feeds.FeedsIn),
                new AddCable("lamp", "on", "k2", Jobs.Nm(14, 2, ground: false), Feeds: Feeds.FeedsOn),
                new SetRun("feed", Circuit: "c", Length: SmallHouse.Feet(30)),
                new SetRun("on", Circuit: "c", Length: SmallHouse.Feet(20)),
                new EndAtPanel("feed", RunSide.B, "panel"),
                new AddDevice("lamp", "l", "luminaire", 0),
                new JoinLeads("lamp", "hots", "twist-on-medium", ["feed.a0", "on.a0", "l.hot"], "hots"),
                neutral
                    ? new JoinLeads("lamp", "neutrals", "twist-on-medium", ["feed.a1", "on.a1", "l.neutral"], "neutrals")
                    : new JoinLeads("lamp", "neutrals", "twist-on-medium", ["on.a1", "l.neutral"], "neutrals"),
                new AddBox("b", "Bench", "device-3x2x3-1/2", null, null, Contents.Complete),
                new ConnectRun("b", "on", RunSide.B, "k"),
                new AddDevice("b", "d", "receptacle", 1),
                new MoveLead("b", "on.b0", new(LandingAt.Terminal, null, "d", "hot-upper/screw")),
                new MoveLead("b", "on.b1", new(LandingAt.Terminal, null, "d", "neutral-upper/screw")),
                new AddPigtail(
                    "b",
                    "jumper",
                    new(LandingAt.Terminal, null, "d", "neutral-lower/screw"),
                    new(LandingAt.Terminal, null, "d", "ground/screw"),
                    Colour: "bare"
                )
            );

    /// <summary>The neutral upstream opened: every lamp's hot comes back on the jumpered ground. Common knowledge of the trade; by Ohm's
    /// law a
    /// 60 W lamp of 240 Ω in series with 1000 Ω drives 120 / 1240 A, 96.8 mA.</summary>
    [Fact]
    public void An_open_neutral_makes_a_jumpered_ground_live_through_the_lamp()
    {
        var part = Assert.Single(LiveParts.Of(Jumpered(neutral: false)));
        Assert.Equal(("b", "d"), (part.Box.Text, part.Of));
        Assert.InRange(part.Volts, 119, 121);
        Assert.InRange(part.Milliamperes, 96, 97);
        Assert.Equal([("panel", "7")], part.Feeds);
    }

    [Fact]
    public void It_is_told_with_volts_and_milliamperes_and_what_feeds_it_and_stands_in_the_list_of_stops()
    {
        var job = Jumpered(neutral: false);
        var solved = ExpectedLive.Judge(job)["b"];
        var told = new Teller(job, "b").Tell(ExpectedLive.With(Inspector.JudgeAll(job, "b", job.Boxes["b"]), solved));
        var first = told.First(f => f.Rule == "live-metal");
        Assert.Equal(Verdict.Stop, first.Verdict);
        Assert.Matches("^Live at 1(19|20)[.0-9]* V, [0-9.]+ mA through a person: .*, fed by .*7", first.Says);
        Assert.NotEmpty(first.Now);
        Assert.DoesNotContain("live again", first.Says, StringComparison.Ordinal);
        var off = job.Do(new SwitchBreaker("panel", 7, "Ines", "2026-09-18T10:00:00Z", false));
        Assert.Contains(
            "live again when it goes on",
            new Teller(off, "b").Tell(ExpectedLive.Judge(off)["b"])[0].Says,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void With_its_neutral_whole_nobody_gets_more_than_the_lamp_drops_on_it() =>
        Assert.DoesNotContain(LiveParts.Of(Jumpered(neutral: true)), p => p.Volts > 2);

    /// <summary>A heater whose ground was joined with a hot: its tank is what somebody touches, and no box stands there.</summary>
    [Fact]
    public void The_metal_of_something_fixed_is_told_at_the_cable_that_feeds_it()
    {
        var job = SmallHouse
            .Heater()
            .Do(new MoveLead("j", "on.a2", new(LandingAt.Joint, "one")), new MoveLead("j", "on.a0", new(LandingAt.Joint, "grounds")));
        var part = Assert.Single(LiveParts.Of(job), p => p.Kind == LiveKind.Far);
        Assert.Equal(("j", "on.a"), (part.Box.Text, part.Of));
        Assert.InRange(part.Volts, 100, 121);
        Assert.Contains(
            "through a person: the metal of what the cable to the heater feeds",
            new Teller(job, "j").Tell(ExpectedLive.Judge(job)["j"]).Single(f => f.Of == "on.a").Says,
            StringComparison.Ordinal
        );
    }

    /// <summary>A conductor that floats reads tens of volts on a meter of high impedance and drives microamperes: a ghost, no
    /// shock.</summary>
    [Fact]
    public void A_ground_that_ends_nowhere_is_a_ghost_and_no_stop()
    {
        var job = Job.Blank("test")
            .Do([
                new PutCircuit("c", new Circuit("Bench")),
                new PutPanel(
                    "panel",
                    new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 15, BreakerKind.Standard, "c")] }
                ),
                new AddBox("b", "Bench", "device-3x2x3-1/2", null, null, Contents.Complete),
                new AddCable("b", "r", "k", Jobs.Nm(14, 2), Feeds: Feeds.FeedsIn),
                new SetRun("r", Circuit: "c", Length: SmallHouse.Feet(60)),
                new EndAtPanel("r", RunSide.B, "panel"),
                new AddCable("b", "old", "k2", Jobs.Nm(14, 2), Feeds: Feeds.FeedsOn),
                new JoinLeads("b", "hots", "twist-on-medium", ["r.a0", "old.a0"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["r.a1", "old.a1"], "neutrals"),
                new AddBox("far", "Far", "nm-1g-18", null, null, Contents.Complete),
                new ConnectRun("far", "old", RunSide.B, "k"),
                new SetRun("old", Length: SmallHouse.Feet(60)),
                new MoveLead("b", "old.a2", new(LandingAt.Loose)),
                .. Enumerable.Range(0, 3).Select(i => new MoveLead("far", $"old.b{i}", new(LandingAt.Loose))),
            ]);
        var live = Live.Solve(job, Situation.AsRecorded);
        var ground = Points.End("old", RunSide.A, 2);
        Assert.InRange(live.Volts(ground).Magnitude, 30, 90);
        Assert.True(live.Through(ground) < Live.Felt);
        Assert.Equal(Expected.Ghost, live.Expect(ground));
        Assert.Empty(LiveParts.Of(job));
    }

    [Fact]
    public void In_a_house_that_is_sound_nothing_is_expected_live() => Assert.Empty(LiveParts.Of(SmallHouse.Rows(2, 4)));

    /// <summary>A remedy for what the network found is one that makes it dead.</summary>
    [Fact]
    public void A_remedy_of_it_makes_it_dead_by_the_network()
    {
        var job = Jumpered(neutral: false);
        foreach (var finding in ExpectedLive.Judge(job)["b"])
        {
            var answer = Planning.Remedies.RemedyList.Weigh(job, "b", finding);
            Assert.All(answer.Remedies.Where(r => r.Settles), r =>
                Assert.DoesNotContain(ExpectedLive.Judge(job.Do(r.Remedy.Edit))["b"], f => f.Of == finding.Of)
            );
        }
    }

    /// <summary>Worked out from what an edit touched, it is the same as worked out anew, edit after edit.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void After_each_edit_it_is_what_it_would_be_from_nothing(int seed)
    {
        var kept = new ExpectedLive();
        var job = Demo.Present;
        var tried = 0;
        var edits = new RandomEdits(seed);
        for (var i = 0; i < 15; i++)
        {
            var edit = edits.Next(job);
            if (edit.Check(job) is null)
            {
                job = edit.Apply(job);
                var now = kept.Of(job, Timeout.Infinite)!;
                Assert.Equal(Written(ExpectedLive.Judge(job)), Written(now));
                tried++;
            }
        }

        Assert.True(tried > 5);
    }

    private static IEnumerable<string> Written(ILookup<Id<Box>, Finding> stops) =>
        stops.SelectMany(b => b.Select(f => $"{b.Key}: {f.Of} {f.Case}")).Order(StringComparer.Ordinal);

    [Fact]
    public void Where_the_network_speaks_of_a_thing_the_wiring_does_not_say_it_twice()
    {
        var job = Demo.Present;
        var solved = ExpectedLive.Judge(job);
        Assert.NotEmpty(solved);
        foreach (var (id, box) in job.Boxes.Where(b => solved.Contains(b.Key)))
        {
            var all = ExpectedLive.With(Inspector.JudgeAll(job, id, box), solved[id]);
            Assert.All(all.Where(f => f.Rule == "live-metal").CountBy(f => f.Of), c => Assert.Equal(1, c.Value));
            Assert.All(solved[id], f => Assert.True(LiveMetal.IsExpected(f)));
        }
    }
}
