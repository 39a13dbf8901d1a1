using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A receptacle is GFCI-protected where the room asks it.</summary>
/// <remarks>NEC 210.8(A): by room and edition, within 6 ft of a sink, tub or shower, and from 2020 in any damp or wet place.</remarks>
public sealed class GfciByPlace() : BoxRule("gfci", "GFCI by place", "Wet hands and earth make a person the shortest way.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string article = "210.8(A)";
        foreach (var (id, _, kind) in look.Receptacles)
        {
            var (needed, asks) = Needed(look);
            var met = Met(look, id, kind);
            var name = look.DeviceName(id);
            yield return needed == false ? Fine(id, $"Nothing asks GFCI protection of the {name} here.", article)
                : met == true ? Fine(id, $"The {name} is GFCI-protected.", article)
                : needed == true && met == false ? Fix(id, $"The {name} is not GFCI-protected, and the place asks it.", article)
                : AskOf(id, needed == true ? $"The place asks GFCI protection of the {name}: is it protected?" : $"Does the place ask GFCI protection of the {name}, and has it any?", article,
                    [.. needed is null ? asks : [], .. met is null ? [new FactAsked(Subjects.Box, "gfci-ahead")] : Array.Empty<FactAsked>()]);
        }
    }

    /// <summary>Whether the place asks it; null when that hangs on the facts named.</summary>
    internal static (bool? Needed, FactAsked[] Asks) Needed(BoxLook look)
    {
        static FactAsked Of(string key) => new(Subjects.Box, key);
        var asked = look.Use is { } use ? ProtectionBook.Gfci(look.Edition, use) : (Asked?)null;
        var room = asked switch
        {
            Asked.Always => true,
            Asked.Countertop => look.YesNo(Subjects.Box, "countertop"),
            Asked.Unfinished => look.YesNo(Subjects.Box, "finished") switch { true => false, false => true, null => null },
            Asked.No => false,
            _ => (bool?)null,
        };
        var damp = !ProtectionBook.GfciInDamp(look.Edition) ? false : look.Wetness is { } wet ? wet != "dry" : (bool?)null;
        var near = look.YesNo(Subjects.Box, "near-water");
        if (room == true || damp == true || near == true)
        {
            return (true, []);
        }

        if (room == false && damp == false && near == false)
        {
            return (false, []);
        }

        var asks = new List<FactAsked>();
        if (room is null)
        {
            asks.Add(Of(asked switch { Asked.Countertop => "countertop", Asked.Unfinished => "finished", _ => "use" }));
        }

        if (damp is null)
        {
            asks.Add(Of("wetness"));
        }

        if (near is null)
        {
            asks.Add(Of("near-water"));
        }

        return (null, [.. asks]);
    }

    /// <summary>Whether what is known at the box protects it; null when it does not tell.</summary>
    internal static bool? Met(BoxLook look, string id, DeviceKind kind)
    {
        if (kind.Family == DeviceFamily.ProtectiveReceptacle)
        {
            return true;
        }

        var hots = look.On(id).Where(e => e.Use is ConductorUse.Hot or ConductorUse.Switched).Select(e => e.Id).ToList();
        var cables = look.Cables.Where(c => c.Leads.Any(l => hots.Exists(h => h == l || look.Touching.Joined(h, l)))).ToList();
        if (cables.Exists(c => c.End.Feeds == Feeds.Protected || look.BreakerOf(c.Run.Circuit)?.Kind is BreakerKind.Gfci or BreakerKind.DualFunction))
        {
            return true;
        }

        return look.YesNo(Subjects.Box, "gfci-ahead");
    }
}
