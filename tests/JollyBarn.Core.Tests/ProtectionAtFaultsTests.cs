using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <content>Faults that come, go and hide.</content>
public partial class ProtectionTests
{
    /// <summary>UL 1699, from memory: arcs in series from 5 A, within 0.4 s at 10 A; across conductors from 75 A within half a
    /// second.</summary>
    [Theory]
    [InlineData(BreakerKind.Afci, 1500, true)]
    [InlineData(BreakerKind.DualFunction, 1500, true)]
    [InlineData(BreakerKind.Standard, 1500, false)]
    [InlineData(BreakerKind.Gfci, 1500, false)]
    [InlineData(BreakerKind.Afci, 300, false)]
    public void An_arc_in_a_loose_joint_opens_arc_fault_protection_from_five_amperes(BreakerKind kind, int watts, bool opens)
    {
        var now = new Situation
        {
            Faults = [new SeriesArc("land:j/on.a0")],
            Plugged = new Dictionary<string, double> { ["b/r"] = watts },
        };
        var openings = Story.Unfold(Live.Solve(SmallHouse.Receptacle(breaker: kind), now)).Openings;
        Assert.Equal(opens, openings.Count > 0);
        Assert.True(!opens || openings[0].Seconds <= 0.4);
    }

    [Theory]
    [InlineData(BreakerKind.Afci, 0.5)]
    [InlineData(BreakerKind.Standard, 60)]
    public void An_arc_across_a_cable_opens_arc_fault_protection_long_before_the_heat_does(BreakerKind kind, double seconds)
    {
        var arc = new ParallelArc(Points.End("on", RunSide.B, 0), Points.End("on", RunSide.B, 1));
        Assert.InRange(
            Assert
                .Single(Story.Unfold(Live.Solve(SmallHouse.Receptacle(breaker: kind), new Situation { Faults = [arc] })).Openings)
                .Seconds,
            seconds / 10,
            seconds
        );
    }

    [Fact]
    public void A_fault_that_comes_and_goes_is_there_only_while_it_is()
    {
        var fault = new ComesAndGoes(new OpenLink("land:b/on.b0"));
        double Volts(bool there) =>
            Live.Solve(SmallHouse.Receptacle(), new Situation { Faults = [fault], There = there })
                .Volts(Points.Face("b", "r", "upperhot"))
                .Magnitude;
        Assert.True(Volts(true) < 60);
        Assert.InRange(Volts(false), 119, 121);
    }

    /// <summary>Common practice of plug-in testers with a button: it proves protection only where a ground carries its current away, and
    /// lifts floating metal where none does.</summary>
    [Theory]
    [InlineData("protective", true, Display.Opens, ShownCase.ButtonOpened)]
    [InlineData("receptacle", true, Display.NothingOpens, ShownCase.ButtonNothingOpens)]
    [InlineData("protective", false, Display.NothingOpens, ShownCase.ButtonNoGround)]
    public void The_button_says_what_it_can(string kind, bool ground, Display shows, ShownCase means)
    {
        var half = kind == "protective" ? "" : "upper";
        var shown = Instruments.Between(
            Live.Solve(SmallHouse.Receptacle(kind, ground), Situation.AsRecorded),
            "plug-in",
            Points.Face("b", "r", half + "hot"),
            Points.Face("b", "r", half + "ground")
        )!;
        Assert.Equal(shows, shown.Display);
        Assert.Equal(means, shown.Means);
    }

    /// <summary>UL 943 since 2006 and 2015, from memory: one fed at its load terminals cannot be reset and its face stays dead; the face of
    /// an old one stays live after it has tripped.</summary>
    [Theory]
    [InlineData(OfferCase.LineAndLoadLocked, 0, 1)]
    [InlineData(OfferCase.LineAndLoadOld, 118, 121)]
    [InlineData(OfferCase.TrippedOrNeverReset, 0, 1)]
    public void Fed_at_its_load_side_a_new_one_is_dead_and_the_face_of_an_old_one_stays_live(OfferCase which, double least, double most)
    {
        var job = SmallHouse.Receptacle("protective");
        var fault = BoxLive.Read(job, "b", job.Boxes["b"], Situation.AsRecorded).Offers.First(o => o.Case == which).Fault;
        var live = Story.Unfold(Live.Solve(job, new Situation { Faults = [fault] })).End;
        Assert.InRange(live.Between(Points.Face("b", "r", "hot"), Points.Face("b", "r", "neutral")), least, most);
    }

    /// <summary>Common practice: what takes current at its own face and what hangs on its load side are both watched.</summary>
    [Fact]
    public void A_leak_at_its_own_face_trips_a_protective_receptacle()
    {
        var leak = new Bridged(Points.Face("b", "r", "hot"), Points.Face("b", "r", "ground"), 8000);
        Assert.Equal(
            GuardKey.Device("b", "r"),
            Assert.Single(Story.Unfold(Live.Solve(SmallHouse.Receptacle("protective"), new Situation { Faults = [leak] })).Openings).Guard
        );
    }

    /// <summary>Every ready-made fault of every box can be planted, and changes something that is solved.</summary>
    [Fact]
    public void Every_fault_on_offer_changes_the_network_it_is_planted_in()
    {
        foreach (var job in new[] { SmallHouse.Receptacle(), SmallHouse.Receptacle("protective"), SmallHouse.Multiwire() })
        {
            foreach (var offer in job.Boxes.SelectMany(b => BoxLive.Read(job, b.Key, b.Value, Situation.AsRecorded).Offers))
            {
                Assert.Null(offer.Fault.Check());
                var (before, after) = (Live.Solve(job, Situation.AsRecorded), Live.Solve(job, new Situation { Faults = [offer.Fault] }));
                var moved =
                    after.Plan.Links.Count() != before.Plan.Links.Count()
                    || after
                        .Plan.Links.Zip(before.Plan.Links)
                        .Any(l =>
                            l.First.Open != l.Second.Open
                            || l.First.Ohms != l.Second.Ohms
                            || l.First.To != l.Second.To
                            || l.First.From != l.Second.From
                        )
                    || after.Plan.Guards.Zip(before.Plan.Guards).Any(g => g.First.Stuck != g.Second.Stuck);
                Assert.True(moved, $"{offer.Case} {offer.About}");
            }
        }
    }
}
