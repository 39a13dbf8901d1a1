using System.Text.Json.Serialization;
using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>What hangs from a box instead of standing on a yoke.</summary>
public enum HungAs
{
    Nothing,
    Luminaire,
    Fan,
    Other,
}

/// <summary>What a device shows in front.</summary>
public enum DeviceFace
{
    Slots,
    Handle,
}

/// <summary>A kind of device, in generic words: its terminals and leads, what lies between them, what it counts as.</summary>
/// <param name="Yoke">True when it is carried on a yoke or strap and so counts in fill.</param>
/// <param name="GangsWide">Gangs its body takes.</param>
/// <param name="Body">Usual room its body takes behind the yoke, in³: an assumption for crowding only. <em>Practice</em>.</param>
/// <param name="Depth">Usual depth behind the yoke, in. <em>Practice</em>.</param>
public sealed record DeviceKind(
    string Id,
    string Name,
    bool Yoke,
    int GangsWide,
    Volume Body,
    Length Depth,
    IReadOnlyList<Terminal> Terminals,
    IReadOnlyList<FactoryLead> Leads
)
{
    /// <summary>What lies between its terminals.</summary>
    [JsonIgnore]
    public IReadOnlyList<DevicePart> Inside { get; init; } = [];

    public DeviceFace Face => Receptacle ? DeviceFace.Slots : DeviceFace.Handle;

    /// <summary>What hangs from the box with it.</summary>
    [JsonIgnore]
    public HungAs Hung { get; init; }

    /// <summary>True for what turns a light down by less than the whole voltage.</summary>
    [JsonIgnore]
    public bool Dims { get; init; }

    /// <summary>True for a receptacle with one contact device on its yoke, as 210.21(B) has it.</summary>
    [JsonIgnore]
    public bool OneOutlet { get; init; }

    /// <summary>True for a receptacle meant to have its halves fed apart.</summary>
    [JsonIgnore]
    public bool FedApart { get; init; }

    /// <summary>True for what has slots a plug meets.</summary>
    [JsonIgnore]
    public bool Receptacle => Inside.Any(p => p is Slots);

    /// <summary>True for what lies between two hots.</summary>
    [JsonIgnore]
    public bool TwoHots =>
        Receptacle && Inside.OfType<Tab>().All(t => t.Side != "hot") && Terminals.Count(t => t.Role == TerminalRole.Hot) > 1;

    /// <summary>True for what opens by itself when current goes astray behind it.</summary>
    [JsonIgnore]
    public bool Protects => Inside.Any(p => p is Watches);

    /// <summary>True for what has a position a hand can change.</summary>
    [JsonIgnore]
    public bool Switches => Inside.Any(p => p is Way);

    /// <summary>The levers a hand moves: none, one that needs no name, or two on a yoke.</summary>
    [JsonIgnore]
    public IReadOnlyList<string> Levers => [.. Inside.OfType<Way>().Select(w => w.Lever).Distinct()];

    /// <summary>True for what is a switch alone: no slots on the same yoke.</summary>
    [JsonIgnore]
    public bool OnlySwitches => Switches && !Receptacle;

    /// <summary>True for what has a place for a neutral.</summary>
    [JsonIgnore]
    public bool TakesNeutral => Terminals.Any(t => t.Role.IsNeutral()) || Leads.Any(l => l.Role.IsNeutral());

    /// <summary>True for what hangs from the box and takes current, its wires coming in through a canopy or its base.</summary>
    [JsonIgnore]
    public bool Canopy => Hung != HungAs.Nothing;

    /// <summary>True for an outlet: current is taken there, by it or by what is plugged in. NEC 100.</summary>
    [JsonIgnore]
    public bool Outlet => Receptacle || Canopy;

    /// <summary>True when a terminal or a lead of its own has this role.</summary>
    public bool Has(TerminalRole role) => Points().Any(p => p.Role == role);

    /// <summary>True for what has anything electrical in it, so that its frame can touch the box.</summary>
    [JsonIgnore]
    public bool Electrical => Terminals.Count > 0 || Leads.Count > 0;

    /// <summary>Position it lies in when nobody said: on, and what has contacts in both positions its first way.</summary>
    [JsonIgnore]
    public bool LiesOn => Inside.OfType<Way>().All(w => w.WhenOn);

    /// <summary>The place of a kind with that role, first as listed; null when it has none.</summary>
    public LandingPlace? PlaceOf(TerminalRole role) => Terminals.FirstOrDefault(t => t.Role == role)?.Landings[0];

    /// <summary>Its terminals and its own leads, by name and role.</summary>
    public IEnumerable<(string Name, TerminalRole Role)> Points() =>
        Terminals.Select(t => (t.Id, t.Role)).Concat(Leads.Select(l => (l.Id, l.Role)));
}
