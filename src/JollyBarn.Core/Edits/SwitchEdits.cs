using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Records that a switch of a box was thrown. Proofs end at the boxes that cables join to it, or that are not known not to be; in
/// version 1 every proof of the job did, and before version 3 both switches of a yoke were thrown as one.</summary>
/// <param name="On">On, or the second way of a three-way or four-way.</param>
/// <param name="Lever"><c>lower</c> for the lower of two switches on a yoke; null for the only or the upper one.</param>
public sealed record ThrowSwitch(Id<Box> Box, Id<Device> Device, bool On, string By, string At, string? Lever = null) : BoxEdit(Box)
{
    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { V = 3, At = at };

    protected override Refusal? CheckIn(Box box, Job job) =>
        !box.Devices.TryFind(Device, out var device) ? Refuse.Missing(What.Device, Device, "device")
        : CodeBook.DeviceKinds.Find(device.Kind)?.Levers.Contains(Lever ?? "") == true
            ? Refuse.BadText(By, "by") ?? Refuse.BadTime(At, "at")
        : new Refusal(Why.SwitchesNothing, "device", ("name", device.Name), ("kind", device.Kind));

    protected override Box ApplyIn(Box box) =>
        box.Devices.TryFind(Device, out var device) ? box with { Devices = box.Devices.With(Device, Thrown(device)) } : box;

    private Device Thrown(Device device) =>
        V < 3 && CodeBook.DeviceKinds.Find(device.Kind)?.Levers.Count > 1 ? device with { On = On, LowerOn = On }
        : string.IsNullOrEmpty(Lever) ? device with { On = On }
        : device with { LowerOn = On };

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
