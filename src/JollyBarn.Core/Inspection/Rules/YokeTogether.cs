using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Circuits that feed one yoke open together at the panel, whatever kind of device it is.</summary>
/// <remarks>NEC 210.7. By the wiring where it is followed: one breaker of two poles opens both; two that do not stand one below the other
/// cannot be tied, whatever somebody answered. A mark is no reason to overrule who looked at the panel.</remarks>
public sealed class YokeTogether() : BoxRule("yoke-together")
{
    public enum Case
    {
        OneBreaker,
        CannotBeTied,
        Ask,
        AskFeeds,
        Apart,
        Tied,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, device, kind) in look.Devices.Where(d => d.Kind.Yoke))
        {
            var points = kind.Points()
                .Where(p => TakesHot(p.Role) && look.Sources.On(id, kind, p.Name).Any(e => Grounds.Attached(look, e, id)))
                .Select(p => look.Sources.At(id, kind, p.Name))
                .Distinct(ReferenceEqualityComparer.Instance)
                .Cast<Wire>()
                .ToList();
            var feeding = BoxLook.PolesOf(points).Where(e => e.Breaker is not null).ToList();
            var apart = kind.FedApart || device.BrokenTabs.Contains("hot");
            var open = points.Count(w => BoxLook.OpenHots([w]));
            if (feeding.Count > 1 && !CoveredByCable(look, feeding))
            {
                yield return Judge(look, id, feeding, points.TrueForAll(w => w.Switched.Hot || !BoxLook.PolesOf([w]).Any()));
            }
            else if (feeding.Count < 2 && apart && open > 0 && points.Count > 1)
            {
                yield return Said(look, id, Case.AskFeeds, ("device", Thing.Device(id)));
            }
        }
    }

    private static bool TakesHot(TerminalRole role) => !role.IsNeutral() && role != TerminalRole.Ground;

    /// <summary>True where a multiwire cable of the box brings these two: then the cable is judged.</summary>
    private static bool CoveredByCable(BoxLook look, IReadOnlyList<PanelEnd> feeding) =>
        MultiwireCables
            .In(look)
            .Any(c => MultiwireCables.Poles(look, MultiwireCables.Hots(look, c)) is { Count: 2 } poles && feeding.All(poles.Contains));

    /// <param name="followed">True where the wiring says so, and no mark.</param>
    private Finding Judge(BoxLook look, Id<Device> id, IReadOnlyList<PanelEnd> feeding, bool followed)
    {
        var breakers = feeding.Select(f => Thing.Breaker(f.Panel, f.Breaker!)).Distinct().ToArray();
        (string, object?)[] details =
        [
            ("device", Thing.Device(id)),
            ("breakers", breakers),
            ("basis", followed ? Basis.Wiring : Basis.Mark),
        ];
        return Together.Handles(look.Reads, feeding) switch
        {
            Handles.One => Fine(id, Case.OneBreaker, details),
            Handles.Apart when followed => Fix(id, Case.CannotBeTied, details),
            _ => Said(look, id, Case.Ask, details),
        };
    }

    private Finding Said(BoxLook look, Id<Device> id, Case ask, params (string, object?)[] details) =>
        look.Read(DeviceFacts.OpensTogether, id) switch
        {
            true => Fine(id, Case.Tied, ("device", Thing.Device(id))),
            false => Fix(id, Case.Apart, ("device", Thing.Device(id))),
            null => Ask(id, ask, [DeviceFacts.OpensTogether], details),
        };
}

/// <summary>What the handles of breakers are to each other.</summary>
internal enum Handles
{
    /// <summary>One breaker.</summary>
    One,

    /// <summary>They stand one below the other: a listed tie can join them.</summary>
    Neighbours,

    /// <summary>No tie joins them.</summary>
    Apart,
}

/// <summary>Whether breakers can open together, by where they stand.</summary>
internal static class Together
{
    public static Handles Handles(Reads reads, IReadOnlyList<PanelEnd> ends)
    {
        var breakers = ends.Select(e => (e.Panel, e.Breaker)).Distinct().ToList();
        if (breakers.Count < 2)
        {
            return Rules.Handles.One;
        }

        var slots = breakers
            .Select(b => reads.Panels.Find(b.Panel)?.Breakers.FirstOrDefault(x => x.Key == b.Breaker)?.Slot)
            .OfType<int>()
            .Order()
            .ToList();
        // Slots of one side of a panel follow each other by two; the halves of a tandem share one.
        var next = slots.Zip(slots.Skip(1)).All(s => s.Second - s.First <= 2 && (s.Second - s.First) % 2 == 0);
        return breakers.Select(b => b.Panel).Distinct().Count() == 1 && next ? Rules.Handles.Neighbours : Rules.Handles.Apart;
    }
}
