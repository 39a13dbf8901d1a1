using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>What a part of the housing is.</summary>
public enum HousingOf
{
    Box,
    Part,
    Partition,
}

/// <summary>Where a volume comes from.</summary>
public enum HousingFrom
{
    Mark,
    Entered,
    Table,

    /// <summary>A part made from a size of the table.</summary>
    PartOfTable,
    MarkUnread,
    NoMark,
    UnmarkedMetal,
    UnmarkedNonmetallic,
    MeasuredInside,
    NotMeasured,
}

/// <summary>A volume that an assembled part brings, as far as it is known.</summary>
/// <param name="Kind">Its kind in the catalogue; null for a partition, and for a box of no known kind.</param>
/// <param name="From">Where the number comes from.</param>
/// <param name="Part">Id of the part of the box, or null for the box itself.</param>
public sealed record HousingPart(
    HousingOf Of,
    string? Kind,
    VolumeSpan Volume,
    HousingFrom From,
    bool Estimate = false,
    string? Part = null
)
{
    /// <summary>Height, width and depth inside, where it was measured.</summary>
    public (Length Height, Length Width, Length Depth)? Inside { get; init; }
}

/// <summary>A conductor that counts, or a group of alike ones.</summary>
/// <param name="Gauge">Null when nobody could tell.</param>
/// <param name="Length">Length of the lead or of the whole loop, when known.</param>
/// <param name="Ids">Leads of the box this stands for.</param>
public sealed record FillConductor(Gauge? Gauge, int Count, LeadForm Form, Length? Length, IReadOnlyList<string> Ids, int Space = 0);

/// <summary>Grounds, alike ones together.</summary>
/// <param name="Entering">True when they come into the box; false for jumpers and pigtails that live in it.</param>
public sealed record FillGround(
    Gauge? Gauge,
    int Count,
    bool Entering,
    bool Isolated,
    Length? Length,
    IReadOnlyList<string> Ids,
    int Space = 0
);

/// <summary>Fixture wires from a canopy.</summary>
public sealed record FillCanopyLead(Gauge? Gauge, int Count, bool Ground, IReadOnlyList<string> Ids, int Space = 0);

/// <summary>A yoke with its device.</summary>
/// <param name="Gangs">Gangs it counts for: 1, or the number when wider than one 2 in gang.</param>
/// <param name="Gauge">Largest conductor of known gauge on it; null when none is known to land on it.</param>
/// <param name="OtherGauge">Something lands on it whose gauge nobody recorded.</param>
public sealed record FillDevice(Called Called, int Gangs, Gauge? Gauge, IReadOnlyList<string> Ids, int Space = 0, bool OtherGauge = false);

public sealed record FillBlock(Called Called, Gauge? Gauge, IReadOnlyList<string> Ids, int Space = 0);

/// <summary>Whether something inside counts: it does, it does not, or nobody looked.</summary>
public enum Maybe
{
    No,
    Yes,
    Unknown,
}

/// <summary>Everything box fill needs of one box, however it was described.</summary>
public sealed record FillInput
{
    public IReadOnlyList<HousingPart> Housing { get; init; } = [];

    /// <summary>Share of the housing each space has; one entry when nothing divides the box.</summary>
    public IReadOnlyList<decimal> Shares { get; init; } = [1m];

    public IReadOnlyList<FillConductor> Conductors { get; init; } = [];

    public IReadOnlyList<FillCanopyLead> CanopyLeads { get; init; } = [];

    public IReadOnlyList<FillGround> Grounds { get; init; } = [];

    /// <summary>Gauges present that enter nothing and end nothing (pigtails), which still may be the largest in the box.</summary>
    public IReadOnlyList<Gauge> OtherGauges { get; init; } = [];

    /// <summary>Internal clamps by space.</summary>
    public IReadOnlyList<Maybe> Clamps { get; init; } = [Maybe.No];

    /// <summary>Held by the box's own flap, which counts only where the house says so.</summary>
    public bool Flap { get; init; }

    public int Studs { get; init; }

    public int Hickeys { get; init; }

    public IReadOnlyList<FillDevice> Devices { get; init; } = [];

    public IReadOnlyList<FillBlock> Blocks { get; init; } = [];

    public Contents Contents { get; init; } = Contents.Complete;

    /// <summary>False when a listing, not a count, says what may go in.</summary>
    public bool ByCount { get; init; } = true;

    /// <summary>The box's own printed counts by gauge, as a cross-check.</summary>
    public IReadOnlyDictionary<string, int> PrintedCounts { get; init; } = new Dictionary<string, int>();
}
