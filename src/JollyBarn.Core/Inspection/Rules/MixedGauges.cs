using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>One circuit of 15 A does not mix 14 and 12.</summary>
/// <remarks>Practice; the house chooses. The code allows it: the breaker suits the thinner.</remarks>
public sealed class MixedGauges() : BoxRule("gauge-mixed", "Mixed gauges", "The next person sees 12 and puts in a 20 A breaker.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Practice.Says(PracticeBook.MixedGauges, "warn"))
        {
            yield break;
        }

        foreach (var joint in look.Box.Joints.Ids)
        {
            var members = look.In(joint).Where(m => m.Gauge is not null && !(m.Use is ConductorUse.Ground or ConductorUse.IsolatedGround) && look.Box.Leads.Find(m.Id)?.Device is null).ToList();
            if (members.Exists(m => m.Gauge!.Value.Number == 14) && members.Exists(m => m.Gauge!.Value.Number == 12))
            {
                yield return Better(joint, $"14 and 12 AWG meet in {look.JointName(joint)}: the breaker must suit the 14.", "practice", [joint, .. members.Where(m => m.Gauge!.Value.Number == 14).Select(m => m.Id)]) with { Practice = PracticeBook.MixedGauges.Key, Mend = "Write 15 A at most beside its breaker, or run 12 AWG in place of the 14." };
            }
        }
    }
}
