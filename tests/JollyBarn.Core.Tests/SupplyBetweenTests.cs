using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;

namespace JollyBarn.Core.Tests;

/// <content>Two circuits that meet in a box between them.</content>
public partial class SupplyRuleTests
{
    /// <summary>NEC 200.4(A): two circuits whose neutrals meet two boxes away from either feed, where no one box holds both
    /// recorded.</summary>
    [Fact]
    public void A_neutral_borrowed_through_a_box_between_is_found_by_the_wiring()
    {
        var job = TwoRows().Do(Bridge("n", 1));
        var found = Assert.Single(All(job), f => f.Rule == "neutrals-joined");
        Assert.Equal(Stop, found.Verdict);
        Assert.DoesNotContain(All(TwoRows()), f => f.Rule is "neutrals-joined" or "hots-apart");
    }

    /// <summary>NEC 240.8, and common practice: the wire stays live with one breaker off.</summary>
    [Fact]
    public void Hots_of_two_circuits_joined_through_a_box_between_are_found_by_the_wiring() =>
        Assert.Equal(Stop, Assert.Single(All(TwoRows().Do(Bridge("h", 0))), f => f.Rule == "hots-apart").Verdict);

    /// <summary>Two rows of one box each, and an empty box <c>m</c> between them with a cable of no circuit to each.</summary>
    private static Job TwoRows() =>
        SmallHouse
            .Rows(2, 1)
            .Do(
                new AddBox("m", "Between", "square-4x1-1/2", null, null, Contents.Complete),
                new AddCable("m", "m0", "k", Jobs.Nm(14, 2)),
                new AddCable("m", "m1", "k2", Jobs.Nm(14, 2)),
                new ConnectRun("b0.0", "m0", RunSide.B, "k9"),
                new ConnectRun("b1.0", "m1", RunSide.B, "k9")
            );

    /// <summary>Joins this conductor of both circuits through the box between.</summary>
    private static Edit[] Bridge(string name, int index)
    {
        var place = index == 0 ? "hot-lower/screw" : "neutral-lower/screw";
        return
        [
            new MoveLead("b0.0", $"m0.b{index}", GfciBox.At(place, "d")),
            new MoveLead("b1.0", $"m1.b{index}", GfciBox.At(place, "d")),
            new JoinLeads("m", name, "twist-on-medium", [$"m0.a{index}", $"m1.a{index}"], name),
        ];
    }
}
