using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>House practice: each setting changes something that can be seen, or says where it is used.</summary>
public sealed class PracticeTests
{
    /// <summary>A duplex receptacle fed and feeding on by its screws.</summary>
    private static Job Through() =>
        Jobs.WithBox("nm-1g-22.5")
            .Do(
                new AddCable("b", "in", "k1", Jobs.Nm(14, 2), Feeds: Feeds.FeedsIn, Says: "from the panel"),
                new AddCable("b", "on", "k2", Jobs.Nm(14, 2), Feeds: Feeds.FeedsOn, Says: "on to the porch"),
                new AddDevice("b", "r", "receptacle", 1),
                new MoveLead("b", "in.a0", At("hot-upper/screw")),
                new MoveLead("b", "on.a0", At("hot-lower/screw")),
                new MoveLead("b", "in.a1", At("neutral-upper/screw")),
                new MoveLead("b", "on.a1", At("neutral-lower/screw")),
                new JoinLeads("b", "grounds", "twist-on-medium", ["in.a2", "on.a2"], "grounds"),
                new AddPigtail("b", "bond", new(LandingAt.Joint, "grounds"), At("ground/screw"), Colour: "bare")
            );

    private static Landing At(string place) => new(LandingAt.Terminal, null, "r", place);

    private static Finding? Of(Job job, string rule) => Inspector.JudgeAll(job, "b", job.Boxes["b"]).FirstOrDefault(f => f.Rule == rule);

    private static string[] Remedies(Job job, string rule) =>
        [.. RemedyTeller.Tell(job, "b", RemedyList.Weigh(job, "b", Of(job, rule)!)).Remedies.Select(r => r.Says)];

    /// <summary>Common practice: what feeds on is joined and pigtailed; receptacles are listed to carry it all the same.</summary>
    [Fact]
    public void What_goes_on_through_a_device_is_judged_by_the_houses_choice_and_pigtailed_in_one_edit()
    {
        var job = Through();
        var found = Of(job, "fed-through")!;
        Assert.Equal((Verdict.Better, "r"), (found.Verdict, found.Of));
        Assert.Equal(Verdict.Fine, Of(job.Do(new SetPractice(PracticeBook.AtDevice.Key, "through")), "fed-through")!.Verdict);
        var remedy = Assert.Single(RemedyList.Weigh(job, "b", found).Remedies, r => r.Remedy.Kind == nameof(PigtailThese));
        Assert.True(remedy.Settles);
        var after = job.Do(remedy.Remedy.Edit);
        Assert.Null(Of(after, "fed-through"));
        Assert.Empty(Continuity.CutOffWithout(after, "b", after.Boxes["b"], "r"));
        Assert.Equal(2, after.Boxes["b"].Joints.Count - job.Boxes["b"].Joints.Count);
    }

    /// <summary>A protective receptacle's load side is there to be fed through, and a switch is there to cut off.</summary>
    [Fact]
    public void A_load_side_is_no_way_through() =>
        Assert.DoesNotContain(Inspector.JudgeAll(RuleBoxes.Make("gfci"), "b", RuleBoxes.Make("gfci").Boxes["b"]), f =>
            f.Rule == "fed-through"
        );

    [Theory]
    [InlineData("twistOn", "twist-on-medium")]
    [InlineData("lever", "lever-3")]
    [InlineData("crimp", "crimp-sleeve")]
    public void Joints_of_remedies_are_made_the_way_the_house_makes_them(string house, string connector)
    {
        var job = Through().Do(new SetPractice(PracticeBook.Splice.Key, house));
        var remedy = RemedyList.Weigh(job, "b", Of(job, "fed-through")!).Remedies.Single(r => r.Remedy.Kind == nameof(PigtailThese));
        var after = job.Do(remedy.Remedy.Edit);
        Assert.All(after.Boxes["b"].Joints.Where(j => j.Key != "grounds"), j => Assert.Equal(connector, j.Value.Connector));
    }

    /// <summary>6 in are the least, 300.14: a lead of 4½ wants 1½ more, 3½ for a house that cuts 8, and 5¼ more for one that folds it twice
    /// the
    /// depth of a box 3½ in deep, 7 less what is there being 2½.</summary>
    [Theory]
    [InlineData("least", "Pull 1 1/2 in more")]
    [InlineData("8", "Pull 3 1/2 in more")]
    [InlineData("depth", "Pull 2 1/2 in more")]
    public void A_short_lead_is_pulled_in_to_the_houses_length(string house, string says)
    {
        var job = Jobs.WithBox("device-3x2x3-1/2")
            .Cables(1, 14, 2)
            .Do(
                new SetLeadLength("b", "r0.a0", new(Known.Measured, Length.Parse("4 1/2"))),
                new SetPractice(PracticeBook.LeadLength.Key, house)
            );
        Assert.Contains(Remedies(job, "free-length"), r => r.StartsWith(says, StringComparison.Ordinal));
    }

    [Fact]
    public void A_house_that_wants_a_loop_says_where_there_is_none()
    {
        var job = Jobs.WithBox("nm-1g-18")
            .Cables(1, 14, 2)
            .Do(
                new NoteFact("b", "r0.a", CableFacts.Slack.Id, new(Known.Measured, "3", "3")),
                new NoteFact("b", "r0.a", CableFacts.Fastener.Id, new(Known.Measured, "8", "8"))
            );
        Assert.Equal(Verdict.Fine, Of(job, "slack")!.Verdict);
        Assert.Equal(Verdict.Better, Of(job.Do(new SetPractice(PracticeBook.Slack.Key, "yes")), "slack")!.Verdict);
    }

    [Theory]
    [InlineData("ears", "Tighten its ears")]
    [InlineData("stud", "Screw it to the stud")]
    public void A_loose_old_work_box_is_held_the_way_the_house_holds_it(string house, string says)
    {
        var job = Jobs.WithBox("ow-1g-14")
            .Do(
                new NoteFact("b", Subjects.Box, BoxFacts.Held.Id, new(Known.Measured, "no", "no")),
                new SetPractice(PracticeBook.OldWork.Key, house)
            );
        Assert.Contains(Remedies(job, "box-held"), r => r.StartsWith(says, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("new", "Run a new cable")]
    [InlineData("box", "Cut the damaged piece out and join")]
    [InlineData("two", "Cut the damaged piece out between two boxes")]
    [InlineData("splice", "Join it with a listed splice")]
    [InlineData("ranked", "Change the damaged piece")]
    public void A_hurt_cable_is_mended_the_way_the_house_mends_it(string house, string says)
    {
        var job = Jobs.WithBox("nm-1g-18")
            .Cables(1, 14, 2)
            .Do(
                new NoteFact("b", "r0.a", CableFacts.Hurt.Id, new(Known.Measured, "sheath", "sheath")),
                new SetPractice(PracticeBook.Damaged.Key, house)
            );
        Assert.Contains(Remedies(job, "cable-damage"), r => r.StartsWith(says, StringComparison.Ordinal));
    }

    /// <summary>What is said to change a sum, a verdict or a remedy is read there; what waits for the make-up card or the planner says
    /// so.</summary>
    [Fact]
    public void Every_setting_says_where_it_is_used()
    {
        Assert.Equal(26, PracticeBook.Questions.Count);
        string[] waits = ["sheath.off", "gfci.order", "makeup.order", "ground.metal", "ends.trim", "post.base"];
        Assert.Equal(
            waits,
            PracticeBook
                .Questions.Where(q => q.Used is PracticeUse.MakeUp or PracticeUse.Ways)
                .Select(q => q.Key)
                .Order(StringComparer.Ordinal)
                .OrderBy(k => Array.IndexOf(waits, k))
        );
    }
}
