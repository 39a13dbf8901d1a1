using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Records that a switch of a box was thrown. Proofs end at the boxes that cables join to it, or that are not known not to be; in
/// version 1 every proof of the job did.</summary>
/// <param name="On">On, or the second way of a three-way or four-way.</param>
public sealed record ThrowSwitch(Id<Box> Box, Id<Device> Device, bool On, string By, string At) : BoxEdit(Box)
{
    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { V = 2, At = at };

    protected override Refusal? CheckIn(Box box, Job job) =>
        !box.Devices.TryFind(Device, out var device) ? Refuse.Missing(What.Device, Device, "device")
        : CodeBook.DeviceKinds.Find(device.Kind)?.Switches == true ? Refuse.BadText(By, "by") ?? Refuse.BadTime(At, "at")
        : new Refusal(Why.SwitchesNothing, "device", ("name", device.Name), ("kind", device.Kind));

    protected override Box ApplyIn(Box box) =>
        box.Devices.TryFind(Device, out var device) ? box with { Devices = box.Devices.With(Device, device with { On = On }) } : box;

    protected override Job ApplyTo(Job job, Box box)
    {
        var (next, why) = (base.ApplyTo(job, box), ProofEnds.Thrown(box, Device));
        if (V < 2)
        {
            return Proofs.Lapse(next, why, At);
        }

        var fed = new MayFeed(job);
        return Proofs.Lapse(next, why, At, p => fed.Switch(Box, p.Box));
    }
}
