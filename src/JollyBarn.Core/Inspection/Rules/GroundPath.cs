using JollyBarn.Connection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The ground conductors of a box reach the panel's ground, and a circuit without one is not extended as if it had one.</summary>
/// <remarks>NEC 250.4(A)(5), 250.118, 250.130(C): the new piece's own ground, on nothing, is no ground.</remarks>
public sealed class GroundPath() : BoxRule("ground-path")
{
    public enum Case
    {
        Reaches,
        Tested,
        AskFollow,
        Extended,
        EndsAt,
        TestedNone,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var told = new HashSet<int?>();
        foreach (var (id, lead) in look.Ended.Where(l => l.Lead is { Use: ConductorUse.Ground, Lands.At: not LandingAt.Unknown }))
        {
            var wire = look.Wires.Lead(look.Box, id);
            if (
                told.Add(look.Wires.Group(Electrics.Points.Lead(look.Id, id, lead)))
                && look.Sources.Of(id).Kinds is Carries.Ground or Carries.None
            )
            {
                if (Judge(look, id, lead, wire) is { } found)
                {
                    yield return found;
                }
            }
        }
    }

    private Finding? Judge(BoxLook look, Id<Lead> id, Lead lead, Wire wire)
    {
        (string, object?) name = ("lead", Thing.Lead(id));
        return look.Sources.Grounded(wire) switch
        {
            Grounding.Followed => Fine(id, Case.Reaches, name),
            Grounding.Tested => Fine(id, Case.Tested, name, ("cables", Grounds.Open(wire))),
            Grounding.TestedNone => Fix(id, Case.TestedNone, name, ("cables", Grounds.Open(wire))),
            Grounding.CannotTell => AskOf(id, Case.AskFollow, look.Sources.Deciding(wire), name, ("cables", Grounds.Open(wire))),
            _ when Feed(look, lead) is { } feed => Fix(id, Case.Extended, name, ("feed", feed.Thing)).Under("ground-path.Extended"),

            // Where another ground of the box is sound, or may be, the rule that joins grounds says that this one hangs apart.
            _ when Grounds.Of(look).Any(g => look.Sources.Grounded(look.Wires.Lead(look.Box, g)) >= Grounding.CannotTell) => null,
            _ => Fix(id, Case.EndsAt, name, ("boxes", Grounds.Stops(look, wire))),
        };
    }

    /// <summary>The cable that feeds the box and brings no ground conductor; null where there is none, or where another of the box does
    /// bring one.</summary>
    private static CableHere? Feed(BoxLook look, Lead lead) =>
        look.Cables.FirstOrDefault(c =>
            c.RunId != lead.Run
            && c.Run.Ground is GroundKind.None
            && c.Leads.Any(l => Sourced.Coming(look.Comings.By(look.Box.Leads[l]), look.Box.Leads[l].Use).Is(Carries.Hot))
        );
}
