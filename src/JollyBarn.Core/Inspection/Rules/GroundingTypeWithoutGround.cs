using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A three-slot receptacle has a ground that reaches the panel, or is protected and says so, and gives no ground on.</summary>
/// <remarks>NEC 406.4(D)(1), (2). That is for replacement only: an ungrounded circuit is not extended this way.</remarks>
public sealed class GroundingTypeWithoutGround() : BoxRule("no-ground")
{
    public enum Case
    {
        GroundComesIn,
        GroundTested,
        AskProtected,
        AskFollow,
        Unprotected,
        AskMarked,
        Marked,
        NotMarked,
        DoesNotApply,
        RunsOn,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Receptacles.Where(r => r.Kind.Terminals.Any(t => t.Role == TerminalRole.Ground)))
        {
            var yoke = look.Wires.Yoke(id);
            var open = Open(look).ToList();
            if (Grounds.Available(look))
            {
                yield return Fine(id, look.Sources.Grounded(yoke) == Grounding.Tested ? Case.GroundTested : Case.GroundComesIn);
            }
            else if (open.Count > 0)
            {
                yield return AskOf(
                    id,
                    Case.AskFollow,
                    [.. open.SelectMany(look.Sources.Deciding).Distinct()],
                    ("device", Thing.Device(id)),
                    ("cables", (Thing[])[.. open.SelectMany(Grounds.Open).Distinct()])
                );
            }
            else if (look.Cables.Count > 0 && look.Complete)
            {
                yield return RunsOn(look, id) is { } on
                    ? Fix(id, Case.RunsOn, ("device", Thing.Device(id)), ("lead", Thing.Lead(on))).Pointing(id, on)
                    : Without(look, id, kind);
            }
        }
    }

    /// <summary>Grounds of the box, and its metal, of which nobody knows whether they reach the panel.</summary>
    private static IEnumerable<Connection.Wire> Open(BoxLook look) =>
        Grounds
            .Of(look)
            .Select(g => look.Wires.Lead(look.Box, g))
            .Concat(Grounds.Metal(look) ? [look.Wires.Metal] : [])
            .Where(w => look.Sources.Grounded(w) == Grounding.CannotTell);

    /// <summary>A ground of a cable that hangs on the receptacle's ground screw, where none comes in.</summary>
    private static Id<Lead>? RunsOn(BoxLook look, Id<Device> id) =>
        Grounds.Of(look).FirstOrNull(g => look.Touching.Reaches(g, id, "ground"));

    private Finding Without(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        var guarded = GfciByPlace.Met(look, id, kind).Holds;
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
