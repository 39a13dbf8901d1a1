using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A device sits firm at the finished face.</summary>
/// <remarks>NEC 406.5, 404.10(B).</remarks>
public sealed class DeviceRigid() : BoxRule("rigid")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        where device.Kind.Yoke
        select YesNo(look, device.Id, DeviceFacts.Rigid, true, details: [("device", Thing.Device(device.Id))]);
}
