namespace JollyBarn.CodeBook;

/// <summary>What it costs to find a breaker. All <em>practice</em>.</summary>
public static class WalkBook
{
    public static Assumption Walk { get; } = new("walk.walk", "a walk between panel and box, there and back", 60m, "s");

    public static Assumption Throw { get; } = new("walk.throw", "throwing a breaker", 3m, "s");

    public static Assumption Look { get; } = new("walk.look", "a look at the box", 10m, "s");

    public static IReadOnlyList<Assumption> All { get; } = [Walk, Throw, Look];
}
