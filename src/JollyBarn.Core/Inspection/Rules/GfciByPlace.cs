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
        ProtectedByMark,
        ProtectedByAnswer,
        Unprotected,
        SaidProtected,
        Bypassed,
        AskProtected,
        AskPlace,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Receptacles.Where(r => ProtectionBook.GfciAt(look.Edition, r.Kind)))
        {
            var (needed, asks) = Needed(look);
            var met = Met(look, id, kind);
            var name = ("device", (object?)Thing.Device(id));
            FactAsked[] open =
            [
                .. needed is null ? asks : [],
                .. met.Holds is null ? [new FactAsked(Subjects.Box, WallFacts.GfciAhead)] : Array.Empty<FactAsked>(),
            ];
            yield return id switch
            {
                _ when needed == false => Fine(id, Case.NotAsked, name),
                _ when met.Holds == true => Fine(id, ByWhat(met), name, ("guard", met.Guard)),
                _ when needed == true && met.Holds == false => Fix(
                    id,
                    met.Bypassed ? Case.Bypassed
                        : met.SaidOtherwise ? Case.SaidProtected
                        : Case.Unprotected,
                    name
                ),
                _ => AskOf(id, needed == true ? Case.AskProtected : Case.AskPlace, open, name),
            };
        }
    }

    /// <summary>Whether ground-fault protection watches every conductor of the device, by what is recorded at the box and before
    /// it.</summary>
    internal static Protected Met(BoxLook look, Id<Device> id, DeviceKind kind) => Protected.Of(look, id, kind);

    private static Case ByWhat(Protected met) =>
        met.Basis switch
        {
            Basis.Wiring => Case.Protected,
            Basis.Mark => Case.ProtectedByMark,
            _ => Case.ProtectedByAnswer,
        };

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
}
