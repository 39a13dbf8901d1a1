using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What a stage of a Change lacks.</summary>
public enum StageCase
{
    /// <summary>Nobody said whether the wall is open.</summary>
    AskWall,
    AskPermit,
    PermitOpen,

    /// <summary>Steps of a box's card that belong to the stage.</summary>
    Steps,

    /// <summary>Ends that lie on nothing and are not capped: not to be left so.</summary>
    Loose,

    /// <summary>Something there can hurt somebody as it is left.</summary>
    Stops,

    /// <summary>No picture was taken since the last was done in it: after the board it is too late.</summary>
    Photo,
    Inspect,
    Failed,
    Close,

    /// <summary>After board and paint: is the box where it was measured?</summary>
    Found,

    /// <summary>After board and paint: cutter marks, mud, paint on leads.</summary>
    LeadsClean,

    /// <summary>After board and paint: the setback again, for studs twist.</summary>
    SetbackAgain,

    /// <summary>Marked plates hang face inward until the painters are gone.</summary>
    PlatesInward,
    Held,

    /// <summary>Readings that were asked for and that nobody took, whatever was marked.</summary>
    NotRead,

    /// <summary>Readings that are not what the wiring as planned gives.</summary>
    ReadsOtherwise,
    CloseChange,
}

/// <summary>One thing a stage lacks.</summary>
/// <param name="Box">The box it is about; null for the Change as a whole.</param>
/// <param name="Hold">What is waited for, by its id.</param>
/// <param name="Tick">Key of the mark that settles it; null where something else does.</param>
public sealed record StageLine(StageCase Case, Id<Box>? Box = null, int Count = 0, string? Hold = null, string? Tick = null);

/// <summary>A stage with what it lacks; through where it lacks nothing.</summary>
public sealed record StageState(ChangeStage Stage, IReadOnlyList<StageLine> Lines)
{
    public bool Through => Lines.Count == 0;
}

/// <summary>The stages of a Change over all of its boxes. <em>Practice</em>: rough, inspection, wall closes, trim, test; what was not
/// looked at is never through.</summary>
public static class StagePlan
{
    private static readonly (StageCase Case, string Tick)[] AfterBoard =
    [
        (StageCase.Found, "after.found"),
        (StageCase.LeadsClean, "after.leads"),
        (StageCase.SetbackAgain, "after.setback"),
        (StageCase.PlatesInward, "after.plates"),
    ];

    /// <summary>Stages in order; those that do not come in this Change are left out.</summary>
    /// <exception cref="KeyNotFoundException">There is no such Change.</exception>
    public static IReadOnlyList<StageState> Of(Job job, string id, string by, string now)
    {
        ArgumentNullException.ThrowIfNull(job);
        var change = job.Changes[id];
        var doing = Doing.Of(job, id);
        var (left, planned) = (doing.Left, doing.Planned);
        Id<Box>[] boxes = [.. doing.Boxes];
        var cards = boxes.ToDictionary(b => b, b => MakeUpCard.All(doing, b, by, now));
        List<StageState> all =
        [
            new(
                ChangeStage.Rough,
                [
                    .. change.Wall == WallIs.Unknown ? [new(StageCase.AskWall)] : Array.Empty<StageLine>(),
                    .. Left(cards, s => s is StepStage.Apart or StepStage.BringIn or StepStage.Rough),
                ]
            ),
            new(ChangeStage.Inspection, [.. Inspection(change)]),
        ];
        if (change.Wall is WallIs.Open or WallIs.ClosedSince)
        {
            all.Add(new(ChangeStage.WallCloses, [.. Closing(job, change, left, boxes)]));
        }

        all.Add(
            new(
                ChangeStage.Trim,
                [.. change.Wall == WallIs.ClosedSince ? After(change, left, planned, boxes) : [], .. Left(cards, s => s is StepStage.Trim)]
            )
        );
        all.Add(
            new(
                ChangeStage.Test,
                [
                    .. Left(cards, s => s is StepStage.Test),
                    .. boxes.SelectMany(b => Tests(b, TestsTaken.Due(doing, id, b, cards[b]))),
                    new(StageCase.CloseChange),
                ]
            )
        );
        return [.. all.Select(s => s with { Lines = [.. Held(change, s.Stage), .. s.Lines] })];
    }

    /// <summary>The stage the Change stands at: the first that is not through.</summary>
    public static StageState? At(IReadOnlyList<StageState> stages) => stages.FirstOrDefault(s => !s.Through);

    private static IEnumerable<StageLine> Left(Dictionary<Id<Box>, List<CardStep>> cards, Func<StepStage, bool> of) =>
        cards.Select(c => new StageLine(StageCase.Steps, c.Key, c.Value.Count(s => of(s.Stage)))).Where(l => l.Count > 0);

    private static IEnumerable<StageLine> Held(Change change, ChangeStage stage) =>
        change.Holds.Where(h => h.Value.Ended is null && h.Value.Stage == stage).Select(h => new StageLine(StageCase.Held, Hold: h.Key));

    private static IEnumerable<StageLine> Inspection(Change change)
    {
        var last = change.Inspections.Values.OrderBy(i => i.At, StringComparer.Ordinal).LastOrDefault();
        return change.Permit switch
        {
            PermitIs.Unknown => [new(StageCase.AskPermit)],
            PermitIs.NotNeeded => [],
            _ when last is { Passed: true } => [],
            _ when last is not null => [new(StageCase.Failed, Count: last.Lines.Count), new(StageCase.Inspect)],
            PermitIs.AppliedFor => [new(StageCase.PermitOpen), new(StageCase.Inspect)],
            _ => [new(StageCase.Inspect)],
        };
    }

    private static IEnumerable<StageLine> Tests(Id<Box> box, TestsTaken? tests) =>
        new[]
        {
            new StageLine(StageCase.ReadsOtherwise, box, tests?.Otherwise ?? 0),
            new(StageCase.NotRead, box, tests?.Missing ?? 0),
        }.Where(l => l.Count > 0);

    /// <summary>Is what waits behind the board fit to be left, and pictured?</summary>
    private static IEnumerable<StageLine> Closing(Job job, Change change, Job left, IEnumerable<Id<Box>> boxes)
    {
        if (change.Wall == WallIs.ClosedSince)
        {
            yield break;
        }

        foreach (var id in boxes)
        {
            if (left.Boxes.Find(id) is not { } box)
            {
                continue;
            }

            if (TakingApart.Ends(box).Count(e => e.At.At is LandingAt.Loose or LandingAt.Unknown) is > 0 and var loose)
            {
                yield return new(StageCase.Loose, id, loose);
            }

            if (Inspector.Judge(left, id, box).Count(f => f.Verdict == Verdict.Stop) is > 0 and var stops)
            {
                yield return new(StageCase.Stops, id, stops);
            }

            if (!job.Photos.Values.Any(p => p.Box == id && Since(p.When, change.LastDoneIn(id) ?? change.Opened)))
            {
                yield return new(StageCase.Photo, id);
            }
        }

        yield return new(StageCase.Close);
    }

    /// <summary>True from a time on; a day counts whole.</summary>
    private static bool Since(string? when, string? from) =>
        from is null || (when is not null && string.CompareOrdinal(when, 0, from, 0, Math.Min(when.Length, from.Length)) >= 0);

    /// <summary>Looked at is marked; a setback that nobody wrote down was not measured, whatever was marked.</summary>
    private static IEnumerable<StageLine> After(Change change, Job left, Job planned, IEnumerable<Id<Box>> boxes) =>
        from box in boxes
        where planned.Boxes[box].Wall is not null || planned.Boxes[box].Devices.Count > 0
        from ask in AfterBoard
        let lacks = ask.Case == StageCase.SetbackAgain && !Measured(left, box)
        where lacks || !change.Ticks.Any(t => t.Box == box && t.Step == ask.Tick)
        select new StageLine(ask.Case, box, Count: lacks ? 1 : 0, Tick: lacks ? null : ask.Tick);

    private static bool Measured(Job left, Id<Box> id) =>
        left.Boxes.Find(id) is { } box && new BoxLook(left, id, box).Read(WallFacts.Setback) is not null;
}
