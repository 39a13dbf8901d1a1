using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A white or grey conductor that is hot says so.</summary>
/// <remarks>NEC 200.7(C): re-identified in a cable, and in a switch loop only as the feed to the switch, never the return.</remarks>
public sealed class WhiteReidentified() : BoxRule("white-hot", "White used as hot", "White says neutral to whoever opens the box next.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, lead) in look.Ended.Where(l => l.Lead.Colour is "white" or "grey"))
        {
            if (lead.Use == ConductorUse.Switched)
            {
                yield return Fix(id, $"{Sentence.Start(look.Called(id))} is the return of a switch loop: white may only be the feed to the switch.", "200.7(C)(2)");
            }
            else if (lead.Use is ConductorUse.Hot or ConductorUse.Traveler)
            {
                yield return lead.MarkedAs is null ? Fix(id, $"{Sentence.Start(look.Called(id))} is hot and not marked so.", "200.7(C)(1)") : Fine(id, $"{Sentence.Start(look.Called(id))} is marked {lead.MarkedAs}.", "200.7(C)(1)");
            }
        }
    }
}
