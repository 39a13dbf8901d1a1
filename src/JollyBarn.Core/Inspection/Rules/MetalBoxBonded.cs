using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A metal box is bonded by a screw used for nothing else, or a listed clip.</summary>
/// <remarks>NEC 250.148(C), 314.4. Where no cable brings a ground there is none to bond to; that is judged elsewhere.</remarks>
public sealed class MetalBoxBonded() : BoxRule("box-bonded")
{
    public enum Case
    {
        Bonded,
        Ask,
        NotBonded,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var grounds = look.Ended.Where(l => l.Lead.Use == ConductorUse.Ground).ToList();
        if (look.Box.Material != BoxMaterial.Metal || grounds.Count == 0)
        {
            yield break;
        }

        var open = grounds.Exists(g => g.Lead.Lands.At == LandingAt.Unknown) || !look.Complete;
        yield return (
            Subjects.Box switch
            {
                var box when grounds.Exists(g => look.Touching.ReachesBox(g.Id)) => Fine(box, Case.Bonded),
                var box when open => AskOf(box, Case.Ask, []),
                var box => Fix(box, Case.NotBonded),
            }
        ).Pointing(grounds.Select(g => g.Id));
    }
}
