using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No switch in the space of a tub or shower, and nothing that hangs within its zone.</summary>
/// <remarks>NEC 404.4(C); 410.10(D): luminaires on cords, chains or stems and paddle fans stay outside 3 ft by 8 ft.</remarks>
public sealed class TubSpace() : BoxRule("tub-space")
{
    public enum Case
    {
        Ask,
        Switch,
        AskKind,
        AskZone,
        Hangs,
        Outside,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is not RoomUse.Bathroom)
        {
            yield break;
        }

        foreach (var (id, _, kind) in look.Devices)
        {
            if (kind.Switches)
            {
                yield return look.Read(WallFacts.InTubSpace) switch
                {
                    null => AskOf(id, Case.Ask, [new(Subjects.Box, WallFacts.InTubSpace)]),
                    true => Fix(id, Case.Switch, ("device", Thing.Device(id))),
                    false => Fine(id, Case.Outside),
                };
            }
            else if (kind.Hung != HungAs.Nothing)
            {
                yield return Hung(look, id, kind);
            }
        }
    }

    private Finding Hung(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        var sort = kind.Hung == HungAs.Fan ? LuminaireSort.Hanging : look.Read(DeviceFacts.Luminaire, id);
        return look.Read(WallFacts.BathZone) switch
        {
            false => Fine(id, Case.Outside),
            _ when sort is { } known && known != LuminaireSort.Hanging => Fine(id, Case.Outside),
            null => AskOf(id, Case.AskZone, [new(Subjects.Box, WallFacts.BathZone)], ("device", Thing.Device(id))),
            true when sort is null => Ask(id, Case.AskKind, [DeviceFacts.Luminaire], ("device", Thing.Device(id))),
            true => Fix(id, Case.Hangs, ("device", Thing.Device(id))),
        };
    }
}
