using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Measures;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A circuit as the network it is part of: legs, ways to outlets by Table 8, what is measured, what a thicker wire would do,
/// purposes and what settles a verdict.</summary>
public class CircuitWiringTests
{
    /// <summary>Common practice of panels: two slots side by side on one leg, the next two on the next; poles of one breaker on legs in
    /// turn.</summary>
    [Theory]
    [InlineData(SupplySystem.SplitPhase, 1, 1, "A")]
    [InlineData(SupplySystem.SplitPhase, 2, 1, "A")]
    [InlineData(SupplySystem.SplitPhase, 3, 1, "B")]
    [InlineData(SupplySystem.SplitPhase, 4, 1, "B")]
    [InlineData(SupplySystem.SplitPhase, 5, 1, "A")]
    [InlineData(SupplySystem.SplitPhase, 8, 2, "BA")]
    [InlineData(SupplySystem.SplitPhase, 1, 2, "AB")]
    [InlineData(SupplySystem.Wye, 1, 1, "A")]
    [InlineData(SupplySystem.Wye, 3, 1, "B")]
    [InlineData(SupplySystem.Wye, 5, 1, "C")]
    [InlineData(SupplySystem.Wye, 7, 1, "A")]
    [InlineData(SupplySystem.Wye, 1, 3, "ABC")]
    [InlineData(SupplySystem.SingleLeg, 6, 1, "A")]
    public void A_slot_is_on_its_leg(SupplySystem system, int slot, int poles, string legs) =>
        Assert.Equal(
            legs,
            string.Concat(SupplyLegs.Of(new Panel("Panel", system, 42), new Breaker(slot, poles)).Select(l => (char)('A' + l)))
        );

    /// <summary>NEC Chapter 9 Table 8 at 75 °C, Ω per 1000 ft: 14 AWG 3.07, 12 AWG 1.93, 10 AWG 1.21; out and back over the length, joints
    /// and the breaker add some hundredths of an ohm at most.</summary>
    [Theory]
    [InlineData(14, 3.07, 50)]
    [InlineData(14, 3.07, 150)]
    [InlineData(12, 1.93, 150)]
    [InlineData(10, 1.21, 300)]
    public void The_way_to_an_outlet_is_twice_its_length_by_table_8(int gauge, double ohms, int feet)
    {
        var way = Assert.Single(Wiring(House(gauge, feet)).Ways(), w => w.Half == "upper");
        var table = 2 * feet * ohms / 1000;
        Assert.InRange(way.Ohms!.Value, table * 0.99, (table * 1.01) + 0.05);
        // Hot on ground: the ground is of the same gauge, and the source's impedance comes on top.
        Assert.InRange(way.FaultAmperes!.Value, 120 / ((table * 1.01) + 0.07), 120 / ((table * 0.99) + 0.02));
        Assert.Equal(["feed", "on"], way.Over);
    }

    /// <summary>Common practice, another way to the same figure: volts lost are 2 × K × amperes × feet / circular mils, K 12.9 for copper
    /// in use; 4110, 6530 and 10380 circular mils are 14, 12 and 10 AWG (Chapter 9 Table 8).</summary>
    [Theory]
    [InlineData(14, 4110, 60)]
    [InlineData(14, 4110, 120)]
    [InlineData(12, 6530, 90)]
    [InlineData(12, 6530, 200)]
    [InlineData(10, 10380, 250)]
    public void The_drop_is_that_of_the_shop_formula(int gauge, int mils, int feet)
    {
        var job = House(gauge, feet);
        var drop = new CircuitLook(job, "c").Farthest!;
        Assert.Equal(12, drop.Amperes);
        var volts = 2 * 12.9 * 12 * feet / mils;
        Assert.InRange(drop.Amperes * drop.Ohms, volts * 0.97, (volts * 1.03) + 0.3);
        Assert.InRange(drop.Share, 100 * volts * 0.97 / 120, (103 * volts / 120) + 0.3);
    }

    /// <summary>One cable is measured, the other is not: as the house assumes it the other is the longer, at no length the first is. What
    /// is asked is the length of the other.</summary>
    [Fact]
    public void What_is_asked_lies_on_the_way_that_nobody_measured()
    {
        var job = SmallHouse
            .Rows(2, 1)
            .Do(
                new EndAtPanel("r0.0", RunSide.B, "p"),
                new EndAtPanel("r1.0", RunSide.B, "p"),
                new SetRun("r1.0", Circuit: "c0", Length: Fact<Length>.Unknown),
                new SetPractice(ElectricsBook.UnknownFeet.Key, "60")
            );
        var drop = new CircuitLook(job, "c0").Farthest!;
        Assert.Equal("b0.0", drop.Way.Box);
        Assert.Equal("b1.0", drop.Assumed.Box);
        Assert.Equal(["r1.0"], drop.Open);
        var asked = SupplyVerdicts.Judge(new CircuitLook(job, "c0")).Single(f => f.Rule == "drop");
        Assert.Equal(Verdict.Measure, asked.Verdict);
        Assert.Equal("b1.0", asked.Box);
    }

    [Fact]
    public void Of_a_two_slot_receptacle_on_old_cable_no_fault_current_is_told()
    {
        var way = Wiring(SmallHouse.Receptacle(ground: false)).Ways()[0];
        Assert.NotNull(way.Ohms);
        Assert.Null(way.FaultAmperes);
    }

    [Fact]
    public void An_outlet_whose_neutral_is_off_has_no_way() =>
        Assert.All(Wiring(SmallHouse.Receptacle().Do(new MoveLead("b", "on.b1", new Landing(LandingAt.Loose)))).Ways(), w =>
            Assert.Null(w.Ohms)
        );

    [Fact]
    public void What_nobody_measured_on_the_way_is_named_and_what_is_beside_it_is_not()
    {
        var job = House(14, 50)
            .Do(
                new AddCable("b", "beside", "k3", Jobs.Nm(14, 2), EntrySide.Bottom, null, "to the porch"),
                new SetRun("beside", Circuit: "c")
            );
        Assert.Empty(Open(job));
        Assert.Equal(["on"], Open(job.Do(new SetRun("on", Length: Fact<Length>.Unknown))));
        Assert.Equal(["feed"], Open(SmallHouse.Receptacle()));

        static IReadOnlyList<Id<Run>> Open(Job job) => Wiring(job) is var wiring ? wiring.Open(wiring.Ways()[0]) : [];
    }

    /// <summary>Table 8: from 14 to 12 AWG the way has 1.93 / 3.07 of its Ω.</summary>
    [Fact]
    public void One_gauge_thicker_loses_less_by_table_8()
    {
        var wiring = Wiring(House(14, 150));
        var way = wiring.Ways()[0];
        Assert.InRange(wiring.Thicker(way)!.Value / way.Ohms!.Value, 1.93 / 3.07 * 0.98, 1.93 / 3.07 * 1.05);
        Assert.Null(Wiring(House(6, 150)) is var thick ? thick.Thicker(thick.Ways()[0]) : null);
    }

    /// <summary>A voltage drop over 3 % says what the next gauge would lose; that is the same circuit worked out anew.</summary>
    [Fact]
    public void What_would_settle_a_drop_is_said_with_its_amount()
    {
        var found = Of(House(14, 150), "drop");
        Assert.Equal(Verdict.Better, found.Verdict);
        // 12 A over 300 ft of 12 AWG: 6.9 V, 5.8 %, and a little for joints.
        Assert.Matches(@"would lose (5\.[89]|6\.[0-2]) %", found.Mend);
    }

    [Theory]
    [InlineData(1900, "100 W")] // 15.8 A on 15: 100 W too much.
    [InlineData(2400, "600 W")]
    public void What_would_settle_a_load_is_the_load_too_much(int watts, string says) =>
        Assert.Contains(
            says,
            Of(House(14, 50).Do(Note("load", $"{watts}"), Note("load-long", "no"), Note("load-how", "fixed")), "load").Mend,
            StringComparison.Ordinal
        );

    /// <summary>NEC 210.11(C), 240.4(D): a 20 A breaker wants 12 AWG all the way.</summary>
    [Theory]
    [InlineData(12, "may put in a 20 A breaker")]
    [InlineData(14, "wants 12 AWG all the way")]
    public void A_larger_breaker_is_offered_only_where_every_wire_carries_it(int gauge, string says) =>
        Assert.Contains(
            says,
            Of(House(gauge, 50).Do(new NoteCircuit("c", "purpose", new Observation(Known.Measured, "laundry"))), "purpose-rating").Mend,
            StringComparison.Ordinal
        );

    /// <summary>NEC 210.11(C) and 210.52(B), from memory: small-appliance, laundry, bathroom and garage circuits; the bathroom's may feed
    /// all of one bathroom.</summary>
    [Fact]
    public void Circuits_with_a_purpose_are_those_of_the_article()
    {
        Assert.Equal(
            [Purpose.SmallAppliance, Purpose.Laundry, Purpose.Bathroom, Purpose.Garage],
            PurposeBook.All.Where(p => p.Own).Select(p => p.Id)
        );
        Assert.Equal([Purpose.Bathroom], PurposeBook.All.Where(p => p.OneRoom).Select(p => p.Id));
        Assert.All(PurposeBook.All.Where(p => p.Own), p =>
            Assert.Contains("210.11(C)", ArticleBook.For(Edition.Nec2023).Of(ArticleBook.OfPurpose(p.Id)), StringComparison.Ordinal)
        );
    }

    /// <summary>The bathroom's circuit: a light of the same bathroom may hang on it, one of the hall may not, nor a light anywhere on the
    /// laundry's.</summary>
    [Theory]
    [InlineData("bathroom", "bath", Verdict.Fine)]
    [InlineData("bathroom", "hall", Verdict.Fix)]
    [InlineData("laundry", "bath", Verdict.Fix)]
    public void A_light_beside_the_receptacles(string purpose, string place, Verdict verdict)
    {
        var job = House(12, 50)
            .Do(
                new PutPlace("bath", new Place("Bathroom", Wetness.Damp, "bathroom")),
                new PutPlace("hall", new Place("Hall", Wetness.Dry, "hall")),
                new PlaceBox("b", "bath"),
                new AddBox("lamp", "Lamp", "round-4x2-1/8", place, null, Contents.Complete),
                new AddCable("lamp", "to-lamp", "k", Jobs.Nm(12, 2), EntrySide.Top, null, "from the bench"),
                new SetRun("to-lamp", Circuit: "c"),
                new AddDevice("lamp", "l", "luminaire", 0),
                new JoinLeads("lamp", "hots", "twist-on-small", ["to-lamp.a0", "l.hot"], "hots"),
                new NoteCircuit("c", "purpose", new Observation(Known.Measured, purpose))
            );
        Assert.Equal(verdict, SupplyVerdicts.Judge(new CircuitLook(job, "c")).Single(f => f is { Rule: "purpose", Of: "lamp/l" }).Verdict);
    }

    /// <summary>UL 943 and its instructions: what is fed at its load terminals protects nothing, its own face neither.</summary>
    [Theory]
    [InlineData("line", true)]
    [InlineData("load", false)]
    public void A_protective_receptacle_protects_its_face_only_when_fed_at_its_line_side(string side, bool watched)
    {
        var job = SmallHouse
            .Receptacle("protective")
            .Do(
                new MoveLead("b", "on.b0", GfciBox.At($"{side}-hot/plate", "r")),
                new MoveLead("b", "on.b1", GfciBox.At($"{side}-neutral/plate", "r"))
            );
        Assert.Equal(watched, Wiring(job).Ways().Single().Guards.Contains(GuardKey.Device("b", "r")));
    }

    /// <summary>Common practice: both halves of a tandem stand in one slot; two circuits that only share that and a box are not
    /// joined.</summary>
    [Fact]
    public void Two_circuits_of_a_tandem_that_meet_in_a_box_are_not_joined()
    {
        var job = SmallHouse
            .Receptacle()
            .Do(
                new PutCircuit("d", new Circuit("Other")),
                new PutPanel(
                    "p",
                    new Panel("Panel", SupplySystem.SplitPhase, 20, 100, "s")
                    {
                        Breakers =
                        [
                            new Breaker(1, 1, 15, BreakerKind.Tandem, "c", "bench"),
                            new Breaker(1, 1, 15, BreakerKind.Tandem, "d", "other") { Lower = true },
                        ],
                    }
                ),
                new EndAtPanel("feed", RunSide.B, "p"),
                new AddCable("j", "other", "k9", Jobs.Nm(14, 2), EntrySide.Left, null, "from the panel too", Feeds.FeedsIn),
                new SetRun("other", Circuit: "d"),
                new EndAtPanel("other", RunSide.B, "p")
            );
        Assert.Empty(Wiring(job).JoinedTo(ConductorUse.Hot));
        Assert.Equal(["d"], Wiring(job.Do(new MoveLead("j", "other.a0", GfciBox.In("hots")))).JoinedTo(ConductorUse.Hot));
    }

    /// <summary>domain.md 2: where an end was not followed, current may go where nobody looked; nothing is decided.</summary>
    [Fact]
    public void Hot_and_neutral_are_told_apart_only_where_every_end_was_followed()
    {
        var job = House(14, 50)
            .Do(
                new AddCable("j", "second", "k3", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel too", Feeds.FeedsIn),
                new SetRun("second", Circuit: "c"),
                new EndAtPanel("second", RunSide.B, "p"),
                new MoveLead("j", "feed.a1", new Landing(LandingAt.Loose)),
                new MoveLead("j", "second.a1", GfciBox.In("neutrals")),
                new MoveLead("j", "second.a0", new Landing(LandingAt.Cap)),
                new MoveLead("j", "second.a2", GfciBox.In("grounds"))
            );
        Assert.Equal(["feed", "second"], Wiring(job).OneSided().Keys.Order());
        Assert.Empty(Wiring(job.Do(new MoveLead("j", "feed.a1", new Landing(LandingAt.Unknown)))).OneSided());
    }

    private static CircuitWiring Wiring(Job job) => CircuitWiring.Find(job, "c");

    private static ToldFinding Of(Job job, string rule) =>
        new Teller(job, "c").Tell(SupplyVerdicts.Judge(new CircuitLook(job, "c")).Single(f => f.Rule == rule));

    private static NoteFact Note(string key, string value) => new("b", "r", key, new Observation(Known.Measured, value));

    /// <summary>The small house in one gauge, so many feet from the panel to the receptacle, the home run followed.</summary>
    private static Job House(int gauge, int feet)
    {
        var job = SmallHouse
            .Receptacle()
            .Do(
                new EndAtPanel("feed", RunSide.B, "p"),
                new SetRun("feed", Length: SmallHouse.Feet(30)),
                new SetRun("on", Length: SmallHouse.Feet(feet - 30))
            );
        Run In(string run) =>
            job.Runs[run] with
            {
                Gauge = Gauge.Awg(gauge),
                GroundGauge = null,
                Conductors = [.. job.Runs[run].Conductors.Select(c => c with { Gauge = Gauge.Awg(gauge) })],
            };
        return job with { Runs = job.Runs.With("feed", In("feed")).With("on", In("on")) };
    }
}
