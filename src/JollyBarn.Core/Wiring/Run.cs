using JollyBarn.Measures;

namespace JollyBarn.Wiring;

public enum RunSide
{
    A,
    B,
}

public enum CableType
{
    Unknown,
    NmB,
    UfB,
    Ac,
    Mc,
    Cord,

    /// <summary>Old cable of two insulated conductors without a ground.</summary>
    OldTwoWire,

    /// <summary>Single conductors in a raceway.</summary>
    Raceway,

    /// <summary>Open conductors on knobs and in tubes, NEC 394.</summary>
    KnobTube,
}

public enum GroundKind
{
    None,
    Bare,
    Insulated,
    Unknown,

    /// <summary>Its own metal: armour listed as a ground, or a metal raceway with its fittings, NEC 250.118. It joins metal boxes and is no
    /// conductor in them.</summary>
    Sheath,
}

/// <summary>What is at one end of a run.</summary>
public enum EndAt
{
    Unknown,
    Box,
    Panel,
    Load,
}

/// <summary>What a cable does at a box. Only what hangs on a protective device's load side is protected.</summary>
public enum Feeds
{
    CannotTell,
    FeedsIn,
    FeedsOn,
    Protected,
}

/// <summary>One end of a run: where it is and what people call it there ("from the type store").</summary>
/// <param name="Id">Box or panel id.</param>
/// <param name="Entry">Entry of the box.</param>
/// <param name="Says">What the cable is called at this end.</param>
public sealed record RunEnd(
    EndAt At = EndAt.Unknown,
    string? Id = null,
    string? Entry = null,
    string? Says = null,
    Feeds Feeds = Feeds.CannotTell
)
{
    public static RunEnd Unknown { get; } = new();

    [System.Text.Json.Serialization.JsonIgnore]
    public bool IsBox => At == EndAt.Box;

    /// <summary>The box it is in; null where it is in none that is known.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public Id<Box>? Box => IsBox ? Id : null;

    public bool IsIn(Id<Box> box) => Box == box;
}

/// <summary>One insulated conductor of a run.</summary>
public sealed record Conductor(string Colour, ConductorUse Use = ConductorUse.Unknown, Gauge? Gauge = null, bool Stranded = false);

/// <summary>What has happened to a cable somewhere along it.</summary>
public enum HurtKind
{
    /// <summary>Cut through: its conductors are open there.</summary>
    Cut,

    /// <summary>Bare copper can be touched.</summary>
    Exposed,

    Nicked,
    Crushed,
}

/// <summary>A place along a cable where it is cut or hurt.</summary>
/// <param name="Along">How far from end A, along the cable.</param>
/// <param name="SlackToA">How much of the piece towards end A can be pulled in.</param>
/// <param name="SlackToB">The same towards end B.</param>
public sealed record RunHurt(
    HurtKind Kind,
    Fact<Length>? Along = null,
    Fact<Length>? SlackToA = null,
    Fact<Length>? SlackToB = null,
    string? Note = null
);

/// <summary>One cable or raceway between two ends, either of which may be unknown.</summary>
public sealed record Run
{
    public CableType Type { get; init; }

    /// <summary>Gauge of its conductors; null when nobody could tell.</summary>
    public Gauge? Gauge { get; init; }

    public IReadOnlyList<Conductor> Conductors { get; init; } = [];

    public GroundKind Ground { get; init; }

    /// <summary>Gauge of the ground where it differs.</summary>
    public Gauge? GroundGauge { get; init; }

    public Metal Metal { get; init; } = Metal.Copper;

    public RunEnd A { get; init; } = RunEnd.Unknown;

    public RunEnd B { get; init; } = RunEnd.Unknown;

    public Fact<Length> Length { get; init; } = Fact<Length>.Unknown;

    /// <summary>Sheath colour, only when somebody recorded it.</summary>
    public string? Sheath { get; init; }

    public Id<Circuit>? Circuit { get; init; }

    /// <summary>Where it is cut or hurt, by the id of the place.</summary>
    [System.Text.Json.Serialization.JsonConverter(typeof(ByIdJson<string, RunHurt>))]
    public ById<string, RunHurt> Hurts
    {
        get;
        init => field = value ?? ById<string, RunHurt>.Empty;
    } = ById<string, RunHurt>.Empty;

    /// <summary>True when it is cut through somewhere: nothing goes from one end to the other.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public bool IsCut => Hurts.Values.Any(h => h.Kind == HurtKind.Cut);

    public RunEnd End(RunSide side) => side == RunSide.A ? A : B;

    /// <summary>Boxes it ends in: none, one, two, or one twice.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public IEnumerable<Id<Box>> Boxes => new[] { A.Box, B.Box }.OfType<Id<Box>>();

    public Run WithEnd(RunSide side, RunEnd end) => side == RunSide.A ? this with { A = end } : this with { B = end };

    /// <summary>The sides of this run that are in a box (both, when a cable leaves a box and comes back).</summary>
    public IEnumerable<RunSide> SidesIn(Id<Box> box)
    {
        if (A.IsIn(box))
        {
            yield return RunSide.A;
        }

        if (B.IsIn(box))
        {
            yield return RunSide.B;
        }
    }
}
