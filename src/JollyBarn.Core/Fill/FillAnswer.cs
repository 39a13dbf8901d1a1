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

    /// <summary>A gauge that Table 314.16(B) does not have: 4 AWG and larger go by 314.28, which is not judged here; others no box is
    /// sized for.</summary>
    OutOfScope,
}

/// <summary>What a line of the fill sum counts.</summary>
public enum FillKind
{
    Conductors,
    Canopy,

    /// <summary>Fixture wires that may be left out.</summary>
    CanopyLeftOut,
    Clamps,
    Flap,
    Stud,
    Hickey,
    Device,
    Grounds,
    IsolatedGrounds,
    Block,
}

/// <summary>What is remarked at a line.</summary>
public enum RemarkCase
{
    GaugeUnknown,
    LoopsTwice,
    OnlyFourLeftOut,
    FourteenCounts,
    LeftOut,
    LeftOutWithGround,
    NobodyLooked,
    NothingLands,
    GaugeOnIt,
    GangsWide,

    /// <summary>Four count one, each further a part of one.</summary>
    GroundsByParts,
    GroundsTogether,
    OwnSet,
}

/// <summary>A short remark: what was left out, or what is not known.</summary>
/// <param name="First">What the first grounds count together; <paramref name="Further"/> each one more.</param>
public readonly record struct FillRemark(RemarkCase Case, int Count = 0, decimal First = 0, decimal Further = 0);

/// <summary>What something is called: by somebody, or by its kind.</summary>
/// <param name="Kind">Kind of device.</param>
public readonly record struct Called(string? Name, string? Kind = null);

/// <summary>One line of the fill sum: count × allowance = volume.</summary>
/// <param name="Low">Least count; <paramref name="High"/> is more when something is unknown.</param>
/// <param name="Each">Allowance, in³, as a span when the gauge is unknown.</param>
/// <param name="Volume">Count × allowance, in³.</param>
/// <param name="Article">Article; null for what is house practice.</param>
/// <param name="Ids">Things of the box it counts.</param>
/// <param name="Called">What the device or block is called.</param>
public sealed record FillLine(
    FillKind Kind,
    decimal Low,
    decimal High,
    Gauge? Gauge,
    VolumeSpan Each,
    VolumeSpan Volume,
    string? Article,
    IReadOnlyList<string> Ids,
    FillRemark? Remark = null,
    int Space = 0,
    Called Called = default
);

/// <summary>A kind of fact that would decide the verdict.</summary>
public enum FillAskCase
{
    NotOpened,
    VolumeOf,
    RestOfIt,
    Gauges,
    Clamps,
    LoopLength,
}

/// <summary>A fact that would decide the verdict.</summary>
/// <param name="Of">The part whose volume is not known.</param>
public sealed record FillAsk(FillAskCase Case, HousingPart? Of = null);

/// <summary>One space of the box: the whole of it when nothing divides it.</summary>
public sealed record FillSpace(int Space, VolumeSpan Needed, VolumeSpan Available, VolumeSpan Left, Fit Fit);

/// <summary>The sum a house practice would give beside the text's.</summary>
/// <param name="Key">Key of the question of house practice; <paramref name="Choice"/> is the answer.</param>
public sealed record PracticeEffect(string Key, string Choice, VolumeSpan Needed, Fit Fit);

/// <summary>What the counts printed in the box say, beside the sum.</summary>
public sealed record PrintedCheck(string Gauge, int Printed, int Computed);

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
