using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>A reading that is handed over.</summary>
/// <param name="Cannot">What its instrument cannot see.</param>
public sealed record ToldKeptReading(string Says, string Instrument, string Cannot, string By, string At);

/// <summary>A box of a hand-over.</summary>
/// <param name="Changed">As found beside as left, in sentences.</param>
/// <param name="Pictures">How many pictures there are of it.</param>
/// <param name="Tested">The readings it is proved by, as it was left.</param>
public sealed record ToldHandedBox(
    ToldBoxCard Card,
    IReadOnlyList<string> Changed,
    IReadOnlyList<ToldKeptReading> Readings,
    int Pictures,
    ToldTested Tested
);

/// <summary>One line of a Change's logbook.</summary>
public sealed record ToldLogLine(string At, string By, string Says);

/// <summary>What a Change leaves behind: for the householder, the inspector and whoever opens a box next.</summary>
/// <param name="Log">Every step that was marked, in order.</param>
/// <param name="NotDone">What is planned and not done.</param>
public sealed record ToldHandover(
    string Job,
    string Change,
    string? Opened,
    string? Closed,
    string Permit,
    string Edition,
    IReadOnlyList<ToldInspected> Inspections,
    IReadOnlyList<ToldHandedBox> Boxes,
    IReadOnlyList<ToldLogLine> Log,
    IReadOnlyList<string> NotDone
)
{
    /// <exception cref="KeyNotFoundException">There is no such Change.</exception>
    public static ToldHandover Tell(Job job, string id)
    {
        ArgumentNullException.ThrowIfNull(job);
        var change = job.Changes[id];
        var left = change.Closed is null ? ChangeWork.AsLeft(job, id) : job;
        var found = ChangeWork.AsFound(job, id);
        Id<Box>[] boxes = [.. Worked(change, left)];
        return new(
            job.Name,
            change.Name,
            change.Opened,
            change.Closed,
            change.Permit switch
            {
                PermitIs.NotNeeded => "Recorded: it needs no permit. Local rules decide.",
                PermitIs.AppliedFor => "A permit is applied for.",
                PermitIs.Granted => "A permit was granted.",
                _ => "Nobody recorded whether it needed a permit.",
            },
            job.Profile.Edition.ToString(),
            [
                .. change
                    .Inspections.OrderBy(i => i.Value.At, StringComparer.Ordinal)
                    .Select(i => new ToldInspected(i.Key, i.Value.Stage, i.Value.Passed, i.Value.Inspector, i.Value.At, i.Value.Lines)),
            ],
            [.. boxes.Select(b => Of(job, id, left, found, b))],
            [.. change.Ticks.OrderBy(t => t.At, StringComparer.Ordinal).Select(t => Line(left, t))],
            change.Closed is null ? NotCarried(job, id) : []
        );
    }

    private static IReadOnlyList<string> NotCarried(Job job, string id)
    {
        var carried = Carried.Of(job, id).ToHashSet(StringComparer.Ordinal);
        return
        [
            .. ChangeWork
                .Steps(job, id)
                .Where(s => !s.Through && !carried.Contains(s.Id))
                .Select(s => History.EditTeller.Tell(s.Edit, s.Before)),
        ];
    }

    /// <summary>Boxes it touched, and those it set.</summary>
    private static IEnumerable<Id<Box>> Worked(Change change, Job left) =>
        change
            .AsFound.Ids.Concat(change.Done.SelectMany(d => ChangeWork.Read(d.Edit).OfBoxes))
            .Concat(change.Ticks.Select(t => t.Box))
            .Where(left.Boxes.Has)
            .Distinct()
            .Order();

    private static ToldHandedBox Of(Job job, string change, Job left, Job found, Id<Box> box) =>
        new(
            ToldBoxCard.Tell(left, box),
            [.. DifferenceTeller.Tell(found, left, box, BoxDifference.Between(found, left, box)).Select(d => d.Says)],
            [
                .. job
                    .Readings.Values.Where(r => r.Box == box && r.Step == ReadingStep.None)
                    .OrderBy(r => r.At, StringComparer.Ordinal)
                    .Select(r => (Reading: r, Kind: InstrumentKinds.Find(r.Instrument)))
                    .Select(r => new ToldKeptReading(
                        $"{r.Reading.From} to {r.Reading.To}: {r.Reading.Says}{(r.Reading.Note is { } note ? $", {note}" : "")}",
                        r.Kind?.Name ?? r.Reading.Instrument,
                        r.Kind?.Cannot ?? "",
                        r.Reading.By,
                        r.Reading.At
                    )),
            ],
            job.Photos.Values.Count(p => p.Box == box),
            ToldTested.Of(TestsTaken.Of(job, change, box, ExpectedTests.Of(left, box, slips: false)))
        );

    private static ToldLogLine Line(Job left, Tick tick)
    {
        var box = left.Boxes.Find(tick.Box);
        var step = box is null ? null : PastStep.Of(tick, box);
        var says = step is null ? tick.Step : StepWords.Title(step, new(step.About, new Names(left, tick.Box)));
        return new(tick.At, tick.By, $"{box?.Name ?? tick.Box}: {says}");
    }
}
