using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A receptacle is GFCI-protected where the room asks it.</summary>
/// <remarks>NEC 210.8(A): by room and edition, within 6 ft of a sink, tub or shower, and from 2020 in any damp or wet place.</remarks>
public sealed class GfciByPlace() : BoxRule("gfci")
{
    public enum Case
    {
        NotAsked,
        Protected,
        Unprotected,
        AskProtected,
        AskPlace,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Receptacles)
        {
            var (needed, asks) = Needed(look);
            var met = Met(look, id, kind);
            var name = ("device", (object?)Thing.Device(id));
            FactAsked[] open =
            [
                .. needed is null ? asks : [],
                .. met is null ? [new FactAsked(Subjects.Box, WallFacts.GfciAhead)] : Array.Empty<FactAsked>(),
            ];
            yield return id switch
            {
                _ when needed == false => Fine(id, Case.NotAsked, name),
                _ when met == true => Fine(id, Case.Protected, name),
                _ when needed == true && met == false => Fix(id, Case.Unprotected, name),
                _ => AskOf(id, needed == true ? Case.AskProtected : Case.AskPlace, open, name),
            };
        }
    }

    /// <summary>Whether the place asks it; null when that hangs on the facts named.</summary>
    internal static (bool? Needed, FactAsked[] Asks) Needed(BoxLook look)
    {
        var asked = look.Use is { } use ? ProtectionBook.Gfci(look.Edition, use) : (Asked?)null;
        var room = asked switch
        {
            Asked.Always => true,
            Asked.Countertop => look.Read(WallFacts.Countertop),
            Asked.Unfinished => !look.Read(WallFacts.Finished),
            Asked.No => false,
            _ => (bool?)null,
        };
        var damp =
            !ProtectionBook.GfciInDamp(look.Edition) ? false
            : look.Wetness is { } wet ? wet != Damp.Dry
            : (bool?)null;
        var near = look.Read(WallFacts.NearWater);
        if (room == true || damp == true || near == true)
        {
            return (true, []);
        }

        if (room == false && damp == false && near == false)
        {
            return (false, []);
        }

        FactKey byRoom = asked switch
        {
            Asked.Countertop => WallFacts.Countertop,
            Asked.Unfinished => WallFacts.Finished,
            _ => WallFacts.Use,
        };
        FactKey?[] open =
        [
            room is null ? byRoom : null,
            damp is null ? WallFacts.Wetness : null,
            near is null ? WallFacts.NearWater : null,
        ];
        return (null, [.. open.OfType<FactKey>().Select(f => new FactAsked(Subjects.Box, f))]);
    }

    /// <summary>Whether what is known at the box protects it; null when it does not tell.</summary>
    internal static bool? Met(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        if (kind.Protects)
        {
            return true;
        }

        var hots = look.On(id).Where(e => e.Use is ConductorUse.Hot or ConductorUse.Switched).Select(e => e.Id).ToList();
        var cables = look.Cables.Where(c => c.Leads.Any(l => hots.Exists(h => h == l || look.Touching.Joined(h, l)))).ToList();
        var guarded = cables.Exists(c =>
            c.End.Feeds == Feeds.Protected || look.BreakerOf(c.Run.Circuit)?.Kind is BreakerKind.Gfci or BreakerKind.DualFunction
        );
        return guarded ? true : look.Read(WallFacts.GfciAhead);
    }
}
