using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>domain.md 2 of every rule: what is decided stays decided, whatever becomes known afterwards.</summary>
public class DecidedTests
{
    /// <summary>domain.md 2: replacing an unknown by a value never changes a verdict that was already decided. Every question, every
    /// answer, on every twentieth box of the cases and on generated ones.</summary>
    [Fact]
    public void An_answer_never_changes_what_was_decided()
    {
        var jobs = RuleCases
            .All.Where((_, i) => i % 20 == 0)
            .Select(c => RuleBoxes.Make(c.Box).Do(c.Edits))
            .Concat(Enumerable.Range(1, 3).Select(SomeBoxes.Make))
            .ToList();
        var asked = 0;
        foreach (var job in jobs)
        {
            var before = All(job);
            foreach (var ask in before.SelectMany(f => f.Asks).Distinct())
            {
                foreach (var answer in Answers(ask.Fact))
                {
                    var edit = new NoteFact("b", ask.Of, ask.Fact.Id, answer);
                    if (edit.Check(job) is not null)
                    {
                        continue;
                    }

                    asked++;
                    var after = All(edit.Apply(job)).ToLookup(f => (f.Rule, f.Of));
                    foreach (var decided in before.Where(f => f.Verdict != Verdict.Measure))
                    {
                        var now = after[(decided.Rule, decided.Of)].ToList();
                        Assert.True(
                            now.Exists(f => f.Verdict == decided.Verdict),
                            $"{decided.Rule} of {decided.Of} was {decided.Verdict} ({decided.Key}) and is "
                                + $"{now.FirstOrDefault()?.Key} after {ask.Of} {ask.Fact} = {answer.Value}"
                        );
                    }
                }
            }
        }

        Assert.True(asked > 350, $"{asked} answers tried");
    }

    /// <summary>The same of answers that nobody asked for, a check that was fine and then does not arise apart: every fact of every thing
    /// of the box that is not known yet.</summary>
    [Fact]
    public void Nor_does_an_answer_nobody_asked_for()
    {
        const int every = 120;
        var wrong = new SortedDictionary<string, string>(StringComparer.Ordinal);
        var tried = 0;
        foreach (var job in RuleCases.All.Where((_, i) => i % every == 0).Select(c => RuleBoxes.Make(c.Box).Do(c.Edits)))
        {
            var before = All(job).Where(f => f.Verdict != Verdict.Measure).ToList();
            foreach (var (of, kind) in Unknown(job))
            {
                foreach (var edit in Answers(kind).Select(a => new NoteFact("b", of, kind.Id, a)).Where(e => e.Check(job) is null))
                {
                    tried++;
                    var after = All(edit.Apply(job)).ToLookup(f => (f.Rule, f.Of));
                    foreach (
                        var decided in before.Where(d =>
                            after[(d.Rule, d.Of)].All(f => f.Verdict != d.Verdict)
                            && (d.Verdict != Verdict.Fine || after.Contains((d.Rule, d.Of)))
                        )
                    )
                    {
                        wrong[$"{decided.Rule} by {kind}"] =
                            $"{decided.Of}: {decided.Verdict} ({decided.Key}) becomes "
                            + $"{string.Join(", ", after[(decided.Rule, decided.Of)].Select(f => f.Key))} by {edit.Fact!.Value}";
                    }
                }
            }
        }

        Assert.True(tried > 1_000, $"{tried} answers tried");
        Assert.True(wrong.Count == 0, string.Join("\n", wrong.Select(w => $"{w.Key}, {w.Value}")));
    }

    /// <summary>Things of a box and the facts of them nobody knows; what its room, its parts and its lengths say already is
    /// known.</summary>
    private static IEnumerable<(string Of, FactKey Kind)> Unknown(Job job)
    {
        var box = job.Boxes["b"];
        bool Said(string of, string key) =>
            key switch
            {
                "use" or "wetness" => box.Place is not null,
                "length" or "past-opening" => box.Leads[of].Length.OrNull is not null,
                "path" => box.Leads[of].Length.OrNull is not null,
                "tail-length" => box.Pigtails[of].Length.OrNull is not null,
                "covered" => true,
                _ => false,
            };
        var cables = box.Leads.Values.Where(l => l.Run is not null).Select(l => Subjects.CableEnd(l.Run!.Value, l.Side)).Distinct();
        var subjects = new[] { Subjects.Box }
            .Concat(box.Entries.Ids)
            .Concat(cables)
            .Concat(box.Leads.Ids.Texts())
            .Concat(box.Pigtails.Ids.Texts())
            .Concat(box.Joints.Ids.Texts())
            .Concat(box.Devices.Ids.Texts())
            .ToList();
        return FactKeys.All.SelectMany(k =>
            subjects
                .Where(of =>
                    k.Of is not (FactOf.Panel or FactOf.Breaker or FactOf.Circuit)
                    && Subjects.Has(box, k.Of, of)
                    && box.Fact(of, k.Id) is null
                    && !Said(of, k.Id)
                )
                .Select(of => (of, k))
        );
    }

    /// <summary>domain.md 2, the other way round: each answer of a case taken back leaves its verdict, or the rule asks. Of most rules some
    /// answer does not matter to some verdict.</summary>
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
                if (!now.TrueForAll(v => v == one.Verdict || v == Verdict.Measure))
                {
                    wrong.Add($"{one}: without {gone.Of} {gone.Key} it is {string.Join(", ", now)}");
                }
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

    private static IReadOnlyList<Finding> All(Job job) => Inspector.JudgeAll(job, "b", job.Boxes["b"]);

    private static IEnumerable<Observation> Answers(FactKey kind) =>
        kind.Type switch
        {
            FactType.Length => new[] { "0", "1/8", "3", "9", "20", "90" }
                .Select(v => new Observation(Known.Measured, v))
                .Append(new Observation(Known.NotApplicable)),
            FactType.Number => new[] { "1", "15", "60" }.Select(v => new Observation(Known.Measured, v)),
            _ => kind.Answers.Select(a => new Observation(Known.Measured, a)),
        };
}
