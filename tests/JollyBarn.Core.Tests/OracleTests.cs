using JollyBarn.Inspection;
using JollyBarn.Practice.Houses;
using JollyBarn.Testing.Oracle;

namespace JollyBarn.Core.Tests;

/// <summary>The solved network as oracle of the rules: a house is spoilt by one change of its record, and what instruments would find
/// different is what the rules must say. Two thousand of them run in <c>bench/run --long</c>.</summary>
public class OracleTests(ITestOutputHelper output)
{
    private const int Seeds = 32;

    [Fact]
    public void A_sound_house_has_nothing_to_stop_fix_or_measure()
    {
        for (var seed = 1; seed <= Seeds; seed++)
        {
            var said = Trial.Said(WiredHouse.Make(seed)).Where(f => f.Finding.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Measure);
            Assert.Equal([], said.Select(f => $"house {seed}, {f.Of}: {f.Finding.Key}"));
        }
    }

    [Fact]
    public void What_instruments_find_different_a_rule_says()
    {
        var trials = Trials.Run(Enumerable.Range(1, Seeds));
        output.WriteLine(string.Join('\n', trials.Table));
        output.WriteLine(string.Join(", ", trials.Needed.Select(n => $"{n.Rule} {n.Alone}")));
        Assert.Empty(trials.Wrong);

        // No kind of spoil is empty, and some do no harm.
        Assert.All(Enum.GetValues<SpoilKind>(), k => Assert.True(trials.All.Count(t => t.Spoil.Kind == k) >= 10, $"{k}"));
        Assert.True(trials.All.Count(t => t.Differs.Count == 0) >= 5);
        Assert.True(trials.Needed.Count() >= 6);
    }
}
