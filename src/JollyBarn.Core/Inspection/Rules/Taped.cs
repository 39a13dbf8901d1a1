using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Tape is round the terminals where the house wants it.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class Taped() : BoxRule("taped")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        where look.Practice.Says(PracticeBook.Tape, "metal") && look.Box.Material == BoxMaterial.Metal
        where device.Kind.Yoke && look.Read(DeviceFacts.Taped, device.Id) is not null
        select YesNo(look, device.Id, DeviceFacts.Taped, true, Verdict.Better, ("device", Thing.Device(device.Id))).By(PracticeBook.Tape);
}
