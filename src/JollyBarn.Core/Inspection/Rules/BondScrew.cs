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
        if (!Under(look.Box).Any())
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

    /// <summary>Leads and pigtails with an end on the grounding screw.</summary>
    internal static IEnumerable<string> Under(Box box)
    {
        static bool On(Landing at) => at.At == LandingAt.BondingScrew;
        return box
            .Leads.Where(l => On(l.Value.Lands))
            .Select(l => l.Key.Text)
            .Concat(box.Pigtails.Where(t => On(t.Value.From) || On(t.Value.To)).Select(t => t.Key.Text));
    }
}

/// <summary>A grounding screw holds as many as it is listed for.</summary>
/// <remarks>NEC 110.14(A), 250.148: one, unless it is marked for more. A box may have several tapped holes.</remarks>
public sealed class BondCount() : BoxRule("bond-count")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var under = BondScrew.Under(look.Box).ToList();
        if (under.Count > 1)
        {
            yield return YesNo(look, Subjects.Box, BoxFacts.BondEach, true, details: [("count", under.Count)]).Pointing(under);
        }
    }
}
