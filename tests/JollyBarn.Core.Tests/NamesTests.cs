using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Telling;
using JollyBarn.Telling.Phrases;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What things are called: the same in a sentence and beside the picture, and no two things alike.</summary>
public sealed class NamesTests
{
    [Fact]
    public void Two_pigtails_of_one_colour_are_told_apart_by_where_they_go()
    {
        var one = GfciBox.Make();
        Assert.Equal("black pigtail", new Names(one, "b").Lead(one.Boxes["b"], "tail-hot"));
        var two = one.Do(
            new AddPigtail("b", "more", GfciBox.In("hots"), Landing.Loose),
            new AddPigtail("b", "most", GfciBox.In("neutrals"), Landing.Loose),
            new SetPigtail("b", "most", "black", Fact<Length>.Unknown)
        );
        var called = ToldNames.Tell(two, "b", two.Boxes["b"]).Leads;
        Assert.Equal("black pigtail, to line hot of the GFCI receptacle", called["tail-hot"].Name);
        Assert.Equal("black pigtail: joint hots to line hot of the GFCI receptacle, under the plate", called["tail-hot"].Says);
        Assert.Equal("black pigtail, loose, from joint hots", called["more"].Name);
        Assert.Equal("black pigtail, loose, from joint neutrals", new Names(two, "b").Lead(two.Boxes["b"], "most"));
    }

    /// <summary>A joint without a name goes by its colours, wherever it is spoken of.</summary>
    [Fact]
    public void A_joint_without_a_name_is_called_one_way()
    {
        var job = GfciBox.Make().Do(new SetJoint("b", "hots", "twist-on-medium"), new SetJoint("b", "neutrals", "twist-on-medium"));
        var box = job.Boxes["b"];
        Assert.Equal(["black", "white"], new[] { "hots", "neutrals" }.Select(j => ToldNames.Tell(job, "b", box).Joints[j]));
        Assert.Equal("joint black", Names.Of(box, GfciBox.In("hots")));
        var both = job.Do(
            new AddCable("b", "x", "k1", Jobs.Nm(12, 2), EntrySide.Top, null, "from the loft"),
            new JoinLeads("b", "again", "twist-on-medium", ["x.a0"], null),
            new MoveLead("b", "feed.a1", Landing.Loose),
            new AddJoint("b", "bare", "twist-on-medium", null)
        );
        Assert.Equal(
            ["black", "black, second", "with nothing in it"],
            new[] { "again", "hots", "bare" }.Select(j => InsideNames.Joint(both.Boxes["b"], j)).Order(StringComparer.Ordinal)
        );
    }

    /// <summary>People call a cable by its way, or by anything else.</summary>
    [Fact]
    public void A_cable_is_called_by_its_way_or_by_its_name()
    {
        var job = GfciBox.Make();
        Assert.Equal("the cable from the pantry", new Names(job, "b").Run("feed"));
        Assert.Equal("the cable from the pantry (Bench)", new Names(job).Run("feed"));
        var named = job.Do(new NameCable("b", "feed", RunSide.A, "kitchen"));
        Assert.Equal("the cable called kitchen", new Names(named, "b").Run("feed"));
    }

    [Fact]
    public void No_two_joints_or_pigtails_of_a_box_have_one_name()
    {
        var counted = 0;
        foreach (var (id, box) in Demo.Present.Boxes)
        {
            var names = ToldNames.Tell(Demo.Present, id, box);
            string[] joints = [.. names.Joints.Values];
            string[] tails = [.. box.Pigtails.Ids.Select(t => names.Leads[t.Text].Name)];
            Assert.Equal(joints.Length, joints.Distinct().Count());
            Assert.Equal(tails.Length, tails.Distinct().Count());
            counted += joints.Length + tails.Length;
        }

        Assert.InRange(counted, 50, 1000);
    }
}
