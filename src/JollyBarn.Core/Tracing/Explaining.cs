using JollyBarn.Connection.Sheet;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>What a real instrument showed between two points.</summary>
/// <param name="Instrument">Its kind.</param>
/// <param name="Volts">V, for a display of volts.</param>
public sealed record RealReading(string Instrument, string From, string To, Display Display, double? Volts = null);

/// <summary>What would make an instrument show what it showed.</summary>
public enum CauseKind
{
    /// <summary>A breaker lies otherwise than was recorded or assumed.</summary>
    Breaker,

    /// <summary>A switch lies the other way.</summary>
    Switch,

    /// <summary>A source is on that was taken to be off, or off that was taken to be on.</summary>
    Source,

    /// <summary>A fault in the wiring.</summary>
    Fault,
}

/// <summary>One thing that would explain a reading, all else being as recorded.</summary>
/// <param name="Thing">The breaker, switch or source; the box of a fault.</param>
/// <param name="On">How the breaker, switch or source would lie; true for a fault.</param>
/// <param name="Box">The box it is at; null for a breaker or a source.</param>
/// <param name="Offer">The fault.</param>
/// <param name="Away">Boxes between it and where it was read, along the run sheet.</param>
public sealed record Cause(CauseKind Kind, Thing Thing, bool On, Id<Box>? Box = null, FaultOffer? Offer = null, int Away = 0);

/// <summary>A real reading beside what the solved network predicts.</summary>
/// <param name="Agrees">True when the two say the same.</param>
/// <param name="Causes">Where they do not: what would explain it, things that were only assumed first, then faults from near to far. None
/// where no single thing does.</param>
/// <param name="Rests">What the prediction takes for given.</param>
public sealed record Compared(Shown Predicted, bool Agrees, IReadOnlyList<Cause> Causes, IReadOnlyList<Assumed> Rests);

/// <summary>Names what would explain a reading that differs from the prediction: each single assumption turned over, each single fault
/// planted, and the same instrument laid on the network solved anew. What shows there what the real one showed is named.</summary>
public static class Explaining
{
    /// <summary>Readings agree within this, V or share of the greater, <em>practice</em>.</summary>
    private const double Near = 2,
        NearShare = 0.05;

    /// <summary>Faults that read like another on offer, only for less long.</summary>
    private static readonly HashSet<OfferCase> Passing = [OfferCase.OffNowAndThen, OfferCase.ArcsInJoint, OfferCase.LessonCrossed];

    /// <summary>Null for an instrument that is not laid between two points.</summary>
    /// <param name="box">The box it was read at.</param>
    /// <exception cref="OperationCanceledException">Somebody stopped it.</exception>
    public static Compared? Of(Job job, Situation now, Id<Box> box, RealReading real, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(real);
        var recorded = Live.Solve(job, now);
        if (Shows(recorded, real) is not { } predicted)
        {
            return null;
        }

        var agrees = Same(predicted, real);
        return new(predicted, agrees, agrees ? [] : [.. Causes(job, now, recorded, box, real, stop)], recorded.Plan.Assumed);
    }

    private static IEnumerable<Cause> Causes(Job job, Situation now, Live recorded, Id<Box> box, RealReading real, CancellationToken stop)
    {
        foreach (var (cause, then) in Turned(job, now, box))
        {
            stop.ThrowIfCancellationRequested();
            if (Shows(Live.Solve(job, then), real) is { } shown && Same(shown, real))
            {
                yield return cause;
            }
        }

        foreach (var (at, away) in Around(job, box))
        {
            foreach (var offer in FaultOffers.At(recorded, at, job.Boxes[at]).Where(o => !Passing.Contains(o.Case)))
            {
                stop.ThrowIfCancellationRequested();
                if (Shows(recorded.With(offer.Fault), real) is { } shown && Same(shown, real))
                {
                    yield return new(CauseKind.Fault, new Thing(ThingKind.Box, at), true, at, offer, away);
                }
            }
        }
    }

    /// <summary>Each breaker, source and switch turned over, alone.</summary>
    private static IEnumerable<(Cause Cause, Situation Then)> Turned(Job job, Situation now, Id<Box> box)
    {
        foreach (var (panel, of) in job.Panels)
        {
            foreach (var breaker in of.Breakers)
            {
                var key = BreakerKey.Of(panel, breaker);
                var on = !(now.Breakers.TryGetValue(key, out var set) ? set : breaker.On ?? true);
                yield return (
                    new(CauseKind.Breaker, Thing.Breaker(panel, breaker.Key), on),
                    now with
                    {
                        Breakers = Set(now.Breakers, key, on),
                    }
                );
            }
        }

        foreach (var source in SupplyPlan.Sources(job, now))
        {
            yield return (
                new(CauseKind.Source, new Thing(ThingKind.Source, source.Id), !source.On),
                now with
                {
                    Sources = Set(now.Sources, source.Id, !source.On),
                }
            );
        }

        foreach (var at in Around(job, box).Select(a => a.Box))
        {
            foreach (var lever in Lever.In(at, job.Boxes[at]))
            {
                var lies = now.Switches.TryGetValue(lever.Key, out var set) ? set : lever.AsLies(job.Boxes[at]);
                yield return (
                    new(CauseKind.Switch, Thing.Device(lever.Device, at), !lies, at),
                    now with
                    {
                        Switches = Set(now.Switches, lever.Key, !lies),
                    }
                );
            }
        }
    }

    /// <summary>The box itself, and every box of the rails it stands on, from near to far along them.</summary>
    private static IReadOnlyList<(Id<Box> Box, int Away)> Around(Job job, Id<Box> box)
    {
        var away = new Dictionary<string, int>(StringComparer.Ordinal) { [$"b:{box}"] = 0 };
        var rails = RunSheet.Of(job).Rails.Where(r => r.Stops.Any(s => s.Key == $"b:{box}"));
        var ways = rails
            .SelectMany(r =>
                r.Stops.Where(s => s.From is not null).Select(s => (A: s.From!, B: s.Key)).Concat(r.Ties.Select(t => (A: t.From, B: t.To)))
            )
            .SelectMany(w => new[] { (w.A, w.B), (w.B, w.A) })
            .ToLookup(w => w.Item1, w => w.Item2);
        for (var queue = new Queue<string>(away.Keys); queue.TryDequeue(out var at); )
        {
            foreach (var next in ways[at].Where(n => !away.ContainsKey(n)))
            {
                away[next] = away[at] + 1;
                queue.Enqueue(next);
            }
        }

        return
        [
            .. away.Where(a => a.Key.StartsWith("b:", StringComparison.Ordinal) && job.Boxes.Has(a.Key[2..]))
                .OrderBy(a => a.Value)
                .ThenBy(a => a.Key, StringComparer.Ordinal)
                .Select(a => ((Id<Box>)a.Key[2..], a.Value)),
        ];
    }

    /// <summary>What the instrument shows once everything that opens by itself has opened.</summary>
    private static Shown? Shows(Live begins, RealReading real)
    {
        var live = Story.Unfold(begins).End;
        return live.Has(real.From) && live.Has(real.To) ? Instruments.Between(live, real.Instrument, real.From, real.To) : null;
    }

    private static bool Same(Shown shown, RealReading real) =>
        shown.Display == real.Display
        && (
            real.Display != Display.Volts
            || real is { Volts: { } v }
                && shown.Value is { } w
                && Math.Abs(v - w) <= Math.Max(Near, NearShare * Math.Max(Math.Abs(v), Math.Abs(w)))
        );

    private static Dictionary<string, bool> Set(IReadOnlyDictionary<string, bool> all, string key, bool on) =>
        new(all, StringComparer.Ordinal) { [key] = on };
}
