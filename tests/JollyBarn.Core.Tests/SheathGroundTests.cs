using JollyBarn.Connection;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Grounds that are no conductor: listed armour and metal raceway, NEC 250.118, join metal boxes; nothing else does.</summary>
public sealed class SheathGroundTests
{
    /// <summary>From the panel by a cable of some kind to a metal box with a receptacle on its screws.</summary>
    private static Job Fed(CableType type, GroundKind ground, string kind = "device-3x2x3-1/2") =>
        Job.Blank("test")
            .Do(
                new PutCircuit("c", new Circuit("Circuit")),
                new PutPanel(
                    "panel",
                    new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 20, BreakerKind.Standard, "c")] }
                ),
                new AddBox("b", "Bench", kind, null, null, Contents.Complete),
                new AddCable("b", "r", "k", new CableSpec(type, 2, ground, Gauge.Awg(12)), Feeds: Feeds.FeedsIn),
                new SetRun("r", Circuit: "c", Length: SmallHouse.Feet(30)),
                new EndAtPanel("r", RunSide.B, "panel"),
                new AddDevice("b", "d", "receptacle", 1),
                new MoveLead("b", "r.a0", new(LandingAt.Terminal, null, "d", "hot-upper/screw")),
                new MoveLead("b", "r.a1", new(LandingAt.Terminal, null, "d", "neutral-upper/screw"))
            );

    private static Certain Box(Job job) => Connected.Of(job).In("b").At(Points.Metal("b")).Grounded;

    [Theory]
    [InlineData(CableType.Ac)]
    [InlineData(CableType.Mc)]
    [InlineData(CableType.Raceway)]
    public void Armour_and_raceway_that_are_grounds_bond_the_box_to_the_panel(CableType type)
    {
        var job = Fed(type, GroundKind.Sheath);
        Assert.Equal(Certain.Yes, Box(job));
        Assert.Equal(Verdict.Fine, Of(job, "box-bonded"));
        // A hot that touches the box opens the breaker: the network agrees.
        var live = Live.Solve(job, new Situation { Breakers = Electrics.Seen.Signature.AllOn(job) });
        Assert.True(live.Volts(Points.Metal("b")).Magnitude < 1);
    }

    /// <summary>NEC 250.118(10), 320.108: old armour without a strip, interlocked armour and plastic raceway are none.</summary>
    [Theory]
    [InlineData(CableType.Ac)]
    [InlineData(CableType.Mc)]
    [InlineData(CableType.Raceway)]
    public void Without_it_they_ground_nothing(CableType type)
    {
        var job = Fed(type, GroundKind.None);
        Assert.Equal(Certain.No, Box(job));
        Assert.Equal(Verdict.Fix, Of(job, "no-ground"));
    }

    [Fact]
    public void A_plastic_box_breaks_the_path_of_the_metal() =>
        Assert.Equal(Certain.No, Box(Fed(CableType.Ac, GroundKind.Sheath, "nm-1g-22.5")));

    /// <summary>314.16(B)(5) counts conductors: armour is none.</summary>
    [Fact]
    public void It_takes_no_room_in_the_box() =>
        Assert.Equal(Fed(CableType.Ac, GroundKind.None).Fill().Needed, Fed(CableType.Ac, GroundKind.Sheath).Fill().Needed);

    [Fact]
    public void What_was_seen_later_is_said_of_the_cable_and_the_box_follows()
    {
        var job = Fed(CableType.Ac, GroundKind.Unknown);
        Assert.Equal(Verdict.Fine, Of(job.Do(new SetRun("r", Ground: GroundKind.Sheath)), "box-bonded"));
        Assert.Equal(Verdict.Fix, Of(job.Do(new SetRun("r", Ground: GroundKind.None)), "no-ground"));
        Assert.NotNull(new SetRun("r", Ground: GroundKind.Bare).Check(job));
    }

    [Fact]
    public void The_metal_of_a_cable_is_that_of_its_leads_too()
    {
        var job = Fed(CableType.Mc, GroundKind.Insulated).Do(new SetRun("r", Metal: Metal.Aluminum));
        Assert.All(job.Boxes["b"].Leads.Values, l => Assert.Equal(Metal.Aluminum, l.Metal));
        Assert.Equal(Verdict.Fix, Of(job, "wire-breaker"));
    }

    private static Verdict Of(Job job, string rule) =>
        Inspector.JudgeAll(job, "b", job.Boxes["b"]).Where(f => f.Rule == rule).Min(f => f.Verdict);
}
