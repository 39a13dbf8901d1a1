using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>The rules on the cases of <see cref="RuleCases"/>, and what holds of every rule on every box.</summary>
public class RuleTests
{
    public static TheoryData<int> Cases() => [.. Enumerable.Range(0, RuleCases.All.Count)];

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_rule_says_what_the_article_says(int number)
    {
        var one = RuleCases.All[number];
        var found = All(RuleBoxes.Make(one.Box).Do(one.Edits)).Where(f => f.Rule == one.Rule && f.Of == one.Of).ToList();
        if (one.Verdict is not { } verdict)
        {
            Assert.True(found.Count == 0, $"{one}: {found.FirstOrDefault()?.Says}");
            return;
        }

        Assert.True(found.Count == 1 && found[0].Verdict == verdict, $"{one}: {(found.Count == 0 ? "nothing" : string.Join("; ", found.Select(f => $"{f.Verdict} {f.Says}")))}");
        Assert.True(found[0].Verdict != Verdict.Stop || found[0].Now.Count >= 2, $"{one} does not say what to do now.");
    }

    [Fact]
    public void Every_rule_has_a_case_that_fails_and_there_are_at_least_sixty()
    {
        Assert.True(Inspector.Rules.Count >= 60, $"{Inspector.Rules.Count} rules");
        Assert.Equal(Inspector.Rules.Count, Inspector.Rules.Select(r => r.Id).Distinct().Count());
        Assert.Empty(Inspector.Rules.Select(r => r.Id).Except(RuleCases.All.Where(c => c.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better or Verdict.Measure).Select(c => c.Rule)));
        Assert.All(Inspector.Rules, r => Assert.Matches("^[A-Z].*[.]$", r.Why));
    }

    /// <summary>Rules that only follow what is recorded have no fact to ask; all others have one that asks.</summary>
    [Fact]
    public void Every_rule_that_waits_for_a_fact_has_a_case_that_asks()
    {
        string[] recorded =
        [
            "depth", "proud", "height", "entry-open", "splice-box", "sheath-long", "stacked", "bend", "bundled", "pigtail-gauge", "ground-gauge", "pigtail-length", "white-hot", "green", "neutrals-apart", "joint-listed", "joint-near", "joint-wet", "joint-reused",
            "licensed", "lead-damage", "hook", "bare-past", "gauge-mixed", "device-screws", "push-in", "taped", "switch-neutral-cut", "rating", "split-tab", "line-load", "landing", "loose-end", "grounds-joined", "short", "polarity", "neutral-ground",
        ];
        Assert.Empty(Inspector.Rules.Select(r => r.Id).Except(recorded).Except(RuleCases.All.Where(c => c.Verdict == Verdict.Measure).Select(c => c.Rule)));
    }

    /// <summary>domain.md 2: replacing an unknown by a value never changes a verdict that was already decided. Every question, every answer, on every box of the cases and on generated ones.</summary>
    [Fact]
    public void An_answer_never_changes_what_was_decided()
    {
        var jobs = RuleCases.All.Select(c => RuleBoxes.Make(c.Box).Do(c.Edits)).Concat(Enumerable.Range(1, 30).Select(SomeBoxes.Make)).ToList();
        var asked = 0;
        foreach (var job in jobs)
        {
            var before = All(job);
            foreach (var ask in before.SelectMany(f => f.Asks).Distinct())
            {
                foreach (var answer in Answers(FactKinds.Find(ask.Key)!))
                {
                    var edit = new NoteFact("b", ask.Of, ask.Key, answer);
                    if (edit.Check(job) is not null)
                    {
                        continue;
                    }

                    asked++;
                    var after = All(edit.Apply(job)).ToLookup(f => (f.Rule, f.Of));
                    foreach (var decided in before.Where(f => f.Verdict != Verdict.Measure))
                    {
                        var now = after[(decided.Rule, decided.Of)].ToList();
                        Assert.True(now.Exists(f => f.Verdict == decided.Verdict), $"{decided.Rule} of {decided.Of} was {decided.Verdict} ({decided.Says}) and is {now.FirstOrDefault()?.Verdict} ({now.FirstOrDefault()?.Says}) after {ask.Of} {ask.Key} = {answer.Value}");
                    }
                }
            }
        }

        Assert.True(asked > 2000, $"{asked} answers tried");
    }

    /// <summary>The same of answers that nobody asked for, a check that was fine and then does not arise apart: every fact of every thing of the box that is not known yet.</summary>
    [Fact]
    public void Nor_does_an_answer_nobody_asked_for()
    {
        const int every = 6;
        var wrong = new SortedDictionary<string, string>(StringComparer.Ordinal);
        var tried = 0;
        foreach (var job in RuleCases.All.Where((_, i) => i % every == 0).Select(c => RuleBoxes.Make(c.Box).Do(c.Edits)))
        {
            var before = All(job).Where(f => f.Verdict != Verdict.Measure).ToList();
            foreach (var (of, kind) in Unknown(job))
            {
                foreach (var edit in Answers(kind).Select(a => new NoteFact("b", of, kind.Key, a)).Where(e => e.Check(job) is null))
                {
                    tried++;
                    var after = All(edit.Apply(job)).ToLookup(f => (f.Rule, f.Of));
                    foreach (var decided in before.Where(d => after[(d.Rule, d.Of)].All(f => f.Verdict != d.Verdict) && (d.Verdict != Verdict.Fine || after.Contains((d.Rule, d.Of)))))
                    {
                        wrong[$"{decided.Rule} by {kind.Key}"] = $"{decided.Of}: {decided.Verdict} ({decided.Says}) becomes {string.Join(", ", after[(decided.Rule, decided.Of)].Select(f => $"{f.Verdict} ({f.Says})"))} by {edit.Fact!.Value}";
                    }
                }
            }
        }

        Assert.True(tried > 10_000, $"{tried} answers tried");
        Assert.True(wrong.Count == 0, string.Join("\n", wrong.Select(w => $"{w.Key}, {w.Value}")));
    }

    /// <summary>Things of a box and the facts of them nobody knows; what its room, its parts and its lengths say already is known.</summary>
    private static IEnumerable<(string Of, FactKind Kind)> Unknown(Job job)
    {
        var box = job.Boxes["b"];
        bool Said(string of, string key) => key switch
        {
            "use" or "wetness" => box.Place is not null,
            "length" or "past-opening" => box.Leads[of].Length.OrNull is not null,
            "tail-length" => box.Pigtails[of].Length.OrNull is not null,
            "covered" => true,
            _ => false,
        };
        var cables = box.Leads.Values.Where(l => l.Run is not null).Select(l => Subjects.CableEnd(l.Run!, l.Side)).Distinct();
        var subjects = new[] { Subjects.Box }.Concat(box.Entries.Ids).Concat(cables).Concat(box.Leads.Ids).Concat(box.Pigtails.Ids).Concat(box.Joints.Ids).Concat(box.Devices.Ids).ToList();
        return FactKinds.All.SelectMany(k => subjects.Where(of => k.Of is not (FactOf.Panel or FactOf.Breaker or FactOf.Circuit) && Subjects.Has(box, k.Of, of) && box.Fact(of, k.Key) is null && !Said(of, k.Key)).Select(of => (of, k)));
    }

    [Fact]
    public void Each_question_is_asked_by_a_rule_that_it_can_decide()
    {
        var asked = RuleCases.All.SelectMany(c => All(RuleBoxes.Make(c.Box).Do(c.Edits))).SelectMany(f => f.Asks).Select(a => a.Key).Distinct().ToList();
        Assert.All(asked, k => Assert.NotNull(FactKinds.Find(k)));
        Assert.Equal(FactKinds.All.Count, FactKinds.All.Select(k => k.Key).Distinct().Count());
        Assert.All(FactKinds.All, k => Assert.True(k.Asks.EndsWith('?') && k.How.EndsWith('.'), k.Key));
        Assert.All(FactKinds.All.Where(k => k.Right is not null), k => Assert.Contains(k.Choices, c => c.Value == k.Right));
    }

    [Fact]
    public void At_least_nine_in_ten_verdicts_to_fix_have_a_remedy_that_brings_nothing_new()
    {
        var demo = Demo.Present;
        var boxes = RuleCases.All.Where(c => c.Verdict == Verdict.Fix).Select(c => RuleBoxes.Make(c.Box).Do(c.Edits)).Concat(Enumerable.Range(1, 60).Select(SomeBoxes.Make)).Select(j => (Job: j, Id: "b"))
            .Concat(demo.Boxes.Ids.Select(id => (Job: demo, Id: id)));
        var (all, without) = (0, new List<string>());
        foreach (var (job, id) in boxes)
        {
            foreach (var fix in Inspector.JudgeAll(job, id, job.Boxes[id]).Where(f => f.Verdict == Verdict.Fix))
            {
                all++;
                var answer = RemedyList.Of(job, id, fix);
                Assert.True(answer.Remedies.Count > 0 || answer.WhyNone is not null);
                if (!answer.Remedies.Any(r => r.Settles && r.New.Count == 0))
                {
                    without.Add($"{fix.Rule}: {fix.Says}{string.Concat(answer.Remedies.SelectMany(r => r.New).Select(n => " → " + n.Says))}");
                }
            }
        }

        Assert.True(without.Count * 10 <= all, $"{without.Count} of {all}: {string.Join("\n", without.GroupBy(w => w.Split(':')[0]).Select(g => $"{g.Count()} {g.First()}"))}");
    }

    /// <summary>domain.md 2, the other way round: each answer of a case taken back leaves its verdict, or the rule asks. Of most rules some answer does not matter to some verdict.</summary>
    [Fact]
    public void Without_an_answer_a_verdict_stays_or_is_asked_for()
    {
        var (tried, idle, wrong) = (0, new HashSet<string>(StringComparer.Ordinal), new List<string>());
        foreach (var one in RuleCases.All.Where(c => c.Verdict is not (null or Verdict.Measure)))
        {
            for (var i = 0; i < one.Edits.Length; i++)
            {
                var left = one.Edits.Where((_, n) => n != i).ToArray();
                // A pigtail falls back on the length it was made with.
                if (one.Edits[i] is not NoteFact { Key: not "tail-length" } gone || Undoable(one.Box, left) is not { } job)
                {
                    continue;
                }

                tried++;
                var now = All(job).Where(f => f.Rule == one.Rule && f.Of == one.Of).Select(f => f.Verdict).ToList();
                if (!now.TrueForAll(v => v == one.Verdict || v == Verdict.Measure)) { wrong.Add($"{one}: without {gone.Of} {gone.Key} it is {string.Join(", ", now)}"); }
                if (now.Exists(v => v == one.Verdict))
                {
                    idle.Add(one.Rule);
                }
            }
        }

        Assert.Empty(wrong);
        Assert.True(tried > 150, $"{tried} answers taken back");
        Assert.True(idle.Count >= 8, string.Join(", ", idle.Order()));
    }

    /// <summary>The case's box with these edits done, or null where one of them needs another.</summary>
    private static Job? Undoable(string box, Edit[] edits)
    {
        var job = RuleBoxes.Make(box);
        foreach (var edit in edits)
        {
            if (edit.Check(job) is not null)
            {
                return null;
            }

            job = edit.Apply(job);
        }

        return job;
    }

    /// <summary>What the demo job is meant to hold, spread over the house; and nothing else that can hurt somebody.</summary>
    [Theory]
    [InlineData("guillotine", "bond-screw", Verdict.Fix)]
    [InlineData("guillotine", "reach", Verdict.Fix)]
    [InlineData("guillotine", "entry-open", Verdict.Fix)]
    [InlineData("drying", "splice-box", Verdict.Fix)]
    [InlineData("sewing", "wire-breaker", Verdict.Fix)]
    [InlineData("porch", "line-load", Verdict.Fix)]
    [InlineData("east-bed", "neutral-ground", Verdict.Stop)]
    [InlineData("coal-hole", "cable-damage", Verdict.Fix)]
    [InlineData("coal-hole", "sheath", Verdict.Fix)]
    [InlineData("furnace", "neutrals-apart", Verdict.Stop)]
    [InlineData("press-right", "fill", Verdict.Fix)]
    public void The_demo_holds_what_a_real_house_holds(string box, string rule, Verdict verdict)
    {
        var demo = Demo.Present;
        Assert.Contains(Inspector.Judge(demo, box, demo.Boxes[box]), f => f.Rule == rule && f.Verdict == verdict);
        Assert.Equal(2, demo.Boxes.Sum(b => Inspector.Judge(demo, b.Key, b.Value).Count(f => f.Verdict == Verdict.Stop)));
    }

    [Fact]
    public void A_remedy_is_undone_like_any_edit()
    {
        var job = RuleBoxes.Make("metal").Do(new RemovePigtail("b", "bond"));
        var remedy = RemedyList.Of(job, "b", All(job).First(f => f is { Rule: "box-bonded", Verdict: Verdict.Fix })).Remedies[0];
        var after = job.Do(remedy.Edit);
        Assert.DoesNotContain(All(after), f => f is { Rule: "box-bonded", Verdict: Verdict.Fix });
        Assert.Equal(JobJson.Text(job), JobJson.Text(new Restore("e", Cells.Between(job, after), false, "").Apply(after)));
    }

    [Fact]
    public void A_ruling_settles_the_verdict_it_was_about_and_no_other()
    {
        var job = RuleBoxes.Make("gfci").Do(RuleBoxes.Note("feed.a0", "length", "4"), RuleBoxes.Note("feed.a0", "path", "12"), new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2020 }));
        var asked = All(job).Single(f => f is { Rule: "free-length", Of: "feed.a0" });
        var settled = job.Do(new RecordRuling("r", new Ruling("b", asked.Rule, asked.Of, asked.Says, "Does the path through a joint count?", "the office", "2026-10-02")));
        Assert.Equal((Verdict.Fine, "r"), (All(settled).Single(f => f is { Rule: "free-length", Of: "feed.a0" }).Verdict, All(settled).Single(f => f is { Rule: "free-length", Of: "feed.a0" }).Ruling));
        var shorter = settled.Do(RuleBoxes.Note("feed.a0", "path", "7"));
        Assert.Equal(Verdict.Better, All(shorter).Single(f => f is { Rule: "free-length", Of: "feed.a0" }).Verdict);
        var stop = RuleBoxes.Make("metal").Do(RuleBoxes.Note("hots", "tight", "no"));
        var hurts = All(stop).Single(f => f.Verdict == Verdict.Stop);
        Assert.Contains(All(stop.Do(new RecordRuling("r", new Ruling("b", hurts.Rule, hurts.Of, hurts.Says, "May it stay?", "somebody", "2026-10-02")))), f => f.Verdict == Verdict.Stop);
    }

    [Fact]
    public void An_amendment_reaches_every_number_a_rule_goes_by()
    {
        var job = RuleBoxes.Make("metal").Do(RuleBoxes.Note("r0.a", "fastener", "10"));
        Assert.Equal(Verdict.Fine, All(job).Single(f => f is { Rule: "fastener", Of: "r0.a" }).Verdict);
        var tightened = job.Do(new SetProfile(CodeProfile.Default with { Amendments = [new Amendment("cable.fastener", "river district, 2026-01", 8)] }));
        var found = All(tightened).Single(f => f is { Rule: "fastener", Of: "r0.a" });
        Assert.Equal(Verdict.Fix, found.Verdict);
        Assert.Contains("amended here: river district", found.Article, StringComparison.Ordinal);
        var noted = job.Do(new SetProfile(CodeProfile.Default with { Amendments = [new Amendment("cable.fastener", "ask first")] }));
        Assert.Contains("noted here: ask first", All(noted).Single(f => f is { Rule: "fastener", Of: "r0.a" }).Article, StringComparison.Ordinal);
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

            Assert.Equal(job.Boxes.Select(b => (b.Key, kept.Of(job, b.Key, b.Value).Count)), kept.Whole(job).Select(b => (b.Id, b.Findings.Count)));
        }
    }

    [Fact]
    public void A_box_made_up_as_the_trade_does_it_has_nothing_to_stop_or_fix() => Assert.DoesNotContain(All(GfciBox.Make()), f => f.Verdict is Verdict.Stop or Verdict.Fix);

    [Fact]
    public void A_box_nobody_opened_is_not_judged() => Assert.Empty(All(Job.Blank("t").Do(new AddBox("b", "Box", "device-3x2x2-1/2"))));

    [Theory]
    [InlineData(14, "hot/push", false)] // 14 AWG solid is what a push-in hole is listed for.
    [InlineData(12, "hot/push", true)]
    [InlineData(10, "hot/screw", false)]
    [InlineData(8, "hot/screw", true)]
    public void A_landing_place_takes_the_gauges_it_is_made_for(int gauge, string place, bool fails)
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(1, gauge, 2).Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a0", GfciBox.At(place, "s")));
        Assert.Equal(fails, All(job).Any(f => f.Rule == "landing"));
    }

    [Fact]
    public void Stranded_wire_does_not_go_into_a_push_in_hole()
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(1, 14, 2).Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a0", GfciBox.At("hot/push", "s")), new SetLeadWire("b", "r0.a0", Gauge.Awg(14), true));
        Assert.Contains(All(job), f => f.Rule == "landing" && f.Says.Contains("stranded", StringComparison.Ordinal));
    }

    [Fact]
    public void Grounds_that_meet_only_on_the_device_are_found()
    {
        // 250.148(B): taking the device off may not break the path.
        var job = Jobs.WithBox("nm-1g-22.5").Cables(2, 14, 2).Do(new AddDevice("b", "r", "receptacle", 1), new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")), new MoveLead("b", "r1.a2", GfciBox.At("ground/screw", "r")));
        Assert.Contains(All(job), f => f is { Rule: "grounds-joined", Article: "250.148(B)" });
    }

    [Fact]
    public void A_white_taped_and_used_as_hot_is_no_neutral_on_a_switch()
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(1, 14, 2).Do(new AddDevice("b", "s", "switch", 1), new MoveLead("b", "r0.a1", GfciBox.At("hot/screw", "s")));
        Assert.Contains(All(job), f => f is { Rule: "switch-neutral-cut", Verdict: Verdict.Stop });
        Assert.DoesNotContain(All(job.Do(new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot, "black"))), f => f.Verdict == Verdict.Stop);
    }

    private static IReadOnlyList<Finding> All(Job job) => Inspector.JudgeAll(job, "b", job.Boxes["b"]);

    private static IEnumerable<Observation> Answers(FactKind kind) => kind.Type switch
    {
        FactType.Length => new[] { "0", "1/8", "3", "9", "20", "90" }.Select(v => new Observation(Known.Measured, v)).Append(new Observation(Known.NotApplicable)),
        FactType.Number => new[] { "1", "15", "60" }.Select(v => new Observation(Known.Measured, v)),
        _ => kind.Choices.Select(c => new Observation(Known.Measured, c.Value)),
    };
}
