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
        var places = Under(look.Box).Select(u => u.Key).ToList();
        if (places.Count == 0)
        {
            yield break;
        }

        if (places.TrueForAll(GroundingPlaces.IsClip))
        {
            yield return Fine(Subjects.Box, Case.OfItsOwn);
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

    /// <summary>Leads and pigtails with an end on a grounding screw or clip, by which; a lead that goes round it and on is one.</summary>
    internal static IEnumerable<IGrouping<string?, string>> Under(Box box) =>
        box
            .Leads.Select(l => (l.Key, l.Value.Lands))
            .Concat(box.Pigtails.Where(t => t.Value.Of is null).Select(t => (t.Key, Lands: t.Value.From)))
            .Concat(box.Pigtails.Select(t => (t.Key, Lands: t.Value.To)))
            .Where(e => e.Lands.At == LandingAt.BondingScrew)
            .GroupBy(e => e.Lands.Place, e => e.Key.Text);
}

/// <summary>A grounding screw holds as many as it is listed for.</summary>
/// <remarks>NEC 110.14(A), 250.148: one, unless it is marked for more. A box may have several tapped holes.</remarks>
public sealed class BondCount() : BoxRule("bond-count")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var under = BondScrew.Under(look.Box).Where(u => u.Count() > 1).ToList();
        if (under.Count > 0)
        {
            yield return YesNo(look, Subjects.Box, BoxFacts.BondEach, true, details: [("count", under.Max(u => u.Count()))])
                .Pointing([.. under.SelectMany(u => u)]);
        }
    }
}
