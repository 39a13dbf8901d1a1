using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable on a load side is tagged.</summary>
/// <remarks>Practice.</remarks>
public sealed class ProtectedTagged() : BoxRule("tagged")
{
    public enum Case
    {
        Tagged,
        NotTagged,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var guarded = Continuity.Protected(look.Box);
        foreach (var cable in look.Cables.Where(c => guarded.Contains(c.RunId)))
        {
            yield return look.Read(CableFacts.Tagged, cable.Id) switch
            {
                true => Fine(cable.Id, Case.Tagged, ("cable", cable.Thing)),
                false => Better(cable.Id, Case.NotTagged, ("cable", cable.Thing)).Pointing(cable.Leads),
                null => Ask(cable.Id, Case.Ask, [CableFacts.Tagged], ("cable", cable.Thing)),
            };
        }
    }
}
