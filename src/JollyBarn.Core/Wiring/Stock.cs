using System.Text.Json.Serialization;

namespace JollyBarn.Wiring;

public enum PartSort
{
    Box,

    /// <summary>A ring, an extension, a cover.</summary>
    Fitting,
    Device,
    Connector,

    /// <summary>Cable, by the foot.</summary>
    Cable,

    /// <summary>Single conductors, by the foot.</summary>
    Wire,
    Plate,
    Clamp,
    Staple,
    Screw,
    Plug,
    Label,
    Breaker,
    Tape,

    /// <summary>Steel over a stud or joist where a screw would reach the cable.</summary>
    NailPlate,

    /// <summary>Surface raceway, by the foot.</summary>
    Raceway,
}

/// <summary>A part in generic words: what it is of, and which.</summary>
public readonly record struct PartId(PartSort Sort, string Kind)
{
    private const string Stroke = "..";

    /// <summary>As files write it, an id as any other: <c>box.square-4x2-1..8</c>, two dots for a stroke.</summary>
    public override string ToString() =>
        $"{Sort.ToString().ToLowerInvariant()}.{Kind.Replace("/", Stroke, StringComparison.Ordinal)}".ToLowerInvariant();

    /// <summary>What <see cref="ToString"/> wrote; null for anything else.</summary>
    public static PartId? Read(string? text) =>
        Ids.IsGood(text)
        && text!.IndexOf('.', StringComparison.Ordinal) is > 0 and var at
        && Enum.TryParse<PartSort>(text[..at], true, out var sort)
        && Enum.IsDefined(sort)
        && text.Length > at + 1
            ? new(sort, text[(at + 1)..].Replace(Stroke, "/", StringComparison.Ordinal))
            : null;
}

/// <summary>What this house has of a part and where else it is to be had.</summary>
/// <param name="Van">How many lie in the van; feet of cable.</param>
/// <param name="Shop">How many the shop has; null where nobody said: as many as are wanted.</param>
/// <param name="Price">Of one, $; null where nobody said.</param>
/// <param name="Pack">How many are sold together.</param>
public sealed record StockLine(decimal Van = 0, decimal? Shop = null, decimal? Price = null, decimal Pack = 1)
{
    /// <summary>Lengths of the coils and offcuts in the van, ft.</summary>
    public IReadOnlyList<decimal> Pieces
    {
        get;
        init => field = value ?? [];
    } = [];

    /// <summary>Feet or pieces at hand.</summary>
    [JsonIgnore]
    public decimal AtHand => Pieces.Count > 0 ? Pieces.Sum() : Van;
}
