using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>What descriptions of devices are put together from.</summary>
internal static class DeviceParts
{
    private static readonly Gauge G18 = Gauge.Awg(18);
    private static readonly Gauge G16 = Gauge.Awg(16);
    private static readonly Gauge G14 = Gauge.Awg(14);
    private static readonly Gauge G10 = Gauge.Awg(10);

    public static Terminal Ground { get; } = new("ground", "ground", TerminalRole.Ground, [Screw("ground/screw")]);

    /// <param name="body">In³ behind the yoke.</param>
    /// <param name="depth">In behind the yoke.</param>
    public static DeviceKind Yoked(string id, string name, decimal body, string depth, params Terminal[] terminals) =>
        new(id, name, true, 1, Volume.Of(body), Length.Parse(depth), terminals, []);

    /// <inheritdoc cref="Yoked(string, string, decimal, string, Terminal[])"/>
    public static DeviceKind WithLeads(string id, string name, decimal body, string depth, params FactoryLead[] leads) =>
        new(id, name, true, 1, Volume.Of(body), Length.Parse(depth), [], leads);

    public static DeviceKind Hung(string id, string name, HungAs hung, params FactoryLead[] leads) =>
        new(id, name, false, 0, Volume.Zero, Length.Zero, [], leads) { Hung = hung };

    public static Terminal At(string id, string name, TerminalRole role) =>
        new(id, name, role, [Screw($"{id}/screw"), PushIn($"{id}/push")]);

    public static Terminal Plate(string id, string name, TerminalRole role) =>
        new(id, name, role, [new($"{id}/plate", "under the plate", LandingKind.ClampPlate, 2, G14, G10, false)]);

    public static Terminal Wide(string id, string name, TerminalRole role) =>
        new(id, name, role, [new($"{id}/lug", "clamp", LandingKind.ClampPlate, 1, G10, Gauge.Awg(4), false)]);

    public static Terminal[] Halves(string id, string name, TerminalRole role) =>
        [.. new[] { "upper", "lower" }.Select(half => At($"{id}-{half}", $"{name}, {half}", role) with { Half = half })];

    /// <summary>A lead of a device that never leaves the box.</summary>
    public static FactoryLead Own(string id, string name, string colour, TerminalRole role) =>
        new(id, name, colour, role, G16, true, false);

    /// <summary>A fixture wire, that comes in from a canopy.</summary>
    public static FactoryLead Fixture(string id, string name, string colour, TerminalRole role) =>
        new(id, name, colour, role, G18, true, true);

    private static LandingPlace Screw(string id) => new(id, "screw", LandingKind.Screw, 1, G14, G10, false);

    /// <summary>Push-in holes take 14 AWG solid copper only (their listing).</summary>
    private static LandingPlace PushIn(string id) => new(id, "push-in hole", LandingKind.PushIn, 1, G14, G14, true);
}
