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
/// <param name="Ports">Ports it has, one conductor each; null where the package, not a count of ports, says what it takes.</param>
/// <param name="Most">Most conductors of 14 AWG that connectors of this size usually take. <em>Practice</em>: the package decides.</param>
public sealed record ConnectorKind(string Id, string Name, ConnectorStyle Style, Volume Room, int? Ports = null, int? Most = null);

public static class ConnectorKinds
{
    public static IReadOnlyList<ConnectorKind> All { get; } =
    [
        new("twist-on-small", "small twist-on", ConnectorStyle.TwistOn, Volume.Of(0.15m), Most: 2),
        new("twist-on-medium", "medium twist-on", ConnectorStyle.TwistOn, Volume.Of(0.30m), Most: 4),
        new("twist-on-large", "large twist-on", ConnectorStyle.TwistOn, Volume.Of(0.50m), Most: 6),
        new("twist-on-ground", "through-hole ground twist-on", ConnectorStyle.ThroughHoleTwistOn, Volume.Of(0.35m), Most: 4),
        new("lever-2", "two-port lever connector", ConnectorStyle.Lever, Volume.Of(0.25m), Ports: 2),
        new("lever-3", "three-port lever connector", ConnectorStyle.Lever, Volume.Of(0.35m), Ports: 3),
        new("lever-5", "five-port lever connector", ConnectorStyle.Lever, Volume.Of(0.55m), Ports: 5),
        new("push-in-2", "two-port push-in connector", ConnectorStyle.PushIn, Volume.Of(0.12m), Ports: 2),
        new("push-in-4", "four-port push-in connector", ConnectorStyle.PushIn, Volume.Of(0.22m), Ports: 4),
        new("push-in-6", "six-port push-in connector", ConnectorStyle.PushIn, Volume.Of(0.32m), Ports: 6),
        new("inline", "inline connector", ConnectorStyle.Inline, Volume.Of(0.20m), Ports: 2),
        new("crimp-sleeve", "crimped sleeve", ConnectorStyle.Crimp, Volume.Of(0.10m), Most: 4),
        new("sealed", "sealed connector for wet places", ConnectorStyle.Sealed, Volume.Of(0.60m), Most: 4),
        new("listed-splice", "listed splice", ConnectorStyle.Listed, Volume.Of(2.0m), Ports: 2),
        new("bare", "no connector", ConnectorStyle.None, Volume.Zero),
    ];

    public static ConnectorKind? Find(string? id) => All.FirstOrDefault(k => k.Id == id);
}
