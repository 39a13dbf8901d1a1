using System.Text.Json.Serialization;

namespace JollyBarn.Wiring;

/// <summary>What one looks at.</summary>
public enum LookKind
{
    /// <summary>What is plugged in or wired to a pair of points: a lamp of some amperes.</summary>
    Outlet,

    /// <summary>A breaker or ground-fault device that was switched on or reset: whether it holds.</summary>
    Guard,

    /// <summary>An instrument laid between two points.</summary>
    Instrument,

    /// <summary>The three lamps of a plug-in tester, at the hot slot of a half of a receptacle.</summary>
    Lamps,

    /// <summary>The test button of a ground-fault device itself.</summary>
    OwnButton,

    /// <summary>Somebody touched it. Never asked for: only told.</summary>
    Touch,

    /// <summary>A hand held before a plate, a nose: whether a box is warm or smells.</summary>
    Warmth,

    /// <summary>A box opened and looked into.</summary>
    Inside,

    /// <summary>An insulation tester between two points of what is dead and lies apart.</summary>
    Insulation,

    /// <summary>Every conductor of a box tugged at its joint and its screw.</summary>
    Tug,
}

/// <summary>What was seen.</summary>
public enum SeenCase
{
    Works,
    Dim,
    TooBright,
    Flickers,
    Dead,
    Holds,
    TripsAtOnce,
    TripsLater,
    TripsNowAndThen,

    /// <summary>A figure, as <see cref="Observed.Value"/>.</summary>
    Figure,

    /// <summary>A lamp, a tone, a glow.</summary>
    Something,
    Nothing,
    Opens,
    NothingOpens,
    Felt,
    NotFelt,
    Cool,
    Warm,
    Sound,
    Spoilt,
    CameOff,
    AllHold,

    /// <summary>Insulation under a megohm.</summary>
    Low,
    High,

    /// <summary>Lamps of a plug-in tester, as they are lit: hot to neutral, hot to ground, neutral to ground.</summary>
    LampsNone,
    LampsHotNeutral,
    LampsHotGround,
    LampsNeutralGround,
    LampsBothHot,
    LampsReversed,
    LampsGroundHot,
    LampsAll,
}

/// <summary>A look at something, by the points of the solved network it lies between.</summary>
/// <param name="At">The first point; of a guard its key; of warmth, inside and tug the box.</param>
/// <param name="To">The second point, where there is one.</param>
/// <param name="Instrument">Kind of the instrument, where there is one.</param>
public sealed record Look(LookKind Kind, string At, string? To = null, string? Instrument = null);

/// <summary>How things lay for a look, where it was otherwise than as recorded.</summary>
/// <param name="Apart">Cable ends whose hots and neutrals were taken off and capped, as <c>r1.a</c>, in order.</param>
/// <param name="Off">Breakers that were off, as <c>panel/7</c>, in order.</param>
/// <param name="Unplugged">Everything that can be was unplugged.</param>
/// <param name="Wet">It rained, or was wet; null where nobody said.</param>
/// <param name="Swapped">Devices a sound one stood in for, as <c>box/device</c>.</param>
/// <param name="Thrown">Levers that lay otherwise than they are recorded, as <c>box/device</c>.</param>
/// <param name="Drawing">What was plugged in and switched on for it, as <c>box/device</c>; null for nothing.</param>
public sealed record Setup(
    IReadOnlyList<string>? Apart = null,
    IReadOnlyList<string>? Off = null,
    bool Unplugged = false,
    bool? Wet = null,
    IReadOnlyList<string>? Swapped = null,
    string? Drawing = null,
    IReadOnlyList<string>? Thrown = null
)
{
    public static Setup AsItIs { get; } = new();

    public IReadOnlyList<string> Apart
    {
        get;
        init => field = value ?? [];
    } = Apart ?? [];

    public IReadOnlyList<string> Off
    {
        get;
        init => field = value ?? [];
    } = Off ?? [];

    public IReadOnlyList<string> Swapped
    {
        get;
        init => field = value ?? [];
    } = Swapped ?? [];

    public IReadOnlyList<string> Thrown
    {
        get;
        init => field = value ?? [];
    } = Thrown ?? [];

    /// <summary>The same text for the same setup.</summary>
    [JsonIgnore]
    public string Key =>
        string.Join('|', string.Join(',', Apart.Order(StringComparer.Ordinal)), string.Join(',', Off.Order(StringComparer.Ordinal)))
        + $"|{Unplugged}|{Wet}|{string.Join(',', Swapped.Order(StringComparer.Ordinal))}|{Drawing}"
        + $"|{string.Join(',', Thrown.Order(StringComparer.Ordinal))}";

    public bool Equals(Setup? other) => other is not null && Key == other.Key;

    public override int GetHashCode() => Key.GetHashCode(StringComparison.Ordinal);
}

/// <summary>What somebody who got a shock touched and stood on.</summary>
/// <param name="WetSkin">Wet hands or knees, bare feet.</param>
/// <param name="Shoes">Shoes on a dry floor.</param>
/// <param name="WetGround">Stood or knelt on earth, wet concrete, metal.</param>
/// <param name="UsedBefore">It was used before without a shock: what worked for years is cleared of nothing.</param>
public sealed record ShockConditions(bool WetSkin, bool Shoes, bool WetGround, bool UsedBefore = false);

/// <summary>One observation of a complaint: somebody's word, a reading, what a test came to.</summary>
/// <param name="Value">V or Ω, where a figure was shown.</param>
/// <param name="Told">True for what was told and not seen by who wrote it down.</param>
/// <param name="Again">Id of the observation it was made again for, once it was mended; null for the first.</param>
public sealed record Observed(
    Look Look,
    SeenCase Shows,
    string By,
    string At,
    Setup? Setup = null,
    decimal? Value = null,
    bool Told = false,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ShockConditions? Shock = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Again = null
);

/// <summary>Work somebody did lately, an unconfirmed word.</summary>
/// <param name="Who">Who did it, as far as one knows.</param>
/// <param name="When">When, in words.</param>
public sealed record LateWork(Id<Box> Box, string Who, string? When = null);

/// <summary>The cause that was found and seen.</summary>
/// <param name="Case">Name of the case of fault.</param>
/// <param name="Details">Its details, as one text.</param>
/// <param name="Who">Whose hand made it; null where nobody knows.</param>
/// <param name="When">When it was made, in words.</param>
/// <param name="Change">The Change that mends it.</param>
public sealed record FoundFault(
    Id<Box> Box,
    string Case,
    string Details,
    string By,
    string At,
    string? Who = null,
    string? When = null,
    string? Change = null
);

/// <summary>Something is wrong: what was said, what was observed since, how things lie now, and what was found.</summary>
/// <param name="Says">The complaint in the words of who made it.</param>
/// <param name="Closed">When it was closed, ISO 8601; null while it is open.</param>
/// <param name="Hidden">Number of a fault planted for practice; null for a real one.</param>
public sealed record Complaint(
    string Says,
    string By,
    string At,
    string? Closed = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] int? Hidden = null
)
{
    [JsonConverter(typeof(ByIdJson<string, Observed>))]
    public ById<string, Observed> Observed
    {
        get;
        init => field = value ?? ById<string, Observed>.Empty;
    } = ById<string, Observed>.Empty;

    [JsonConverter(typeof(ByIdJson<string, LateWork>))]
    public ById<string, LateWork> Worked
    {
        get;
        init => field = value ?? ById<string, LateWork>.Empty;
    } = ById<string, LateWork>.Empty;

    /// <summary>Causes that were found: one, or two.</summary>
    [JsonConverter(typeof(ByIdJson<string, FoundFault>))]
    public ById<string, FoundFault> Found
    {
        get;
        init => field = value ?? ById<string, FoundFault>.Empty;
    } = ById<string, FoundFault>.Empty;

    /// <summary>Cable ends that lie apart now and must be put back.</summary>
    public IReadOnlyList<string> Apart
    {
        get;
        init => field = value ?? [];
    } = [];
}

/// <summary>A test of a finished job, and what it showed.</summary>
/// <param name="Change">The Change it was made for; null for the whole job.</param>
public sealed record Tested(Observed Seen, string? Change = null);
