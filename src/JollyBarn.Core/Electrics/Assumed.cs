using JollyBarn.Terms;

namespace JollyBarn.Electrics;

/// <summary>What can be taken for given where nobody looked.</summary>
public enum AssumedCase
{
    /// <summary>A load takes what the house says of its kind.</summary>
    Takes,
    RunLength,
    FromBreaker,
    BringsNothingBack,
    DrawsNothing,
    FedAtOnce,
    BondedAtSupply,
    Floats,
    LegsInStep,
    BreakerOn,
    ArcsOnly,
}

/// <summary>Something taken for given.</summary>
/// <param name="About">What it is about, with amounts.</param>
public sealed record Assumed(AssumedCase Case, Details About)
{
    internal static Assumed Of(AssumedCase taken, params ReadOnlySpan<(string, object?)> about) => new(taken, Details.Of(about));
}
