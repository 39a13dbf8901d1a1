using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A dimmer does not feed a receptacle.</summary>
/// <remarks>NEC 404.14(E).</remarks>
public sealed class DimmerReceptacle() : BoxRule("dimmer")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        where device.Kind.Dims
        select YesNo(look, device.Id, DeviceFacts.DimsReceptacle, false, details: [("device", Thing.Device(device.Id))]);
}
