using static JollyBarn.CodeBook.DeviceParts;

namespace JollyBarn.CodeBook;

/// <summary>What a plug goes into and nothing else.</summary>
internal static class Receptacles
{
    private static readonly IReadOnlyList<Terminal> Duplex =
    [
        .. Halves("hot", "hot", TerminalRole.Hot),
        .. Halves("neutral", "neutral", TerminalRole.Neutral),
    ];

    private static readonly IReadOnlyList<DevicePart> Pair =
    [
        new Tab("hot"),
        new Tab("neutral"),
        new Slots("hot-upper", "neutral-upper", "upper"),
        new Slots("hot-lower", "neutral-lower", "lower"),
    ];

    private static readonly IReadOnlyList<Terminal> One =
    [
        At("hot", "hot", TerminalRole.Hot),
        At("neutral", "neutral", TerminalRole.Neutral),
        Ground,
    ];

    public static IReadOnlyList<DeviceKind> All { get; } =
    [
        Yoked("receptacle", "duplex receptacle", 2.4m, "1 1/8", [.. Duplex, Ground]) with
        {
            Inside = Pair,
        },
        Yoked("receptacle-single", "single receptacle", 2.2m, "1 1/8", [.. One]) with
        {
            Inside = [new Slots("hot", "neutral")],
            OneOutlet = true,
        },
        Yoked("receptacle-split", "split receptacle", 2.4m, "1 1/8", [.. Duplex, Ground]) with
        {
            Inside = Pair,
            FedApart = true,
        },
        Yoked("receptacle-two-slot", "two-slot receptacle", 2.2m, "1", [.. Duplex]) with
        {
            Inside = Pair,
        },
        Yoked("receptacle-ports", "receptacle with low-voltage ports", 5.6m, "1 5/8", [.. One]) with
        {
            Inside = [new Slots("hot", "neutral", "upper"), new Slots("hot", "neutral", "lower")],
        },
        Yoked("receptacle-three", "receptacle with three outlets", 2.8m, "1 1/4", [.. One]) with
        {
            Inside = [new Slots("hot", "neutral", "upper"), new Slots("hot", "neutral", "middle"), new Slots("hot", "neutral", "lower")],
        },
        Yoked(
            "range-receptacle",
            "range or dryer receptacle, two gangs wide",
            9.0m,
            "1 3/4",
            Wide("hot-1", "hot, left", TerminalRole.Hot),
            Wide("hot-2", "hot, right", TerminalRole.Hot),
            Wide("neutral", "neutral", TerminalRole.Neutral),
            Wide("ground", "ground", TerminalRole.Ground)
        ) with
        {
            GangsWide = 2,
            Inside = [new Slots("hot-1", "neutral")],
            OneOutlet = true,
        },
        Hung("receptacle-own-enclosure", "receptacle with its own enclosure", HungAs.Nothing) with
        {
            Terminals = One,
            Inside = [new Slots("hot", "neutral")],
            OneOutlet = true,
        },
    ];
}
