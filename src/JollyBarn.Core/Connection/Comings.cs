using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What comes to a box by one conductor of a cable that ends in it.</summary>
public sealed record Coming(Id<Run> Run, RunSide Side, int Index, Reaching By);

/// <summary>What comes to a box by every conductor, with nothing in the box joined. Two are equal when the same comes.</summary>
public sealed class Comings(IEnumerable<Coming> all) : IEquatable<Comings>
{
    private readonly Coming[] all = [.. all];

    public static Comings None { get; } = new([]);

    /// <summary>What comes by a lead of the box; nothing for one that is no cable's.</summary>
    public Reaching By(Lead lead) =>
        Array.Find(all, c => c.Run == lead.Run && c.Side == lead.Side && c.Index == lead.Index)?.By ?? Reaching.Nothing;

    public bool Equals(Comings? other) => other is not null && all.AsSpan().SequenceEqual(other.all);

    public override bool Equals(object? obj) => Equals(obj as Comings);

    public override int GetHashCode() => all.Length;
}
