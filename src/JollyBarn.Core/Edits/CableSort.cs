using System.Globalization;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>A cable somebody brings in, as people call it: "14-2" is 14 AWG, two insulated conductors and a ground.</summary>
/// <remarks>A cord is counted with its green wire: a 16-3 cord has two insulated conductors and a ground.</remarks>
/// <param name="Size">What it is called among those of its type.</param>
/// <param name="Name">What it is called among all.</param>
public sealed record CableSort(string Id, string Size, string Name, CableSpec Spec)
{
    /// <summary>All, type by type and in each by gauge; those met again and again come first in a type. <em>Practice</em>.</summary>
    public static IReadOnlyList<CableSort> All { get; } =
    [
        .. Of(CableType.NmB, "", "", GroundKind.Bare, [(14, 2), (14, 3), (12, 2), (12, 3), (10, 2), (10, 3), (14, 4), (12, 4)]),
        .. Of(CableType.NmB, "", "", GroundKind.Bare, [(8, 2), (8, 3), (6, 2), (6, 3)]),
        .. Of(CableType.OldTwoWire, "/none", " no ground", GroundKind.None, [(14, 2), (12, 2), (10, 2)]),
        .. Of(CableType.UfB, "/uf", " UF", GroundKind.Bare, [(12, 2), (14, 2), (10, 2), (12, 3), (14, 3), (10, 3), (8, 3), (6, 3)]),
        .. Of(CableType.Ac, "/ac", " AC, grounded by its armour", GroundKind.Sheath, Armoured),
        .. Of(CableType.Mc, "/mc", " MC", GroundKind.Insulated, [.. Armoured, (8, 3), (6, 3)]),
        .. new[] { 18, 16, 14, 12, 10 }.SelectMany(Cords),
        .. Of(CableType.Raceway, "/raceway", " in metal raceway", GroundKind.Sheath, [.. Armoured, (8, 3), (6, 3)]),
    ];

    /// <summary>Grounds that cables of this type are met with, the usual one first. <em>Practice</em>.</summary>
    public IReadOnlyList<GroundKind> Grounds =>
        Spec.Type switch
        {
            CableType.NmB or CableType.UfB => [GroundKind.Bare, GroundKind.None],
            CableType.Ac => [GroundKind.Sheath, GroundKind.Bare, GroundKind.None],
            CableType.Mc => [GroundKind.Insulated, GroundKind.Bare, GroundKind.Sheath],
            CableType.Raceway => [GroundKind.Sheath, GroundKind.Insulated, GroundKind.None],
            _ => [Spec.Ground],
        };

    private static (int Gauge, int Conductors)[] Armoured => [(12, 2), (14, 2), (12, 3), (14, 3), (10, 2), (10, 3), (14, 4), (12, 4)];

    private static IEnumerable<CableSort> Of(
        CableType type,
        string tail,
        string words,
        GroundKind ground,
        (int Gauge, int Conductors)[] sizes
    ) =>
        sizes.Select(s =>
        {
            var size = string.Create(CultureInfo.InvariantCulture, $"{s.Gauge}-{s.Conductors}");
            return new CableSort(size + tail, size, size + words, new(type, s.Conductors, ground, Gauge.Awg(s.Gauge)));
        });

    private static IEnumerable<CableSort> Cords(int gauge) =>
        Enumerable
            .Range(2, 3)
            .Select(wires =>
            {
                var size = string.Create(CultureInfo.InvariantCulture, $"{gauge}-{wires}");
                var (conductors, ground) = wires == 2 ? (2, GroundKind.None) : (wires - 1, GroundKind.Insulated);
                var spec = new CableSpec(CableType.Cord, conductors, ground, Gauge.Awg(gauge), Stranded: true);
                return new CableSort(size + "/cord", size, size + " cord", spec);
            });
}
