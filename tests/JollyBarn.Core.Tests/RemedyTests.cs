using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <summary>Remedies with the amounts one would work out on the back of a box lid. Limits are those named in <see cref="RuleCases"/>; parts
/// are common practice.</summary>
public partial class RemedyTests
{
    /// <summary>One verdict and what is to be done about it.</summary>
    /// <param name="How">How the amount comes about.</param>
    public sealed record Case(string Rule, string Box, string Of, string Says, string How, params Edit[] Edits);

    public static IEnumerable<TheoryDataRow<int>> All() =>
        Cases.Select((c, i) => new TheoryDataRow<int>(i) { TestDisplayName = $"{i}: {c.Rule}, {c.How}" });

    [Theory]
    [MemberData(nameof(All))]
    public void It_says_what_to_do_and_by_how_much_and_doing_it_settles_the_verdict(int number)
    {
        var one = Cases[number];
        var job = RuleBoxes.Make(one.Box).Do(one.Edits);
        var found = Assert.Single(Inspector.JudgeAll(job, "b", job.Boxes["b"]), f =>
            f.Rule == one.Rule && f.Of == one.Of && f.Verdict is (Verdict.Stop or Verdict.Fix or Verdict.Better)
        );
        var answer = Told(job, found);
        var remedy = answer.Remedies.FirstOrDefault(r => r.Says.Contains(one.Says, StringComparison.Ordinal));
        Assert.True(
            remedy is not null,
            $"{one.Rule}, {one.How}: {string.Join(" | ", answer.Remedies.Select(r => r.Says))} {answer.WhyNone}"
        );
        Assert.Null(remedy.Edit.Check(job));
        var after = remedy.Edit.Apply(job);
        Assert.DoesNotContain(Inspector.JudgeAll(after, "b", after.Boxes["b"]), f =>
            f.Rule == one.Rule && f.Of == found.Of && (f.Verdict is Verdict.Stop or Verdict.Fix || f.Verdict == found.Verdict)
        );
    }

    /// <summary>A rule nothing here can settle says with amounts what it wants.</summary>
    [Theory]
    [InlineData("weight", "ceiling", "l", "one 5 lb lighter", "weight", "55")]
    [InlineData("weight", "fan", "l", "one 10 lb lighter", "weight", "80")]
    public void Where_there_is_no_remedy_it_says_what_is_wanted(string rule, string box, string of, string says, string key, string value)
    {
        var job = RuleBoxes.Make(box).Do(Note(of, key, value));
        var answer = Told(job, Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f.Rule == rule && f.Verdict == Verdict.Fix));
        Assert.Empty(answer.Remedies);
        Assert.Contains(says, answer.WhyNone, StringComparison.Ordinal);
    }

    /// <summary>A pigtail reaches 3 in past the opening from the back of the box: in one 3 1/2 in deep a house of 6 cuts 7.</summary>
    [Theory]
    [InlineData("6", "7 in")]
    [InlineData("8", "8 in")]
    [InlineData("9", "9 in")]
    public void A_pigtail_is_never_cut_shorter_than_it_must_reach(string house, string cut)
    {
        var job = RuleBoxes.Make("metal").Do(new RemovePigtail("b", "bond"), new SetPractice(PracticeBook.PigtailLength.Key, house));
        var remedy = Told(
            job,
            Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f is { Rule: "box-bonded", Verdict: Verdict.Fix })
        ).Remedies[0];
        Assert.Contains($"pigtail, {cut},", remedy.Says, StringComparison.Ordinal);
        var made = ((Batch)remedy.Edit).Edits.OfType<AddPigtail>().Single();
        Assert.Equal(Length.Parse(cut), made.Length!.OrNull);
    }

    /// <summary>314.16: what would do instead fits by its own arithmetic: 8 conductors of 12, a ground and a device want 22.5 −
    /// 2.25.</summary>
    [Fact]
    public void What_would_do_instead_of_a_full_box_fits()
    {
        var job = RuleBoxes.Make("gfci").Do(new SetBoxKind("b", "nm-1g-14"));
        var fix = Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f is { Rule: "fill", Verdict: Verdict.Fix });
        var remedies = Told(job, fix).Remedies;
        Assert.Contains(remedies, r => r.Says.StartsWith("One-gang nonmetallic, 22.5 in³: 2.25 in³ left", StringComparison.Ordinal));
        foreach (var remedy in remedies)
        {
            var after = remedy.Edit.Apply(job);
            var fill = Fill.BoxReports.Make(after, after.Boxes["b"]).Fill;
            Assert.True(fill.Needed.High <= fill.Available.Low, remedy.Says);
        }
    }

    private static ToldRemedies Told(Job job, Finding found) => RemedyTeller.Tell(job, "b", RemedyList.Weigh(job, "b", found));

    private static Edit[] More(string run) =>
        [new AddCable("b", run, "k" + run, Jobs.Nm(12, 2)), new MoveLead("b", run + ".a0", GfciBox.In("hots"))];

    private static SetProfile Amended(string key, decimal inches) =>
        new SetProfile(CodeProfile.Default with { Amendments = [new Amendment(key, "local", inches)] });

    private static SetPigtail Tail(int gauge) =>
        new SetPigtail("b", "t0", "black", new Fact<Length>(Known.Measured, Length.Inches(8)), Gauge.Awg(gauge), ConductorUse.Hot);

    private static PutPanel Breaker(int amperes) =>
        new PutPanel(
            "panel",
            new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, amperes, BreakerKind.Standard, "c", "it")] }
        );
}
