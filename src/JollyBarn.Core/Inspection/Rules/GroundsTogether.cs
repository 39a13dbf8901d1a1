using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The grounds of all cables spliced or ended in the box are joined, so that the path stays when a device comes off.</summary>
/// <remarks>NEC 250.148. An isolated ground is exempt.</remarks>
public sealed class GroundsTogether() : BoxRule("grounds-joined", "Grounds joined", "Downstream of here nothing opens the breaker.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var grounds = look.Box.Leads.Where(l => l.Value is { Use: ConductorUse.Ground, Run: not null, Form: LeadForm.Ended } && l.Value.Lands.At != LandingAt.Unknown).Select(l => l.Key).ToList();
        if (grounds.Count < 2)
        {
            yield break;
        }

        var apart = grounds.Where(g => !look.Touching.Joined(grounds[0], g)).ToList();
        if (apart.Count > 0)
        {
            yield return Fix(apart[0], $"{Sentence.Start(look.Called(apart[0]))} is not joined to the other grounds.", "250.148", [.. apart]);
            yield break;
        }

        foreach (var device in look.Box.Devices.Ids.Where(d => look.On(d).Count(e => look.Touching.Joined(e.Id, grounds[0])) > 1))
        {
            var without = Continuity.Without(look.Box, device);
            if (grounds.Any(g => !without.Joined(grounds[0], g)))
            {
                yield return Fix(device, $"The grounds meet only on the {look.DeviceName(device)}: taking it off breaks the path. Join them and run a pigtail.", "250.148(B)");
            }
        }
    }
}
