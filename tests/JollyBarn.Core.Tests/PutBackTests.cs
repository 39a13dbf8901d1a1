using JollyBarn.Edits;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Taken out and put back reads as put back, whatever the ids; only what lies elsewhere is told. Common practice: what is left is
/// compared with what was found, terminal by terminal.</summary>
public sealed class PutBackTests
{
    private static readonly Job Found = Jobs.WithBox("device-3x2x3-1/2")
        .Cables(2, 14, 2)
        .Do(
            new AddDevice("b", "d", "receptacle", 1),
            new JoinLeads("b", "g", "twist-on-medium", ["r0.a2", "r1.a2"], "grounds"),
            new AddPigtail("b", "t", GfciBox.In("g"), GfciBox.At("ground/screw", "d")),
            new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "d")),
            new MoveLead("b", "r0.a1", GfciBox.At("neutral-upper/screw", "d")),
            new MoveLead("b", "r1.a0", GfciBox.At("hot-lower/screw", "d")),
            new MoveLead("b", "r1.a1", GfciBox.At("neutral-lower/screw", "d"))
        );

    /// <summary>Every end as it lay, on a device of the same kind with another id.</summary>
    private static Job Back(Job job, string kind = "receptacle", string? hot = null) =>
        job.Do(
            new RemoveDevice("b", "d"),
            new AddDevice("b", "e", kind, 1),
            new LandPigtail("b", "t", true, GfciBox.At("ground/screw", "e")),
            new MoveLead("b", "r0.a0", GfciBox.At(hot ?? "hot-upper/screw", "e")),
            new MoveLead("b", "r0.a1", GfciBox.At("neutral-upper/screw", "e")),
            new MoveLead("b", "r1.a0", GfciBox.At("hot-lower/screw", "e")),
            new MoveLead("b", "r1.a1", GfciBox.At("neutral-lower/screw", "e"))
        );

    [Fact]
    public void The_same_kind_on_the_same_terminals_is_no_difference() => Assert.Empty(BoxDifference.Between(Found, Back(Found), "b"));

    [Fact]
    public void Only_the_lead_on_another_terminal_differs()
    {
        var one = Assert.Single(BoxDifference.Between(Found, Back(Found, hot: "hot-upper/push"), "b"));
        Assert.Equal((BoxDifference.Case.LeadMoved, true), (one.Case, one.NotBack));
        Assert.Equal(["r0.a0"], one.Ids);
    }

    /// <summary>Another kind in its place, wired alike, is one difference, put in by hand or swapped.</summary>
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Another_kind_in_its_place_is_told_once(bool swapped)
    {
        var after = swapped ? Found.Do(new SwapDevice("b", "d", "receptacle-split")) : Back(Found, "receptacle-split");
        var one = Assert.Single(BoxDifference.Between(Found, after, "b"));
        Assert.Equal(BoxDifference.Case.DeviceKind, one.Case);
    }

    /// <summary>A dimmer has leads of its own: spliced as before they are back.</summary>
    [Fact]
    public void Leads_of_the_devices_own_are_back_in_their_joints()
    {
        var job = Jobs.WithBox("device-3x2x3-1/2").Cables(1, 14, 2);
        Job Put(Job on, string id) =>
            on.Do(
                new AddDevice("b", id, "dimmer", 1),
                new JoinLeads("b", id + "h", "twist-on-medium", ["r0.a0", $"{id}.hot"], "hots"),
                new JoinLeads("b", id + "s", "twist-on-medium", ["r0.a1", $"{id}.switched"], "switched")
            );
        var found = Put(job, "d");
        var back = Put(found.Do(new RemoveDevice("b", "d"), new RemoveJoint("b", "dh"), new RemoveJoint("b", "ds")), "e");
        Assert.Empty(BoxDifference.Between(found, back, "b"));
        var crossed = found.Do(
            new RemoveDevice("b", "d"),
            new AddDevice("b", "e", "dimmer", 1),
            new MoveLead("b", "e.hot", GfciBox.In("ds")),
            new MoveLead("b", "e.switched", GfciBox.In("dh"))
        );
        Assert.Equal(2, BoxDifference.Between(found, crossed, "b").Count(d => d.Case == BoxDifference.Case.LeadMoved));
    }

    [Fact]
    public void Two_alike_taken_out_and_one_put_back_is_one_gone()
    {
        var two = Jobs.WithBox("nm-2g-32").Do(new AddDevice("b", "x", "switch", 1), new AddDevice("b", "y", "switch", 2));
        var one = two.Do(new RemoveDevice("b", "x"), new RemoveDevice("b", "y"), new AddDevice("b", "z", "switch", 2));
        var gone = Assert.Single(BoxDifference.Between(two, one, "b"));
        Assert.Equal((BoxDifference.Case.DeviceOut, "x"), (gone.Case, gone.Ids[0]));
    }
}
