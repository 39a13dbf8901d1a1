using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>How a connector is put on.</summary>
/// <param name="Strip">Bare copper it takes; a twist that is made first is stripped longer and trimmed to it.</param>
/// <param name="Turns">Turns seen in the insulated wires when it is tight; null where it is not turned.</param>
/// <param name="Twists">True where leads may be twisted together before it goes on.</param>
public sealed record PutOn(Length Strip, int? Turns = null, bool Twists = false);

/// <summary>Numbers of making up. All <em>practice</em>, from memory of what connectors' own instructions commonly say: the package in the
/// hand decides, and the card says so.</summary>
public static class MakeBook
{
    private static readonly Length Half = Length.FromInches(0.5m);

    /// <summary>Stripped so long where leads are twisted first and trimmed.</summary>
    public static Length OverStrip { get; } = Length.FromInches(0.75m);

    /// <summary>Ground long enough to come first out and last off: the ground of a device is left the longest. <em>Practice</em>.</summary>
    public static Length CutterReach { get; } = Length.FromInches(0.75m);

    public static PutOn On(ConnectorStyle style) =>
        style switch
        {
            ConnectorStyle.TwistOn or ConnectorStyle.ThroughHoleTwistOn or ConnectorStyle.Sealed => new(Half, 2, true),
            ConnectorStyle.Lever or ConnectorStyle.Inline => new(Length.FromInches(0.4375m)),
            ConnectorStyle.Crimp => new(OverStrip, Twists: true),
            _ => new(Half),
        };
}
