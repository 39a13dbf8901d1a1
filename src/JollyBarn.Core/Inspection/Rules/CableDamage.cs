using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is not hurt.</summary>
/// <remarks>NEC 110.12(B), 334.30; bare copper within reach can hurt somebody now.</remarks>
public sealed class CableDamage() : BoxRule("cable-damage")
{
    public enum Case
    {
        Conductor,
        Sheath,
        Whole,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables)
        {
            yield return (
                look.Read(CableFacts.Hurt, cable.Id) switch
                {
                    CableHurt.Conductor => Stop(cable.Id, Case.Conductor, ("cable", cable.Thing)),
                    CableHurt.Sheath => Fix(cable.Id, Case.Sheath, ("cable", cable.Thing)),
                    CableHurt.None => Fine(cable.Id, Case.Whole, ("cable", cable.Thing)),
                    _ => Ask(cable.Id, Case.Ask, [CableFacts.Hurt], ("cable", cable.Thing)),
                }
            ).Pointing(cable.Leads);
        }
    }
}
