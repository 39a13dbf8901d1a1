using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Flexible cord is no fixed wiring: it goes to what it feeds, never from box to box or through a wall.</summary>
/// <remarks>NEC 400.12, 400.10.</remarks>
public sealed class CordAsWiring() : BoxRule("cord")
{
    public enum Case
    {
        BoxToBox,
        AskWhere,
        ToItsLoad,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type == CableType.Cord))
        {
            (string, object?) name = ("cable", cable.Thing);
            yield return (
                cable.Run.End(cable.Side == RunSide.A ? RunSide.B : RunSide.A).At switch
                {
                    EndAt.Box or EndAt.Panel => Fix(cable.Id, Case.BoxToBox, name),
                    EndAt.Load => Fine(cable.Id, Case.ToItsLoad, name),
                    _ => AskOf(cable.Id, Case.AskWhere, [], name),
                }
            ).Pointing(cable.Leads);
        }
    }
}
