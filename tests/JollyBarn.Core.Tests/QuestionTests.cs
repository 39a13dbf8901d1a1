using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What is asked of a box: few things, the most telling first, and none that cannot matter there.</summary>
public sealed class QuestionTests
{
    private static IReadOnlyList<Question> Asked(Job job) => Questions.Ask(Inspector.JudgeAll(job, "b", job.Boxes["b"]));

    private static Job Junction(string kind) =>
        Jobs.WithBox(kind)
            .Cables(2, 14, 2)
            .Do(
                new JoinLeads("b", "hots", "twist-on-medium", ["r0.a0", "r1.a0"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["r0.a1", "r1.a1"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-medium", ["r0.a2", "r1.a2"], "grounds")
            );

    [Theory]
    [InlineData("square-4x2-1/8")]
    [InlineData("nm-1g-18")]
    [InlineData(BoxKinds.NoBox)]
    [InlineData("splice-kit")]
    public void A_junction_of_two_cables_asks_six_things_first_each_of_one_thing_it_names(string kind)
    {
        var job = Junction(kind);
        var first = Asked(job).Where(q => q.First).ToList();
        Assert.InRange(first.Count, 1, 6);
        Assert.Equal(first.Count, first.DistinctBy(q => q.Fact).Count());
        Assert.All(QuestionTeller.Tell(job, "b", job.Boxes["b"], first), q =>
            Assert.Equal(q.Of == Subjects.Box, string.IsNullOrEmpty(q.What))
        );
    }

    /// <summary>Common practice: hurt cables and joints that come apart burn houses; a gap in the plaster does not.</summary>
    [Fact]
    public void What_burns_is_asked_before_what_looks_bad()
    {
        var first = Asked(Junction("square-4x2-1/8")).Where(q => q.First).Select(q => q.Fact).ToList();
        Assert.Contains(CableFacts.Hurt, first);
        Assert.Contains(LeadFacts.Tight, first);
        Assert.DoesNotContain(WallFacts.Gap, first);
    }

    /// <summary>NEC 314 is of boxes; 334.40(B) of a listed interconnector: none of a box's questions is its.</summary>
    [Theory]
    [InlineData(BoxKinds.NoBox)]
    [InlineData("splice-kit")]
    [InlineData("splice-enclosure")]
    [InlineData("own-enclosure")]
    public void What_is_no_box_is_asked_nothing_of_a_box(string kind)
    {
        var asked = Asked(Junction(kind)).Select(q => q.Fact).ToHashSet();
        FactKey[] ofBoxes =
        [
            WallFacts.Setback,
            WallFacts.Gap,
            WallFacts.Covered,
            BoxFacts.Held,
            BoxFacts.Clean,
            CableFacts.Sheath,
            LeadFacts.Length,
        ];
        Assert.DoesNotContain(ofBoxes, asked.Contains);
        Assert.Contains(CableFacts.Hurt, asked);
    }

    /// <summary>Leads of a listed splice are a fraction of an inch: free length is asked of boxes, 300.14.</summary>
    [Fact]
    public void Short_leads_in_a_listed_splice_are_no_fault()
    {
        var job = Junction("splice-kit");
        foreach (var lead in job.Boxes["b"].Leads.Ids)
        {
            job = job.Do(new SetLeadLength("b", lead, new(Known.Measured, Measures.Length.Parse("3/4"))));
        }

        Assert.DoesNotContain(Inspector.JudgeAll(job, "b", job.Boxes["b"]), f => f.Rule == "free-length");
    }

    /// <summary>Looped through a device with its own enclosure, one cable in and one on at each terminal: as it is listed.</summary>
    [Fact]
    public void A_device_with_its_own_enclosure_is_looped_through()
    {
        var job = Jobs.WithBox("own-enclosure").Cables(2, 12, 2).Do(new AddDevice("b", "d", "receptacle-own-enclosure", 0));
        var kind = DeviceKinds.Find("receptacle-own-enclosure")!;
        foreach (var (role, index) in new[] { (TerminalRole.Hot, 0), (TerminalRole.Neutral, 1), (TerminalRole.Ground, 2) })
        {
            var place = kind.PlaceOf(role)!.Id;
            foreach (var run in new[] { "r0", "r1" })
            {
                job = job.Do(new MoveLead("b", $"{run}.a{index}", new(LandingAt.Terminal, null, "d", place)));
            }
        }

        var all = Inspector.JudgeAll(job, "b", job.Boxes["b"]);
        Assert.DoesNotContain(all, f => f is { Rule: "landing" or "grounds-joined", Verdict: Verdict.Fix or Verdict.Stop });
    }
}
