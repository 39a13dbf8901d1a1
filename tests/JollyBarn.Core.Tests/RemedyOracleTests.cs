using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Testing.Oracle;

namespace JollyBarn.Core.Tests;

/// <summary>The solved network as oracle of remedies: of none that is said to settle a verdict is anything found worse with instruments,
/// in any position of the switches. More of them run in <c>bench/run --long</c>.</summary>
public class RemedyOracleTests(ITestOutputHelper output)
{
    [Fact]
    public void Nothing_is_worse_after_what_settles_in_houses_spoilt()
    {
        var trials = RemedyTrials.Spoilt(Enumerable.Range(1, 9)).SelectMany(h => RemedyTrials.Run(h.Name, h.Job)).ToList();
        Hold(trials);
        Assert.True(trials.Select(t => t.Remedy).Distinct().Count() >= 8, $"{trials.Select(t => t.Remedy).Distinct().Count()} ways");
    }

    [Fact]
    public void Nor_in_the_cases_of_the_rules() =>
        Hold([
            .. RuleCases
                .All.Where(c => c.Verdict is Inspection.Verdict.Stop or Inspection.Verdict.Fix)
                .SelectMany(c => RemedyTrials.Run(c.ToString(), RuleBoxes.Make(c.Box).Do(c.Edits))),
        ]);

    private void Hold(List<RemedyTrial> trials)
    {
        var ways = trials.GroupBy(t => t.Remedy).OrderBy(g => g.Key);
        output.WriteLine(string.Join("\n", ways.Select(g => $"{g.Key} {g.Count()}, worse {g.Count(t => t.Worse.Count > 0)}")));
        Assert.True(trials.Count >= 60, $"{trials.Count} remedies");
        var worse = trials
            .Where(t => t.Worse.Count > 0)
            .Select(t => $"{t.Remedy} of {t.House}: {string.Join("; ", t.Worse.Take(2))}")
            .ToList();
        Assert.True(worse.Count == 0, string.Join("\n", worse));
    }
}
