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

    /// <summary>Of covers of as many columns the cheapest.</summary>
    [Fact]
    public void The_cheaper_of_two_that_cover_alike_is_taken()
    {
        IReadOnlySet<int>[] rows = [new HashSet<int> { 0, 1 }, new HashSet<int> { 0, 1 }];
        Assert.Equal([1], SetCover.Of(rows, c => c == 0 ? 5 : 2));
    }

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 40)];
}
