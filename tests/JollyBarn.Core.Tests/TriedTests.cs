using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Telling;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests;

/// <summary>A rule that fails takes nothing else with it: what is not judged is said, by its name, and never counts as fine.</summary>
public sealed class TriedTests
{
    private const string Failing = "joint-tight";

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void A_rule_that_fails_could_not_be_judged_is_told_of_and_all_else_goes_on(bool later)
    {
        var job = RuleBoxes.Make("gfci");
        var look = new BoxLook(job, "b", job.Boxes["b"]);
        var heard = new List<(string Rule, string At, string Why)>();
        void Hear(string rule, string at, Exception problem) => heard.Add((rule, at, problem.Message));
        IReadOnlyList<Finding> found;
        Tried.Failed += Hear;
        try
        {
            found = Inspector.JudgeLook(look, Inspector.Rules.Select(r => r.Id == Failing ? new Broken(later) : r));
        }
        finally
        {
            Tried.Failed -= Hear;
        }

        Assert.Equal([(Failing, "b", "broken")], heard);
        var failed = Assert.Single(found, f => f.Is(Failing, Usual.NotJudged));
        Assert.Equal(Verdict.Measure, failed.Verdict);
        Assert.Contains("could not be judged", new Teller(job, "b").Tell(failed).Says, StringComparison.OrdinalIgnoreCase);
        // What it found before it failed stays found.
        Assert.Equal(later ? 1 : 0, found.Count(f => f.Is(Failing, Usual.Wrong)));
        Assert.Equal(
            Inspector.JudgeAll(job, "b", job.Boxes["b"]).Where(f => f.Rule != Failing).Select(f => f.Key),
            found.Where(f => f.Rule != Failing).Select(f => f.Key)
        );
    }

    private sealed class Broken(bool later) : BoxRule(Failing)
    {
        public override IEnumerable<Finding> Judge(BoxLook look)
        {
            return later ? Some() : throw new InvalidOperationException("broken");

            IEnumerable<Finding> Some()
            {
                yield return Fix("hots", Usual.Wrong);
                throw new InvalidOperationException("broken");
            }
        }
    }
}
