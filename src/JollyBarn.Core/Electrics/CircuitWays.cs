using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <content>Ways to its outlets.</content>
public sealed partial class CircuitWiring
{
    /// <summary>Runs on the way to an outlet that nobody measured, gauged or followed to where they come from.</summary>
    public IReadOnlyList<Id<Run>> Open(OutletWay way) =>
        [
            .. way.Over.Where(r =>
                Part.Runs[r] is var run
                && (run.Length.OrNull is null || (run.Gauge is null && run.Conductors.Any(c => c.Gauge is null)) || ComesFromUnknown(run))
            ),
        ];

    /// <summary>Every receptacle that hangs on the circuit, with its way from the panel.</summary>
    /// <param name="least">Count a cable nobody measured as having no length: no measurement can make the way shorter.</param>
    public IReadOnlyList<OutletWay> Ways(bool least = false)
    {
        var live = least ? Live.Fresh(Shortest(), Wires()) : wires.Value;
        var (hots, neutrals, grounds) = (
            Reached(live, Hots()),
            Reached(live, Part.Panels.Ids.Select(Points.NeutralBar)),
            Reached(live, Part.Panels.Ids.Select(Points.GroundBar))
        );
        var guarded = Guarded(live, hots);
        var volts = live.Set(ElectricsBook.LegVolts);
        var ways = new List<OutletWay>();
        foreach (var (box, device, half, hot) in Faces(live).Where(f => hots.Contains(f.Hot)))
        {
            var (neutral, ground) = (Points.Face(box, device, half + "neutral"), Points.Face(box, device, half + "ground"));
            var over = new SortedSet<Id<Run>>();
            double? ohms = neutrals.Contains(neutral)
                ? Math.Max(0, Loop(live, hot, neutral, over) - live.Set(ElectricsBook.SourceOhms))
                : null;
            double? fault = grounds.Contains(ground) ? volts / Loop(live, hot, ground, over) : null;
            ways.Add(new(box, device, half, ohms, fault, [.. guarded.Where(g => g.Value.Contains(hot)).Select(g => g.Key)], [.. over]));
        }

        return ways;
    }

    /// <summary>Ω of a way if every run it goes over were one gauge thicker; null where one of them is as thick as they come
    /// here.</summary>
    public double? Thicker(OutletWay way)
    {
        var next = new Dictionary<int, int>
        {
            [14] = 12,
            [12] = 10,
            [10] = 8,
            [8] = 6,
        };
        Gauge? Step(Gauge? gauge) => gauge is { } g && next.TryGetValue(g.Number, out var thicker) ? Gauge.Awg(thicker) : null;
        if (way.Over.Any(r => Step(Part.Runs[r].Gauge) is null))
        {
            return null;
        }

        var thick = Part with
        {
            Runs = Part.Runs.Each(
                (id, run) =>
                    way.Over.Contains(id)
                        ? run with
                        {
                            Gauge = Step(run.Gauge),
                            Conductors = [.. run.Conductors.Select(c => c with { Gauge = null })],
                        }
                        : run
            ),
        };
        return new CircuitWiring(thick, circuit, thick.Runs.Ids.ToHashSet(), thick.Boxes.Ids.ToHashSet())
            .Ways()
            .FirstOrDefault(w => w.Of == way.Of && w.Half == way.Half)
            ?.Ohms;
    }

    /// <summary>Ω between two points, and the runs a current between them goes over.</summary>
    private double Loop(Live live, string a, string b, SortedSet<Id<Run>> over)
    {
        const double some = 1e-3;
        var response = live.Solved.RespondTo(live.At(a), live.At(b));
        foreach (var (id, run) in Part.Runs)
        {
            for (var i = 0; i <= run.Conductors.Count && !over.Contains(id); i++)
            {
                if (
                    live.Plan.Find(LinkKeys.Wire(id, i)) is { } wire
                    && ((response[live.At(wire.From)] - response[live.At(wire.To)]) / wire.Ohms).Magnitude > some
                )
                {
                    over.Add(id);
                }
            }
        }

        return (response[live.At(a)] - response[live.At(b)]).Magnitude;
    }

    private Job Shortest() =>
        Part with
        {
            Practice = Part.Practice.With(ElectricsBook.UnknownFeet.Key, "0"),
            Runs = Part.Runs.Each((_, run) => run.Gauge is null ? run with { Length = Fact<Length>.Unknown } : run),
        };

    /// <summary>What each guard that watches for ground faults cuts off when it opens.</summary>
    private Dictionary<GuardKey, Reached> Guarded(Live live, Reached hots)
    {
        var found = new Dictionary<GuardKey, Reached>();
        foreach (var guard in live.Plan.Guards.Where(g => g.ClassA))
        {
            if (guard.Supply is not { } supply)
            {
                // A breaker watches all that hangs on its own poles.
                if (Hots().Any(p => guard.Links.Any(l => l.To == p)))
                {
                    found[guard.Key] = hots;
                }

                continue;
            }

            var left = live.Plan.Reach(Hots(), l => l.Conducts && l.Kind is not (LinkKind.Bond or LinkKind.Breaker) && !guard.Has(l));
            // One fed at its load side senses nothing of its face and cannot be reset.
            if (left.Contains(supply.Hot))
            {
                found[guard.Key] = hots.Except(left);
            }
        }

        return found;
    }

    private IEnumerable<(Id<Box> Box, Id<Device> Device, string Half, string Hot)> Faces(Live live) =>
        from box in Part.Boxes
        from device in box.Value.Devices.Ids
        from half in new[] { "", "upper", "lower" }
        let hot = Points.Face(box.Key, device, half + "hot")
        where live.Has(hot)
        select (box.Key, device, half, hot);
}
