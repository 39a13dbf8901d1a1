using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>NM and AC cable are never in a damp or wet place.</summary>
/// <remarks>NEC 334.12(B)(4), 320.12(2), 300.9; not in raceway outdoors either.</remarks>
public sealed class CableWet() : BoxRule("cable-wet")
{
    public enum Case
    {
        Ask,
        Wet,
        Damp,
        Armoured,
        Suits,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB or CableType.Ac))
        {
            yield return look.Wetness switch
            {
                null => AskOf(cable.Id, Case.Ask, [new(Subjects.Box, WallFacts.Wetness)], ("cable", cable.Thing)).Pointing(cable.Leads),
                Damp.Damp or Damp.Wet when cable.Run.Type == CableType.Ac => Fix(
                        cable.Id,
                        Case.Armoured,
                        ("place", look.Wetness),
                        ("cable", cable.Thing)
                    )
                    .Pointing(cable.Leads),
                Damp.Wet => Fix(cable.Id, Case.Wet, ("cable", cable.Thing)).Pointing(cable.Leads),
                Damp.Damp => Fix(cable.Id, Case.Damp, ("cable", cable.Thing)).Pointing(cable.Leads),
                _ => Fine(cable.Id, Case.Suits),
            };
        }
    }
}
