using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The supply wire at a luminaire stands the heat it is marked for.</summary>
/// <remarks>NEC 410.117 and the luminaire's mark, often 90 °C. NM-B, UF-B, MC and raceway wire of today is rated so; old wire
/// asks, and wire nobody named.</remarks>
public sealed class SupplyHeat() : BoxRule("supply-heat")
{
    public enum Case
    {
        Ask,
        TooCool,
        Stands,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (
            !look.Cables.Any(c => c.Run is { Type: CableType.OldTwoWire or CableType.KnobTube or CableType.Unknown, Conductors.Count: > 1 })
        )
        {
            yield break;
        }

        foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind.Hung == HungAs.Luminaire))
        {
            (string, object?) name = ("device", Thing.Device(id));
            yield return look.Read(DeviceFacts.SupplyHot, id) switch
            {
                null => Ask(id, Case.Ask, [DeviceFacts.SupplyHot], name),
                false => Fix(id, Case.TooCool, name),
                true => Fine(id, Case.Stands, name),
            };
        }
    }
}
