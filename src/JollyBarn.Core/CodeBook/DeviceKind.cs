using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

public enum DeviceFamily
{
    Receptacle,
    ProtectiveReceptacle,
    Switch,
    Dimmer,
    SmartSwitch,
    Combination,
    Luminaire,
    Fan,
    Alarm,
    Timer,
    Blank,
    Splice,
}

/// <summary>What a terminal is, electrically.</summary>
public enum TerminalRole
{
    Hot,
    Neutral,
    Ground,
    LineHot,
    LineNeutral,
    LoadHot,
    LoadNeutral,
    Common,
    Traveler,
    Switched,
}

public enum LandingKind
{
    Screw,
    ClampPlate,
    PushIn,
    Port,
}

/// <summary>The mechanical spot on a terminal.</summary>
/// <param name="Holds">Conductors it is identified for.</param>
/// <param name="Thickest">Thickest copper it takes.</param>
/// <param name="SolidOnly">True where stranded wire may not go.</param>
public sealed record LandingPlace(string Id, string Name, LandingKind Kind, int Holds, Gauge Thinnest, Gauge Thickest, bool SolidOnly);

/// <summary>An electrical point of a device with the places one can land on.</summary>
/// <param name="Half">Upper or lower half of a receptacle whose tab can be broken; null where there is no tab.</param>
public sealed record Terminal(string Id, string Name, TerminalRole Role, IReadOnlyList<LandingPlace> Landings, string? Half = null);

/// <summary>A lead that comes with the device.</summary>
/// <param name="Enters">True when it comes into the box from outside, as fixture wires from a canopy do; false when it never leaves the
/// box.</param>
public sealed record FactoryLead(string Id, string Name, string Colour, TerminalRole Role, Gauge Gauge, bool Stranded, bool Enters);

/// <summary>A kind of device, in generic words.</summary>
/// <param name="Yoke">True when it is carried on a yoke or strap and so counts in fill.</param>
/// <param name="GangsWide">Gangs its body takes.</param>
/// <param name="Body">Usual room its body takes behind the yoke, in³: an assumption for crowding only. <em>Practice</em>.</param>
/// <param name="Depth">Usual depth behind the yoke, in. <em>Practice</em>.</param>
public sealed record DeviceKind(
    string Id,
    string Name,
    DeviceFamily Family,
    bool Yoke,
    int GangsWide,
    Volume Body,
    Length Depth,
    IReadOnlyList<Terminal> Terminals,
    IReadOnlyList<FactoryLead> Leads
)
{
    /// <summary>True for what has a position a hand can change.</summary>
    public bool Switches =>
        Family is DeviceFamily.Switch or DeviceFamily.Dimmer or DeviceFamily.SmartSwitch or DeviceFamily.Timer or DeviceFamily.Combination;
}
