using System.Text.Json.Serialization;
using JollyBarn.Measures;

namespace JollyBarn.Wiring;

public enum ConductorUse
{
    Unknown,
    Hot,
    Neutral,
    Ground,

    /// <summary>Ground of an isolated set, 250.146(D).</summary>
    IsolatedGround,
    Switched,
    Traveler,
}

public enum Metal
{
    Unknown,
    Copper,
    Aluminum,
    CopperClad,
}

/// <summary>How a conductor is present in a box.</summary>
public enum LeadForm
{
    /// <summary>It ends here: spliced, landed, capped or loose.</summary>
    Ended,

    /// <summary>It passes through without a break.</summary>
    PassingThrough,

    /// <summary>An unbroken loop with slack.</summary>
    Loop,
}

public enum LandingAt
{
    Unknown,
    Joint,
    Terminal,
    BondingScrew,
    Cap,
    Loose,
}

/// <summary>Where a lead's end is.</summary>
/// <param name="Joint">Joint id, for <see cref="LandingAt.Joint"/>.</param>
/// <param name="Device">Device id, for <see cref="LandingAt.Terminal"/>.</param>
/// <param name="Place">Landing place on the device, such as <c>line-hot/plate</c>; on the box which hole or clip, see
/// <see cref="GroundingPlaces"/>.</param>
public sealed record Landing(LandingAt At, Id<Joint>? Joint = null, Id<Device>? Device = null, string? Place = null)
{
    public static Landing Unknown { get; } = new(LandingAt.Unknown);

    public static Landing Loose { get; } = new(LandingAt.Loose);

    /// <summary>The terminal part of <see cref="Place"/>: <c>line-hot</c> of <c>line-hot/plate</c>.</summary>
    [JsonIgnore]
    public string? Terminal => Place?.IndexOf('/') is >= 0 and var slash ? Place[..slash] : Place;

    public bool IsOn(Id<Device> device) => At == LandingAt.Terminal && Device == device;

    public bool IsIn(Id<Joint> joint) => At == LandingAt.Joint && Joint == joint;
}

/// <summary>A conductor in a box: of a cable end, passing through, looped, or a device's own.</summary>
public sealed record Lead
{
    /// <summary>The run it belongs to; null for a device's own lead.</summary>
    public Id<Run>? Run { get; init; }

    /// <summary>Which end of the run is in this box.</summary>
    public RunSide Side { get; init; }

    /// <summary>The run it leaves by, when it passes through or loops.</summary>
    public Id<Run>? LeavesBy { get; init; }

    /// <summary>The device whose own lead this is.</summary>
    public Id<Device>? Device { get; init; }

    /// <summary>Place in the cable, or among the device's own leads.</summary>
    public int Index { get; init; }

    /// <summary>Null when nobody could tell.</summary>
    public Gauge? Gauge { get; init; }

    /// <summary>Colour of the insulation in words, or <c>bare</c>.</summary>
    public required string Colour { get; init; }

    /// <summary>Colour of the tape or paint that re-identifies it.</summary>
    public string? MarkedAs { get; init; }

    public bool Stranded { get; init; }

    public Metal Metal { get; init; } = Metal.Copper;

    public ConductorUse Use { get; init; }

    public LeadForm Form { get; init; }

    /// <summary>True for a device's own lead that comes in from outside the box, as from a canopy.</summary>
    public bool FromCanopy { get; init; }

    /// <summary>Length from sheath or raceway to its end; of a loop, the whole loop.</summary>
    public Fact<Length> Length { get; init; } = Fact<Length>.Unknown;

    public Landing Lands { get; init; } = Landing.Unknown;

    [JsonIgnore]
    public bool IsGround => Use is ConductorUse.Ground or ConductorUse.IsolatedGround;

    [JsonIgnore]
    public bool IsBare => Colour == "bare";
}

/// <summary>Leads spliced under one connector. Its members are the leads and pigtails that land in it.</summary>
public sealed record Joint
{
    public required string Connector { get; init; }

    public string? Name { get; init; }

    /// <summary>Space of the box it lies in, counted from the left when partitions divide it.</summary>
    public int Space { get; init; }
}

/// <summary>A conductor that lives wholly in the box, or the further part of a lead that goes on.</summary>
public sealed record Pigtail
{
    /// <summary>The lead, or the part of one, that goes on as this; null for a wire of its own.</summary>
    public Id<Lead>? Of { get; init; }

    public Gauge? Gauge { get; init; }

    public required string Colour { get; init; }

    public bool Stranded { get; init; }

    public Metal Metal { get; init; } = Metal.Copper;

    public ConductorUse Use { get; init; }

    public Landing From { get; init; } = Landing.Loose;

    public Landing To { get; init; } = Landing.Loose;

    public Fact<Length> Length { get; init; } = Fact<Length>.Unknown;
}
