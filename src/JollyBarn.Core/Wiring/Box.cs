using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>How much of a box's contents is recorded.</summary>
public enum Contents
{
    NotOpened,
    Partial,
    Complete,
}

public enum EntrySide
{
    Top,
    Bottom,
    Left,
    Right,
    Back,
}

public enum EntryState
{
    Closed,
    Used,
    Plugged,
    Open,
}

/// <summary>What holds the cable at an entry.</summary>
public enum Holding
{
    Unknown,
    Nothing,
    InternalClamp,
    OutsideConnector,
    Flap,
}

/// <summary>A knockout or opening of a box.</summary>
public sealed record Entry
{
    public EntrySide Side { get; init; }

    /// <summary>Order along the side, left to right or top to bottom.</summary>
    public int Place { get; init; }

    public EntryState State { get; init; }

    public Holding Holding { get; init; }

    /// <summary>Nominal size of the knockout, such as <c>1/2</c>.</summary>
    public string? Size { get; init; }

    /// <summary>Space of a partitioned box it opens into, counted from the left.</summary>
    public int Space { get; init; }
}

/// <summary>A ring, extension, cover or plate on the box.</summary>
public sealed record Part
{
    public required string Kind { get; init; }

    public PartRole Role { get; init; }

    /// <summary>Its mark, in³; not applicable when it has none.</summary>
    public Fact<Volume> Mark { get; init; } = Fact<Volume>.Unknown;

    public Fact<Length> Depth { get; init; } = Fact<Length>.Unknown;

    /// <summary>Order from the box outward.</summary>
    public int Order { get; init; }
}

/// <summary>A divider between gangs.</summary>
public sealed record Partition
{
    /// <summary>Gangs to the left of it.</summary>
    public int AfterGang { get; init; } = 1;

    public BoxMaterial Material { get; init; }

    public Fact<Volume> Mark { get; init; } = Fact<Volume>.Unknown;
}

/// <summary>A device in or on the box.</summary>
public sealed record Device
{
    public required string Kind { get; init; }

    public string? Name { get; init; }

    /// <summary>Leftmost gang it stands in, from 1; 0 for what hangs on a canopy.</summary>
    public int Gang { get; init; }

    public Fact<Length> Depth { get; init; } = Fact<Length>.Unknown;

    /// <summary>Overall width, when it was measured; over 2 in it counts by the gang.</summary>
    public Fact<Length> Width { get; init; } = Fact<Length>.Unknown;

    /// <summary>Fully unbroken, or the names of broken tabs (<c>hot</c>, <c>neutral</c>).</summary>
    public IReadOnlyList<string> BrokenTabs { get; init; } = [];

    /// <summary>Turned upside down, as a receptacle with its ground up.</summary>
    public bool Turned { get; init; }

    /// <summary>Position of a switch as it was last recorded: on, or the second way of a three-way; null when nobody said.</summary>
    public bool? On { get; init; }

    /// <summary>Position of the lower of two switches on the yoke; null when nobody said.</summary>
    public bool? LowerOn { get; init; }
}

/// <summary>A terminal block fixed in the box.</summary>
public sealed record TerminalBlock(string Name, Gauge? Gauge = null, int Space = 0);

/// <summary>An enclosure where conductors are spliced or devices stand, with everything in it.</summary>
public sealed record Box
{
    public required string Name { get; init; }

    /// <summary>Place id; null when not said.</summary>
    public string? Place { get; init; }

    public string? Wall { get; init; }

    /// <summary>Where on that wall; null while nobody measured or planned it.</summary>
    public WallSpot? Spot { get; init; }

    /// <summary>Kind id from the catalogue of box kinds.</summary>
    public required string Kind { get; init; }

    public BoxShape Shape { get; init; }

    public BoxMaterial Material { get; init; }

    /// <summary>Gangs of the box itself, 0 for squares, octagons and pans.</summary>
    public int Gangs { get; init; }

    /// <summary>Volume mark moulded or stamped in it, in³.</summary>
    public Fact<Volume> Mark { get; init; } = Fact<Volume>.Unknown;

    /// <summary>Inside height, in.</summary>
    public Fact<Length> Height { get; init; } = Fact<Length>.Unknown;

    /// <summary>Inside width, in.</summary>
    public Fact<Length> Width { get; init; } = Fact<Length>.Unknown;

    /// <summary>Inside depth, in.</summary>
    public Fact<Length> Depth { get; init; } = Fact<Length>.Unknown;

    /// <summary>Clamps the box itself has, used or not.</summary>
    public Fact<ClampStyle> Clamps { get; init; } = Fact<ClampStyle>.Unknown;

    public Contents Contents { get; init; }

    public int Studs { get; init; }

    public int Hickeys { get; init; }

    /// <summary>Tapped holes for grounding screws in a metal box beyond the first.</summary>
    public int MoreGroundHoles { get; init; }

    /// <summary>Listed clips that hold a ground to the edge of a metal box.</summary>
    public int GroundClips { get; init; }

    /// <summary>Counts printed in the box, by gauge, as a cross-check.</summary>
    public IReadOnlyDictionary<string, int> PrintedCounts { get; init; } = new SortedDictionary<string, int>(StringComparer.Ordinal);

    public string? Note { get; init; }

    /// <summary>In the bin: hidden, kept, can be brought back.</summary>
    public bool Binned { get; init; }

    [JsonConverter(typeof(ByIdJson<string, Part>))]
    public ById<string, Part> Parts { get; init; } = ById<string, Part>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Partition>))]
    public ById<string, Partition> Partitions { get; init; } = ById<string, Partition>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Entry>))]
    public ById<string, Entry> Entries { get; init; } = ById<string, Entry>.Empty;

    [JsonConverter(typeof(ByIdJson<Id<Lead>, Lead>))]
    public ById<Id<Lead>, Lead> Leads { get; init; } = ById<Id<Lead>, Lead>.Empty;

    [JsonConverter(typeof(ByIdJson<Id<Joint>, Joint>))]
    public ById<Id<Joint>, Joint> Joints { get; init; } = ById<Id<Joint>, Joint>.Empty;

    [JsonConverter(typeof(ByIdJson<Id<Lead>, Pigtail>))]
    public ById<Id<Lead>, Pigtail> Pigtails { get; init; } = ById<Id<Lead>, Pigtail>.Empty;

    [JsonConverter(typeof(ByIdJson<Id<Device>, Device>))]
    public ById<Id<Device>, Device> Devices { get; init; } = ById<Id<Device>, Device>.Empty;

    [JsonConverter(typeof(ByIdJson<string, TerminalBlock>))]
    public ById<string, TerminalBlock> Blocks { get; init; } = ById<string, TerminalBlock>.Empty;

    /// <summary>Answers to the questions of the code book, by the thing they are about: <see cref="Subjects.Box"/> or an id.</summary>
    [JsonConverter(typeof(ByIdJson<string, Noted>))]
    public ById<string, Noted> Noted
    {
        get;
        init => field = value ?? ById<string, Noted>.Empty;
    } = ById<string, Noted>.Empty;

    /// <summary>How it is taken to be made up until each place was looked at; nothing is connected by it. Null where nobody said.</summary>
    public AssumedMake? Make { get; init; }

    /// <summary>What people said of it, unconfirmed.</summary>
    [JsonConverter(typeof(ByIdJson<string, Said>))]
    public ById<string, Said> Said
    {
        get;
        init => field = value ?? ById<string, Said>.Empty;
    } = ById<string, Said>.Empty;

    /// <summary>The answer to a question about one thing of the box; null when nobody gave one.</summary>
    public Observation? Fact(string of, string key) => Noted.Find(of)?.Facts.Find(key);

    /// <summary>Gangs that can take devices: the opening of the outermost ring or cover, else the box's own.</summary>
    [JsonIgnore]
    public int OpenGangs
    {
        get
        {
            var cover = Parts
                .Values.OrderByDescending(p => p.Order)
                .Select(p => PartKinds.Find(p.Kind)?.Opens)
                .FirstOrDefault(o => o is not null);
            return cover ?? Gangs;
        }
    }
}
