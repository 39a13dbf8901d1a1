using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hot where a neutral belongs, a neutral or a ground where a hot belongs, a ground used as neutral: at devices and
/// loads.</summary>
/// <remarks>NEC 200.11, 250.142(B). Colour proves nothing: this judges by what the terminal reaches, and by what its conductor is recorded
/// as used for where the record does not reach.</remarks>
public sealed class ReversedPolarity() : BoxRule("polarity")
{
    public enum Case
    {
        Crossed,
        GroundAsNeutral,
        GroundAsHot,
        Followed,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Devices)
        {
            var wrong = false;
            foreach (var (name, role) in kind.Points().Where(p => p.Role is not TerminalRole.Ground))
            {
                foreach (var end in look.Sources.On(id, kind, name))
                {
                    // A switch with no place for a neutral, and one in it, is the rule of switches.
                    var at = look.Sources.Of(end);
                    if (Judged(role, at) is { } found && !(found == Case.Crossed && kind is { OnlySwitches: true, TakesNeutral: false }))
                    {
                        wrong = true;
                        yield return Stop(
                                end,
                                found,
                                ("lead", Thing.Lead(end)),
                                ("use", at.Use),
                                ("terminal", new Thing(ThingKind.Terminal, name, id)),
                                ("device", Thing.Device(id)),
                                ("basis", at.Basis)
                            )
                            .Pointing(end, id);
                    }
                }
            }

            if (!wrong && kind.TakesNeutral && IsFollowed(look, id, kind))
            {
                yield return Fine(id, Case.Followed, ("device", Thing.Device(id)));
            }
        }
    }

    private static Case? Judged(TerminalRole role, Sourced at) =>
        (role.IsNeutral(), at.Kinds) switch
        {
            (true, Carries.Hot) => Case.Crossed,
            (true, Carries.Ground) => Case.GroundAsNeutral,
            (false, Carries.Neutral) => Case.Crossed,
            (false, Carries.Ground) => Case.GroundAsHot,
            _ => null,
        };

    /// <summary>True where the wiring shows a hot and a neutral at it.</summary>
    private static bool IsFollowed(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        bool Any(Func<TerminalRole, bool> of, Carries kinds) =>
            kind.Points()
                .Any(p => of(p.Role) && Sourced.Of(look.Sources.At(id, kind, p.Name)) is { Basis: Basis.Wiring } at && at.Kinds == kinds);
        return Any(r => !r.IsNeutral() && r != TerminalRole.Ground, Carries.Hot) && Any(r => r.IsNeutral(), Carries.Neutral);
    }
}
