using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Insulation is whole and copper is not nicked.</summary>
/// <remarks>NEC 110.12(B).</remarks>
public sealed class LeadDamage() : BoxRule("lead-damage")
{
    public enum Case
    {
        Insulation,
        Nick,
        Burnt,
        Whole,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, _) in look.InBox)
        {
            var found = look.Read(LeadFacts.Hurt, id) switch
            {
                LeadHurt.Insulation => Fix(id, Case.Insulation, ("lead", Thing.Lead(id))),
                LeadHurt.Nick => Fix(id, Case.Nick, ("lead", Thing.Lead(id))),
                LeadHurt.Burnt => Stop(id, Case.Burnt, ("lead", Thing.Lead(id))),
                LeadHurt.None => Fine(id, Case.Whole, ("lead", Thing.Lead(id))),
                _ => null,
            };
            if (found is not null)
            {
                yield return found;
            }
        }
    }
}
