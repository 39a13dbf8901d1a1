using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Circuits that feed one yoke open together at the panel, whatever kind of device it is.</summary>
/// <remarks>NEC 210.7. By the wiring where it is followed: one breaker of two poles opens both; two that do not stand one below the other
/// cannot be tied, whatever somebody answered.</remarks>
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
            var feeding = Together.Ends(points);
            var apart = kind.FedApart || device.BrokenTabs.Contains("hot");
            var open = points.Count(w => BoxLook.OpenHots([w]));
            if (feeding.Count > 1 && !CoveredByCable(look, feeding))
            {
                yield return Judge(look, id, feeding);
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

    private Finding Judge(BoxLook look, Id<Device> id, IReadOnlyList<PanelEnd> feeding)
    {
        var breakers = feeding.Select(f => Thing.Breaker(f.Panel, f.Breaker!)).Distinct().ToArray();
        (string, object?)[] details = [("device", Thing.Device(id)), ("breakers", breakers)];
        return Together.Handles(look.Reads, feeding) switch
        {
            Handles.One => Fine(id, Case.OneBreaker, details),
            Handles.Apart => Fix(id, Case.CannotBeTied, details),
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
    /// <summary>The poles that hots of these points come from, by the wiring, or by a mark where the record stops.</summary>
    public static IReadOnlyList<PanelEnd> Ends(IEnumerable<Wire> points) =>
        [
            .. points
                .SelectMany(w =>
                    w.Switched.Hot ? w.Switched.Hots
                    : w.Switched.Taken is { What: Gives.Hot } taken ? [taken]
                    : []
                )
                .Where(e => e.Breaker is not null)
                .DistinctBy(e => (e.Panel, e.Breaker, e.Pole)),
        ];

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
