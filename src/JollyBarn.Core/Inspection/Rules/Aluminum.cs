using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Aluminum conductors lie only on what is marked for them.</summary>
/// <remarks>NEC 110.14, 404.14(C), 406.3(C). Aluminum branch wiring is work for a licensed electrician.</remarks>
public sealed class Aluminum() : BoxRule("aluminum")
{
    public enum Case
    {
        Marked,
        NotMarked,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, lead) in look.Ended.Where(l => l.Lead.Metal == Metal.Aluminum))
        {
            var (of, fact) = lead.Lands.At switch
            {
                LandingAt.Terminal => ((string?)lead.Lands.Device, DeviceFacts.AlMarked),
                LandingAt.Joint => ((string?)lead.Lands.Joint, LeadFacts.JointAluminum),
                _ => (null, null),
            };
            if (of is not null && fact is not null)
            {
                yield return look.Read(fact, of) switch
                {
                    true => Fine(id, Case.Marked),
                    false => Stop(id, Case.NotMarked, ("lead", Thing.Lead(id))),
                    null => AskOf(id, Case.Ask, [new(of, fact)], ("lead", Thing.Lead(id))),
                };
            }
        }
    }
}
