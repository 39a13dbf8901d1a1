using static JollyBarn.CodeBook.DeviceParts;

namespace JollyBarn.CodeBook;

/// <summary>What a hand or a clock opens and closes.</summary>
internal static class Switches
{
    public static IReadOnlyList<DeviceKind> All { get; } =
    [
        Yoked(
            "switch",
            "single-pole switch",
            2.0m,
            "1 1/8",
            At("hot", "feed", TerminalRole.Hot),
            At("switched", "switched", TerminalRole.Switched),
            Ground
        ) with
        {
            Inside = [new Way("hot", "switched")],
        },
        Yoked(
            "switch-3way",
            "three-way switch",
            2.2m,
            "1 1/4",
            At("common", "common", TerminalRole.Common),
            At("traveler-1", "traveler, left", TerminalRole.Traveler),
            At("traveler-2", "traveler, right", TerminalRole.Traveler),
            Ground
        ) with
        {
            Inside = [new Way("common", "traveler-1", false), new Way("common", "traveler-2")],
        },
        Yoked(
            "switch-4way",
            "four-way switch",
            2.6m,
            "1 3/8",
            At("in-1", "traveler in, left", TerminalRole.Traveler),
            At("in-2", "traveler in, right", TerminalRole.Traveler),
            At("out-1", "traveler out, left", TerminalRole.Traveler),
            At("out-2", "traveler out, right", TerminalRole.Traveler),
            Ground
        ) with
        {
            Inside = [new Way("in-1", "out-1", false), new Way("in-2", "out-2", false), new Way("in-1", "out-2"), new Way("in-2", "out-1")],
        },
        InTheHot("dimmer", "dimmer", "switched") with
        {
            Dims = true,
        },
        Standing("smart-switch", "smart switch with neutral", 5.4m),
        Standing("timer", "timer on a yoke", 5.0m),
        Standing("occupancy", "occupancy switch", 4.8m),
        InTheHot("fan-control", "fan speed control", "to the fan"),
        Yoked(
            "switch-pilot",
            "switch with a pilot lamp",
            2.4m,
            "1 1/4",
            At("hot", "feed", TerminalRole.Hot),
            At("switched", "switched", TerminalRole.Switched),
            At("neutral", "neutral", TerminalRole.Neutral),
            Ground
        ) with
        {
            Inside = [new Way("hot", "switched"), new Draws("switched", "neutral", ElectricsBook.AlarmWatts)],
        },
        Yoked(
            "switches-two",
            "two switches on a yoke",
            2.8m,
            "1 1/4",
            [
                .. Halves("hot", "feed", TerminalRole.Hot),
                At("switched-upper", "switched, upper", TerminalRole.Switched),
                At("switched-lower", "switched, lower", TerminalRole.Switched),
                Ground,
            ]
        ) with
        {
            Inside = [new Tab("hot"), new Way("hot-upper", "switched-upper"), new Way("hot-lower", "switched-lower", Lever: Way.Lower)],
        },
        Yoked(
            "combination",
            "switch and receptacle on one yoke",
            2.8m,
            "1 1/4",
            [
                .. Halves("hot", "hot", TerminalRole.Hot),
                At("switched", "switched", TerminalRole.Switched),
                At("neutral", "neutral", TerminalRole.Neutral),
                Ground,
            ]
        ) with
        {
            Inside = [new Tab("hot"), new Way("hot-upper", "switched"), new Slots("hot-lower", "neutral")],
        },
    ];

    /// <summary>A switch with leads of its own that stands in the hot alone.</summary>
    private static DeviceKind InTheHot(string id, string name, string on) =>
        WithLeads(
            id,
            name,
            4.6m,
            "1 1/4",
            Own("hot", "feed", "black", TerminalRole.Hot),
            Own("switched", on, "red", TerminalRole.Switched),
            Own("ground", "ground", "green", TerminalRole.Ground)
        ) with
        {
            Inside = [new Way("hot", "switched")],
        };

    /// <summary>A switch that is fed itself.</summary>
    private static DeviceKind Standing(string id, string name, decimal body) =>
        WithLeads(
            id,
            name,
            body,
            "1 3/8",
            Own("hot", "feed", "black", TerminalRole.Hot),
            Own("switched", "switched", "red", TerminalRole.Switched),
            Own("neutral", "neutral", "white", TerminalRole.Neutral),
            Own("ground", "ground", "green", TerminalRole.Ground)
        ) with
        {
            Inside = [new Way("hot", "switched"), new Draws("hot", "neutral", ElectricsBook.AlarmWatts)],
        };
}
