namespace JollyBarn.Wiring;

/// <summary>What somebody saw at a box while some breakers were off.</summary>
public enum SightingShows
{
    /// <summary>All that was live there went dead.</summary>
    Dead,
    Live,

    /// <summary>Some of it went dead and some stayed live: more than one breaker feeds the box.</summary>
    PartDead,
}

/// <summary>A look at a box while breakers lay so: what finding its breaker is worked out from. It proves nothing dead.</summary>
/// <param name="Off">Breakers that were off, as <c>panel/7</c>.</param>
/// <param name="At">When, ISO 8601.</param>
/// <param name="Opened">A box where what leads on was parted, or whose protective device was tripped, and the breakers were on; null for
/// a look with breakers off.</param>
public sealed record Sighting(Id<Box> Box, IReadOnlyList<string> Off, SightingShows Shows, string By, string At, Id<Box>? Opened = null);
