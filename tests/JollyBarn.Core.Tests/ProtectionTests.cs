using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Conductors and protection against published tables, and what acts in which order.</summary>
public partial class ProtectionTests
{
    private static readonly Bridged HotOnBox = new(Points.End("on", RunSide.B, 0), Points.Metal("b"));

    /// <summary>NEC Chapter 9 Table 8, uncoated copper, Ω per 1000 ft at 75 °C; 6 AWG is stranded.</summary>
    [Theory]
    [InlineData(14, 3.07)]
    [InlineData(12, 1.93)]
    [InlineData(10, 1.21)]
    [InlineData(8, 0.764)]
    [InlineData(6, 0.491)]
    public void Resistance_is_that_of_table_8(int gauge, double ohms) =>
        Assert.InRange(Copper.Ohms(Gauge.Awg(gauge), 1000), ohms * 0.99, ohms * 1.01);

    /// <summary>ASTM B258, bare diameters, in.</summary>
    [Theory]
    [InlineData(18, 0.0403)]
    [InlineData(14, 0.0641)]
    [InlineData(12, 0.0808)]
    [InlineData(10, 0.1019)]
    public void Diameters_are_those_of_the_gauge_table(int gauge, double inches) =>
        Assert.Equal(inches, Copper.DiameterInches(Gauge.Awg(gauge)), 4);

    /// <summary>UL 943, class A: longest times; 4 mA never, and nothing is asked under 25 ms.</summary>
    [Theory]
    [InlineData(4, double.PositiveInfinity)]
    [InlineData(6, 5.59)]
    [InlineData(20, 1.0)]
    [InlineData(264, 0.025)]
    [InlineData(5000, 0.025)]
    public void A_class_A_device_trips_in_time(double milliamperes, double seconds) =>
        Assert.Equal(seconds, Trips.Gfci(milliamperes / 1000), 2);

    /// <summary>UL 489: 100 % holds; 135 % within an hour, two above 50 A; 200 % within 2, 4, 6 minutes.</summary>
    [Theory]
    [InlineData(15, 1.0, double.PositiveInfinity)]
    [InlineData(15, 1.35, 3600)]
    [InlineData(60, 1.35, 7200)]
    [InlineData(20, 2, 120)]
    [InlineData(50, 2, 240)]
    [InlineData(100, 2, 360)]
    public void A_breaker_trips_within_its_bands(double rating, double times, double seconds) =>
        Assert.Equal(seconds, Trips.Breaker(rating * times, rating), 6);

    [Theory]
    [InlineData(4.9, Surely.No)]
    [InlineData(5, Surely.Perhaps)]
    [InlineData(19.9, Surely.Perhaps)]
    [InlineData(20, Surely.Yes)]
    public void A_magnet_surely_pulls_only_at_twenty_times(double times, Surely sure) => Assert.Equal(sure, Trips.Magnetic(15 * times, 15));

    [Fact]
    public void A_hot_on_a_grounded_box_opens_the_breaker_and_the_box_is_dead_after()
    {
        var story = Story.Unfold(Live.Solve(SmallHouse.Receptacle(), new Situation { Faults = [HotOnBox] }));
        Assert.Equal(GuardKey.Breaker("p", "1"), Assert.Single(story.Openings).Guard);
        Assert.True(story.Start.Volts(Points.Metal("b")).Magnitude > 30);
        Assert.True(story.End.Volts(Points.Metal("b")).Magnitude < 1);
    }

    [Fact]
    public void A_hot_on_a_box_without_ground_opens_nothing_and_the_box_stays_live()
    {
        var story = Story.Unfold(Live.Solve(SmallHouse.Receptacle(ground: false), new Situation { Faults = [HotOnBox] }));
        Assert.Empty(story.Openings);
        Assert.InRange(story.End.Volts(Points.Metal("b")).Magnitude, 118, 121);
        Assert.Equal(TouchCase.CanKill, Touch.Feel(story.End, Points.Metal("b")).Means);
    }

    /// <summary>25 Ω of electrode let 120 / (25 + 5) = 4 A flow: no breaker opens on that (the reason a rod is no equipment ground,
    /// 250.4(A)(5)).</summary>
    [Fact]
    public void The_earth_alone_does_not_open_a_breaker()
    {
        var rod = new Bridged(Points.Metal("b"), Points.Earth, 25);
        var story = Story.Unfold(Live.Solve(SmallHouse.Receptacle(ground: false), new Situation { Faults = [HotOnBox, rod] }));
        Assert.Empty(story.Openings);
        Assert.True(story.End.Volts(Points.Metal("b")).Magnitude > 90);
    }

    [Fact]
    public void A_stuck_breaker_opens_nothing_on_a_short() =>
        Assert.Empty(
            Story.Unfold(Live.Solve(SmallHouse.Receptacle(), new Situation { Faults = [HotOnBox, new Stuck("breaker:p/1")] })).Openings
        );

    [Fact]
    public void A_ground_fault_breaker_saves_whoever_touches_a_live_box_without_ground()
    {
        var live = Live.Solve(SmallHouse.Receptacle(ground: false, breaker: BreakerKind.Gfci), new Situation { Faults = [HotOnBox] });
        var touch = Touch.Feel(live, Points.Metal("b"));
        Assert.InRange(touch.Milliamperes, 55, 62);
        Assert.InRange(touch.Seconds!.Value, 0.025, 0.3);
    }

    /// <summary>Blind to neutral and ground joined ahead of it, not behind it (UL 943's grounded-neutral test).</summary>
    [Theory]
    [InlineData("line-neutral", false)]
    [InlineData("load-neutral", true)]
    public void A_protective_receptacle_answers_a_neutral_on_ground_behind_it_only(string terminal, bool trips)
    {
        var story = Story.Unfold(
            Live.Solve(
                SmallHouse.Receptacle("protective"),
                new Situation { Faults = [new Bridged(Points.Terminal("b", "r", terminal), Points.Yoke("b", "r"))] }
            )
        );
        Assert.Equal(trips, story.Openings.Any(o => o.Guard.ToString() == "gfci:b/r"));
    }

    /// <summary>It sees only what does not come back: from hot to neutral it feels nothing.</summary>
    [Fact]
    public void A_protective_receptacle_does_not_see_someone_between_hot_and_neutral()
    {
        var person = new Bridged(Points.Face("b", "r", "hot"), Points.Face("b", "r", "neutral"), 1000);
        Assert.Empty(Story.Unfold(Live.Solve(SmallHouse.Receptacle("protective"), new Situation { Faults = [person] })).Openings);
    }

    /// <summary>Common practice: a low-impedance meter of 3 kΩ from hot to ground draws 40 mA and trips it; a 10 MΩ one does not.</summary>
    [Theory]
    [InlineData("low-impedance", true)]
    [InlineData("meter", false)]
    public void A_loading_meter_from_hot_to_ground_trips_a_protective_receptacle(string instrument, bool trips)
    {
        var shown = Instruments.Between(
            Live.Solve(SmallHouse.Receptacle("protective"), Situation.AsRecorded),
            instrument,
            Points.Face("b", "r", "hot"),
            Points.Face("b", "r", "ground")
        )!;
        Assert.InRange(shown.Volts!.Value, 118, 121);
        Assert.Equal(trips, shown.Trips.Count > 0);
    }

    /// <summary>Common practice: on two wires the tester's button has nowhere to lead its 8 mA, so it trips nothing.</summary>
    [Theory]
    [InlineData(true, true)]
    [InlineData(false, false)]
    public void The_testers_button_needs_a_ground(bool ground, bool trips)
    {
        var live = Live.Solve(SmallHouse.Receptacle("protective", ground, "nm-1g-22.5"), Situation.AsRecorded);
        Assert.Equal(trips, Instruments.Laid(live, Points.Face("b", "r", "hot"), Points.Face("b", "r", "ground"), 120 / 0.008).Count > 0);
    }

    /// <summary>Common practice: with open neutral and unbonded box, a loading meter reads nothing to either while the hot is live; the
    /// earth tells.</summary>
    [Fact]
    public void Open_neutral_and_unbonded_box_fool_a_loading_meter_that_has_no_independent_ground()
    {
        var live = Live.Solve(SmallHouse.Receptacle(ground: false), new Situation { Faults = [new OpenLink("land:j/on.a1")] });
        var (hot, neutral, metal) = (Points.Terminal("b", "r", "hot-upper"), Points.Terminal("b", "r", "neutral-upper"), Points.Metal("b"));
        Assert.True(Instruments.Between(live, "low-impedance", hot, neutral)!.Volts < 1);
        Assert.True(Instruments.Between(live, "low-impedance", hot, metal)!.Volts < 1);
        Assert.True(Instruments.Between(live, "meter", hot, neutral)!.Volts > 5);
        Assert.InRange(Instruments.Between(live, "low-impedance", hot, Points.GroundBar("p"))!.Volts!.Value, 115, 121);
    }

    /// <summary>Common practice: both legs of a multiwire circuit with its neutral open share 240 V by what is plugged in.</summary>
    [Fact]
    public void An_open_neutral_of_a_multiwire_circuit_puts_the_larger_share_on_the_smaller_load()
    {
        var live = Live.Solve(
            SmallHouse.Multiwire(),
            new Situation
            {
                Plugged = new Dictionary<string, double> { ["b/r"] = 1500, ["b/q"] = 100 },
                Faults = [new OpenLink("land:b/on.a2")],
            }
        );
        // 240 V over 9.6 Ω and 144 Ω.
        Assert.InRange(live.Between(Points.Face("b", "q", "upperhot"), Points.Face("b", "q", "upperneutral")), 220, 226);
    }

    [Fact]
    public void Continuity_says_nothing_good_on_a_live_circuit_and_finds_the_bond_on_a_dead_one()
    {
        var (n, g) = (Points.Face("b", "r", "upperneutral"), Points.Face("b", "r", "upperground"));
        var off = Live.Solve(SmallHouse.Receptacle(), new Situation { Breakers = new Dictionary<string, bool> { ["p/1"] = false } });
        Assert.Equal(Display.Ohms, Instruments.Between(off, "continuity", n, g)!.Display);
        Assert.Equal(Display.Open, Instruments.Between(off, "continuity", Points.Face("b", "r", "upperhot"), n)!.Display);
        Assert.Equal(
            Display.Overload,
            Instruments
                .Between(Live.Solve(SmallHouse.Receptacle(), Situation.AsRecorded), "continuity", Points.Face("b", "r", "upperhot"), n)!
                .Display
        );
    }

    /// <summary>A house may set any number to nothing or to a great deal: the answer stays a number.</summary>
    [Theory]
    [InlineData("0")]
    [InlineData("0.0000000000000000001")]
    [InlineData("99999999999999999")]
    public void No_setting_makes_an_answer_that_is_no_number(string value)
    {
        foreach (var number in ElectricsBook.All)
        {
            var job = SmallHouse.Receptacle("protective") with { Practice = HousePractice.Default.With(number.Key, value) };
            var box = BoxLive.Read(
                job,
                "b",
                job.Boxes["b"],
                new Situation
                {
                    Faults = [HotOnBox],
                    Plugged = new Dictionary<string, double> { ["b/r"] = 100 },
                }
            );
            Assert.All(box.Points, p => Assert.True(double.IsFinite(p.Volts), $"{number.Key}: {p.Point}"));
            Assert.True(box.Touch is null || double.IsFinite(box.Touch.Milliamperes), number.Key);
            Assert.All(box.Openings, o => Assert.True(double.IsFinite(o.Seconds), number.Key));
            Assert.True(
                double.IsFinite(
                    Instruments
                        .Between(Live.Solve(job, Situation.AsRecorded), "meter", Points.Face("b", "r", "hot"), Points.Earth)!
                        .Volts!.Value
                ),
                number.Key
            );
        }
    }

    /// <summary>Common practice: on two legs of 120/240 V what shares a neutral cancels in it; on one leg, or from an adapter that feeds
    /// both in step, it adds.</summary>
    [Theory]
    [InlineData("as wired", 0, 1)]
    [InlineData("both poles on one leg", 22, 26)]
    [InlineData("a one-leg cord through an adapter", 22, 26)]
    public void The_neutral_of_a_multiwire_circuit_carries_the_difference_or_the_sum(string how, double least, double most)
    {
        var job = SmallHouse.Multiwire().Do(new PutSource("cord", new Source("Cord", SourceKind.ShoreCord, SupplySystem.SingleLeg)));
        var now = new Situation
        {
            Plugged = new Dictionary<string, double> { ["b/r"] = 1500, ["b/q"] = 1500 },
        };
        now = how switch
        {
            "both poles on one leg" => now with { Faults = [new Moved("breaker:p/1/1", Points.Leg("p", 0), true)] },
            "a one-leg cord through an adapter" => now with
            {
                Sources = new Dictionary<string, bool> { ["s"] = false, ["cord"] = true },
            },
            _ => now,
        };
        var live = Live.Solve(job, now);
        Assert.InRange(live.Amperes(live.Plan.Find("wire:on/2")!).Magnitude, least, most);
    }

    [Fact]
    public void With_every_source_off_nothing_is_live_and_with_two_on_it_is_said()
    {
        var job = SmallHouse.Receptacle().Do(new PutSource("g", new Source("Generator", SourceKind.Generator)));
        var off = Live.Solve(job, new Situation { Sources = new Dictionary<string, bool> { ["s"] = false } });
        Assert.True(off.Volts(Points.Face("b", "r", "upperhot")).Magnitude < 1);
        var both = Live.Solve(job, new Situation { Sources = new Dictionary<string, bool> { ["g"] = true } });
        Assert.Contains(both.Plan.Assumed, a => a.Case == AssumedCase.FedAtOnce);
        Assert.InRange(both.Volts(Points.Face("b", "r", "upperhot")).Magnitude, 119, 121);
    }

    /// <summary>A transfer switch or an interlock puts the panel on what stands by and takes the service off: common practice.</summary>
    [Fact]
    public void With_transfer_equipment_one_source_takes_the_place_of_the_other()
    {
        var job = SmallHouse
            .Receptacle()
            .Do(
                new PutSource("g", new Source("Generator", SourceKind.Generator)),
                new NotePanel("p", Subjects.Panel, "one-source", new Observation(Known.Measured, "yes"))
            );
        var standby = Live.Solve(job, new Situation { Sources = new Dictionary<string, bool> { ["g"] = true } });
        Assert.DoesNotContain(standby.Plan.Assumed, a => a.Case == AssumedCase.FedAtOnce);
        Assert.InRange(standby.Volts(Points.Face("b", "r", "upperhot")).Magnitude, 119, 121);
        Assert.All(standby.Plan.Links.Where(l => l.Kind == LinkKind.Source), l => Assert.Contains("/g/", l.Key, StringComparison.Ordinal));
        var usual = Live.Solve(job, Situation.AsRecorded);
        Assert.All(usual.Plan.Links.Where(l => l.Kind == LinkKind.Source), l =>
            Assert.DoesNotContain("/g/", l.Key, StringComparison.Ordinal)
        );
    }
}
