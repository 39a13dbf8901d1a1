using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Green and bare conductors are grounds and nothing else.</summary>
/// <remarks>NEC 250.119: small insulated conductors are not re-marked.</remarks>
public sealed class GreenOnlyGround() : BoxRule("green")
{
    public enum Case
    {
        Live,
        Neutral,
        Ground,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, lead) in look.Box.Leads.Where(l => l.Value.Colour is "bare" or "green" && l.Value.Run is not null))
        {
            yield return lead.Use switch
            {
                ConductorUse.Hot or ConductorUse.Switched or ConductorUse.Traveler => Stop(
                    id,
                    Case.Live,
                    ("lead", Thing.Lead(id)),
                    ("use", lead.Use)
                ),
                ConductorUse.Neutral => Fix(id, Case.Neutral, ("lead", Thing.Lead(id))),
                _ => Fine(id, Case.Ground, ("lead", Thing.Lead(id))),
            };
        }
    }
}
