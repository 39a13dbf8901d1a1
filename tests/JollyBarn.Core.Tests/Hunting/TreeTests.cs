using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;

namespace JollyBarn.Core.Tests.Hunting;

/// <summary>How many tests the program asks for, against the best tree of tests there can be, found by searching all; boxes stay closed
/// and no look errs. <c>bench/run --long</c> has more houses.</summary>
public class TreeTests(ITestOutputHelper output)
{
    [Fact]
    public void Hardly_more_tests_are_asked_for_than_the_best_tree_needs()
    {
        var all = new[] { SmallHouse.Rows(1, 2), SmallHouse.Rows(1, 3), TroubledHouse.TwoWire() }
            .SelectMany(j => TreeOfTests.All(Scene.Of(j, []), Means.Usual with { Opens = false }))
            .ToList();
        output.WriteLine(string.Join("\n", all));
        Assert.True(all.Count >= 10, $"{all.Count} cases");
        Assert.All(all, t => Assert.InRange(t.Ours, t.Best - 1e-9, (2 * t.Best) + 1e-9));
        Assert.InRange(all.Sum(t => t.Ours) / all.Sum(t => t.Best), 1, 1.3);
    }
}
