using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>The numbers of box fill and box depth, with their articles. From memory of NEC 2017, 2020 and 2023.</summary>
public static class FillLimits
{
    private const string Table = "Table 314.16(B); (B)(1) from 2020";

    /// <summary>Gauges of Table 314.16(B), thin to thick.</summary>
    public static IReadOnlyList<Gauge> Gauges { get; } = [.. new[] { 18, 16, 14, 12, 10, 8, 6 }.Select(Gauge.Awg)];

    public static IReadOnlyList<Limit> All { get; } =
    [
        new("fill.allowance.18", "18 AWG conductor", 1.50m, "in³", Table),
        new("fill.allowance.16", "16 AWG conductor", 1.75m, "in³", Table),
        new("fill.allowance.14", "14 AWG conductor", 2.00m, "in³", Table),
        new("fill.allowance.12", "12 AWG conductor", 2.25m, "in³", Table),
        new("fill.allowance.10", "10 AWG conductor", 2.50m, "in³", Table),
        new("fill.allowance.8", "8 AWG conductor", 3.00m, "in³", Table),
        new("fill.allowance.6", "6 AWG conductor", 5.00m, "in³", Table),
        new("fill.conductor", "conductor spliced, ended or passing through", 1, "allowances", "314.16(B)(1)"),
        new("fill.loop", "unbroken loop long enough to be cut and used", 2, "allowances", "314.16(B)(1)"),
        new("fill.loop.length", "length from which an unbroken loop counts twice", 12, "in", "314.16(B)(1), 300.14"),
        new("fill.canopy.leads", "fixture wires from a canopy that may be left out", 4, "leads", "314.16(B)(1) exception"),
        new("fill.canopy.under", "fixture wires thinner than this may be left out", 14, "AWG", "314.16(B)(1) exception"),
        new("fill.clamps", "internal cable clamps, one or more", 1, "allowances", "314.16(B)(2)"),
        new("fill.stud", "luminaire stud", 1, "allowances", "314.16(B)(3)"),
        new("fill.hickey", "hickey", 1, "allowances", "314.16(B)(3)"),
        new("fill.device", "yoke, a gang", 2, "allowances", "314.16(B)(4)"),
        new("fill.device.gang", "width from which a device counts by the gang", 2, "in", "314.16(B)(4)"),
        new("fill.ground", "equipment grounds, first lot", 1, "allowances", "314.16(B)(5)"),
        new("fill.ground.first", "equipment grounds in the first lot", 4, "grounds", "314.16(B)(5)", Edition.Nec2020),
        new("fill.ground.further", "each further equipment ground", 0.25m, "allowances", "314.16(B)(5)", Edition.Nec2020),
        new("fill.ground.isolated", "a set of isolated equipment grounds", 1, "allowances", "314.16(B)(5), 250.146(D)"),
        new("fill.block", "terminal block", 1, "allowances", "314.16(B)(6)", Edition.Nec2023),
        new("fill.partition.metal", "unmarked metal partition", 0.5m, "in³", "314.16(A)"),
        new("fill.partition.nonmetallic", "unmarked nonmetallic partition", 1m, "in³", "314.16(A)"),
        new("depth.box", "any box", 0.5m, "in", "314.24(A)"),
        new("depth.deep.device", "a device deeper than this needs room behind it", 1.875m, "in", "314.24(B)(1)"),
        new("depth.deep.behind", "room behind such a device", 0.25m, "in", "314.24(B)(1)"),
        new("depth.gauge.14", "device on 14 AWG or thinner", 0.9375m, "in", "314.24(B)(5)"),
        new("depth.gauge.12", "device on 12 or 10 AWG", 1.1875m, "in", "314.24(B)(4)"),
        new("depth.gauge.8", "device on 8, 6 or 4 AWG", 2.0625m, "in", "314.24(B)(3)"),
    ];

    public static string AllowanceKey(Gauge gauge) =>
        gauge.Number switch
        {
            18 => "fill.allowance.18",
            16 => "fill.allowance.16",
            14 => "fill.allowance.14",
            12 => "fill.allowance.12",
            10 => "fill.allowance.10",
            8 => "fill.allowance.8",
            6 => "fill.allowance.6",
            _ => "fill.allowance.none",
        };
}
