using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>A cable as the trade names it: 14-2 is two insulated conductors of 14 AWG and a bare ground.</summary>
/// <param name="Name">As people say it.</param>
/// <param name="Spec">What brings one in.</param>
public sealed record CableSort(string Id, string Name, CableSpec Spec)
{
    /// <summary>Those that are met again and again, in the order they are offered. <em>Practice</em>.</summary>
    public static IReadOnlyList<CableSort> All { get; } =
    [
        Nm(14, 2),
        Nm(14, 3),
        Nm(12, 2),
        Nm(12, 3),
        Nm(10, 2),
        Nm(10, 3),
        Nm(14, 4),
        Nm(12, 4),
        OldTwoWire(14),
        OldTwoWire(12),
        new("12-2/uf", "12-2 UF", new(CableType.UfB, 2, GroundKind.Bare, Gauge.Awg(12))),
        new("12-2/mc", "12-2 MC", new(CableType.Mc, 2, GroundKind.Insulated, Gauge.Awg(12))),
        new("12-2/ac", "12-2 AC, grounded by its armour", new(CableType.Ac, 2, GroundKind.Sheath, Gauge.Awg(12))),
        new("12-2/raceway", "12 AWG hot and neutral in metal raceway", new(CableType.Raceway, 2, GroundKind.Sheath, Gauge.Awg(12))),
    ];

    private static CableSort Nm(int gauge, int conductors) =>
        new($"{gauge}-{conductors}", $"{gauge}-{conductors}", new(CableType.NmB, conductors, GroundKind.Bare, Gauge.Awg(gauge)));

    private static CableSort OldTwoWire(int gauge) =>
        new($"{gauge}-2/none", $"{gauge}-2 no ground", new(CableType.OldTwoWire, 2, GroundKind.None, Gauge.Awg(gauge)));
}
