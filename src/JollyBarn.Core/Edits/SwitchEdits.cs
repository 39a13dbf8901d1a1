using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Records that a switch of a box was thrown. Every proof of the job ends: what it feeds may have changed.</summary>
/// <param name="On">On, or the second way of a three-way or four-way.</param>
public sealed record ThrowSwitch(string Box, string Device, bool On, string By, string At) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        !box.Devices.TryFind(Device, out var device) ? Refuse.Missing("device", Device, "device")
        : CodeBook.DeviceKinds.Find(device.Kind)?.Switches == true ? Refuse.BadText(By, "by") ?? Refuse.BadTime(At, "at")
        : new Refusal($"The {box.DeviceName(Device)} switches nothing.", "device");

    protected override Box ApplyIn(Box box) =>
        box.Devices.TryFind(Device, out var device) ? box with { Devices = box.Devices.With(Device, device with { On = On }) } : box;

    protected override Job ApplyTo(Job job, Box box) =>
        Proofs.Lapse(base.ApplyTo(job, box), $"the {box.DeviceName(Device)} of {box.Name} was thrown.", At);

    protected override string TellIn(Box box) => $"{box.DeviceName(Device)} thrown by {By}";
}
