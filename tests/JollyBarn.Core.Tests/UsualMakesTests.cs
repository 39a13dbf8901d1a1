using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Usual makes: what each does with the power on, by the solved network, and what the rules say of it. That these are the usual
/// ones, and what each is for, is common practice of the trade; the white of a switch loop is NEC 200.7(C)(1).</summary>
public sealed class UsualMakesTests
{
    private const string Noon = "2026-09-14T12:00:00Z";

    [Theory]
    [InlineData("receptacle", "14-2", UsualMake.EndOfRun)]
    [InlineData("receptacle", "14-2 14-2", UsualMake.FedThrough, UsualMake.ThroughDevice)]
    [InlineData("receptacle", "14-2 14-2 14-2", UsualMake.FedThrough)]
    [InlineData("protective", "14-2 14-2", UsualMake.LineAndLoad, UsualMake.FedThrough)]
    [InlineData("switch", "14-2", UsualMake.SwitchLoop)]
    [InlineData("switch", "14-2 14-2 14-2", UsualMake.FeedAtSwitch, UsualMake.FeedAtSwitch)]
    [InlineData("dimmer", "14-2 14-2", UsualMake.FeedAtSwitch)]
    [InlineData("switch-3way", "14-2 14-3", UsualMake.ThreeWay)]
    [InlineData("switch-3way", "14-2 14-2")]
    [InlineData("luminaire", "14-2", UsualMake.EndOfRun)]
    [InlineData("", "14-2 14-2 14-3", UsualMake.SpliceOnly)]
    [InlineData("", "14-2")]
    public void What_fits_the_cables_and_the_device_is_offered(string device, string cables, params UsualMake[] makes) =>
        Assert.Equal(makes, Find(House(device, cables)).Select(m => m.Make.Make));

    [Theory]
    [InlineData("receptacle", "14-2 14-2", UsualMake.FedThrough, true, true)]
    [InlineData("receptacle", "14-2 14-2", UsualMake.ThroughDevice, true, false)]
    [InlineData("protective", "14-2 14-2", UsualMake.FedThrough, true, true)]
    [InlineData("protective", "14-2 14-2", UsualMake.LineAndLoad, true, false)]
    [InlineData("switch", "14-2 14-2", UsualMake.FeedAtSwitch, true, false)]
    [InlineData("dimmer", "14-2 14-2", UsualMake.FeedAtSwitch, true, false)]
    [InlineData("", "14-2 14-2", UsualMake.SpliceOnly, true, true)]
    public void What_goes_on_is_live_and_hangs_on_the_device_or_not(string device, string cables, UsualMake make, bool with, bool without)
    {
        var made = Made(House(device, cables), make);
        made = device is "switch" or "dimmer" ? made.Do(new ThrowSwitch("b", "d", true, "Ines", Noon)) : made;
        Assert.Equal(with, Live(made, "r1"));
        Assert.Equal(without, device == "" ? Live(made, "r1") : Live(made.Do(new RemoveDevice("b", "d")), "r1"));
    }

    [Fact]
    public void With_the_switch_off_only_the_light_is_dead()
    {
        var job = House("switch", "14-2 14-2 14-2").Do(new EndAtLoad("r2", RunSide.B, "light"));
        var make = Find(job)[0];
        Assert.Equal("r2.a", make.Make.Cable);
        foreach (var on in new[] { true, false })
        {
            var made = Seen(job, make).Do(new ThrowSwitch("b", "d", on, "Ines", Noon));
            Assert.Equal((true, on), (Live(made, "r1"), Live(made, "r2")));
        }
    }

    [Fact]
    public void Of_the_travelers_one_is_live_and_the_other_when_it_is_thrown()
    {
        var made = Made(House("switch-3way", "14-2 14-3"), UsualMake.ThreeWay);
        bool[] Travelers(bool on)
        {
            var live = Electrics.Live.Solve(made.Do(new ThrowSwitch("b", "d", on, "Ines", Noon)), Situation.AsRecorded);
            var colours = made.Runs["r1"].Conductors.Select(c => c.Colour).ToList();
            var neutral = Points.End("r1", RunSide.B, colours.IndexOf("white"));
            return
            [
                .. new[] { "black", "red" }.Select(c =>
                    (live.Volts(Points.End("r1", RunSide.B, colours.IndexOf(c))) - live.Volts(neutral)).Magnitude > 100
                ),
            ];
        }

        Assert.Single(Travelers(true), t => t);
        Assert.Equal(Travelers(true).Select(t => !t), Travelers(false));
    }

    [Fact]
    public void In_a_switch_loop_the_white_brings_the_feed()
    {
        var box = Made(House("switch", "14-2"), UsualMake.SwitchLoop).Boxes["b"];
        Assert.Equal(("hot", "switched"), (box.Leads["r0.a1"].Lands.Terminal, box.Leads["r0.a0"].Lands.Terminal));
        Assert.Equal((ConductorUse.Hot, "white"), (box.Leads["r0.a1"].Use, box.Leads["r0.a1"].Colour));
    }

    /// <summary>A make is how a good box is made up: of its wiring the rules have nothing to mend, in plastic and in metal.</summary>
    [Theory]
    [InlineData("receptacle", "14-2")]
    [InlineData("receptacle", "14-2 14-2")]
    [InlineData("receptacle", "14-2 14-2 14-2")]
    [InlineData("protective", "14-2 14-2")]
    [InlineData("switch", "14-2 14-2")]
    [InlineData("switch-3way", "14-2 14-3")]
    [InlineData("", "14-2 14-2")]
    public void The_rules_find_nothing_to_mend_in_its_wiring(string device, string cables)
    {
        foreach (var kind in new[] { "nm-2g-32", "device-3x2x3-1/2" })
        {
            var house = House(device, cables, kind);
            foreach (var make in Find(house))
            {
                var bad = Seen(house, make)
                    .Told()
                    .Where(f => f.Verdict is Verdict.Stop or Verdict.Fix && f.Rule is not ("fill" or "fed" or "reached" or "identified"));
                Assert.True(!bad.Any(), $"{kind}, {make.Make.Make}: {string.Join(" ", bad.Select(f => $"{f.Rule}: {f.Says}"))}");
            }
        }
    }

    /// <summary>A make that no longer fits, since another device was seen in the box, leaves nothing to see, and others are
    /// offered.</summary>
    [Fact]
    public void Where_another_device_is_seen_other_makes_are_offered()
    {
        var house = House("receptacle", "14-2 14-2");
        var begun = house.Do(new AssumeMake("b", Find(house)[0].Make));
        Assert.Empty(Steps(begun).Makes);
        var device = begun.Boxes["b"].Devices.Ids.Single();
        var other = begun.Do(new RemoveDevice("b", device), new AddDevice("b", "other", "switch", 1));
        Assert.Empty(Steps(other).Assumed);
        Assert.NotEmpty(Steps(other).Makes);
        Assert.Equal(Find(other).Select(m => m.Make), Steps(other).Makes.Select(m => m.Make));
    }

    /// <summary>Nobody looked, so nobody knows: a make that is begun lands no lead, and no verdict and no voltage is other than before
    /// it.</summary>
    [Fact]
    public void A_make_that_is_begun_connects_nothing_until_each_place_is_seen()
    {
        var house = House("receptacle", "14-2 14-2");
        var begun = house.Do(new AssumeMake("b", Find(house)[0].Make));
        Assert.All(begun.Boxes["b"].Leads.Values, l => Assert.Equal(LandingAt.Unknown, l.Lands.At));
        Assert.Equal(
            Inspector.JudgeAll(house, "b", house.Boxes["b"]).Select(f => f.Key),
            Inspector.JudgeAll(begun, "b", begun.Boxes["b"]).Select(f => f.Key)
        );
        Assert.False(Live(begun, "r1"));
        Assert.All(Proofs.Pairs(begun.Boxes["b"]), p => Assert.Single(p.FromAll));
        var (left, seen) = (Steps(begun).Assumed.Count, begun);
        Assert.Equal(3, left);
        while (Steps(seen).Assumed is [var next, ..] all)
        {
            Assert.Equal(left--, all.Count);
            Assert.DoesNotContain(SurveyPart.Leads, Steps(seen).Done);
            seen = seen.Do(next.Edit);
        }

        Assert.Contains(SurveyPart.Leads, Steps(seen).Done);
        Assert.True(Live(seen, "r1"));
        Assert.Equal(3, seen.Boxes["b"].Pigtails.Count);
    }

    [Fact]
    public void What_is_found_otherwise_is_asked_lead_by_lead_and_the_rest_stays_to_be_seen()
    {
        var house = House("receptacle", "14-2 14-2");
        var begun = house.Do(new AssumeMake("b", Find(house)[0].Make), new MoveLead("b", "r1.a0", Landing.Loose));
        Assert.Equal(["grounds", "neutrals"], Steps(begun).Assumed.Select(p => p.Joint).Order(StringComparer.Ordinal));
        Assert.Empty(Steps(begun.Do(new AssumeMake("b"))).Assumed);
        // A copy stands elsewhere: nobody said how it is made up.
        Assert.Null(house.Do(new AssumeMake("b", Find(house)[0].Make), new CopyBox("b", "copy", "Copy")).Boxes["copy"].Make);
    }

    [Fact]
    public void One_ground_goes_onto_the_screw_of_a_metal_box_with_no_other_place_for_it()
    {
        var house = House("receptacle-two-slot", "14-2", "device-3x2x3-1/2");
        Assert.Equal(LandingAt.BondingScrew, Made(house, UsualMake.EndOfRun).Boxes["b"].Leads["r0.a2"].Lands.At);
    }

    [Fact]
    public void Where_a_lead_has_its_place_nothing_is_assumed_over_it() =>
        Assert.Empty(Find(House("receptacle", "14-2 14-2").Do(new MoveLead("b", "r0.a0", new(LandingAt.Cap)))));

    private static IReadOnlyList<UsualMakeUp> Find(Job job) => UsualMakes.Find(job, "b", job.Boxes["b"], "n");

    private static SurveySteps Steps(Job job) => SurveySteps.Read(job, "b", job.Boxes["b"], "n2");

    private static Job Made(Job job, UsualMake make) => Seen(job, Find(job).First(m => m.Make.Make == make));

    /// <summary>The box when somebody looked at every place of a make, and each was so.</summary>
    private static Job Seen(Job job, UsualMakeUp make) => make.Places.Aggregate(job, (j, p) => j.Do(p.Edit));

    /// <summary>Between the first hot and the neutral at the far end of a cable.</summary>
    private static bool Live(Job job, string run)
    {
        var live = Electrics.Live.Solve(job, Situation.AsRecorded);
        return (live.Volts(Points.End(run, RunSide.B, 0)) - live.Volts(Points.End(run, RunSide.B, 1))).Magnitude > 100;
    }

    /// <summary>A box of cables, the first from a panel, with nothing made up.</summary>
    private static Job House(string device, string cables, string kind = "nm-2g-32")
    {
        var panel = new Panel("Panel", SupplySystem.SplitPhase, 20)
        {
            Breakers = [new Breaker(1, 1, 15, BreakerKind.Standard, "c", "it", true)],
        };
        var job = Job.Blank("test")
            .Do(
                new PutSource("s", new Source("Service", SourceKind.Service)),
                new PutCircuit("c", new Circuit("Circuit")),
                new PutPanel("p", panel with { Source = "s" }),
                new AddBox("b", "Bench", kind, null, null, Contents.Partial)
            );
        foreach (var (size, i) in cables.Split(' ').Select((s, i) => (s, i)))
        {
            var sort = CableSort.All.First(s => s.Id == size);
            var feeds = i == 0 ? Feeds.FeedsIn : Feeds.CannotTell;
            job = job.Do(new AddCable("b", $"r{i}", $"k{i}", sort.Spec, Feeds: feeds), new SetRun($"r{i}", Circuit: "c"));
        }

        job = job.Do(new EndAtPanel("r0", RunSide.B, "p"));
        return device.Length == 0 ? job : job.Do(new AddDevice("b", "d", device, DeviceKinds.Find(device)!.Yoke ? 1 : null));
    }
}
