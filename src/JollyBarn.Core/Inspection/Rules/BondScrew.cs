using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The ground is held to the box by a screw used for nothing else, or a listed clip.</summary>
/// <remarks>NEC 250.8(A), 250.148(C). A cover or clamp screw does not count.</remarks>
public sealed class BondScrew() : BoxRule("bond-screw")
{
    public enum Case
    {
        Ask,
        OfItsOwn,
        Wood,
        Shared,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        static bool On(Landing at) => at.At == LandingAt.BondingScrew;
        if (!look.Box.Leads.Values.Any(l => On(l.Lands)) && !look.Box.Pigtails.Values.Any(t => On(t.From) || On(t.To)))
        {
            yield break;
        }

        yield return look.Read(BoxFacts.BondScrew) switch
        {
            null => Ask(Subjects.Box, Case.Ask, [BoxFacts.BondScrew]),
            GroundScrew.Screw or GroundScrew.Clip => Fine(Subjects.Box, Case.OfItsOwn),
            GroundScrew.Wood => Fix(Subjects.Box, Case.Wood),
            var other => Fix(Subjects.Box, Case.Shared, ("screw", other)),
        };
    }
}
