using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

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

public static class TerminalRoles
{
    /// <summary>Where a neutral belongs.</summary>
    public static bool IsNeutral(this TerminalRole role) =>
        role is TerminalRole.Neutral or TerminalRole.LineNeutral or TerminalRole.LoadNeutral;

    /// <summary>Where a protective device is fed.</summary>
    public static bool IsLine(this TerminalRole role) => role is TerminalRole.LineHot or TerminalRole.LineNeutral;

    /// <summary>Where a protective device feeds on what it protects.</summary>
    public static bool IsLoad(this TerminalRole role) => role is TerminalRole.LoadHot or TerminalRole.LoadNeutral;

    /// <summary>The role on the other side of a protective device; the role itself where there is none.</summary>
    public static TerminalRole OverThere(this TerminalRole role) =>
        role switch
        {
            TerminalRole.LineHot => TerminalRole.LoadHot,
            TerminalRole.LineNeutral => TerminalRole.LoadNeutral,
            TerminalRole.LoadHot => TerminalRole.LineHot,
            TerminalRole.LoadNeutral => TerminalRole.LineNeutral,
            _ => role,
        };
}
