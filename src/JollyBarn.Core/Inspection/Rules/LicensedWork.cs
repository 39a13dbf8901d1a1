using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Some wiring is for a licensed electrician.</summary>
/// <remarks>Practice: aluminum branch wiring, old two-wire that crumbles, knob-and-tube (NEC 394), burnt or wet equipment; local rules may
/// reserve more.</remarks>
public sealed class LicensedWork() : BoxRule("licensed")
{
    public enum Case
    {
        Burnt,
        Aluminum,
        KnobTube,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var burnt = look.InBox.Where(l => look.Read(LeadFacts.Hurt, l.Id) == LeadHurt.Burnt).Select(l => l.Id).ToList();
        if (burnt.Count > 0)
        {
            yield return Better(burnt[0], Case.Burnt).Pointing(burnt);
        }

        if (look.Box.Leads.Values.Any(l => l.Metal == Metal.Aluminum && l.Run is not null))
        {
            yield return Better(Subjects.Box, Case.Aluminum)
                .Pointing(look.Box.Leads.Where(l => l.Value.Metal == Metal.Aluminum).Select(l => l.Key));
        }

        foreach (var cable in look.Cables.Where(c => c.Run.Type == CableType.KnobTube))
        {
            yield return Better(cable.Id, Case.KnobTube, ("cable", cable.Thing)).Pointing(cable.Leads);
        }
    }
}
