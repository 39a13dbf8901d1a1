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
    [Nm(14, 2), Nm(14, 3), Nm(12, 2), Nm(12, 3), Nm(10, 2), Nm(10, 3), Nm(14, 4), Nm(12, 4), OldTwoWire(14), OldTwoWire(12)];

    private static CableSort Nm(int gauge, int conductors) =>
        new($"{gauge}-{conductors}", $"{gauge}-{conductors}", new(CableType.NmB, conductors, GroundKind.Bare, Gauge.Awg(gauge)));

    private static CableSort OldTwoWire(int gauge) =>
        new($"{gauge}-2/none", $"{gauge}-2 no ground", new(CableType.OldTwoWire, 2, GroundKind.None, Gauge.Awg(gauge)));
}
