using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A neutral joined to a ground past the service: in a joint, on a ground terminal, or on the box.</summary>
/// <remarks>NEC 250.24(A)(5), 250.142(B).</remarks>
public sealed class NeutralToGround() : BoxRule("neutral-ground")
{
    public enum Case
    {
        OnGround,
        OnDeviceGround,
        OnBox,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var neutrals = look.Box.Leads.Where(l => l.Value is { Use: ConductorUse.Neutral, Run: not null }).Select(l => l.Key);
        if (neutrals.Select(n => Judge(look, n)).FirstOrDefault(f => f is not null) is { } found)
        {
            yield return found;
        }
    }

    private Finding? Judge(BoxLook look, Id<Lead> neutral)
    {
        var ground = look
            .Box.Leads.FirstOrNull(l => l.Value is { Use: ConductorUse.Ground, Run: not null } && look.Touching.Joined(neutral, l.Key))
            ?.Key;
        var device = look
            .Devices.FirstOrNull(d =>
                d.Kind.Terminals.Any(t => t.Role == TerminalRole.Ground) && look.Touching.Reaches(neutral, d.Id, "ground")
            )
            ?.Id;
        return neutral switch
        {
            _ when ground is { } on => Stop(neutral, Case.OnGround, ("lead", Thing.Lead(neutral)), ("ground", Thing.Lead(on)))
                .Pointing(neutral, on),
            _ when device is { } at => Stop(neutral, Case.OnDeviceGround, ("lead", Thing.Lead(neutral)), ("device", Thing.Device(at))),
            _ => look.Touching.ReachesBox(neutral) ? Stop(neutral, Case.OnBox, ("lead", Thing.Lead(neutral))) : null,
        };
    }
}
