using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;

namespace JollyBarn.Core.Tests.Hunting;

/// <summary>The fewest columns, against every choice of columns tried.</summary>
public class SetCoverTests
{
    [Theory]
    [MemberData(nameof(Seeds))]
    public void No_choice_of_fewer_columns_covers_every_row(int seed)
    {
        var random = new Random(seed);
        var columns = 6 + random.Next(6);
        var rows = Enumerable
            .Range(0, 5 + random.Next(20))
            .Select(_ => (IReadOnlySet<int>)Enumerable.Range(0, columns).Where(_ => random.Next(4) == 0).ToHashSet())
            .ToList();
        var chosen = SetCover.Of(rows, _ => 1);
        Assert.All(rows.Where(r => r.Count > 0), r => Assert.Contains(chosen, r.Contains));
        var fewest = Enumerable
            .Range(0, 1 << columns)
            .Where(mask => rows.All(r => r.Count == 0 || r.Any(c => (mask & (1 << c)) != 0)))
            .Min(mask => System.Numerics.BitOperations.PopCount((uint)mask));
        Assert.Equal(fewest, chosen.Count);
    }

    /// <summary>Tests that reveal what they can of rows, posts and the demo's circuits, with five sets of instruments, and of drawn tables;
    /// every third of the 100 that <c>bench/run --long</c> compares. The best known of each was made once with Google OR-Tools 9.15
    /// (CP-SAT, 20 s each), and is proved for all.</summary>
    [Fact]
    public void Real_tables_are_covered_within_one_test_of_the_best_known()
    {
        var (cases, same) = (KnownCovers.Read(Path.Combine(AppContext.BaseDirectory, "Data", "cover-best.json")), 0);
        Assert.Equal(100, cases.Count);
        foreach (var known in cases.Where((_, i) => i % 3 == 0))
        {
            var chosen = SetCover.Of(known.Sets, _ => 1);
            Assert.All(known.Sets, r => Assert.Contains(chosen, r.Contains));
            Assert.InRange(chosen.Count, known.Bound, known.Best + 1);
            same += chosen.Count == known.Best ? 1 : 0;
        }

        Assert.True(same >= 32, $"{same} of 34 are best");
    }

    /// <summary>Of covers of as many columns the cheapest.</summary>
    [Fact]
    public void The_cheaper_of_two_that_cover_alike_is_taken()
    {
        IReadOnlySet<int>[] rows = [new HashSet<int> { 0, 1 }, new HashSet<int> { 0, 1 }];
        Assert.Equal([1], SetCover.Of(rows, c => c == 0 ? 5 : 2));
    }

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 40)];
}
