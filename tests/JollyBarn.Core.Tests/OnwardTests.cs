using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A lead that goes on, bared but not cut: one wire, by the record, the rules and the solved network. That a ground is carried
/// through the hole of its connector to the device, or round the screw of a metal box and on, is common practice of the trade.</summary>
public sealed class OnwardTests
{
    private static readonly Landing Screw = new(LandingAt.BondingScrew);
    private static readonly Landing Yoke = GfciBox.At("ground/screw", "d");

    [Fact]
    public void A_ground_through_its_connector_is_one_wire_of_the_joint()
    {
        var job = Through();
        var tailed = job.Do(new AddPigtail("b", "t", GfciBox.In("g"), Yoke));
        var through = job.Do(new GoOn("b", "r0.a2", "t", Yoke));
        // NEC 110.14(B): a connector is listed for so many; what goes through its hole is one of them, a pigtail one more.
        Assert.Equal((3, 2), (In(tailed), In(through)));
        Assert.True(Grounded(through));
        // 314.16(B)(1), (5): no conductor that stays in the box counts, and the grounds count together.
        Assert.Equal(job.Fill().Needed, through.Fill().Needed);
        Assert.DoesNotContain(Bad(through), r => r is "grounds-joined" or "ground-path");
    }

    /// <summary>250.148(B): taking the device out must not interrupt the ground of what lies behind it.</summary>
    [Fact]
    public void Round_a_screw_and_on_it_stays_whole_when_the_screw_is_opened()
    {
        var job = Through().Do(new MoveLead("b", "r0.a2", Yoke), new GoOn("b", "r0.a2", "on", GfciBox.In("g")));
        Assert.True(Grounded(job));
        var without = job.Do(new RemoveDevice("b", "d"));
        Assert.Equal(
            (LandingAt.Loose, LandingAt.Joint),
            (without.Boxes["b"].Leads["r0.a2"].Lands.At, without.Boxes["b"].Pigtails["on"].To.At)
        );
        Assert.True(FarGrounded(without));
        Assert.True(Continuity.Without(job.Boxes["b"], "d").Joined("r0.a2", "r1.a2"));
        // A wire that ends at the screw, with another from there, does not.
        var two = Through().Do(new MoveLead("b", "r0.a2", Yoke), new AddPigtail("b", "on", Yoke, GfciBox.In("g")));
        Assert.True(FarGrounded(two));
        Assert.False(FarGrounded(two.Do(new RemoveDevice("b", "d"))));
        Assert.False(Continuity.Without(two.Boxes["b"], "d").Joined("r0.a2", "r1.a2"));
    }

    /// <summary>110.14(A): one wire to a screw that is not marked for more. Round it and on is one.</summary>
    [Fact]
    public void Round_the_screw_of_the_box_and_on_is_one_under_it()
    {
        var metal = Through().Do(new SetBoxKind("b", "device-3x2x3-1/2"), new MoveLead("b", "r0.a2", Screw));
        Assert.DoesNotContain("bond-count", Rules(metal.Do(new GoOn("b", "r0.a2", "on", GfciBox.In("g")))));
        Assert.Contains("bond-count", Rules(metal.Do(new AddPigtail("b", "on", Screw, GfciBox.In("g")))));
    }

    /// <summary>Several tapped holes hold one each, and a listed clip is what it is (250.148(C)).</summary>
    [Fact]
    public void Each_hole_and_clip_of_a_box_holds_its_own()
    {
        var metal = Through()
            .Do(new SetBoxKind("b", "device-3x2x3-1/2"), new MoveLead("b", "r0.a2", Screw), new MoveLead("b", "r1.a2", Screw));
        Assert.Contains("bond-count", Rules(metal));
        Assert.NotNull(new MoveLead("b", "r1.a2", Screw with { Place = "hole-2" }).Check(metal));
        var two = metal.Do(new SetGroundingPlaces("b", 2, 1), new MoveLead("b", "r1.a2", Screw with { Place = "hole-2" }));
        Assert.DoesNotContain("bond-count", Rules(two));
        Assert.True(FarGrounded(two));
        var clips = two.Do(new MoveLead("b", "r0.a2", Screw with { Place = "clip-1" }), new MoveLead("b", "r1.a2", GfciBox.In("g")));
        Assert.Equal(Verdict.Fine, Inspector.JudgeAll(clips, "b", clips.Boxes["b"]).Single(f => f.Rule == "bond-screw").Verdict);
        // What lay on a place that is not there after all is loose, and what did not stays.
        var fewer = two.Do(new SetGroundingPlaces("b", 1, 0));
        Assert.Equal(
            (LandingAt.BondingScrew, LandingAt.Loose),
            (fewer.Boxes["b"].Leads["r0.a2"].Lands.At, fewer.Boxes["b"].Leads["r1.a2"].Lands.At)
        );
    }

    [Fact]
    public void What_goes_on_follows_its_lead_and_goes_with_it()
    {
        var job = Through()
            .Do(new MoveLead("b", "r0.a2", Yoke), new GoOn("b", "r0.a2", "on", GfciBox.In("g")), new GoOn("b", "on", "far", Landing.Loose));
        Assert.Equal((Yoke, GfciBox.In("g")), (job.Boxes["b"].Pigtails["on"].From, job.Boxes["b"].Pigtails["far"].From));
        var moved = job.Do(new MoveLead("b", "r0.a2", Landing.Loose), new SetLeadWire("b", "r0.a2", Measures.Gauge.Awg(10)));
        Assert.Equal((Landing.Loose, "10"), (moved.Boxes["b"].Pigtails["on"].From, moved.Boxes["b"].Pigtails["far"].Gauge?.ToString()));
        var metal = job.Do(new SetRun("r0", Metal: Metal.Aluminum)).Boxes["b"];
        Assert.Equal([Metal.Aluminum, Metal.Aluminum], metal.Pigtails.Values.Select(t => t.Metal));
        Assert.Empty(job.Do(new RemoveCable("b", "r0")).Boxes["b"].Pigtails);
        Assert.Empty(job.Do(new RemovePigtail("b", "on")).Boxes["b"].Pigtails);
        Assert.Equal(Why.PartOfALead, new LandPigtail("b", "on", false, Landing.Loose).Check(job)?.Why);
        Assert.Equal(
            Why.GoesOnFromNowhere,
            new GoOn("b", "r1.a1", "x", Yoke).Check(job.Do(new MoveLead("b", "r1.a1", Landing.Loose)))?.Why
        );
        var copy = job.Do(new CopyBox("b", "c", "Copy")).Boxes["c"];
        Assert.Equal([true, true], copy.Pigtails.Values.Select(t => Onward.LeadOf(copy, t) is { } lead && copy.Leads.Has(lead)));
    }

    /// <summary>In the hand it goes to every place a wire can go to but where it lies, and to no new joint.</summary>
    [Fact]
    public void A_lead_in_the_hand_goes_on()
    {
        var job = Through().Do(new MoveLead("b", "r0.a2", Yoke));
        var moves = Moves.Find(job, "b", new Held([], null, false, null, "n", Onward: "r0.a2"));
        Assert.DoesNotContain(moves, m => m.Key == "new");
        Assert.Equal(Why.GoesOnFromNowhere, moves.Single(m => m.Key == "at:d:ground/screw").Refusal?.Why);
        var on = moves.Single(m => m.Key == "joint:g").Edit!.Apply(job);
        Assert.Equal("r0.a2", on.Boxes["b"].Pigtails["n"].Of?.Text);
    }

    private static int In(Job job) => new Inspection.BoxLook(job, "b", job.Boxes["b"]).In("g").Count;

    private static IEnumerable<string> Rules(Job job) => Inspector.JudgeAll(job, "b", job.Boxes["b"]).Select(f => f.Rule);

    private static IEnumerable<string> Bad(Job job) =>
        Inspector.JudgeAll(job, "b", job.Boxes["b"]).Where(f => f.Verdict is Verdict.Fix or Verdict.Stop).Select(f => f.Rule);

    /// <summary>A hot that touches the yoke draws more than any breaker lets by: its ground goes back to the panel.</summary>
    private static bool Grounded(Job job) => Joined(job, Points.Yoke("b", "d"));

    /// <summary>So does the ground of the cable that goes on.</summary>
    private static bool FarGrounded(Job job) => Joined(job, Points.End("r1", RunSide.B, 2));

    private static bool Joined(Job job, string point) =>
        Electrics.Live.Solve(job, Situation.AsRecorded).Impedance(point, Points.End("r0", RunSide.B, 2)).Magnitude < 1;

    private static Job Through() =>
        Job.Blank("test")
            .Do(new AddBox("b", "Bench", "nm-1g-18", null, null, Contents.Complete))
            .Cables(2, 14, 2)
            .Do(
                new AddDevice("b", "d", "receptacle", 1),
                new JoinLeads("b", "g", "twist-on-medium", ["r0.a2", "r1.a2"], "grounds"),
                new JoinLeads("b", "h", "twist-on-medium", ["r0.a0", "r1.a0"], "hots"),
                new JoinLeads("b", "n", "twist-on-medium", ["r0.a1", "r1.a1"], "neutrals")
            );
}
