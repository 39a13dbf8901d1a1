using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Each rule on a case that fails and on the very limit that passes. Articles are of the NEC; the sound box is common practice.</summary>
public class RuleTests
{
    [Fact]
    public void A_box_made_up_as_the_trade_does_it_has_no_finding() => Assert.Empty(Judge(GfciBox.Make()));

    [Fact]
    public void A_box_nobody_opened_is_not_judged() => Assert.Empty(Judge(Job.Blank("t").Do(new AddBox("b", "Box", "device-3x2x2-1/2"))));

    public static TheoryData<string, string, Verdict, Edit[]> Faults() => new()
    {
        { "neutral in the joint of the hots, a short, 110.7", "short", Verdict.Stop, [new MoveLead("b", "on.a1", GfciBox.In("hots"))] },
        { "ground in the joint of the hots, 110.7", "short", Verdict.Stop, [new MoveLead("b", "on.a2", GfciBox.In("hots"))] },
        { "white on the hot screw, 200.11", "polarity", Verdict.Stop, [new MoveLead("b", "safe.a1", GfciBox.At("load-hot/plate"))] },
        { "black on the neutral screw, 200.11", "polarity", Verdict.Stop, [new MoveLead("b", "safe.a0", GfciBox.At("load-neutral/plate"))] },
        { "neutral with the grounds, 250.24(A)(5)", "neutral-ground", Verdict.Stop, [new MoveLead("b", "on.a1", GfciBox.In("grounds"))] },
        { "neutral on the ground screw, 250.142(B)", "neutral-ground", Verdict.Stop, [new MoveLead("b", "safe.a1", GfciBox.At("ground/screw"))] },
        { "feed on load, listing", "line-load", Verdict.Fix, [new NameCable("b", "safe", RunSide.A, "from the panel", Feeds.FeedsIn)] },
        { "said to be protected and is not, listing", "line-load", Verdict.Fix, [new MoveLead("b", "safe.a0", GfciBox.In("hots")), new MoveLead("b", "safe.a1", GfciBox.In("neutrals"))] },
        { "no connector, 110.14(B)", "joint-connector", Verdict.Fix, [new SetJoint("b", "hots", "bare", "hots")] },
        { "three conductors and two ports, 110.14(B)", "joint-connector", Verdict.Fix, [new SetJoint("b", "hots", "lever-2", "hots")] },
        { "more than most of its size take, practice", "joint-connector", Verdict.Measure, [new SetJoint("b", "hots", "twist-on-small", "hots")] },
        { "a joint of one, practice", "joint-connector", Verdict.Better, [new JoinLeads("b", "one", "twist-on-small", ["safe.a0"], "one")] },
        { "two under one ground screw, 110.14(A)", "landing", Verdict.Fix, [new MoveLead("b", "on.a2", GfciBox.At("ground/screw"))] },
        { "a black end left loose, 110.14(B)", "loose-end", Verdict.Fix, [new MoveLead("b", "on.a0", Landing.Loose)] },
        { "a ground apart from the others, 250.148", "grounds-joined", Verdict.Fix, [new MoveLead("b", "on.a2", new(LandingAt.Cap))] },
    };

    [Theory]
    [MemberData(nameof(Faults))]
    public void What_is_wrong_is_found(string what, string rule, Verdict verdict, Edit[] edits)
    {
        var found = Judge(GfciBox.Make().Do(edits));
        Assert.True(found.Any(f => f.Rule == rule && f.Verdict == verdict), $"{what}: {string.Join("; ", found.Select(f => $"{f.Rule} {f.Verdict}"))}");
        Assert.All(found, f => Assert.False(string.IsNullOrWhiteSpace(f.Says) || string.IsNullOrWhiteSpace(f.Article)));
    }

    [Fact]
    public void Worst_comes_first()
    {
        var found = Judge(GfciBox.Make().Do(new SetJoint("b", "hots", "twist-on-small", "hots"), new MoveLead("b", "on.a0", Landing.Loose), new MoveLead("b", "safe.a1", GfciBox.At("load-hot/plate"))));
        Assert.Equal(found.Select(f => f.Verdict).Order(), found.Select(f => f.Verdict));
        Assert.Equal(Verdict.Stop, found[0].Verdict);
    }

    [Theory]
    [InlineData("lever-3")]
    [InlineData("twist-on-medium")]
    public void A_connector_filled_to_its_limit_passes(string connector) => Assert.DoesNotContain(Judge(GfciBox.Make().Do(new SetJoint("b", "hots", connector, "hots"))), f => f.Rule == "joint-connector");

    [Fact]
    public void A_plate_that_takes_two_takes_two() => Assert.DoesNotContain(Judge(GfciBox.Make().Do(new MoveLead("b", "on.a0", GfciBox.At("line-hot/plate")))), f => f.Rule == "landing");

    [Theory]
    [InlineData(14, "hot/push", false)] // 14 AWG solid is what a push-in hole is listed for.
    [InlineData(12, "hot/push", true)]
    [InlineData(10, "hot/screw", false)]
    [InlineData(8, "hot/screw", true)]
    public void A_landing_place_takes_the_gauges_it_is_made_for(int gauge, string place, bool fails)
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(1, gauge, 2).Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a0", GfciBox.At(place, "s")));
        Assert.Equal(fails, Judge(job).Any(f => f.Rule == "landing"));
    }

    [Fact]
    public void Stranded_wire_does_not_go_into_a_push_in_hole()
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(1, 14, 2).Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a0", GfciBox.At("hot/push", "s")), new SetLeadWire("b", "r0.a0", Gauge.Awg(14), true));
        Assert.Contains(Judge(job), f => f.Rule == "landing" && f.Says.Contains("stranded", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("device-3x2x3-1/2", true)]
    [InlineData("nm-1g-22.5", false)]
    public void A_metal_box_is_bonded_and_a_plastic_one_has_nothing_to_bond(string kind, bool asks)
    {
        var job = Jobs.WithBox(kind).Cables(2, 14, 2).Do(new JoinLeads("b", "grounds", "twist-on-medium", ["r0.a2", "r1.a2"], "grounds"));
        Assert.Equal(asks, Judge(job).Any(f => f is { Rule: "box-bonded", Verdict: Verdict.Fix }));
        if (asks)
        {
            var bonded = job.Do(new AddPigtail("b", "bond", GfciBox.In("grounds"), new(LandingAt.BondingScrew)));
            Assert.DoesNotContain(Judge(bonded), f => f.Rule == "box-bonded");
        }
    }

    [Fact]
    public void A_ground_nobody_followed_is_asked_for_and_not_called_missing()
    {
        var job = Jobs.WithBox("device-3x2x3-1/2").Cables(1, 14, 2);
        Assert.Contains(Judge(job), f => f is { Rule: "box-bonded", Verdict: Verdict.Measure });
    }

    [Fact]
    public void Grounds_that_meet_only_on_the_device_are_found()
    {
        // 250.148(B): taking the device off may not break the path.
        var job = Jobs.WithBox("nm-1g-22.5").Cables(2, 14, 2).Do(new AddDevice("b", "r", "receptacle", 1), new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")), new MoveLead("b", "r1.a2", GfciBox.At("ground/screw", "r")));
        Assert.Contains(Judge(job), f => f is { Rule: "grounds-joined", Article: "250.148(B)" });
    }

    [Fact]
    public void A_white_taped_and_used_as_hot_is_no_reversed_polarity()
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(1, 14, 2).Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a1", GfciBox.At("hot/screw", "s")));
        Assert.Contains(Judge(job), f => f.Rule == "polarity");
        Assert.DoesNotContain(Judge(job.Do(new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot, "black"))), f => f.Rule == "polarity");
    }

    private static IReadOnlyList<Finding> Judge(Job job) => Inspector.Judge(job, "b", job.Boxes["b"]);
}
