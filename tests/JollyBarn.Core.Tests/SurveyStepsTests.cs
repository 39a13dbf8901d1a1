using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Writing down where the leads of a box lie. The order is that of make-up, common practice: grounds, then neutrals, then
/// hots.</summary>
public sealed class SurveyStepsTests
{
    private static readonly Job Open = Jobs.WithBox("device-3x2x3-1/2").Cables(3, 14, 2).Do(new AddDevice("b", "d", "protective", 1));

    [Fact]
    public void Leads_are_asked_for_in_the_order_of_make_up_until_every_one_has_its_place()
    {
        var (job, uses) = (Open, new List<ConductorUse>());
        while (Steps(job) is { Next: { } next } steps)
        {
            uses.Add(job.Boxes["b"].Leads[next].Use);
            Assert.Equal((9, uses.Count - 1), (steps.Leads, steps.Placed.Count));
            job = job.Do(steps.Places[0].Edit);
        }

        Assert.Equal(
            [
                .. Enumerable.Repeat(ConductorUse.Ground, 3),
                .. Enumerable.Repeat(ConductorUse.Neutral, 3),
                .. Enumerable.Repeat(ConductorUse.Hot, 3),
            ],
            uses
        );
        Assert.Equal(["grounds", "hots", "neutrals"], job.Boxes["b"].Joints.Values.Select(j => j.Name).Order(StringComparer.Ordinal));
    }

    /// <summary>Nothing recorded is never done: each part is, once somebody wrote something down in it.</summary>
    [Fact]
    public void A_part_is_done_when_somebody_recorded_something_in_it_and_an_empty_box_has_none()
    {
        Assert.Empty(Steps(Jobs.WithBox("device-3x2x3-1/2")).Done);
        Assert.Equal([SurveyPart.Cables], Steps(Open).Done);
        var placed = Open;
        while (Steps(placed) is { Next: not null } steps)
        {
            placed = placed.Do(steps.Places[0].Edit);
        }

        Assert.Equal([SurveyPart.Cables, SurveyPart.Leads], Steps(placed).Done);
        var more = placed.Do(
            new NameCable("b", "r0", RunSide.A, "from the pantry"),
            new SetLeadLength("b", "r0.a0", new(Known.Measured, Measures.Length.Inches(7), "7"))
        );
        Assert.Equal([SurveyPart.Cables, SurveyPart.Leads, SurveyPart.Marks, SurveyPart.Measure], Steps(more).Done);
        // A proof of dead is never ticked off: it lapses.
        var proof = more.Do(new BeginProof("p", "b", "Ines", "two-pole", "2026-09-14T08:10:00Z", "panel lug", "cellar ground"));
        Assert.Equal(Steps(more).Done, Steps(proof).Done);
    }

    [Fact]
    public void Every_place_offered_can_be_recorded_and_puts_the_lead_there()
    {
        var job = Open.Do(Steps(Open).Places[0].Edit);
        var steps = Steps(job);
        Assert.All(steps.Places, place =>
        {
            Assert.Null(place.Edit.Check(job));
            var lies = place.Edit.Apply(job).Boxes["b"].Leads[steps.Next!.Value].Lands;
            Assert.Equal(place.To ?? new Landing(LandingAt.Joint, "n1"), lies);
        });
        Assert.Equal(steps.Places.Count, steps.Places.Select(p => p.To).Distinct().Count());
    }

    /// <summary>Common practice: a neutral of a protective receptacle lies on its line or load, never under the green screw.</summary>
    [Theory]
    [InlineData(ConductorUse.Hot, "line-hot/plate")]
    [InlineData(ConductorUse.Neutral, "line-neutral/plate")]
    [InlineData(ConductorUse.Ground, "ground/screw")]
    public void The_likeliest_terminal_is_that_of_its_use(ConductorUse use, string place)
    {
        var job = Open;
        while (job.Boxes["b"].Leads[Steps(job).Next!.Value].Use != use)
        {
            job = job.Do(new MoveLead("b", Steps(job).Next!.Value, Landing.Loose));
        }

        Assert.Equal(place, Steps(job).Places.First(p => p.To?.At == LandingAt.Terminal).To!.Place);
    }

    [Fact]
    public void A_plastic_box_offers_no_bonding_screw_and_a_metal_one_only_to_grounds()
    {
        Assert.Contains(Steps(Open).Places, p => p.To?.At == LandingAt.BondingScrew);
        var plastic = Jobs.WithBox("nm-1g-18").Cables(1, 14, 2);
        Assert.DoesNotContain(Steps(plastic).Places, p => p.To?.At == LandingAt.BondingScrew);
        var past = Open;
        while (past.Boxes["b"].Leads[Steps(past).Next!.Value].IsGround)
        {
            past = past.Do(new MoveLead("b", Steps(past).Next!.Value, Landing.Loose));
        }

        Assert.DoesNotContain(Steps(past).Places, p => p.To?.At == LandingAt.BondingScrew);
    }

    [Fact]
    public void Pigtails_are_offered_once_where_something_is_still_bare_and_together_in_one_go()
    {
        var job = Open;
        while (Steps(job).Next is not null)
        {
            job = job.Do(Steps(job).Places[0].Edit);
        }

        var tails = Steps(job).Tails;
        Assert.Contains(tails, t => t is { From.Joint: not null, To.At: LandingAt.BondingScrew });
        Assert.Equal(tails.Count, tails.Select(t => ((AddPigtail)t.Edit).Id).Distinct().Count());
        var done = job.Do(tails[0].Edit);
        Assert.DoesNotContain(Steps(done, "m").Tails, t => t.To == tails[0].To);
    }

    [Fact]
    public void Names_say_where_each_cable_goes_and_where_each_lead_lies()
    {
        var job = GfciBox.Make();
        var names = ToldNames.Tell(job, "b", job.Boxes["b"]);
        Assert.Equal(job.Boxes["b"].Leads.Ids.Concat(job.Boxes["b"].Pigtails.Ids).Texts().Order(), names.Leads.Keys.Order());
        Assert.All(names.Leads.Values, l => Assert.StartsWith(l.Name + ": ", l.Says, StringComparison.Ordinal));
        Assert.Equal(names.Cables.Count, names.Cables.Values.Distinct().Count());
        var renamed = job.Do(
            new NameCable("b", job.Boxes["b"].Leads.Values.First(l => l.Run is not null).Run!.Value, RunSide.A, "from the slipway")
        );
        Assert.Contains("from the slipway", ToldNames.Tell(renamed, "b", renamed.Boxes["b"]).Cables.Values);
    }

    [Fact]
    public void A_joint_without_a_name_goes_by_its_colours_and_a_cable_without_words_by_where_it_comes_in()
    {
        var job = Jobs.WithBox("nm-1g-18").Cables(2, 14, 2).Do(new JoinLeads("b", "j", "twist-on-medium", ["r0.a0", "r1.a0"]));
        var names = ToldNames.Tell(job, "b", job.Boxes["b"]);
        Assert.Equal("black", names.Joints["j"]);
        Assert.Equal("at the top, 1", names.Cables["r0.a"]);
        Assert.Equal("black, at the top, 1: joint black", names.Leads["r0.a0"].Says);
        Assert.Equal("white, at the top, 2: nobody knows where", names.Leads["r1.a1"].Says);
    }

    /// <summary>A mark is written down as seen; what it says of the power only where the house agreed on it. Common practice: people
    /// notch the feed, or do not.</summary>
    [Theory]
    [InlineData("nothing", Feeds.CannotTell)]
    [InlineData("feed", Feeds.FeedsIn)]
    [InlineData("on", Feeds.FeedsOn)]
    public void A_mark_means_what_the_house_agreed_on(string means, Feeds feeds)
    {
        var job = Open.Do(new SetPractice(PracticeBook.NotchMeans.Key, means));
        SurveyMark Notch(Job at) => Steps(at).Marks.First(m => m.Run == "r1" && m.Mark == CableMark.Notch);
        var marked = job.Do(Notch(job).Edit);
        Assert.Equal((true, feeds), (Notch(marked).On, marked.Runs["r1"].A.Feeds));
        Assert.False(Notch(marked.Do(Notch(marked).Edit)).On);
    }

    private static SurveySteps Steps(Job job, string newId = "n") =>
        SurveySteps.Read(job, "b", job.Boxes["b"], newId + job.Boxes["b"].Joints.Count);
}
