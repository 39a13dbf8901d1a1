using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Filled;

/// <summary>One line of the fill sum: count × allowance = volume.</summary>
/// <param name="Low">Least count; <paramref name="High"/> is more when something is unknown.</param>
/// <param name="Each">Allowance, in³, as a span when the gauge is unknown.</param>
/// <param name="Volume">Count × allowance, in³.</param>
/// <param name="Article">Article, or <c>practice</c>.</param>
/// <param name="Ids">Things of the box it counts.</param>
/// <param name="Why">A short remark: what was left out, or what is not known.</param>
public sealed record ToldLine(
    FillKind Kind,
    string Name,
    decimal Low,
    decimal High,
    Gauge? Gauge,
    VolumeSpan Each,
    VolumeSpan Volume,
    string Article,
    IReadOnlyList<string> Ids,
    string? Why,
    int Space
);

/// <summary>A volume that an assembled part brings, as far as it is known.</summary>
/// <param name="How">Where the number comes from.</param>
/// <param name="Part">Id of the part of the box, or null for the box itself.</param>
public sealed record ToldHousing(string Name, VolumeSpan Volume, string How, bool Estimate, string? Part);

/// <summary>A fact that would decide the verdict, and how one gets it.</summary>
public sealed record ToldFillAsk(string What, string How);

/// <summary>The sum a house practice would give beside the text's.</summary>
public sealed record ToldPractice(string Key, string Name, VolumeSpan Needed, Fit Fit);

/// <summary>What the counts printed in the box say, beside the sum.</summary>
public sealed record ToldPrinted(string Gauge, int Printed, int Computed, string Says);

/// <summary>The whole answer of one box's fill, in words.</summary>
/// <param name="Left">Available less needed, in³; below zero is over. <see cref="VolumeSpan.High"/> null when nothing bounds it.</param>
public sealed record ToldFill(
    Fit Fit,
    VolumeSpan Needed,
    VolumeSpan Available,
    VolumeSpan Left,
    IReadOnlyList<ToldLine> Lines,
    IReadOnlyList<ToldHousing> Housing,
    IReadOnlyList<FillSpace> Spaces,
    IReadOnlyList<ToldFillAsk> Asks,
    IReadOnlyList<ToldPractice> Practices,
    IReadOnlyList<ToldPrinted> Printed,
    bool Estimate
);

/// <summary>One thing that takes room: so many pieces of a size.</summary>
/// <param name="Room">Room of all of them, in³, rounded for reading.</param>
/// <param name="How">The arithmetic.</param>
/// <param name="Assumes">Keys of the assumptions it rests on.</param>
public sealed record ToldCrowdLine(string Name, int Count, decimal Room, string How, IReadOnlyList<string> Assumes);

/// <summary>How crowded a box is.</summary>
/// <param name="Share">Percent of the room taken; null when the room is not known.</param>
public sealed record ToldCrowd(
    Crowd Crowd,
    decimal? Share,
    decimal Taken,
    decimal? Room,
    IReadOnlyList<ToldCrowdLine> Lines,
    IReadOnlyList<CrowdAssumption> Assumptions
);

/// <summary>What the least depth of a box says.</summary>
/// <param name="Passes">Null when the depth of box or device is not known and would decide.</param>
public sealed record ToldDepth(Id<Device> Device, Length Needed, Length? Depth, bool? Passes, string Article, string Id);

/// <summary>A common addition, and whether it would still fit.</summary>
/// <param name="Adds">What it adds to the sum, in³.</param>
/// <param name="Left">Left afterwards, in³; below zero is over by that much.</param>
public sealed record ToldAddition(string Id, string Name, Fit Fit, VolumeSpan Adds, VolumeSpan Left);

/// <summary>Everything fill says of one box, save the search for something else.</summary>
public sealed record ToldReport(ToldFill Fill, ToldCrowd Crowding, IReadOnlyList<ToldDepth> Depth, IReadOnlyList<ToldAddition> StillFits);

/// <summary>One assembly that might do.</summary>
/// <param name="Box">Kind id; null when the box at hand stays though its kind is not known.</param>
/// <param name="Keeps">True when the box at hand stays in the wall.</param>
/// <param name="Opens">Parts taken out or opened to get there.</param>
/// <param name="Left">Available less needed, in³; below zero is short by that much.</param>
/// <param name="Says">The whole of it in a few words.</param>
/// <param name="InVan">True where all that is new of it lies in the van.</param>
public sealed record ToldOption(
    string? Box,
    string? Ring,
    string? Extension,
    ClampStyle Clamps,
    bool Keeps,
    int Opens,
    Volume Needed,
    Volume Available,
    Volume Left,
    Fit Fit,
    string Says,
    bool InVan
);

/// <summary>What would do instead: the best few, and the biggest that would not, with why.</summary>
/// <param name="Searched">Assemblies looked at.</param>
public sealed record ToldInstead(
    IReadOnlyList<ToldOption> Options,
    ToldOption? NextSmaller,
    string? WhyNot,
    int Searched,
    string? CannotTell
);
