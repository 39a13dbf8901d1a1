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

/// <summary>A connector in generic words. The room it takes is an assumption for crowding (<em>practice</em>); its package decides what it takes.</summary>
/// <param name="Room">Room it takes in the box, in³.</param>
public sealed record ConnectorKind(string Id, string Name, ConnectorStyle Style, Volume Room);

public static class ConnectorKinds
{
    public static IReadOnlyList<ConnectorKind> All { get; } =
    [
        new("twist-on-small", "small twist-on", ConnectorStyle.TwistOn, Volume.Of(0.15m)),
        new("twist-on-medium", "medium twist-on", ConnectorStyle.TwistOn, Volume.Of(0.30m)),
        new("twist-on-large", "large twist-on", ConnectorStyle.TwistOn, Volume.Of(0.50m)),
        new("twist-on-ground", "through-hole ground twist-on", ConnectorStyle.ThroughHoleTwistOn, Volume.Of(0.35m)),
        new("lever-2", "two-port lever connector", ConnectorStyle.Lever, Volume.Of(0.25m)),
        new("lever-3", "three-port lever connector", ConnectorStyle.Lever, Volume.Of(0.35m)),
        new("lever-5", "five-port lever connector", ConnectorStyle.Lever, Volume.Of(0.55m)),
        new("push-in-2", "two-port push-in connector", ConnectorStyle.PushIn, Volume.Of(0.12m)),
        new("push-in-4", "four-port push-in connector", ConnectorStyle.PushIn, Volume.Of(0.22m)),
        new("push-in-6", "six-port push-in connector", ConnectorStyle.PushIn, Volume.Of(0.32m)),
        new("inline", "inline connector", ConnectorStyle.Inline, Volume.Of(0.20m)),
        new("crimp-sleeve", "crimped sleeve", ConnectorStyle.Crimp, Volume.Of(0.10m)),
        new("sealed", "sealed connector for wet places", ConnectorStyle.Sealed, Volume.Of(0.60m)),
        new("listed-splice", "listed splice", ConnectorStyle.Listed, Volume.Of(2.0m)),
        new("bare", "no connector", ConnectorStyle.None, Volume.Zero),
    ];

    public static ConnectorKind? Find(string? id) => All.FirstOrDefault(k => k.Id == id);
}
