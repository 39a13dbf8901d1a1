using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A box before and after.</summary>
/// <param name="Was">Its fill before; null for a box that was not there.</param>
/// <param name="Is">Its fill then; null for one that is there no more.</param>
/// <param name="Brings">Stops and fixes that were not there before.</param>
public sealed record BoxOutcome(Id<Box> Box, string Name, FillFigures? Was, FillFigures? Is, IReadOnlyList<ToldFinding> Brings);

/// <summary>Fill in short, in³.</summary>
public sealed record FillFigures(Fit Fit, VolumeSpan Needed, VolumeSpan Available);

/// <summary>A circuit before and after, in words and figures.</summary>
public sealed record CircuitOutcome(
    Id<Circuit> Circuit,
    string Name,
    CircuitFigures? Was,
    CircuitFigures? Is,
    IReadOnlyList<ToldFinding> Brings
);

/// <summary>A stop that hangs otherwise: the breakers by what they are called, and what protects it in words.</summary>
public sealed record StopOutcome(
    Id<Box> Box,
    string Name,
    IReadOnlyList<string> Was,
    IReadOnlyList<string> Is,
    IReadOnlyList<string> WasBehind,
    IReadOnlyList<string> IsBehind
);

/// <summary>What something does to boxes, circuits and the run sheet.</summary>
public sealed record ToldOutcome(
    IReadOnlyList<BoxOutcome> Boxes,
    IReadOnlyList<CircuitOutcome> Circuits,
    IReadOnlyList<StopOutcome> Stops,
    IReadOnlyList<RailOutcome> Rails
)
{
    /// <summary>Of two states of a job; verdicts of its boxes are made anew, so that a state nobody keeps can be asked about.</summary>
    public static ToldOutcome Between(Job before, Job after) =>
        new(
            [.. Touched.Boxes(before, after).Order().Select(id => Box(before, after, id))],
            [
                .. CircuitChange
                    .Between(before, after)
                    .Select(c => new CircuitOutcome(
                        c.Circuit,
                        (after.Circuits.Find(c.Circuit) ?? before.Circuits[c.Circuit]).Name,
                        c.Before,
                        c.After,
                        new Teller(after, c.Circuit).Tell(c.Brings)
                    )),
            ],
            [.. StopChange.Between(before, after).Select(s => Stop(before, after, s))],
            RailOutcome.Between(before, after)
        );

    private static BoxOutcome Box(Job before, Job after, Id<Box> id)
    {
        var (was, now) = (before.Boxes.Find(id), after.Boxes.Find(id));
        IReadOnlyList<Finding> brings = now is null
            ? []
            : Brought.By(was is null ? [] : Inspector.Judge(before, id, was), Inspector.Judge(after, id, now));
        return new(id, (now ?? was)!.Name, Fill(before, was), Fill(after, now), new Teller(now is null ? before : after, id).Tell(brings));
    }

    private static FillFigures? Fill(Job job, Box? box)
    {
        if (box is null)
        {
            return null;
        }

        var fill = BoxFill.Evaluate(FillOfBox.Read(box, job.Profile), job.Profile, job.Practice);
        return new(fill.Fit, fill.Needed, fill.Available);
    }

    private static StopOutcome Stop(Job before, Job after, StopChange stop) =>
        new(
            stop.Box,
            (after.Boxes.Find(stop.Box) ?? before.Boxes[stop.Box]).Name,
            [.. stop.Before.Select(k => Breaker(before, k))],
            [.. stop.After.Select(k => Breaker(after, k))],
            [.. stop.WasBehind.Select(g => GuardWords.Of(new(before), g))],
            [.. stop.IsBehind.Select(g => GuardWords.Of(new(after), g))]
        );

    private static string Breaker(Job job, string key)
    {
        var breaker = BreakerNames.Find(job, key);
        return BreakerNames.Of(job, breaker) is { } name ? $"{breaker.Where}, {name}" : breaker.Where;
    }
}
