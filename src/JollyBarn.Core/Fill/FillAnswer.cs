using JollyBarn.Measures;

namespace JollyBarn.Fill;

/// <summary>Whether it fits.</summary>
public enum Fit
{
    Fits,

    /// <summary>Needed and available are the same: it fits, and nothing more does.</summary>
    ExactlyFull,
    Over,

    /// <summary>A missing fact would decide; the answer says which.</summary>
    CannotTell,

    /// <summary>Nobody has opened the box.</summary>
    NotOpened,

    /// <summary>A listing, not a count, says what may go in.</summary>
    ByListing,

    /// <summary>Conductors of 4 AWG or larger: 314.28, which is not judged here.</summary>
    OutOfScope,
}

/// <summary>One line of the fill sum: count × allowance = volume.</summary>
/// <param name="Kind">conductors, canopy, clamps, fittings, device, grounds, isolatedGrounds, blocks.</param>
/// <param name="Low">Least count; <paramref name="High"/> is more when something is unknown.</param>
/// <param name="Each">Allowance, in³, as a span when the gauge is unknown.</param>
/// <param name="Volume">Count × allowance, in³.</param>
/// <param name="Article">Article, or <c>practice</c>.</param>
/// <param name="Ids">Things of the box it counts.</param>
/// <param name="Why">A short remark: what was left out, or what is not known.</param>
public sealed record FillLine(
    string Kind,
    string Name,
    decimal Low,
    decimal High,
    Gauge? Gauge,
    VolumeSpan Each,
    VolumeSpan Volume,
    string Article,
    IReadOnlyList<string> Ids,
    string? Why = null,
    int Space = 0
);

/// <summary>A fact that would decide the verdict.</summary>
public sealed record FillAsk(string What, string How);

/// <summary>One space of the box: the whole of it when nothing divides it.</summary>
public sealed record FillSpace(int Space, VolumeSpan Needed, VolumeSpan Available, VolumeSpan Left, Fit Fit);

/// <summary>The sum a house practice would give beside the text's.</summary>
public sealed record PracticeEffect(string Key, string Name, VolumeSpan Needed, Fit Fit);

/// <summary>What the counts printed in the box say, beside the sum.</summary>
public sealed record PrintedCheck(string Gauge, int Printed, int Computed, string Says);

/// <summary>The whole answer of one box's fill.</summary>
/// <param name="Left">Available less needed, in³; below zero is over. <see cref="VolumeSpan.High"/> null when nothing bounds it.</param>
public sealed record FillAnswer(
    Fit Fit,
    VolumeSpan Needed,
    VolumeSpan Available,
    VolumeSpan Left,
    IReadOnlyList<FillLine> Lines,
    IReadOnlyList<HousingPart> Housing,
    IReadOnlyList<FillSpace> Spaces,
    IReadOnlyList<FillAsk> Asks,
    IReadOnlyList<PracticeEffect> Practices,
    IReadOnlyList<PrintedCheck> Printed,
    bool Estimate
);
