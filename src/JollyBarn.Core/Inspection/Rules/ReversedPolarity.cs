using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hot on a neutral terminal, or a neutral on a hot one.</summary>
/// <remarks>NEC 200.11. Colour proves nothing: this judges by what the conductor is recorded as used for.</remarks>
public sealed class ReversedPolarity() : BoxRule("polarity")
{
    public enum Case
    {
        Crossed,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind.TakesNeutral))
        {
            foreach (var (end, at, _, _, use) in look.On(id))
            {
                if (kind.Terminals.FirstOrDefault(t => t.Id == at.Terminal) is { } terminal && Crossed(terminal.Role, use))
                {
                    yield return Stop(
                            end,
                            Case.Crossed,
                            ("lead", Thing.Lead(end)),
                            ("use", use),
                            ("terminal", new Thing(ThingKind.Terminal, terminal.Id, id)),
                            ("device", Thing.Device(id))
                        )
                        .Pointing(end, id);
                }
            }
        }
    }

    private static bool Crossed(TerminalRole role, ConductorUse use) =>
        role switch
        {
            TerminalRole.Hot or TerminalRole.LineHot or TerminalRole.LoadHot or TerminalRole.Switched or TerminalRole.Common => use
                == ConductorUse.Neutral,
            _ => role.IsNeutral() && use is ConductorUse.Hot or ConductorUse.Switched or ConductorUse.Traveler,
        };
}
