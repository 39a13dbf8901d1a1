using JollyBarn.CodeBook;

namespace JollyBarn.Tracing;

/// <summary>What steps of the search cost, seconds.</summary>
/// <param name="Walk">From the panel to the box and back; a helper who calls, or a radio heard at the panel, makes it next to
/// nothing.</param>
public sealed record WalkCosts(double Walk, double Throw, double Look)
{
    public static WalkCosts Of(HousePractice practice) =>
        new((double)WalkBook.Walk.Of(practice), (double)WalkBook.Throw.Of(practice), (double)WalkBook.Look.Of(practice));

    /// <summary>Somebody stands at the panel, or what hangs at the box is heard there: nobody walks.</summary>
    public WalkCosts Helped => this with { Walk = 0 };
}

/// <summary>Which breakers to have off for the next look, so that the search costs least on the average.</summary>
public static class SwitchPlan
{
    /// <summary>Chooses among the parts Huffman's tree makes, and among the likeliest one, two, three and so on.</summary>
    /// <param name="weights">How likely each breaker is, of those that may be switched.</param>
    /// <param name="off">Which of them are off now.</param>
    /// <returns>The breakers that should be off, by their numbers; none where one is left.</returns>
    /// <remarks>With one circuit, exact answers and walking dear, following the tree is the best there is; where looking is cheap and
    /// throwing is not, one breaker after the other may be cheaper, and is chosen then.</remarks>
    public static IReadOnlyList<int> Next(IReadOnlyList<double> weights, IReadOnlySet<int> off, WalkCosts costs)
    {
        var candidates = Enumerable.Range(0, weights.Count).Where(i => weights[i] > 0).ToList();
        if (candidates.Count < 2)
        {
            return [];
        }

        var tree = Huffman.Of([.. candidates.Select(i => weights[i])]);
        var sorted = candidates.OrderByDescending(i => weights[i]).ThenBy(i => i).ToList();
        List<List<int>> ways =
        [
            [.. tree.One!.Things.Select(i => candidates[i])],
            [.. tree.Other!.Things.Select(i => candidates[i])],
            .. Enumerable.Range(1, sorted.Count - 1).Select(k => sorted.Take(k).ToList()),
        ];
        var total = candidates.Sum(i => weights[i]);
        // What was ruled out may stay as it lies: only candidates are thrown.
        double Cost(List<int> set)
        {
            var inside = set.ToHashSet();
            var thrown = candidates.Count(i => inside.Contains(i) != off.Contains(i));
            var dead = Then(weights, [.. set], costs);
            var live = Then(weights, [.. candidates.Where(i => !inside.Contains(i))], costs);
            return (total * ((thrown * costs.Throw) + costs.Walk + costs.Look)) + dead + live;
        }

        return [.. ways.MinBy(Cost)!.Order()];
    }

    /// <summary>What it costs to go on among these, times their weight: by the tree, or one after the other, whichever is less.</summary>
    private static double Then(IReadOnlyList<double> weights, List<int> left, WalkCosts costs)
    {
        if (left.Count < 2)
        {
            return 0;
        }

        var step = costs.Walk + costs.Look;
        var tree = Huffman.Of([.. left.Select(i => weights[i])]);
        var sorted = left.Select(i => weights[i]).OrderDescending().ToList();
        var inTurn = sorted.Select((w, i) => w * Math.Min(i + 1, sorted.Count - 1)).Sum() * (step + costs.Throw);
        return Math.Min((tree.Tests * step) + (tree.Throws * costs.Throw), inTurn);
    }
}
