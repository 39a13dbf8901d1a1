using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Green and bare conductors are grounds and nothing else.</summary>
/// <remarks>NEC 250.119: small insulated conductors are not re-marked.</remarks>
public sealed class GreenOnlyGround() : BoxRule("green", "Green or bare", "Everybody touches what is green.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, lead) in look.Box.Leads.Where(l => l.Value.Colour is "bare" or "green" && l.Value.Run is not null).Select(l => (l.Key, l.Value)))
        {
            yield return lead.Use switch
            {
                ConductorUse.Hot or ConductorUse.Switched or ConductorUse.Traveler => Stop(id, $"{Sentence.Start(look.Called(id))} is used as {Sentence.Of(lead.Use)}.", "250.119", ["Switch the breaker off and tag it.", "Prove it dead.", "Free the bare or green conductor, cap it, and run a cable with conductors enough."]),
                ConductorUse.Neutral => Fix(id, $"{Sentence.Start(look.Called(id))} is used as neutral.", "250.119, 250.142(B)"),
                _ => Fine(id, $"{Sentence.Start(look.Called(id))} is a ground.", "250.119"),
            };
        }
    }
}
