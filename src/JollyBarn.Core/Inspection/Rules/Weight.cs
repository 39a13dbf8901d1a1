using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>What hangs on a box is not heavier than it may be.</summary>
/// <remarks>NEC 314.27(A), (C): 6 lb on a device or utility box with two No. 6 screws, 50 lb on a ceiling box; a fan up to 35 lb on a
/// box marked for fans, up to 70 lb by its mark.</remarks>
public sealed class Weight() : BoxRule("weight")
{
    public enum Case
    {
        FanOnPlainBox,
        AskWeight,
        TooHeavy,
        AskFanBox,
        AskMark,
        Bears,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        where device.Kind.Hung is HungAs.Luminaire or HungAs.Fan && look.Box.Shape is not (BoxShape.Luminaire or BoxShape.Other)
        select device.Kind.Hung == HungAs.Fan ? Fan(look, device.Id) : Hung(look, device.Id);

    private Finding Hung(BoxLook look, Id<Device> id)
    {
        var limit = look.Box.Shape is BoxShape.Device or BoxShape.Utility ? "box.luminaire.weight" : "box.ceiling.weight";
        var most = look.Limits.Number(limit);
        return (
            look.Read(DeviceFacts.Weight, id) switch
            {
                null => Ask(id, Case.AskWeight, [DeviceFacts.Weight], ("device", Thing.Device(id))),
                { } weight when weight > most => TooHeavy(id, weight, most),
                { } weight => Fine(id, Case.Bears, ("weight", weight), ("limit", most)),
            }
        ).By(limit);
    }

    private Finding Fan(BoxLook look, Id<Device> id)
    {
        const string limit = "box.fan.plain";
        var most = look.Limits.Number("box.fan.most");
        var plain = look.Limits.Number(limit);
        var listed = FanReady.ForFans(look);
        FactAsked box = new(Subjects.Box, BoxFacts.FanListed);
        return (
            look.Read(DeviceFacts.Weight, id) switch
            {
                _ when listed == false => Fix(id, Case.FanOnPlainBox),
                null => AskOf(
                    id,
                    Case.AskWeight,
                    [new(id, DeviceFacts.Weight), .. listed is null ? [box] : Array.Empty<FactAsked>()],
                    ("device", Thing.Device(id))
                ),
                { } weight when weight > most => TooHeavy(id, weight, most),
                _ when listed is null => AskOf(id, Case.AskFanBox, [box]),
                { } weight when weight > plain => Better(id, Case.AskMark, ("weight", weight), ("limit", plain)),
                { } weight => Fine(id, Case.Bears, ("weight", weight), ("limit", most)),
            }
        ).By(limit);
    }

    private Finding TooHeavy(Id<Device> id, decimal weight, decimal most) =>
        Fix(id, Case.TooHeavy, ("device", Thing.Device(id)), ("weight", weight), ("limit", most), ("by", weight - most));
}
