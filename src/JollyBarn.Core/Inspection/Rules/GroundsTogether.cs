using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The grounds of all cables spliced or ended in the box are joined, so that the path stays when a device comes off.</summary>
/// <remarks>NEC 250.148. An isolated ground is exempt.</remarks>
public sealed class GroundsTogether() : BoxRule("grounds-joined")
{
    public enum Case
    {
        Apart,
        ThroughDevice,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var grounds = look
            .Ended.Where(l => l.Lead.Use == ConductorUse.Ground && l.Lead.Lands.At != LandingAt.Unknown)
            .Select(l => l.Id)
            .ToList();
        if (grounds.Count < 2)
        {
            yield break;
        }

        var apart = grounds.Where(g => !look.Touching.Joined(grounds[0], g)).ToList();
        if (apart.Count > 0)
        {
            yield return Fix(apart[0], Case.Apart, ("lead", Thing.Lead(apart[0]))).Pointing(apart);
            yield break;
        }

        foreach (
            var device in look.Box.Devices.Ids.Where(d =>
                look.Kind?.Shape != BoxShape.OwnEnclosure && look.On(d).Count(e => look.Touching.Joined(e.Id, grounds[0])) > 1
            )
        )
        {
            var without = Continuity.Without(look.Box, device);
            if (grounds.Any(g => !without.Joined(grounds[0], g)))
            {
                yield return Fix(device, Case.ThroughDevice, ("device", Thing.Device(device)));
            }
        }
    }
}
