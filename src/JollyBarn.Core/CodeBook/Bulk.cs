using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>Diameters used to judge how crowded a box is. Chapter 9 Tables 5 (THHN; TFFN for 18 and 16) and 8, from memory.</summary>
public static class Bulk
{
    /// <summary>Diameter over the insulation, in.</summary>
    public static decimal InsulatedDiameter(Gauge gauge) =>
        gauge.Number switch
        {
            >= 18 => 0.084m,
            16 => 0.096m,
            14 => 0.111m,
            12 => 0.130m,
            10 => 0.164m,
            8 => 0.216m,
            _ => 0.254m,
        };

    /// <summary>Diameter of bare copper, in; 6 AWG and thicker stranded.</summary>
    public static decimal BareDiameter(Gauge gauge) =>
        gauge.Number switch
        {
            >= 18 => 0.040m,
            16 => 0.051m,
            14 => 0.064m,
            12 => 0.081m,
            10 => 0.102m,
            8 => 0.128m,
            _ => 0.184m,
        };
}

/// <summary>A crowding assumption that a house may set for itself.</summary>
public sealed record Assumption(string Key, string Name, decimal Default, string Unit)
{
    /// <summary>No house sets more, whatever a file says.</summary>
    public decimal Most { get; init; } = 1000;

    /// <summary>The house's number, or the default when it gave none that reads as a number up to <see cref="Most"/>.</summary>
    public decimal Of(HousePractice practice) =>
        practice.Answers.TryGetValue(Key, out var text)
        && decimal.TryParse(
            text,
            System.Globalization.NumberStyles.AllowDecimalPoint,
            System.Globalization.CultureInfo.InvariantCulture,
            out var value
        )
        && value <= Most
            ? value
            : Default;
}

/// <summary>What crowding assumes. All <em>practice</em>: a feel for how a box closes, not a code rule.</summary>
public static class CrowdingBook
{
    public static Assumption LeadLength { get; } = new("crowd.lead.length", "length of a lead nobody measured", 8m, "in");

    public static Assumption PigtailLength { get; } = new("crowd.pigtail.length", "length of a pigtail nobody measured", 8m, "in");

    public static Assumption FoldLoss { get; } = new("crowd.fold", "room a folded lead takes, over its own bulk", 1.6m, "×");

    public static Assumption Snug { get; } = new("crowd.snug", "snug from", 35m, "% of the room");

    public static Assumption Tight { get; } = new("crowd.tight", "hard to close from", 50m, "% of the room");

    public static IReadOnlyList<Assumption> All { get; } = [LeadLength, PigtailLength, FoldLoss, Snug, Tight];
}
