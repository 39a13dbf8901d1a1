using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is not hurt.</summary>
/// <remarks>NEC 110.12(B), 334.30; bare copper within reach can hurt somebody now.</remarks>
public sealed class CableDamage() : BoxRule("cable-damage")
{
    public enum Case
    {
        Conductor,
        Cut,
        Exposed,
        Sheath,
        Along,
        Whole,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables)
        {
            var hurts = cable.Run.Hurts.Values;
            yield return (
                look.Read(CableFacts.Hurt, cable.Id) switch
                {
                    _ when cable.Run.IsCut => Stop(cable.Id, Case.Cut, ("cable", cable.Thing)),
                    _ when hurts.Any(h => h.Kind == HurtKind.Exposed) => Stop(cable.Id, Case.Exposed, ("cable", cable.Thing)),
                    CableHurt.Conductor => Stop(cable.Id, Case.Conductor, ("cable", cable.Thing)),
                    _ when cable.Run.Hurts.Count > 0 => Fix(cable.Id, Case.Along, ("cable", cable.Thing)),
                    CableHurt.Sheath => Fix(cable.Id, Case.Sheath, ("cable", cable.Thing)),
                    CableHurt.None => Fine(cable.Id, Case.Whole, ("cable", cable.Thing)),
                    _ => Ask(cable.Id, Case.Ask, [CableFacts.Hurt], ("cable", cable.Thing)),
                }
            ).Pointing(cable.Leads);
        }
    }
}
