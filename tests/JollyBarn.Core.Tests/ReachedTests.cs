using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Rules;
using JollyBarn.Planning.Remedies;
using JollyBarn.Telling;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests;

/// <summary>What the program can say is said in some test: a case that nothing reaches is a case that nobody tried.</summary>
public class ReachedTests
{
    /// <summary>Words that every rule has, whether it can say them or not.</summary>
    private static readonly HashSet<string> Shared = [nameof(Usual.DoesNotApply), nameof(Usual.Right)];

    /// <summary>Said of the solved network, and tried in <see cref="LivePartTests"/>.</summary>
    private static readonly HashSet<string> Solved =
    [
        $"live-metal: {nameof(LiveMetal.Case.ExpectedDevice)}",
        $"live-metal: {nameof(LiveMetal.Case.ExpectedBox)}",
        $"live-metal: {nameof(LiveMetal.Case.ExpectedPlate)}",
        $"live-metal: {nameof(LiveMetal.Case.ExpectedFar)}",
    ];

    [Fact]
    public void Every_case_of_every_rule_is_said_in_a_row()
    {
        var said = RuleCases
            .All.SelectMany(c =>
            {
                var job = RuleBoxes.Make(c.Box).Do(c.Edits);
                return Inspector.JudgeAll(job, "b", job.Boxes["b"]).Where(f => f.Rule == c.Rule && f.Of == c.Of);
            })
            .Select(f => $"{f.Rule}: {f.Case}")
            .ToHashSet(StringComparer.Ordinal);
        Assert.Empty(
            Inspector
                .Rules.SelectMany(r => Teller.Cases(r.Id).Where(c => !Shared.Contains(c)).Select(c => $"{r.Id}: {c}"))
                .Except(said)
                .Except(Solved)
        );
    }

    /// <summary>Rules that need two circuits are tried on houses of their own, in <see cref="SupplyRuleTests"/>.</summary>
    [Fact]
    public void Every_case_of_every_rule_of_circuits_and_panels_is_said_in_a_row()
    {
        string[] elsewhere = ["hots-apart", "neutrals-joined", "together"];
        var rules = Inspector.All.Except(Inspector.Rules).Select(r => r.Id).Except(elsewhere);
        Assert.Empty(
            rules.SelectMany(r => Teller.Cases(r).Where(c => !Shared.Contains(c)).Select(c => $"{r}: {c}")).Except(SupplyRuleTests.Said())
        );
    }

    /// <summary>Every way of every remedy is offered in some row; those named have a test of their own.</summary>
    [Fact]
    public void Every_way_to_settle_a_verdict_is_offered_in_a_row()
    {
        var offered = RuleCases
            .All.SelectMany(c =>
            {
                var job = RuleBoxes.Make(c.Box).Do(c.Edits);
                return Inspector
                    .JudgeAll(job, "b", job.Boxes["b"])
                    .Where(f => f.Verdict != Verdict.Fine)
                    .SelectMany(f => RemedyList.Weigh(job, "b", f).Remedies);
            })
            .Select(w => $"{w.Remedy.Kind}: {w.Remedy.Case}");
        var ways = typeof(IRemedies)
            .Assembly.GetTypes()
            .Where(t => t.IsAssignableTo(typeof(IRemedies)) && t.GetNestedType("Case") is not null)
            .SelectMany(t => Enum.GetNames(t.GetNestedType("Case")!).Select(c => $"{t.Name}: {c}"));
        Assert.Empty(ways.Except(offered));
    }
}
