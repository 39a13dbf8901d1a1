using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Telling;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests;

/// <summary>What the program can say is said in some test: a case that nothing reaches is a case that nobody tried.</summary>
public class ReachedTests
{
    /// <summary>Words that every rule has, whether it can say them or not.</summary>
    private static readonly HashSet<string> Shared = [nameof(Usual.DoesNotApply), nameof(Usual.Right)];

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
            Inspector.Rules.SelectMany(r => Teller.Cases(r.Id).Where(c => !Shared.Contains(c)).Select(c => $"{r.Id}: {c}")).Except(said)
        );
    }
}
