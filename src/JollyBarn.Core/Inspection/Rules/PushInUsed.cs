using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Push-in holes are not used where a screw is there.</summary>
/// <remarks>Practice; the house chooses. Legal for 14 AWG solid copper.</remarks>
public sealed class PushInUsed() : BoxRule("push-in")
{
    public enum Case
    {
        Used,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        where look.Practice.Says(PracticeBook.PushIn, "warn")
        from end in look.On(device.Id)
        where DeviceKinds.Spot(device.Kind.Id, end.At.Place)?.Place.Kind == LandingKind.PushIn
        select Better(end.Id, Case.Used, ("lead", Thing.Lead(end.Id)), ("device", Thing.Device(device.Id)))
            .Pointing(end.Id, device.Id)
            .By(PracticeBook.PushIn);
}
