using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Inspection.Supply.Rules;
using JollyBarn.Telling;
using JollyBarn.Telling.Live;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What is wired in at a cable's end or straight from the panel, both halves of a tandem, and arc-fault breakers that look at the
/// ground too.</summary>
public class FixedLoadTests
{
    private static NoteFact Long => new("j", "on.a", "far-load-long", new Observation(Known.Measured, "yes"));

    /// <summary>Watts over volts: 4500 W takes 18.75 A at 240 V and 21.65 A at 208 V, less what is lost on the way.</summary>
    [Theory]
    [InlineData(SupplySystem.SplitPhase, 18.75)]
    [InlineData(SupplySystem.Wye, 21.65)]
    public void A_heater_hangs_between_two_hots(SupplySystem system, double amperes)
    {
        var live = Live.Solve(SmallHouse.Heater(system: system), Situation.AsRecorded);
        Assert.InRange(live.Amperes(live.Plan.Find("load:on/B")!).Magnitude, amperes * 0.97, amperes);
    }

    [Fact]
    public void Nothing_flows_and_it_is_said_why_while_nobody_knows_what_it_takes()
    {
        var live = Live.Solve(SmallHouse.Heater(watts: null), Situation.AsRecorded);
        Assert.Null(live.Plan.Find("load:on/B"));
        Assert.Contains(live.Plan.Assumed, a => a.Case == AssumedCase.DrawsNothing && (string?)a.About["load"] == "water heater");
    }

    /// <summary>Through the junction's ground the fault is bolted; without it the tank stays at a leg's volts and nothing opens.</summary>
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void A_hot_on_the_tank_opens_the_breaker_only_where_the_ground_comes_back(bool grounded)
    {
        Fault touching = new Bridged(Points.End("on", RunSide.B, 0), Points.Frame("on", RunSide.B));
        var story = Story.Unfold(
            Live.Solve(SmallHouse.Heater(), new Situation { Faults = grounded ? [touching] : [touching, new OpenLink("land:j/feed.a2")] })
        );
        Assert.Equal(grounded, story.Openings.Any(o => o.Guard.ToString() == "breaker:p/2"));
        var tank = story.End.Volts(Points.Frame("on", RunSide.B)).Magnitude;
        Assert.True(grounded ? tank < 1 : tank > 100, $"{tank} V");
    }

    [Fact]
    public void At_the_junction_the_tank_can_be_probed_and_a_hot_laid_on_it()
    {
        var job = SmallHouse.Heater();
        var look = new LiveTeller(job, "j").Tell(BoxLive.Read(job, "j", job.Boxes["j"], Situation.AsRecorded));
        Assert.Contains(look.Points, p => p.Name == "the metal of water heater" && p.Volts < 1);
        var offer = Assert.Single(look.Offers, o => o.Name == "a hot touches the metal of water heater");
        Assert.NotEmpty(BoxLive.Read(job, "j", job.Boxes["j"], new Situation { Faults = [offer.Fault] }).Openings);
    }

    /// <summary>NEC 422.13: a storage heater counts at 125 %: 18.75 × 1.25 = 23.4 A, over 20 and under 25.</summary>
    [Theory]
    [InlineData(20, Verdict.Fix)]
    [InlineData(25, Verdict.Fine)]
    [InlineData(30, Verdict.Fine)]
    public void A_heater_that_runs_for_hours_counts_a_quarter_more(int breaker, Verdict verdict) =>
        Assert.Equal(verdict, Of(SmallHouse.Heater(breaker).Do(Long), "load").Verdict);

    /// <summary>NEC 625.41 and 625.42: a charger of 32 A, 7680 W at 240 V, needs a 40 A circuit.</summary>
    [Theory]
    [InlineData(30, Verdict.Fix)]
    [InlineData(40, Verdict.Fine)]
    public void A_charger_straight_from_the_panel_counts_with_its_circuit(int breaker, Verdict verdict)
    {
        var job = SmallHouse.Heater(breaker, watts: 0).Do(Direct("direct-load", "7680"), Direct("direct-load-long", "yes"));
        Assert.Equal(verdict, Of(job, "load").Verdict);
        var live = Live.Solve(job, Situation.AsRecorded);
        Assert.InRange(live.Amperes(live.Plan.Find("load:p/c")!).Magnitude, 31.5, 32);
    }

    [Fact]
    public void A_load_nobody_gave_watts_is_asked_for_at_its_box()
    {
        var asked = Of(SmallHouse.Heater(watts: null).Do(Direct("direct-load", "500")), "load");
        Assert.Equal((Verdict.Measure, new FactAsked("on.a", CableFacts.FarWatts, "j")), (asked.Verdict, asked.Asks[0]));
    }

    /// <summary>NEC 210.11(C)(1) and 210.52(B)(2): small-appliance circuits feed nothing fixed.</summary>
    [Fact]
    public void What_is_fixed_does_not_hang_on_a_circuit_with_a_purpose()
    {
        var job = SmallHouse
            .Receptacle()
            .Do(
                new PutPlace("k", new Place("Galley", Wetness.Dry, "kitchen")),
                new PlaceBox("b", "k"),
                new NoteCircuit("c", "purpose", new Observation(Known.Measured, "small-appliance")),
                new AddCable("b", "extra", "k5", Jobs.Nm(14, 2), EntrySide.Bottom, null, "to the grinder", Feeds.FeedsOn),
                new SetRun("extra", Circuit: "c"),
                new EndAtLoad("extra", RunSide.B, "waste grinder")
            );
        Assert.Contains(All(job), f =>
            f.Is("purpose", PurposeKept.Case.FixedLoad)
            && new Teller(job, "c").Tell(f).Says.StartsWith("Waste grinder, from Bench", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void An_end_can_be_named_anew_and_lost_again()
    {
        var job = SmallHouse.Heater().Do(new EndAtLoad("on", RunSide.B, "tank"));
        Assert.Equal((EndAt.Load, "tank"), (job.Runs["on"].B.At, job.Runs["on"].B.Says));
        Assert.Equal(RunEnd.Unknown, job.Do(new LoseEnd("on", RunSide.B)).Runs["on"].B);
        var oven = job.Do(Long, new LoseEnd("on", RunSide.B), new EndAtLoad("on", RunSide.B, "drying oven"));
        Assert.Null(oven.Boxes["j"].Fact("on.a", "far-load"));
        Assert.Null(oven.Boxes["j"].Fact("on.a", "far-load-long"));
        Assert.Equal(Why.NotTakenBack, new LoseEnd("on", RunSide.A).Check(job)?.Why);
        Assert.Equal(Why.EndTaken, new EndAtLoad("feed", RunSide.B, "range").Check(job)?.Why);
    }

    [Fact]
    public void A_cable_pulled_out_takes_its_far_load_with_it() =>
        Assert.Null(SmallHouse.Heater().Do(new RemoveCable("j", "on")).Runs.Find("on"));

    /// <summary>A tandem is two breakers in one slot, each with a handle, a screw and a circuit of its own, on one leg.</summary>
    [Fact]
    public void The_halves_of_a_tandem_are_thrown_apart_and_stand_on_one_leg()
    {
        Breaker[] halves =
        [
            new(1, 1, 15, BreakerKind.Tandem, "c0", "row 0", true),
            new(1, 1, 15, BreakerKind.Tandem, "c1", "row 1", true) { Lower = true },
        ];
        var rows = SmallHouse.Rows(2, 1);
        var job = rows.Do(new PutPanel("p", rows.Panels["p"] with { Breakers = halves }));
        double At(Job of, string box) =>
            Live.Solve(of, Situation.AsRecorded) is var live
                ? live.Between(Points.Face(box, "d", "upperhot"), Points.Face(box, "d", "upperneutral"))
                : 0;
        Assert.Equal((true, true), (At(job, "b0.0") > 100, At(job, "b1.0") > 100));
        var lowerOff = job.Do(new SwitchBreaker("p", 1, "Ines", "2026-10-02T08:00:00Z", false, true));
        Assert.Equal((true, true), (At(lowerOff, "b0.0") > 100, At(lowerOff, "b1.0") < 1));
        Assert.Equal([true, false], lowerOff.Panels["p"].Breakers.Select(b => b.On == true));
        Assert.Equal("Ines", Assert.Single(lowerOff.Panels["p"].Breakers[1].HeldBy));
        Assert.Equal(SupplyLegs.Of(job.Panels["p"], halves[0]), SupplyLegs.Of(job.Panels["p"], halves[1]));
    }

    [Fact]
    public void What_is_written_for_each_half_of_a_tandem_is_asked_apart()
    {
        Breaker[] halves = [new(1, 1, 15, BreakerKind.Tandem, "c0"), new(1, 1, 15, BreakerKind.Tandem, "c1") { Lower = true }];
        var rows = SmallHouse.Rows(2, 1);
        var job = rows.Do(
            new PutPanel("p", rows.Panels["p"] with { Breakers = halves }),
            new NotePanel("p", "1b", "written", new Observation(Known.Measured, "nothing"))
        );
        var found = All(job).Where(f => f.Rule == "directory").ToDictionary(f => f.Of, f => f.Verdict);
        Assert.Equal((Verdict.Measure, Verdict.Fix), (found["1"], found["1b"]));
    }

    /// <summary>From memory: arc-fault breakers made until about 2015 open on 30 mA to ground too; they are no class A
    /// protection.</summary>
    [Theory]
    [InlineData(0, 3000, false)]
    [InlineData(30, 3000, true)]
    [InlineData(30, 15000, false)]
    public void An_arc_fault_breaker_opens_on_a_leak_only_where_it_looks_at_the_ground(int milliamperes, int leakOhms, bool opens)
    {
        var job = SmallHouse
            .Receptacle(breaker: BreakerKind.Afci)
            .Do(new SetPractice("electrics.afciGround", milliamperes == 0 ? null : $"{milliamperes}"));
        var story = Story.Unfold(
            Live.Solve(job, new Situation { Faults = [new Bridged(Points.End("on", RunSide.B, 0), Points.Metal("b"), leakOhms)] })
        );
        Assert.Equal(opens, story.Openings.Any(o => o.Guard.ToString() == "breaker:p/1"));
        Assert.All(CircuitWiring.Find(job, "c").Ways(), w => Assert.Empty(w.Guards));
    }

    [Fact]
    public void Where_the_service_comes_in_there_is_no_feeder_to_ask_about() =>
        Assert.DoesNotContain(All(SmallHouse.Receptacle()), f => f.Rule == "drop-all");

    private static NoteCircuit Direct(string key, string value) => new("c", key, new Observation(Known.Measured, value));

    private static Finding Of(Job job, string rule) => All(job).Single(f => f.Rule == rule);

    private static List<Finding> All(Job job) =>
        [
            .. job.Circuits.SelectMany(c => SupplyVerdicts.Judge(new CircuitLook(job, c.Key))),
            .. job.Panels.SelectMany(p => SupplyVerdicts.Judge(new PanelLook(job, p.Key))),
        ];
}
