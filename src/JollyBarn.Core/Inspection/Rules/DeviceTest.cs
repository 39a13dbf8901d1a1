using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The test button of a protective device opens it.</summary>
/// <remarks>NEC 110.3(B): its instructions ask for the test each month; here it is asked at each visit (<em>practice</em>).</remarks>
public sealed class DeviceTest() : BoxRule("device-test")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        look
            .Devices.Where(d => d.Kind.Protects)
            .Select(d => YesNo(look, d.Id, DeviceFacts.ButtonOpens, true, details: [("device", Thing.Device(d.Id))]));
}

/// <summary>A protective device is where a hand gets at its buttons.</summary>
/// <remarks>NEC 210.8(A): readily accessible, so without a ladder, a tool or moving what stands before it (Article 100).</remarks>
public sealed class ReadyAccess() : BoxRule("ready-access")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        look
            .Devices.Where(d => d.Kind.Protects)
            .Select(d => YesNo(look, d.Id, DeviceFacts.ReadyAccess, true, details: [("device", Thing.Device(d.Id))]));
}
