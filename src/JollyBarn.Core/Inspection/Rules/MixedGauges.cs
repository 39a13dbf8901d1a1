using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>One circuit of 15 A does not mix 14 and 12.</summary>
/// <remarks>Practice; the house chooses. The code allows it: the breaker suits the thinner.</remarks>
public sealed class MixedGauges() : BoxRule("gauge-mixed")
{
    public enum Case
    {
        Mixed,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Practice.Says(PracticeBook.MixedGauges, "warn"))
        {
            yield break;
        }

        foreach (var joint in look.Box.Joints.Ids)
        {
            var members = look.In(joint)
                .Where(m => m.Use is not (ConductorUse.Ground or ConductorUse.IsolatedGround) && look.Box.Leads.Find(m.Id)?.Device is null)
                .ToList();
            var thin = members.Where(m => m.Gauge?.Number == 14).Select(m => m.Id).ToList();
            if (thin.Count > 0 && members.Exists(m => m.Gauge?.Number == 12))
            {
                yield return Better(joint, Case.Mixed, ("joint", Thing.Joint(joint)))
                    .Pointing([joint, .. thin])
                    .By(PracticeBook.MixedGauges);
            }
        }
    }
}
