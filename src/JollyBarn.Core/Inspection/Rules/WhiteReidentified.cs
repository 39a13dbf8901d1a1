using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A white or grey conductor that is hot says so; a ground is never white.</summary>
/// <remarks>NEC 200.6, 200.7(C): re-identified in a cable, never in a raceway, and in a switch loop only as the feed to the switch, never
/// the return. Pigtails too. By what the conductor reaches.</remarks>
public sealed class WhiteReidentified() : BoxRule("white-hot")
{
    public enum Case
    {
        Return,
        NotMarked,
        InRaceway,
        AsGround,
        Marked,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _) in look.Conductors().Where(w => w.Colour is "white" or "grey"))
        {
            var at = look.Sources.Of(id);
            var lead = look.Box.Leads.Find(id);
            (string, object?)[] details = [("lead", Thing.Lead(id)), ("basis", at.Basis)];
            if (at.Kinds == Carries.Ground)
            {
                yield return Fix(id, Case.AsGround, details);
            }
            else if (at.Kinds == Carries.Hot)
            {
                yield return lead switch
                {
                    _ when Returns(look, id, at) => Fix(id, Case.Return, details),
                    { Run: { } run } when look.Reads.Run(run)?.Type == CableType.Raceway => Fix(id, Case.InRaceway, details),
                    { MarkedAs: { } mark } => Fine(id, Case.Marked, ("lead", Thing.Lead(id)), ("mark", mark)),
                    _ => Fix(id, Case.NotMarked, details),
                };
            }
        }
    }

    /// <summary>True for what comes through a switch and is no traveler.</summary>
    private static bool Returns(BoxLook look, Id<Lead> id, Sourced at) =>
        Said(look, id) is var said
        && said != ConductorUse.Traveler
        && (at.Switched || (at.Basis != Basis.Wiring && said == ConductorUse.Switched));

    /// <summary>What it was recorded as used for, or a traveler where it lies on a terminal for one.</summary>
    private static ConductorUse Said(BoxLook look, Id<Lead> id)
    {
        var lands = look.Box.Leads.Find(id)?.Lands;
        var kind = DeviceKinds.Find(look.Box.Devices.Find(lands?.Device)?.Kind);
        return kind?.Terminals.FirstOrDefault(t => t.Id == lands?.Terminal)?.Role == TerminalRole.Traveler
            ? ConductorUse.Traveler
            : look.Box.Leads.Find(id)?.Use ?? look.Box.Pigtails.Find(id)?.Use ?? ConductorUse.Unknown;
    }
}
