using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>What takes current, or gives it to a plug, has a hot that comes from a breaker and a neutral that goes back.</summary>
/// <remarks>Practice; NEC 110.3(B) by the instructions of what hangs there. A dead outlet whose neutral alone is open is live
/// inside.</remarks>
public sealed class Fed() : BoxRule("fed")
{
    public enum Case
    {
        Nothing,
        NoHot,
        NoNeutral,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.AllFollowed)
        {
            yield break;
        }

        foreach (var (id, _, kind) in look.Devices)
        {
            foreach (var (hot, neutral) in Used(look, id, kind))
            {
                if (Judge(look, id, kind, hot, neutral) is { } found)
                {
                    yield return found;
                    break;
                }
            }
        }
    }

    /// <summary>Hot and neutral of what hangs on a device, the worst first to be found.</summary>
    private static IEnumerable<(string Hot, string Neutral)> Pairs(DeviceKind kind) =>
        kind.Inside.SelectMany(p =>
            p switch
            {
                Slots s => [(s.Hot, s.Neutral)],
                Draws d => [(d.Hot, d.Neutral)],
                _ => Array.Empty<(string, string)>(),
            }
        );

    /// <summary>Those that are used: a light that was never wired leaves its lead capped.</summary>
    private static List<(string Hot, string Neutral)> Used(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        var all = Pairs(kind).ToList();
        var wired = all.Where(p => look.Sources.On(id, kind, p.Hot).Any(e => Grounds.Attached(look, e, id))).ToList();
        return kind.Canopy && wired.Count > 0 ? wired : all;
    }

    private Finding? Judge(BoxLook look, Id<Device> id, DeviceKind kind, string hot, string neutral)
    {
        var (to, back) = (look.Sources.At(id, kind, hot).Switched, look.Sources.At(id, kind, neutral).Switched);
        var (comes, goes) = (to.Has(Gives.Hot), back.Has(Gives.Neutral));

        // What is crossed is not open.
        if (to.At.Count + back.At.Count > 0 && (to.Neutral || to.Ground || back.Hot || back.Ground))
        {
            return null;
        }

        (string, object?) device = ("device", Thing.Device(id));
        return (comes, goes) switch
        {
            (Certain.No, Certain.No) => Fix(id, Case.Nothing, device),
            (Certain.No, _) => Fix(id, Case.NoHot, device),
            (Certain.Yes, Certain.No) => Fix(id, Case.NoNeutral, device),
            _ => null,
        };
    }
}
