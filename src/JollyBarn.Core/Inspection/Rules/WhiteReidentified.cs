using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A white or grey conductor that is hot says so.</summary>
/// <remarks>NEC 200.7(C): re-identified in a cable, and in a switch loop only as the feed to the switch, never the return.</remarks>
public sealed class WhiteReidentified() : BoxRule("white-hot")
{
    public enum Case
    {
        Return,
        NotMarked,
        Marked,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, lead) in look.Ended.Where(l => l.Lead.Colour is "white" or "grey"))
        {
            if (lead.Use == ConductorUse.Switched)
            {
                yield return Fix(id, Case.Return, ("lead", Thing.Lead(id)));
            }
            else if (lead.Use is ConductorUse.Hot or ConductorUse.Traveler)
            {
                yield return lead.MarkedAs is { } mark
                    ? Fine(id, Case.Marked, ("lead", Thing.Lead(id)), ("mark", mark))
                    : Fix(id, Case.NotMarked, ("lead", Thing.Lead(id)));
            }
        }
    }
}
