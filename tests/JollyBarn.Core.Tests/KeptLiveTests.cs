using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A network that is kept and changed says what one built and solved from nothing says.</summary>
public class KeptLiveTests
{
    private static readonly Job House = SmallHouse.Rows(4, 4);

    [Fact]
    public void A_situation_by_what_it_changes_is_as_good_as_built_for_it()
    {
        var random = new Random(11);
        var offers = House
            .Boxes.SelectMany(b => BoxLive.Read(House, b.Key, b.Value, Situation.AsRecorded).Offers)
            .Select(o => o.Fault)
            .ToList();
        var breakers = House.Panels.SelectMany(p => p.Value.Breakers.Select(b => $"{p.Key}/{b.Key}")).ToList();
        var outlets = House.Boxes.SelectMany(b => b.Value.Devices.Ids.Select(d => $"{b.Key}/{d}")).ToList();
        for (var i = 0; i < 120; i++)
        {
            var now = new Situation
            {
                Breakers = breakers.Where(_ => random.Next(4) == 0).ToDictionary(b => b, _ => random.Next(2) == 0),
                Plugged = outlets.Where(_ => random.Next(6) == 0).ToDictionary(o => o, _ => (double)random.Next(60, 1800)),
                Faults = [.. Enumerable.Range(0, random.Next(0, 3)).Select(_ => offers[random.Next(offers.Count)])],
                There = random.Next(3) > 0,
                Stray = random.Next(5) > 0,
                Loads = random.Next(5) > 0,
            };
            Same(Live.Solve(House, now), Live.Fresh(House, now));
        }
    }

    [Fact]
    public void A_job_near_one_that_is_solved_is_as_good_as_built_anew()
    {
        var edits = new RandomEdits(5);
        var job = House;
        for (var i = 0; i < 200; i++)
        {
            var edit = edits.Next(job);
            if (edit.Check(job) is not null)
            {
                continue;
            }

            var next = edit.Apply(job);
            Same(Live.After(job, next, Situation.AsRecorded), Live.Fresh(next, Situation.AsRecorded));
            job = next;
        }
    }

    /// <summary>The demo has old cable, unknown ends, a generator that stands by and things nobody has opened: every switch and every
    /// source thrown.</summary>
    [Fact]
    public void The_demo_house_thrown_one_by_one()
    {
        var demo = Demo.Present;
        foreach (var source in demo.Sources.Ids)
        {
            var now = new Situation { Sources = new Dictionary<string, bool> { [source] = false } };
            Same(Live.Solve(demo, now), Live.Fresh(demo, now));
        }

        var switches = demo.Boxes.SelectMany(b => b.Value.Devices.Ids.Select(d => $"{b.Key}/{d}")).ToList();
        foreach (var one in switches)
        {
            var now = new Situation { Switches = new Dictionary<string, bool> { [one] = false } };
            Same(Live.Solve(demo, now), Live.Fresh(demo, now));
        }
    }

    [Fact]
    public void Each_fault_says_what_opens_and_what_becomes_live_as_if_it_were_the_only_look()
    {
        var recorded = Live.Solve(House, Situation.AsRecorded);
        var (tried, live, gone) = (0, 0, 0);
        foreach (var fault in EveryFault.List(recorded).Where((_, i) => i % 7 == 0))
        {
            var outcome = EveryFault.Try(recorded, fault);
            var story = Story.Unfold(Live.Fresh(House, new Situation { Faults = [fault] }));
            Assert.Equal(story.Openings.Select(o => o.Guard), outcome.Openings.Select(o => o.Guard));
            bool Hot(Live at, string point) => at.Has(point) && at.Volts(point).Magnitude >= Live.LiveVolts;
            var points = Points(story.End);
            var now = points.Where(p => recorded.Has(p) && Hot(story.End, p) && !Hot(recorded, p)).Select(recorded.At).Order();
            Assert.Equal(now, outcome.Live.Where(n => n < recorded.Network.Nodes).Order());
            Assert.Equal(points.Count(p => Hot(recorded, p) && !Hot(story.End, p)), outcome.NoLonger);
            (tried, live, gone) = (tried + 1, live + (outcome.Live.Count > 0 ? 1 : 0), gone + (outcome.NoLonger > 0 ? 1 : 0));
        }

        Assert.True(tried > 50 && live > 5 && gone > 5, $"{tried} faults, {live} make something live, {gone} cut something off");
    }

    /// <summary>Common practice, and Ohm's law: a hot lead that touches bonded metal opens its breaker at once; off a capped end nothing
    /// opens.</summary>
    [Fact]
    public void Outcomes_are_what_the_trade_expects()
    {
        var recorded = Live.Solve(House, Situation.AsRecorded);
        var hot = JollyBarn.Electrics.Points.Joint("b0.1", "hots");
        var bar = JollyBarn.Electrics.Points.GroundBar("p");
        var opening = Assert.Single(EveryFault.Try(recorded, new Bridged(hot, bar)).Openings);
        Assert.InRange(opening.Seconds, 0, 0.1);
        Assert.Empty(EveryFault.Try(recorded, new OpenLink("land:b0.3/in0.3.a0")).Openings);
    }

    private static List<string> Points(Live live) => [.. live.Plan.Links.SelectMany(l => new[] { l.From, l.To }).Distinct()];

    private static void Same(Live kept, Live fresh)
    {
        foreach (var point in Points(fresh))
        {
            Assert.True(kept.Has(point), point);
            var (ours, anew) = (kept.Volts(point), fresh.Volts(point));
            Assert.True((ours - anew).Magnitude <= 1e-6 * Math.Max(1, anew.Magnitude), $"{point}: {ours} kept, {anew} anew");
            Assert.Equal(fresh.Expect(point), kept.Expect(point));
        }

        Assert.Equal(
            fresh.Plan.Guards.Select(g => $"{g.Key} {g.Stuck}").Order(),
            kept.Plan.Guards.Select(g => $"{g.Key} {g.Stuck}").Order()
        );
        Assert.Equal(fresh.Plan.Assumed.Select(a => a.ToString()).Order(), kept.Plan.Assumed.Select(a => a.ToString()).Order());
        Assert.Equal(
            Story.Unfold(fresh).Openings.Select(o => (o.Guard, Math.Round(o.Seconds, 6), o.By)),
            Story.Unfold(kept).Openings.Select(o => (o.Guard, Math.Round(o.Seconds, 6), o.By))
        );
    }
}
