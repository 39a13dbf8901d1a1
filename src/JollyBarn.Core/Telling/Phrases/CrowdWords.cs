using JollyBarn.CodeBook;
using JollyBarn.Fill;

namespace JollyBarn.Telling.Phrases;

/// <summary>The words of crowding.</summary>
internal static class CrowdWords
{
    public static string Name(CrowdLine line) =>
        line.Of switch
        {
            CrowdOf.Device => Names.DeviceKind(line.Kind ?? ""),
            CrowdOf.Connector => ConnectorKinds.Find(line.Kind)?.Name ?? "connector",
            _ => $"{(line.Wire!.Bare ? "bare" : "insulated")} {line.Wire.Gauge} AWG {(line.Of == CrowdOf.Leads ? "leads" : "pigtails")}",
        };

    public static string How(CrowdLine line) =>
        line.Wire is { } wire
            ? FormattableString.Invariant($"{wire.Inches:0.#} in of {wire.Across:0.000} in across, × {wire.Fold:0.##} for folding")
                + (wire.Guessed > 0 ? $"; {wire.Guessed} not measured" : "")
            : $"{line.Count} × {line.Each}{(line.Of == CrowdOf.Device ? " behind the yoke" : "")}";
}
