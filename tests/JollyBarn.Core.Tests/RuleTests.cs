using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Rules;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Telling;
using JollyBarn.Telling.Facts;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>The rules on the cases of <see cref="RuleCases"/>, and what holds of every rule on every box.</summary>
public partial class RuleTests
{
    public static IEnumerable<TheoryDataRow<int>> Cases() =>
        RuleCases.All.Select((c, i) => new TheoryDataRow<int>(i) { TestDisplayName = $"{i}: {c}" });

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_rule_says_what_the_article_says(int number)
    {
        var one = RuleCases.All[number];
        var found = RuleBoxes.Make(one.Box).Do(one.Edits).Told().Where(f => f.Rule == one.Rule && f.Of == one.Of).ToList();
        if (one.Verdict is not { } verdict)
        {
            Assert.True(found.Count == 0, $"{one}: {found.FirstOrDefault()?.Says}");
            return;
        }

        Assert.True(
            found.Count == 1 && found[0].Verdict == verdict,
            $"{one}: {(found.Count == 0 ? "nothing" : string.Join("; ", found.Select(f => $"{f.Verdict} {f.Says}")))}"
        );
        Assert.Equal(one.Case ?? found[0].Case, found[0].Case);
        Assert.True(found[0].Verdict != Verdict.Stop || found[0].Now.Count >= 2, $"{one} does not say what to do now.");
    }

    [Fact]
    public void Every_rule_has_a_case_that_fails_and_there_are_at_least_sixty()
    {
        Assert.True(Inspector.Rules.Count >= 60, $"{Inspector.Rules.Count} rules");
        Assert.Equal(Inspector.Rules.Count, Inspector.Rules.Select(r => r.Id).Distinct().Count());
        Assert.Empty(
            Inspector
                .Rules.Select(r => r.Id)
                .Except(
                    RuleCases
                        .All.Where(c => c.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better or Verdict.Measure)
                        .Select(c => c.Rule)
                )
        );
        Assert.All(Inspector.Rules, r => Assert.Matches("^[A-Z].*[.]$", Teller.RuleWhy(r.Id)));
    }

    /// <summary>A rule that has words to ask with has a case in which it asks, and one that never asks has none.</summary>
    [Fact]
    public void Every_rule_that_waits_for_a_fact_has_a_case_that_asks()
    {
        var asks = Inspector.Rules.Select(r => r.Id).Where(r => Teller.Cases(r).Any(c => c.StartsWith("Ask", StringComparison.Ordinal)));
        var asked = RuleCases.All.Where(c => c.Verdict == Verdict.Measure).Select(c => c.Rule).ToHashSet(StringComparer.Ordinal);
        Assert.Empty(asks.Except(asked));
    }

    [Fact]
    public void Each_question_is_asked_by_a_rule_that_it_can_decide()
    {
        var asked = RuleCases
            .All.SelectMany(c => All(RuleBoxes.Make(c.Box).Do(c.Edits)))
            .SelectMany(f => f.Asks)
            .Select(a => a.Fact)
            .Distinct()
            .ToList();
        Assert.True(asked.Count > 50, $"{asked.Count} facts asked");
        Assert.Equal(FactKeys.All.Count, FactKeys.All.Select(k => k.Id).Distinct().Count());
        Assert.All(FactKind.All, k => Assert.True(k.Asks.EndsWith('?') && k.How.EndsWith('.'), k.Key));
        Assert.All(FactKind.All.Where(k => k.Right is not null), k => Assert.Contains(k.Choices, c => c.Value == k.Right));
    }

    [Fact]
    public void Nine_in_ten_verdicts_to_fix_have_a_remedy_that_brings_nothing_new()
    {
        var demo = Demo.Present;
        var boxes = RuleCases
            .All.Where(c => c.Verdict == Verdict.Fix)
            .Select(c => RuleBoxes.Make(c.Box).Do(c.Edits))
            .Concat(Enumerable.Range(1, 60).Select(SomeBoxes.Make))
            .Select(j => (Job: j, Id: (Id<Box>)"b"))
            .Concat(demo.Boxes.Ids.Select(id => (Job: demo, Id: id)));
        var (all, without) = (0, new List<string>());
        foreach (var (job, id) in boxes)
        {
            foreach (var fix in Inspector.JudgeAll(job, id, job.Boxes[id]).Where(f => f.Verdict == Verdict.Fix))
            {
                all++;
                var answer = RemedyList.Weigh(job, id, fix);
                Assert.True(answer.Remedies.Count > 0 || RemedyTeller.Tell(job, id, answer).WhyNone is not null);
                if (!answer.Remedies.Any(r => (r.Settles || r.LookAgain) && r.New.Count == 0))
                {
                    without.Add($"{fix.Rule}: {fix.Key}{string.Concat(answer.Remedies.SelectMany(r => r.New).Select(n => " → " + n.Key))}");
                }
            }
        }

        var rules = without
            .GroupBy(w => w.Split(':')[0])
            .OrderByDescending(g => g.Count())
            .Select(g => $"{g.Count()} {string.Join("\n      ", g)}");
        Assert.True(without.Count * 10 <= all, $"{without.Count} of {all}: {string.Join("\n", rules)}");
    }

    /// <summary>What the demo job is meant to hold, spread over the house; and nothing else that can hurt somebody.</summary>
    [Theory]
    [InlineData("guillotine", "bond-screw", Verdict.Fix)]
    [InlineData("guillotine", "reach", Verdict.Fix)]
    [InlineData("guillotine", "entry-open", Verdict.Fix)]
    [InlineData("drying", "splice-box", Verdict.Fix)]
    [InlineData("sewing", "wire-breaker", Verdict.Fix)]
    [InlineData("porch", "line-load", Verdict.Fix)]
    [InlineData("east-bed", "polarity", Verdict.Stop)]
    [InlineData("east-bed", "live-metal", Verdict.Stop)]
    [InlineData("coal-hole", "cable-damage", Verdict.Fix)]
    [InlineData("coal-hole", "sheath", Verdict.Fix)]
    [InlineData("furnace", "neutrals-apart", Verdict.Stop)]
    [InlineData("press-right", "fill", Verdict.Fix)]
    public void The_demo_holds_what_a_real_house_holds(string box, string rule, Verdict verdict)
    {
        var demo = Demo.Present;
        Assert.Contains(Inspector.Judge(demo, box, demo.Boxes[box]), f => f.Rule == rule && f.Verdict == verdict);
        var stops = demo.Boxes.Where(b => Inspector.Judge(demo, b.Key, b.Value).Any(f => f.Verdict == Verdict.Stop));
        Assert.Equal(["east-bed", "furnace"], stops.Select(b => b.Key.Text));
    }

    [Fact]
    public void A_remedy_is_undone_like_any_edit()
    {
        var job = RuleBoxes.Make("metal").Do(new RemovePigtail("b", "bond"));
        var remedy = RemedyList.Weigh(job, "b", All(job).First(f => f is { Rule: "box-bonded", Verdict: Verdict.Fix })).Remedies[0].Remedy;
        var after = job.Do(remedy.Edit);
        Assert.DoesNotContain(All(after), f => f is { Rule: "box-bonded", Verdict: Verdict.Fix });
        Assert.Equal(JobJson.Text(job), JobJson.Text(new Restore("e", Cells.Between(job, after), false, "").Apply(after)));
    }

    [Fact]
    public void An_amendment_reaches_every_number_a_rule_goes_by()
    {
        var job = RuleBoxes.Make("metal").Do(RuleBoxes.Note("r0.a", "fastener", "10"));
        Assert.Equal(Verdict.Fine, All(job).Single(f => f is { Rule: "fastener", Of: "r0.a" }).Verdict);
        var tightened = job.Do(
            new SetProfile(CodeProfile.Default with { Amendments = [new Amendment("cable.fastener", "river district, 2026-01", 8)] })
        );
        var found = tightened.Told().Single(f => f is { Rule: "fastener", Of: "r0.a" });
        Assert.Equal(Verdict.Fix, found.Verdict);
        Assert.Contains("amended here: river district", found.Article, StringComparison.Ordinal);
        var noted = job.Do(new SetProfile(CodeProfile.Default with { Amendments = [new Amendment("cable.fastener", "ask first")] }));
        Assert.Contains(
            "noted here: ask first",
            noted.Told().Single(f => f is { Rule: "fastener", Of: "r0.a" }).Article,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_is_kept_of_verdicts_is_what_judging_anew_gives()
    {
        var edits = new RandomEdits(7);
        var kept = new Verdicts(new Fill.BoxReports());
        var job = Job.Blank("j").Do(new PutPlace("p", new Place("Room")));
        for (var i = 0; i < 400; i++)
        {
            var edit = edits.Next(job);
            job = edit.Check(job) is null ? edit.Apply(job) : job;
            foreach (var (id, box) in job.Boxes)
            {
                Assert.Equal(Inspector.JudgeAll(job, id, box).Select(f => f.Key), kept.Of(job, id, box).Select(f => f.Key));
            }

            Assert.Equal(
                job.Boxes.Select(b => (b.Key, kept.Of(job, b.Key, b.Value).Count)),
                kept.Whole(job).Select(b => (b.Id, b.Findings.Count))
            );
        }
    }

    [Fact]
    public void A_box_made_up_as_the_trade_does_it_has_nothing_to_stop_or_fix() =>
        Assert.DoesNotContain(All(GfciBox.Make()), f => f.Verdict is Verdict.Stop or Verdict.Fix);

    [Fact]
    public void A_box_nobody_opened_is_not_judged() => Assert.Empty(All(Job.Blank("t").Do(new AddBox("b", "Box", "device-3x2x2-1/2"))));

    [Theory]
    [InlineData(14, "hot/push", false)] // 14 AWG solid is what a push-in hole is listed for.
    [InlineData(12, "hot/push", true)]
    [InlineData(10, "hot/screw", false)]
    [InlineData(8, "hot/screw", true)]
    public void A_landing_place_takes_the_gauges_it_is_made_for(int gauge, string place, bool fails)
    {
        var job = Jobs.WithBox("nm-1g-22.5")
            .Cables(1, gauge, 2)
            .Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a0", GfciBox.At(place, "s")));
        Assert.Equal(fails, All(job).Any(f => f.Rule == "landing"));
    }

    [Fact]
    public void Stranded_wire_does_not_go_into_a_push_in_hole()
    {
        var job = Jobs.WithBox("nm-1g-22.5")
            .Cables(1, 14, 2)
            .Do(
                new AddDevice("b", "s", "switch", 1),
                new MoveLead("b", "r0.a0", GfciBox.At("hot/push", "s")),
                new SetLeadWire("b", "r0.a0", Gauge.Awg(14), true)
            );
        Assert.Contains(All(job), f => f.Is("landing", LandingPlaceTakes.Case.SolidOnly));
    }

    [Fact]
    public void Grounds_that_meet_only_on_the_device_are_found()
    {
        // 250.148(B): taking the device off may not break the path.
        var job = Jobs.WithBox("nm-1g-22.5")
            .Cables(2, 14, 2)
            .Do(
                new AddDevice("b", "r", "receptacle", 1),
                new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")),
                new MoveLead("b", "r1.a2", GfciBox.At("ground/screw", "r"))
            );
        Assert.Contains(job.Told(), f => f is { Rule: "grounds-joined", Article: "250.148(B)" });
    }

    [Fact]
    public void A_white_taped_and_used_as_hot_is_no_neutral_on_a_switch()
    {
        var job = Jobs.WithBox("nm-1g-22.5")
            .Cables(1, 14, 2)
            .Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a1", GfciBox.At("hot/screw", "s")));
        Assert.Contains(All(job), f => f is { Rule: "switch-neutral-cut", Verdict: Verdict.Stop });
        Assert.DoesNotContain(All(job.Do(new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot, "black"))), f =>
            f.Verdict == Verdict.Stop
        );
    }

    private static IReadOnlyList<Finding> All(Job job) => Inspector.JudgeAll(job, "b", job.Boxes["b"]);
}
