using JollyBarn.Connection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A switch switches what hangs behind it, and one of several does so however the others lie.</summary>
/// <remarks>Practice; NEC 110.3(B) by the instructions of three- and four-way switches. A switch that is bridged leaves live what somebody
/// takes to be off.</remarks>
public sealed class SwitchWorks() : BoxRule("switch-works")
{
    public enum Case
    {
        Works,
        Nothing,
        NotAlways,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.AllFollowed)
        {
            yield break;
        }

        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Switches))
        {
            (string, object?) device = ("device", Thing.Device(id));
            switch (look.Wires.Work(id))
            {
                case SwitchWork.Works:
                    yield return Fine(id, Case.Works, device);
                    break;
                case SwitchWork.Nothing:
                    yield return Fix(id, Case.Nothing, device);
                    break;
                case SwitchWork.NotAlways:
                    yield return Fix(id, Case.NotAlways, device);
                    break;
            }
        }
    }
}
