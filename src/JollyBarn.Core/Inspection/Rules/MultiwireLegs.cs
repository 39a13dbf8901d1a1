using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>The hots of a multiwire circuit are on different legs.</summary>
/// <remarks>NEC 210.4, 300.13: on one leg their currents add in the neutral.</remarks>
public sealed class MultiwireLegs() : BoxRule("multiwire-legs")
{
    public enum Case
    {
        Same,
        Different,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in MultiwireCables.In(look))
        {
            yield return (
                MultiwireCables.Poles(look, MultiwireCables.Hots(look, cable)) switch
                {
                    [var one, var other] when (one.Panel, one.Leg) != (other.Panel, other.Leg) => Fine(cable.Id, Case.Different),
                    [_, _] => Stop(cable.Id, Case.Same, ("cable", cable.Thing)),
                    _ => Said(look, cable),
                }
            ).Pointing(cable.Leads);
        }
    }

    private Finding Said(BoxLook look, CableHere cable) =>
        look.Read(CableFacts.Legs, cable.Id) switch
        {
            Legs.Same => Stop(cable.Id, Case.Same, ("cable", cable.Thing)),
            Legs.Different => Fine(cable.Id, Case.Different),
            _ => Ask(cable.Id, Case.Ask, [CableFacts.Legs], ("cable", cable.Thing)),
        };
}
