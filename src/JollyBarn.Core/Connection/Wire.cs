using JollyBarn.Electrics;

namespace JollyBarn.Connection;

/// <summary>One point as it is joined.</summary>
/// <param name="Always">What it reaches however switches lie.</param>
/// <param name="Switched">What it reaches when switches lie so that it does: at least what it always reaches.</param>
/// <param name="Behind">Ground-fault protection of class A that cuts it off from what it reaches when it opens.</param>
public sealed record Wire(Reaching Always, Reaching Switched, IReadOnlyList<GuardKey> Behind)
{
    public static Wire Nothing { get; } = new(Reaching.Nothing, Reaching.Nothing, []);

    /// <summary>Whether it reaches the panel's ground.</summary>
    public Certain Grounded => Always.Has(Gives.Ground);

    public bool Equals(Wire? other) =>
        other is not null
        && (
            ReferenceEquals(this, other)
            || (Always.Equals(other.Always) && Switched.Equals(other.Switched) && Behind.SequenceEqual(other.Behind))
        );

    public override int GetHashCode() => HashCode.Combine(Always, Switched, Behind.Count);
}
