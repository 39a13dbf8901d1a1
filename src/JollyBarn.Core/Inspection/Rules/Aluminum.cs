using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Aluminum conductors lie only on what is marked for them.</summary>
/// <remarks>NEC 110.14, 404.14(C), 406.3(C). Aluminum branch wiring is work for a licensed electrician.</remarks>
public sealed class Aluminum() : BoxRule("aluminum", "Aluminum", "Aluminum creeps out of a joint that is not made for it, and burns.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, lead) in look.Box.Leads.Where(l => l.Value is { Metal: Metal.Aluminum, Run: not null, Form: LeadForm.Ended }).Select(l => (l.Key, l.Value)))
        {
            var (of, key) = lead.Lands.At switch { LandingAt.Terminal => (lead.Lands.Device!, "al-marked"), LandingAt.Joint => (lead.Lands.Joint!, "joint-aluminum"), _ => (null, null) };
            if (of is null || key is null)
            {
                continue;
            }

            yield return look.YesNo(of, key) switch
            {
                true => Fine(id, "It lies on what is marked for aluminum.", "110.14"),
                false => Stop(id, $"{Sentence.Start(look.Called(id))} is aluminum on what is not marked for it.", "110.14, 404.14(C), 406.3(C)", ["Switch the breaker off and tag it.", "Bring a licensed electrician: aluminum branch wiring is made up with tools and parts listed for it."]),
                _ => AskOf(id, $"{Sentence.Start(look.Called(id))} is aluminum: is what it lies on marked for it?", "110.14", [new(of, key)]),
            };
        }
    }
}
