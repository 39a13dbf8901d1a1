using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Luminaires in a clothes closet are of a kind allowed there, and far enough from what is stored.</summary>
/// <remarks>NEC 410.16: no open or hanging lamp; 12 in to a closed incandescent or LED on the surface, 6 in to a fluorescent on the surface
/// and to a recessed one.</remarks>
public sealed class ClosetLight() : BoxRule("closet")
{
    public enum Case
    {
        AskKind,
        NotAllowed,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        where look.Use is RoomUse.Closet && device.Kind.Hung == HungAs.Luminaire
        select Judge(look, device.Id);

    private Finding Judge(BoxLook look, Id<Device> id)
    {
        (string, object?)[] name = [("device", Thing.Device(id))];
        var kind = look.Read(DeviceFacts.Luminaire, id);
        if (kind is null)
        {
            return Ask(id, Case.AskKind, [DeviceFacts.Luminaire], name);
        }

        if (kind is LuminaireSort.OpenLamp or LuminaireSort.Hanging)
        {
            return Fix(id, Case.NotAllowed, name);
        }

        var limit = kind == LuminaireSort.SurfaceClosed ? "closet.closed" : "closet.fluorescent";
        return look.Read(DeviceFacts.ToStorage, id) is { } away
            ? AtLeast(look, id, away, limit, details: name)
            : Ask(id, Case.Ask, [DeviceFacts.ToStorage], name).By(limit);
    }
}
