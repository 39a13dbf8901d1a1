using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A switch is in the hot, never in the neutral.</summary>
/// <remarks>NEC 404.2(B). A white that feeds a switch is no neutral.</remarks>
public sealed class SwitchInHot() : BoxRule("switch-neutral-cut")
{
    public enum Case
    {
        InNeutral,
        InHot,
        AskWhich,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind is { OnlySwitches: true, TakesNeutral: false }))
        {
            var ends = kind.Points().Where(p => p.Role != TerminalRole.Ground).SelectMany(p => look.Sources.On(id, kind, p.Name)).ToList();
            var neutral = ends.FirstOrNull(e => look.Sources.Of(e).Kinds == Carries.Neutral);
            if (neutral is { } cut && Loop(look, ends) && look.Sources.Of(cut).Basis == Basis.Said)
            {
                yield return AskOf(id, Case.AskWhich, [], ("lead", Thing.Lead(cut)), ("device", Thing.Device(id))).Pointing(id, cut);
            }
            else if (neutral is { } one)
            {
                yield return Stop(
                        id,
                        Case.InNeutral,
                        ("lead", Thing.Lead(one)),
                        ("device", Thing.Device(id)),
                        ("basis", look.Sources.Of(one).Basis)
                    )
                    .Pointing(id, one);
            }
            else if (ends.Exists(e => look.Sources.Of(e) is { Kinds: Carries.Hot, Basis: not Basis.Said }))
            {
                yield return Fine(id, Case.InHot);
            }
        }
    }

    /// <summary>True where both ends of a two-wire cable lie on the switch: its white is the feed to the switch.</summary>
    private static bool Loop(BoxLook look, IReadOnlyList<Id<Lead>> ends) =>
        look.Cables.Any(c =>
            c.Leads.Where(l => !look.Box.Leads[l].IsGround).ToList() is { Count: 2 } pair && pair.TrueForAll(ends.Contains)
        );
}
