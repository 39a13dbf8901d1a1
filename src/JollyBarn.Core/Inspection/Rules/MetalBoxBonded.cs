using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A metal box is bonded by a screw used for nothing else, or a listed clip.</summary>
/// <remarks>NEC 250.148(C), 314.4. Where no cable brings a ground there is none to bond to; that is judged elsewhere.</remarks>
public sealed class MetalBoxBonded() : BoxRule("box-bonded", "Metal box bonded", "A hot that touches an unbonded box makes it live, and nothing trips.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var grounds = look.Box.Leads.Where(l => l.Value is { Use: ConductorUse.Ground, Run: not null, Form: LeadForm.Ended }).ToList();
        if (look.Box.Material != BoxMaterial.Metal || grounds.Count == 0)
        {
            yield break;
        }

        var ids = grounds.Select(g => g.Key).ToArray();
        yield return grounds.Exists(g => look.Touching.ReachesBox(g.Key)) ? Fine(Subjects.Box, "The metal box is bonded.", "250.148(C), 314.4", ids)
            : grounds.Exists(g => g.Value.Lands.At == LandingAt.Unknown) || !look.Complete ? AskOf(Subjects.Box, "Is the metal box bonded? Look for a ground on a screw in the box that holds nothing else.", "250.148(C)", [], ids)
            : Fix(Subjects.Box, "The metal box is not bonded. Run a pigtail from the ground joint to a grounding screw used for nothing else.", "250.148(C), 314.4", ids);
    }
}
