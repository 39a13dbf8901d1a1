using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A device is held by machine screws.</summary>
/// <remarks>NEC 406.5(F), 404.10(B).</remarks>
public sealed class DeviceScrews() : BoxRule("device-screws")
{
    public enum Case
    {
        Machine,
        Other,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        let screws = look.Read(DeviceFacts.Screws, device.Id)
        where device.Kind.Yoke && screws is not null
        select screws == YokeScrews.Machine
            ? Fine(device.Id, Case.Machine)
            : Fix(device.Id, Case.Other, ("device", Thing.Device(device.Id)));
}
