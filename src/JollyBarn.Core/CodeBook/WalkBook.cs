namespace JollyBarn.CodeBook;

/// <summary>What it costs to find a breaker. All <em>practice</em>.</summary>
public static class WalkBook
{
    public static Assumption Walk { get; } = new("walk.walk", "a walk between panel and box, there and back", 60m, "s");

    public static Assumption Throw { get; } = new("walk.throw", "throwing a breaker", 3m, "s");

    public static Assumption Look { get; } = new("walk.look", "a look at the box", 10m, "s");

    /// <summary>Two readings of the same voltage that differ by less are one: what a good meter resolves, and what comes in wanders by
    /// meanwhile.</summary>
    public static Assumption ToldApart { get; } = new("walk.volts", "volts that two places must differ by to be told apart", 0.3m, "V");

    public static Assumption SameCable { get; } = new("walk.cable", "lengths of one cable read from both ends differ by at most", 5m, "%");

    public static IReadOnlyList<Assumption> All { get; } = [Walk, Throw, Look, ToldApart, SameCable];
}
