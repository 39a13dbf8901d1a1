using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

public enum ConnectorStyle
{
    TwistOn,
    ThroughHoleTwistOn,
    Lever,
    PushIn,
    Inline,
    Crimp,
    Sealed,
    Listed,

    /// <summary>Twisted or soldered and left without a connector: recorded, then judged.</summary>
    None,
}

/// <summary>A connector in generic words. The room it takes is an assumption for crowding (<em>practice</em>); its package decides what it
/// takes.</summary>
/// <param name="Room">Room it takes in the box, in³.</param>
/// <param name="Ports">Ports it has, one conductor each; null where copper together, not a count of ports, says what it takes.</param>
/// <param name="Thickest">Thickest conductor a port usually takes; null where there are no ports.</param>
/// <param name="Grip">What one without ports grips.</param>
public sealed record ConnectorKind(
    string Id,
    string Name,
    ConnectorStyle Style,
    Volume Room,
    int? Ports = null,
    Gauge? Thickest = null,
    Grip? Grip = null
)
{
    /// <summary>True where it usually takes these: one to a port, none thicker than a port takes; or so much copper together.</summary>
    public bool Takes(IReadOnlyList<Gauge?> conductors) =>
        Grip?.Takes(conductors) ?? (conductors.Count <= Ports && conductors.Max()?.ThickerThan(Thickest!.Value) != true);
}

/// <summary>Copper that connectors of a size grip, circular mils all conductors together. <em>Practice</em>, from memory of what packages
/// of generic small, medium and large ones list; the package decides.</summary>
/// <param name="Count">Most conductors, whatever their gauge.</param>
/// <param name="Least">Under it no connector of the size is listed.</param>
/// <param name="Snug">Under it a smaller one grips better.</param>
/// <param name="Most">Over it few connectors of the size are listed.</param>
public sealed record Grip(int Count, int Least, int Snug, int Most)
{
    /// <summary>The thinnest copper of building wiring, NEC Table 310.106(A).</summary>
    private static readonly Gauge Thinnest = Gauge.Awg(14);

    public bool Takes(IReadOnlyList<Gauge?> conductors) => conductors.Count <= Count && Copper(conductors) <= Most;

    /// <summary>Most conductors of one gauge.</summary>
    public int MostOf(Gauge gauge) => Math.Min(Count, Most / gauge.CircularMils);

    /// <summary>Copper of the conductors, circular mils; one whose gauge nobody knows is at least 14 AWG.</summary>
    public static int Copper(IEnumerable<Gauge?> conductors) => conductors.Sum(g => (g ?? Thinnest).CircularMils);

    /// <summary>Copper of so many of a gauge, circular mils.</summary>
    public static int Of(int count, int awg) => count * Gauge.Awg(awg).CircularMils;
}

public static class ConnectorKinds
{
    private static readonly Gauge Twelve = Gauge.Awg(12);

    public static IReadOnlyList<ConnectorKind> All { get; } =
    [
        TwistOn("twist-on-small", "small twist-on", 0.15m, new(4, Grip.Of(2, 18), Grip.Of(2, 18), Grip.Of(2, 14))),
        TwistOn("twist-on-medium", "medium twist-on", 0.30m, new(4, Grip.Of(2, 18), Grip.Of(2, 16), Grip.Of(4, 12))),
        TwistOn("twist-on-large", "large twist-on", 0.50m, new(6, Grip.Of(2, 16), Grip.Of(3, 14), Grip.Of(5, 12))),
        TwistOn("twist-on-extra-large", "extra large twist-on", 0.90m, new(8, Grip.Of(2, 12), Grip.Of(3, 12), Grip.Of(2, 6))),
        Gripping(
            "twist-on-ground",
            "through-hole ground twist-on",
            ConnectorStyle.ThroughHoleTwistOn,
            0.35m,
            new(4, Grip.Of(2, 14), Grip.Of(2, 14), Grip.Of(4, 12))
        ),
        Ported("lever-2", "two-port lever connector", ConnectorStyle.Lever, 0.25m, 2),
        Ported("lever-3", "three-port lever connector", ConnectorStyle.Lever, 0.35m, 3),
        Ported("lever-5", "five-port lever connector", ConnectorStyle.Lever, 0.55m, 5),
        Ported("push-in-2", "two-port push-in connector", ConnectorStyle.PushIn, 0.12m, 2),
        Ported("push-in-4", "four-port push-in connector", ConnectorStyle.PushIn, 0.22m, 4),
        Ported("push-in-6", "six-port push-in connector", ConnectorStyle.PushIn, 0.32m, 6),
        Ported("inline", "inline connector", ConnectorStyle.Inline, 0.20m, 2),
        Gripping("crimp-sleeve", "crimped sleeve", ConnectorStyle.Crimp, 0.10m, new(4, Grip.Of(2, 18), Grip.Of(2, 18), Grip.Of(3, 12))),
        Gripping(
            "sealed",
            "sealed connector for wet places",
            ConnectorStyle.Sealed,
            0.60m,
            new(4, Grip.Of(2, 18), Grip.Of(2, 16), Grip.Of(4, 12))
        ),
        Ported("listed-splice", "listed splice", ConnectorStyle.Listed, 2.0m, 2),
        new("bare", "no connector", ConnectorStyle.None, Volume.Zero),
    ];

    public static ConnectorKind? Find(string? id) => All.FirstOrDefault(k => k.Id == id);

    /// <summary>The smallest twist-on that usually takes these; the largest there is where none does.</summary>
    public static ConnectorKind TwistOnFor(IReadOnlyList<Gauge?> conductors)
    {
        var bySize = All.Where(k => k.Style == ConnectorStyle.TwistOn).ToList();
        return bySize.Find(k => k.Takes(conductors)) ?? bySize[^1];
    }

    private static ConnectorKind TwistOn(string id, string name, decimal room, Grip grip) =>
        Gripping(id, name, ConnectorStyle.TwistOn, room, grip);

    private static ConnectorKind Gripping(string id, string name, ConnectorStyle style, decimal room, Grip grip) =>
        new(id, name, style, Volume.Of(room), Grip: grip);

    private static ConnectorKind Ported(string id, string name, ConnectorStyle style, decimal room, int ports) =>
        new(id, name, style, Volume.Of(room), ports, Twelve);
}
