using System.Numerics;

namespace JollyBarn.Electrics;

public enum LinkKind
{
    Wire,
    Contact,
    Metal,
    Bond,
    Breaker,
    Switch,
    Load,
    Source,
    Stray,
    Leak,
    Earthing,
}

/// <summary>Two points joined by an impedance; opened it joins nothing. A link never changes: what is altered is another of the same
/// key.</summary>
public sealed class Link
{
    public required string Key { get; init; }

    public required string From { get; init; }

    public required string To { get; init; }

    /// <summary>Ω; never zero.</summary>
    public Complex Ohms { get; init; }

    public LinkKind Kind { get; init; }

    public bool Open { get; init; }

    /// <summary>Volts of a source, at <see cref="To"/> above <see cref="From"/>.</summary>
    public Complex Volts { get; init; }

    /// <summary>True for what current runs through as through wire.</summary>
    public bool Conducts =>
        !Open && Kind is LinkKind.Wire or LinkKind.Contact or LinkKind.Metal or LinkKind.Bond or LinkKind.Breaker or LinkKind.Switch;

    /// <summary>Its number in the wiring it was built into; −1 for what came in later.</summary>
    internal int Index { get; init; } = -1;

    /// <summary>The same link, altered.</summary>
    internal Link With(string? from = null, string? to = null, Complex? ohms = null, bool? open = null, int? index = null) =>
        new()
        {
            Key = Key,
            From = from ?? From,
            To = to ?? To,
            Ohms = ohms ?? Ohms,
            Kind = Kind,
            Open = open ?? Open,
            Volts = Volts,
            Index = index ?? Index,
        };
}
