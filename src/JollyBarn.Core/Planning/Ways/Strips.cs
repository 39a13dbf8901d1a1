using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>How much is stripped by where an end lands. <em>Practice</em>; the gauge of the connector or device decides.</summary>
public static class Strips
{
    /// <summary>What the spot on a device is; null where it lands on none.</summary>
    public static LandingKind? Spot(Box box, Landing at)
    {
        ArgumentNullException.ThrowIfNull(box);
        ArgumentNullException.ThrowIfNull(at);
        return at.At == LandingAt.Terminal && DeviceKinds.Spot(box.Devices.Find(at.Device)?.Kind, at.Place) is var (_, place)
            ? place.Kind
            : null;
    }

    /// <summary>A hook round a screw of a device or of the box, or what goes straight in.</summary>
    public static bool Hooked(Box box, Landing at) => at?.At == LandingAt.BondingScrew || Spot(box, at!) == LandingKind.Screw;

    public static Length Of(Box box, Landing at, HousePractice house) =>
        at?.Joint is { } joint && box?.Joints.Find(joint) is { } made && ConnectorKinds.Find(made.Connector) is { } kind
            ? MakeBook.On(kind.Style).Strip
            : Length.FromInches((Hooked(box!, at!) ? WayBook.StripHook : WayBook.StripPort).Of(house));
}
