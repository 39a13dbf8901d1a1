using JollyBarn.Measures;
using static JollyBarn.CodeBook.DeviceParts;

namespace JollyBarn.CodeBook;

/// <summary>What hangs from a box, and what only closes one.</summary>
internal static class Fixtures
{
    private static readonly FactoryLead Hot = Fixture("hot", "hot", "black", TerminalRole.Hot);
    private static readonly FactoryLead Neutral = Fixture("neutral", "neutral", "white", TerminalRole.Neutral);
    private static readonly FactoryLead Green = Fixture("ground", "ground", "green", TerminalRole.Ground);
    private static readonly IReadOnlyList<DevicePart> Lamp = [new Draws("hot", "neutral", ElectricsBook.LuminaireWatts)];

    public static IReadOnlyList<DeviceKind> All { get; } =
    [
        Hung(
            "luminaire",
            "luminaire on a canopy",
            HungAs.Luminaire,
            Hot,
            Neutral,
            Fixture("ground", "ground", "bare", TerminalRole.Ground)
        ) with
        {
            Inside = Lamp,
        },
        Hung("lampholder", "lampholder with screws", HungAs.Luminaire) with
        {
            Body = Volume.Of(1.5m),
            Depth = Length.Inches(0, 3, 4),
            Terminals = [At("hot", "hot", TerminalRole.Hot), At("neutral", "neutral", TerminalRole.Neutral)],
            Inside = Lamp,
        },
        Hung(
            "fan",
            "fan",
            HungAs.Fan,
            Fixture("hot", "fan hot", "black", TerminalRole.Hot),
            Fixture("light", "light hot", "blue", TerminalRole.Switched),
            Neutral,
            Green
        ) with
        {
            Inside = [new Draws("hot", "neutral", ElectricsBook.FanWatts), new Draws("light", "neutral", ElectricsBook.LuminaireWatts)],
        },
        Hung("downlight", "canless downlight", HungAs.Luminaire, Hot, Neutral, Green) with
        {
            Inside = Lamp,
        },
        Hung("alarm", "smoke alarm", HungAs.Other, Hot, Neutral, Fixture("signal", "interconnect", "orange", TerminalRole.Traveler)) with
        {
            Inside = [new Draws("hot", "neutral", ElectricsBook.AlarmWatts)],
        },
        Hung("blank", "blank plate or cover", HungAs.Nothing),
        Hung("splice-kit", "splice kit", HungAs.Nothing),
    ];
}
