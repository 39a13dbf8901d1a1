using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A three-slot receptacle has a ground, or is protected and says so.</summary>
/// <remarks>NEC 406.4(D)(2). That is for replacement only: an ungrounded circuit is not extended this way.</remarks>
public sealed class GroundingTypeWithoutGround() : BoxRule("no-ground")
{
    public enum Case
    {
        GroundComesIn,
        AskProtected,
        Unprotected,
        AskMarked,
        Marked,
        NotMarked,
        DoesNotApply,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var brings = look.Box.Leads.Values.Any(l => l is { IsGround: true, Run: not null });
        var metalSheath = look.Cables.Any(c => c.Run.Type is CableType.Ac or CableType.Mc or CableType.Raceway);
        foreach (var (id, _, kind) in look.Receptacles.Where(r => r.Kind.Terminals.Any(t => t.Role == TerminalRole.Ground)))
        {
            if (brings || metalSheath)
            {
                yield return Fine(id, Case.GroundComesIn);
            }
            else if (look.Cables.Count > 0 && look.Complete)
            {
                yield return Without(look, id, kind);
            }
        }
    }

    private Finding Without(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        var guarded = kind.Protects || look.Cables.Any(c => c.End.Feeds == Feeds.Protected) ? true : look.Read(WallFacts.GfciAhead);
        var marked = look.Read(DeviceFacts.Labelled, id);
        return guarded switch
        {
            null => AskOf(id, Case.AskProtected, [new(Subjects.Box, WallFacts.GfciAhead)], ("device", Thing.Device(id))),
            false => Fix(id, Case.Unprotected, ("device", Thing.Device(id))),
            true when look.DoesNotApply(DeviceFacts.Labelled, id) => Fine(id, Case.DoesNotApply),
            true when marked is null => Ask(id, Case.AskMarked, [DeviceFacts.Labelled]),
            true when marked == true => Fine(id, Case.Marked),
            true => Fix(id, Case.NotMarked, ("device", Thing.Device(id))),
        };
    }
}
