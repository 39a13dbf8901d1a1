using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A three-slot receptacle has a ground, or is protected and says so.</summary>
/// <remarks>NEC 406.4(D)(2). That is for replacement only: an ungrounded circuit is not extended this way.</remarks>
public sealed class GroundingTypeWithoutGround() : BoxRule("no-ground", "Three slots, no ground", "The third slot promises what is not there.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string article = "406.4(D)(2)";
        var brings = look.Box.Leads.Values.Any(l => l is { IsGround: true, Run: not null });
        var metalSheath = look.Cables.Any(c => c.Run.Type is CableType.Ac or CableType.Mc or CableType.Raceway);
        foreach (var (id, _, kind) in look.Receptacles.Where(r => r.Kind.Terminals.Any(t => t.Role == TerminalRole.Ground)))
        {
            if (brings || metalSheath)
            {
                yield return Fine(id, "A ground comes in.", article);
                continue;
            }

            if (look.Cables.Count == 0 || !look.Complete)
            {
                continue;
            }

            var guarded = kind.Family == DeviceFamily.ProtectiveReceptacle || look.Cables.Any(c => c.End.Feeds == Feeds.Protected) ? true : look.YesNo(Subjects.Box, "gfci-ahead");
            yield return guarded switch
            {
                null => AskOf(id, $"No ground comes to the {look.DeviceName(id)}: does a GFCI protect it?", article, [new(Subjects.Box, "gfci-ahead")]),
                false => Fix(id, $"The {look.DeviceName(id)} has a ground slot, no ground comes in and no GFCI protects it.", article),
                true => YesNo(look, id, "labelled", true, $"The {look.DeviceName(id)} is protected without a ground and not marked so.", article),
            };
        }
    }
}
