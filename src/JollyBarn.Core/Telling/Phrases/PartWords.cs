using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>What parts are called.</summary>
public static class PartWords
{
    private static readonly Dictionary<CableType, string> Types = new()
    {
        [CableType.NmB] = "NM-B",
        [CableType.UfB] = "UF-B",
        [CableType.Ac] = "AC",
        [CableType.Mc] = "MC",
        [CableType.Cord] = "cord",
        [CableType.OldTwoWire] = "old two-wire",
        [CableType.Raceway] = "single conductors in raceway",
        [CableType.KnobTube] = "open conductors",
        [CableType.Unknown] = "cable",
    };

    private static readonly Dictionary<string, string> Small = new(StringComparer.Ordinal)
    {
        ["clamp.cable"] = "cable connector for a knockout",
        ["staple.cable"] = "cable staple",
        ["screw.ground-10-32"] = "green 10-32 ground screw",
        ["screw.extension-8-32"] = "8-32 screw to hold an extension",
        ["tape.electrical"] = "roll of tape",
        ["nailplate.steel"] = "steel plate for a stud",
        ["raceway.surface"] = "surface raceway",
        ["plug.knockout"] = "knockout plug",
        ["label.gfci-no-ground"] = "labels \"GFCI protected\" and \"No equipment ground\"",
    };

    private static readonly Dictionary<string, string> Breakers = new(StringComparer.Ordinal)
    {
        ["gfci"] = ", GFCI",
        ["afci"] = ", AFCI",
        ["dualfunction"] = ", dual function",
        ["tandem"] = ", tandem",
    };

    public static string Of(PartId part) =>
        part.Sort switch
        {
            PartSort.Box => BoxKinds.Find(part.Kind)?.Name ?? part.Kind,
            PartSort.Fitting => PartKinds.Find(part.Kind)?.Name ?? part.Kind,
            PartSort.Device => DeviceKinds.Find(part.Kind)?.Name ?? part.Kind,
            PartSort.Connector => ConnectorKinds.Find(part.Kind)?.Name ?? part.Kind,
            PartSort.Cable => Cable(part.Kind.Split('-')),
            PartSort.Wire => $"{part.Kind.Split('-')[^1]} {Gauge(part.Kind.Split('-')[0])} wire",
            PartSort.Plate => part.Kind.StartsWith("wet-", StringComparison.Ordinal)
                ? $"in-use cover, {Gangs(part.Kind[4..])}"
                : $"plate with its screws, {Gangs(part.Kind)}",
            PartSort.Breaker => Breaker(part.Kind.Split('-')),
            _ => Small.GetValueOrDefault(part.ToString(), part.Kind),
        };

    /// <summary>True for what is counted in feet.</summary>
    public static bool InFeet(PartId part) => part.Sort is PartSort.Cable or PartSort.Wire or PartSort.Raceway;

    private static string Cable(string[] parts) =>
        parts is [var type, var gauge, var conductors, .. var ground]
            ? $"{gauge}-{conductors} {Types.First(t => t.Key.ToString().Equals(type, StringComparison.OrdinalIgnoreCase)).Value}"
                + (ground.Length > 0 ? " with ground" : "")
            : string.Join(' ', parts);

    private static string Gauge(string gauge) => gauge == "any" ? "" : $"{gauge} AWG";

    private static string Gangs(string gangs) => gangs == "1g" ? "one gang" : $"{gangs.TrimEnd('g')} gangs";

    private static string Breaker(string[] parts) =>
        parts is [var kind, var poles, var amperes]
            ? $"{amperes} A breaker{(poles == "2p" ? ", two poles" : "")}{(Breakers.GetValueOrDefault(kind, ""))}"
            : string.Join(' ', parts);
}
