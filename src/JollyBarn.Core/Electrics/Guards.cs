namespace JollyBarn.Electrics;

/// <summary>What opens by itself: a breaker, or a device that watches for ground faults.</summary>
/// <param name="Links">Links it opens.</param>
/// <param name="Watched">Links whose currents should sum to nothing; none where it does not watch for ground faults.</param>
public sealed record Guard(GuardKey Key, IReadOnlyList<Link> Links, IReadOnlyList<Link> Watched)
{
    /// <summary>Rating, A; null for what does not act on overcurrent or whose rating nobody read.</summary>
    public double? Amperes { get; init; }

    /// <summary>Difference at which it acts, A; null for a class A device, which acts as UL 943 has it.</summary>
    public double? From { get; init; }

    /// <summary>True for what protects people: a device of class A.</summary>
    public bool ClassA => Watched.Count > 0 && From is null;

    /// <summary>Never opens, whatever happens.</summary>
    public bool Stuck { get; init; }

    /// <summary>Points of its supply: without volts between them it cannot trip on a ground fault. Null where it needs none of its
    /// own.</summary>
    public (string Hot, string Neutral)? Supply { get; init; }

    /// <summary>Where it answers a neutral–ground loop: its neutral's line side and load side.</summary>
    public (string Line, string Load)? Loop { get; init; }

    /// <summary>True for what acts on arcs behind it.</summary>
    public bool Arcs { get; init; }

    /// <summary>True for a link it opens.</summary>
    internal bool Has(Link link) => Links.Any(l => l.Key == link.Key);
}
