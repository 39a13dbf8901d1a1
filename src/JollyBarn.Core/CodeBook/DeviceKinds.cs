using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>Kinds of devices. One line in <see cref="All"/> adds one.</summary>
public static class DeviceKinds
{
    private static readonly Gauge G18 = Gauge.Awg(18);
    private static readonly Gauge G16 = Gauge.Awg(16);
    private static readonly Gauge G14 = Gauge.Awg(14);
    private static readonly Gauge G10 = Gauge.Awg(10);

    private static readonly Terminal Ground = new("ground", "ground", TerminalRole.Ground, [Screw("ground/screw")]);

    private static readonly Dictionary<string, DeviceKind> ById;
    private static readonly Dictionary<(string Kind, string Place), (Terminal Terminal, LandingPlace Place)> Spots;

    static DeviceKinds()
    {
        All =
        [
            Yoked(
                "receptacle",
                "duplex receptacle",
                DeviceFamily.Receptacle,
                2.4m,
                "1 1/8",
                [.. Halves("hot", "hot", TerminalRole.Hot), .. Halves("neutral", "neutral", TerminalRole.Neutral), Ground]
            ),
            Yoked(
                "receptacle-single",
                "single receptacle",
                DeviceFamily.Receptacle,
                2.2m,
                "1 1/8",
                [At("hot", "hot", TerminalRole.Hot), At("neutral", "neutral", TerminalRole.Neutral), Ground]
            ),
            Yoked(
                "receptacle-split",
                "split receptacle",
                DeviceFamily.Receptacle,
                2.4m,
                "1 1/8",
                [.. Halves("hot", "hot", TerminalRole.Hot), .. Halves("neutral", "neutral", TerminalRole.Neutral), Ground]
            ),
            Yoked(
                "receptacle-two-slot",
                "two-slot receptacle",
                DeviceFamily.Receptacle,
                2.2m,
                "1",
                [.. Halves("hot", "hot", TerminalRole.Hot), .. Halves("neutral", "neutral", TerminalRole.Neutral)]
            ),
            Yoked(
                "protective",
                "protective receptacle, GFCI",
                DeviceFamily.ProtectiveReceptacle,
                5.2m,
                "1 3/8",
                [
                    Plate("line-hot", "line hot", TerminalRole.LineHot),
                    Plate("line-neutral", "line neutral", TerminalRole.LineNeutral),
                    Plate("load-hot", "load hot", TerminalRole.LoadHot),
                    Plate("load-neutral", "load neutral", TerminalRole.LoadNeutral),
                    Ground,
                ]
            ),
            Yoked(
                "switch",
                "single-pole switch",
                DeviceFamily.Switch,
                2.0m,
                "1 1/8",
                [At("hot", "feed", TerminalRole.Hot), At("switched", "switched", TerminalRole.Switched), Ground]
            ),
            Yoked(
                "switch-3way",
                "three-way switch",
                DeviceFamily.Switch,
                2.2m,
                "1 1/4",
                [
                    At("common", "common", TerminalRole.Common),
                    At("traveler-1", "traveler, left", TerminalRole.Traveler),
                    At("traveler-2", "traveler, right", TerminalRole.Traveler),
                    Ground,
                ]
            ),
            Yoked(
                "switch-4way",
                "four-way switch",
                DeviceFamily.Switch,
                2.6m,
                "1 3/8",
                [
                    At("in-1", "traveler in, left", TerminalRole.Traveler),
                    At("in-2", "traveler in, right", TerminalRole.Traveler),
                    At("out-1", "traveler out, left", TerminalRole.Traveler),
                    At("out-2", "traveler out, right", TerminalRole.Traveler),
                    Ground,
                ]
            ),
            Yoked(
                "dimmer",
                "dimmer",
                DeviceFamily.Dimmer,
                4.6m,
                "1 1/4",
                [],
                Own("hot", "feed", "black", TerminalRole.Hot),
                Own("switched", "switched", "red", TerminalRole.Switched),
                Own("ground", "ground", "green", TerminalRole.Ground)
            ),
            Yoked(
                "smart-switch",
                "smart switch with neutral",
                DeviceFamily.SmartSwitch,
                5.4m,
                "1 3/8",
                [],
                Own("hot", "feed", "black", TerminalRole.Hot),
                Own("switched", "switched", "red", TerminalRole.Switched),
                Own("neutral", "neutral", "white", TerminalRole.Neutral),
                Own("ground", "ground", "green", TerminalRole.Ground)
            ),
            Yoked(
                "combination",
                "switch and receptacle on one yoke",
                DeviceFamily.Combination,
                2.8m,
                "1 1/4",
                [
                    .. Halves("hot", "hot", TerminalRole.Hot),
                    At("switched", "switched", TerminalRole.Switched),
                    At("neutral", "neutral", TerminalRole.Neutral),
                    Ground,
                ]
            ),
            Yoked(
                "timer",
                "timer on a yoke",
                DeviceFamily.Timer,
                5.0m,
                "1 3/8",
                [],
                Own("hot", "feed", "black", TerminalRole.Hot),
                Own("switched", "switched", "red", TerminalRole.Switched),
                Own("neutral", "neutral", "white", TerminalRole.Neutral),
                Own("ground", "ground", "green", TerminalRole.Ground)
            ),
            Yoked(
                "range-receptacle",
                "range or dryer receptacle, two gangs wide",
                DeviceFamily.Receptacle,
                9.0m,
                "1 3/4",
                [
                    Wide("hot-1", "hot, left", TerminalRole.Hot),
                    Wide("hot-2", "hot, right", TerminalRole.Hot),
                    Wide("neutral", "neutral", TerminalRole.Neutral),
                    Wide("ground", "ground", TerminalRole.Ground),
                ]
            ) with
            {
                GangsWide = 2,
            },
            Hung(
                "luminaire",
                "luminaire on a canopy",
                DeviceFamily.Luminaire,
                Fixture("hot", "hot", "black", TerminalRole.Hot),
                Fixture("neutral", "neutral", "white", TerminalRole.Neutral),
                Fixture("ground", "ground", "bare", TerminalRole.Ground)
            ),
            Hung("lampholder", "lampholder with screws", DeviceFamily.Luminaire) with
            {
                Body = Volume.Of(1.5m),
                Depth = Length.Inches(0, 3, 4),
                Terminals = [At("hot", "hot", TerminalRole.Hot), At("neutral", "neutral", TerminalRole.Neutral)],
            },
            Hung(
                "fan",
                "fan",
                DeviceFamily.Fan,
                Fixture("hot", "fan hot", "black", TerminalRole.Hot),
                Fixture("light", "light hot", "blue", TerminalRole.Switched),
                Fixture("neutral", "neutral", "white", TerminalRole.Neutral),
                Fixture("ground", "ground", "green", TerminalRole.Ground)
            ),
            Hung(
                "downlight",
                "canless downlight",
                DeviceFamily.Luminaire,
                Fixture("hot", "hot", "black", TerminalRole.Hot),
                Fixture("neutral", "neutral", "white", TerminalRole.Neutral),
                Fixture("ground", "ground", "green", TerminalRole.Ground)
            ),
            Hung(
                "alarm",
                "smoke alarm",
                DeviceFamily.Alarm,
                Fixture("hot", "hot", "black", TerminalRole.Hot),
                Fixture("neutral", "neutral", "white", TerminalRole.Neutral),
                Fixture("signal", "interconnect", "orange", TerminalRole.Traveler)
            ),
            Hung("blank", "blank plate or cover", DeviceFamily.Blank),
            Hung("splice-kit", "splice kit", DeviceFamily.Splice),
            Hung("receptacle-own-enclosure", "receptacle with its own enclosure", DeviceFamily.Receptacle) with
            {
                Terminals = [At("hot", "hot", TerminalRole.Hot), At("neutral", "neutral", TerminalRole.Neutral), Ground],
            },
        ];
        ById = All.ToDictionary(k => k.Id, StringComparer.Ordinal);
        Spots = All.SelectMany(k => k.Terminals.SelectMany(t => t.Landings.Select(p => (Key: (k.Id, p.Id), Spot: (t, p)))))
            .ToDictionary(s => s.Key, s => s.Spot);
    }

    public static IReadOnlyList<DeviceKind> All { get; }

    public static DeviceKind? Find(string? id) => id is not null && ById.TryGetValue(id, out var kind) ? kind : null;

    /// <summary>A landing place of a kind with the terminal it is on; null when the kind has no such place.</summary>
    public static (Terminal Terminal, LandingPlace Place)? Spot(string? kind, string? place) =>
        kind is not null && place is not null && Spots.TryGetValue((kind, place), out var spot) ? spot : null;

    private static DeviceKind Yoked(
        string id,
        string name,
        DeviceFamily family,
        decimal body,
        string depth,
        IReadOnlyList<Terminal> terminals,
        params FactoryLead[] leads
    ) => new(id, name, family, true, 1, Volume.Of(body), Length.Parse(depth), terminals, leads);

    private static DeviceKind Hung(string id, string name, DeviceFamily family, params FactoryLead[] leads) =>
        new(id, name, family, false, 0, Volume.Zero, Length.Zero, [], leads);

    private static Terminal At(string id, string name, TerminalRole role) =>
        new(id, name, role, [Screw($"{id}/screw"), PushIn($"{id}/push")]);

    private static Terminal Plate(string id, string name, TerminalRole role) =>
        new(id, name, role, [new($"{id}/plate", "under the plate", LandingKind.ClampPlate, 2, G14, G10, false)]);

    private static Terminal Wide(string id, string name, TerminalRole role) =>
        new(id, name, role, [new($"{id}/lug", "clamp", LandingKind.ClampPlate, 1, G10, Gauge.Awg(4), false)]);

    private static IEnumerable<Terminal> Halves(string id, string name, TerminalRole role) =>
        new[] { "upper", "lower" }.Select(half => At($"{id}-{half}", $"{name}, {half}", role) with { Half = half });

    private static LandingPlace Screw(string id) => new(id, "screw", LandingKind.Screw, 1, G14, G10, false);

    /// <summary>Push-in holes take 14 AWG solid copper only (their listing).</summary>
    private static LandingPlace PushIn(string id) => new(id, "push-in hole", LandingKind.PushIn, 1, G14, G14, true);

    private static FactoryLead Own(string id, string name, string colour, TerminalRole role) =>
        new(id, name, colour, role, G16, true, false);

    private static FactoryLead Fixture(string id, string name, string colour, TerminalRole role) =>
        new(id, name, colour, role, G18, true, true);
}
