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

        /// <summary>What goes on by a cable nobody followed is another kind than what it goes on as.</summary>
        GoesOn,
        Followed,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var found in GoingOn(look))
        {
            yield return found;
        }

        foreach (var (id, _, kind) in look.Devices)
        {
            var wrong = false;
            foreach (var (name, role) in kind.Points().Where(p => p.Role is not TerminalRole.Ground))
            {
                foreach (var end in look.Sources.On(id, kind, name).Where(e => !Jumps(look, e, id)))
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

    /// <summary>Conductors of cables that go on to where nobody looked, as what they are not.</summary>
    private IEnumerable<Finding> GoingOn(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.End(c.Side == RunSide.A ? RunSide.B : RunSide.A).At == EndAt.Unknown))
        {
            foreach (var id in cable.Leads.Where(l => !look.Wires.Lead(look.Box, l).Switched.Open.Any(o => o.Run == cable.RunId)))
            {
                var (at, use) = (look.Sources.Of(id), look.Box.Leads[id].Use);
                if (
                    at.Basis != Basis.Said
                    && at.Kinds != Carries.None
                    && Sourced.Said(use) is var said and not Carries.None
                    && !at.Is(said)
                )
                {
                    yield return Stop(
                        id,
                        Case.GoesOn,
                        ("lead", Thing.Lead(id)),
                        ("as", use),
                        ("use", at.Use),
                        ("cable", cable.Thing),
                        ("basis", at.Basis)
                    );
                }
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

    /// <summary>True for a pigtail from one place of the device to another: what it brings lies there already.</summary>
    private static bool Jumps(BoxLook look, Id<Lead> id, Id<Device> device) =>
        look.Box.Pigtails.Find(id) is { } tail && tail.From.IsOn(device) && tail.To.IsOn(device);

    /// <summary>True where the wiring shows a hot and a neutral at it.</summary>
    private static bool IsFollowed(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        bool Any(Func<TerminalRole, bool> of, Carries kinds) =>
            kind.Points()
                .Any(p => of(p.Role) && Sourced.Of(look.Sources.At(id, kind, p.Name)) is { Basis: Basis.Wiring } at && at.Kinds == kinds);
        return Any(r => !r.IsNeutral() && r != TerminalRole.Ground, Carries.Hot) && Any(r => r.IsNeutral(), Carries.Neutral);
    }
}
