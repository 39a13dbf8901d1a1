using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What a hand does in one go: by the solved network the house works as before, and by the record what was asked is so.</summary>
public sealed class GestureTests
{
    /// <summary>Two cables on one receptacle, each on screws of its own: NEC 300.13(B) lets no neutral hang on the device of a shared
    /// circuit, and a house may pigtail every one.</summary>
    [Fact]
    public void Leads_under_screws_of_one_device_are_pigtailed_in_one_gesture_and_go_back_in_another()
    {
        var through = Through();
        var hots = new Id<Lead>[] { "r0.a0", "r1.a0" };
        var tailed = Do(through, Gesture.PigtailThese, hots);
        var box = tailed.Boxes["b"];
        Assert.Single(box.Joints);
        Assert.Equal(through.Boxes["b"].Leads["r0.a0"].Lands, Assert.Single(box.Pigtails.Values).To);
        Assert.Equal("8 in", box.Pigtails.Values.Single().Length.OrNull!.Value.ToString());
        // The far cable no longer hangs on the device's hot.
        Assert.Equal((true, true), (Live(through, 0), Live(tailed, 0)));
        Assert.Equal((false, true), (Live(Without(through), 0), Live(Without(tailed), 0)));
        var back = Do(tailed, Gesture.OntoDevice, [], box.Joints.Ids.Single());
        Assert.Empty(back.Boxes["b"].Joints);
        Assert.Empty(back.Boxes["b"].Pigtails);
        Assert.Equal(
            ["hot-lower/screw", "hot-upper/screw"],
            hots.Select(l => back.Boxes["b"].Leads[l].Lands.Place).Order(StringComparer.Ordinal)
        );
    }

    [Fact]
    public void Leads_of_two_kinds_or_of_two_devices_are_not_pigtailed_together()
    {
        var through = Through();
        Assert.DoesNotContain(Gestures.Find(through, "b", ["r0.a0", "r1.a1"], null), g => g.Gesture == Gesture.PigtailThese);
        Assert.DoesNotContain(Gestures.Find(through, "b", ["r0.a0"], null), g => g.Gesture == Gesture.PigtailThese);
    }

    /// <summary>A connector with more in it than the device has screws stays: two under one screw is what the trade does not do.</summary>
    [Fact]
    public void A_joint_of_three_does_not_go_onto_two_screws()
    {
        var job = Through().Cables(1, 14, 2);
        var joined = job.Do(
            new JoinLeads("b", "hots", "twist-on-medium", ["r0.a0", "r1.a0", "r2.a0"], "hots"),
            new AddPigtail("b", "t", GfciBox.In("hots"), GfciBox.At("hot-upper/screw", "d"))
        );
        Assert.Empty(Gestures.Find(joined, "b", [], "hots"));
    }

    [Fact]
    public void Four_short_leads_are_made_to_reach_with_one_gesture_and_all_goes_on_as_before()
    {
        var through = Through();
        var four = new Id<Lead>[] { "r0.a0", "r0.a1", "r1.a0", "r1.a1" };
        var longer = Do(through, Gesture.MakeReach, four);
        Assert.Equal((4, 4), (longer.Boxes["b"].Joints.Count, longer.Boxes["b"].Pigtails.Count));
        Assert.All(longer.Boxes["b"].Joints.Values, j => Assert.Equal("inline", j.Connector));
        Assert.Equal(
            four.Select(l => through.Boxes["b"].Leads[l].Lands.Place).Order(StringComparer.Ordinal),
            longer.Boxes["b"].Pigtails.Values.Select(t => t.To.Place).Order(StringComparer.Ordinal)
        );
        Assert.True(Live(longer, 0));
        Assert.False(Live(Without(longer), 0));
    }

    /// <summary>NEC 314.16: the joints of three 12-2 out of a thin box leave it the one cable that comes from the new one.</summary>
    [Fact]
    public void Joints_move_to_a_box_beside_it_and_what_hung_there_is_still_fed()
    {
        var job = Through();
        foreach (var (name, i) in new[] { "hots", "neutrals", "grounds" }.Select((n, i) => (n, i)))
        {
            job = job.Do(new JoinLeads("b", name, "twist-on-medium", [$"r0.a{i}", $"r1.a{i}"], name));
        }

        job = job.Do(
            new AddPigtail("b", "t0", GfciBox.In("hots"), GfciBox.At("hot-upper/screw", "d")),
            new AddPigtail("b", "t1", GfciBox.In("neutrals"), GfciBox.At("neutral-upper/screw", "d"))
        );
        var moved = Do(job, Gesture.JointsAside, []);
        Assert.Equal(2, moved.Boxes.Count);
        Assert.Equal(job.Fill().Needed.Low.CubicInches - 4m, moved.Fill().Needed.Low.CubicInches);
        Assert.True(Live(moved, 0));
        Assert.True(Live(Without(moved), 0));
    }

    /// <summary>A piece of wire begins anywhere: at a terminal of one device to the next one, at the screw of the box to a joint.</summary>
    [Fact]
    public void A_piece_of_wire_begins_at_a_terminal_or_at_the_screw()
    {
        var job = Through().Do(new SetBoxKind("b", "device-3x2x3-1/2"));
        var from = job.Boxes["b"].Leads["r0.a0"].Lands;
        var ends = Moves.Find(job, "b", new Held([], null, false, null, "n", from));
        var made = ends.First(m => m.Key == "cap").Edit!.Apply(job).Boxes["b"].Pigtails["n"];
        Assert.Equal((from, "black", job.Boxes["b"].Leads["r0.a0"].Gauge), (made.From, made.Colour, made.Gauge));
        var screw = Moves.Find(job, "b", new Held([], null, false, null, "n", new Landing(LandingAt.BondingScrew)));
        var bond = screw.First(m => m.Key == "at:d:ground/screw").Edit!.Apply(job).Boxes["b"].Pigtails["n"];
        Assert.Equal(("bare", LandingAt.BondingScrew), (bond.Colour, bond.From.At));
        Assert.DoesNotContain(ends, m => m.Key == "new");
        // The ground of a cable tells what a bond is made of, and a terminal nothing is on what the hots are.
        Assert.Equal(job.Boxes["b"].Leads["r0.a2"].Gauge, bond.Gauge);
        Assert.NotNull(bond.Gauge);
        var bare = Without(job).Do(new AddDevice("b", "e", "receptacle", 1));
        var empty = Moves.Find(
            bare,
            "b",
            new Held([], null, false, null, "n", new Landing(LandingAt.Terminal, null, "e", "hot-upper/screw"))
        );
        Assert.Equal(made.Gauge, empty.First(m => m.Key == "cap").Edit!.Apply(bare).Boxes["b"].Pigtails["n"].Gauge);
        var thick = bare.Do(new AddCable("b", "r9", "k9", new(CableType.NmB, 2, GroundKind.Bare, Measures.Gauge.Awg(10))));
        var unsure = Moves.Find(
            thick,
            "b",
            new Held([], null, false, null, "n", new Landing(LandingAt.Terminal, null, "e", "hot-upper/screw"))
        );
        Assert.Null(unsure.First(m => m.Key == "cap").Edit!.Apply(thick).Boxes["b"].Pigtails["n"].Gauge);
    }

    /// <summary>A yoke counts by the largest conductor on it (NEC 314.16(B)(4)): what lands there without a known gauge is told as that,
    /// and counts from what is known there up to 10 AWG at 2.50 in³ each, Table 314.16(B).</summary>
    [Fact]
    public void A_piece_of_unknown_gauge_lands_and_is_told_as_unknown()
    {
        var job = Through()
            .Do(new AddPigtail("b", "n", new Landing(LandingAt.Cap), new Landing(LandingAt.Terminal, null, "d", "hot-upper/push")));
        job = job.Do(new SetPigtail("b", "n", "black", Fact<Measures.Length>.Unknown));
        var line = job.Fill().Lines.Single(l => l.Kind == Fill.FillKind.Device);
        Assert.Equal(Fill.RemarkCase.GaugeOnIt, line.Remark?.Case);
        Assert.Equal((4m, 5m), (line.Volume.Low.CubicInches, line.Volume.High?.CubicInches));
    }

    private static Job Do(Job job, Gesture gesture, IReadOnlyList<Id<Lead>> leads, Id<Joint>? joint = null) =>
        Gestures.Find(job, "b", leads, joint).Single(g => g.Gesture == gesture).Edit.Apply(job);

    private static Job Without(Job job) => job.Do(new RemoveDevice("b", "d"));

    private static bool Live(Job job, int hot)
    {
        var live = Electrics.Live.Solve(job, Situation.AsRecorded);
        return live.Volts(Points.End("r1", RunSide.B, hot)).Magnitude > 100;
    }

    /// <summary>A receptacle that two cables go through, the first from a panel.</summary>
    private static Job Through()
    {
        var panel = new Panel("Panel", SupplySystem.SplitPhase, 20, Source: "s")
        {
            Breakers = [new Breaker(1, 1, 15, BreakerKind.Standard, "c", "it", true)],
        };
        return Job.Blank("test")
            .Do(
                new PutSource("s", new Source("Service", SourceKind.Service)),
                new PutCircuit("c", new Circuit("Circuit")),
                new PutPanel("p", panel),
                new AddBox("b", "Bench", "nm-1g-18", null, null, Contents.Complete)
            )
            .Cables(2, 14, 2)
            .Do(
                new NameCable("b", "r0", RunSide.A, "from the pantry", Feeds.FeedsIn),
                new SetRun("r0", Circuit: "c"),
                new SetRun("r1", Circuit: "c"),
                new EndAtPanel("r0", RunSide.B, "p"),
                new AddDevice("b", "d", "receptacle", 1),
                new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "d")),
                new MoveLead("b", "r1.a0", GfciBox.At("hot-lower/screw", "d")),
                new MoveLead("b", "r0.a1", GfciBox.At("neutral-upper/screw", "d")),
                new MoveLead("b", "r1.a1", GfciBox.At("neutral-lower/screw", "d"))
            );
    }
}
