using JollyBarn.Making;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>One thing a stage lacks, as a sentence.</summary>
/// <param name="Tick">Key of the mark that settles it.</param>
/// <param name="Until">When what is waited for is expected.</param>
/// <param name="Waits">Somebody or something else is waited for; false where hands can go on.</param>
public sealed record ToldStageLine(StageCase Case, string Says, Id<Box>? Box, string? Hold, string? Tick, string? Until, bool Waits);

/// <summary>A stage in words.</summary>
/// <param name="Now">The first that is not through.</param>
public sealed record ToldStage(ChangeStage Stage, bool Through, bool Now, IReadOnlyList<ToldStageLine> Lines);

/// <summary>What an inspector said.</summary>
public sealed record ToldInspected(string Id, ChangeStage Stage, bool Passed, string Inspector, string At, IReadOnlyList<string> Lines);

/// <summary>The stages of a Change.</summary>
public sealed record ToldStages(
    string Change,
    string Name,
    WallIs Wall,
    PermitIs Permit,
    IReadOnlyList<ToldStage> Stages,
    IReadOnlyList<ToldInspected> Inspections
)
{
    private static readonly Dictionary<StageCase, Line> Words = new()
    {
        [StageCase.AskWall] = "Is the wall it works in open, or finished?",
        [StageCase.AskPermit] = "Does it need a permit? Ask the office: local rules decide.",
        [StageCase.PermitOpen] = "The permit is applied for and not granted yet.",
        [StageCase.Steps] = new(f => f["count"] == "1" ? $"{f["box"]}: one step" : $"{f["box"]}: {f["count"]} steps"),
        [StageCase.Loose] = new(f =>
            $"{f["box"]}: {(f["count"] == "1" ? "an end lies" : $"{f["count"]} ends lie")} on nothing. Not to be left so: cap each."
        ),
        [StageCase.Stops] = "{box}: as it is left, something there can hurt somebody.",
        [StageCase.Photo] = "{box}: a picture before the wall closes.",
        [StageCase.Inspect] = "The inspector has not passed it.",
        [StageCase.Failed] = new(f =>
            f["count"] == "1" ? "It did not pass: one thing to mend." : $"It did not pass: {f["count"]} things to mend."
        ),
        [StageCase.Close] = "The wall is still open.",
        [StageCase.Found] = "{box}: found where it was measured?",
        [StageCase.LeadsClean] = "{box}: leads looked at for cutter marks, mud and paint?",
        [StageCase.SetbackAgain] = new(f =>
            f["count"] == "1"
                ? $"{f["box"]}: nobody wrote down its setback. Measure it now: studs twist."
                : $"{f["box"]}: setback measured again? Studs twist."
        ),
        [StageCase.PlatesInward] = "{box}: its marked plate hangs face inward until the painters are gone?",
        [StageCase.Held] = "{says}",
        [StageCase.NotRead] = new(f =>
            $"{f["box"]}: {(f["count"] == "1" ? "one reading was" : $"{f["count"]} readings were")} not taken. It is not proved."
        ),
        [StageCase.ReadsOtherwise] = new(f =>
            $"{f["box"]}: {(f["count"] == "1" ? "one reading is" : $"{f["count"]} readings are")} not what the wiring gives. Off, and look."
        ),
        [StageCase.CloseChange] = "Look it over and close the Change.",
    };

    public static ToldStages Tell(Job job, string id, IReadOnlyList<StageState> stages, Job planned)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(stages);
        var change = job.Changes[id];
        var now = StagePlan.At(stages);
        var names = new Names(planned);
        return new(
            id,
            change.Name,
            change.Wall,
            change.Permit,
            [
                .. stages.Select(s => new ToldStage(
                    s.Stage,
                    s.Through,
                    s.Stage == now?.Stage,
                    [.. s.Lines.Select(l => Told(change, names, l))]
                )),
            ],
            [
                .. change
                    .Inspections.OrderBy(i => i.Value.At, StringComparer.Ordinal)
                    .Select(i => new ToldInspected(i.Key, i.Value.Stage, i.Value.Passed, i.Value.Inspector, i.Value.At, i.Value.Lines)),
            ]
        );
    }

    private static ToldStageLine Told(Change change, Names names, StageLine line)
    {
        var hold = change.Holds.Find(line.Hold ?? "");
        var about = Details.Of([
            ("count", line.Count),
            ("box", line.Box is { } box ? new Thing(ThingKind.Box, box) : null),
            ("says", hold is null ? null : $"{For(hold.For)}: {hold.Says}"),
        ]);
        return new(
            line.Case,
            Words[line.Case].Make(new(about, names)),
            line.Box,
            line.Hold,
            line.Tick,
            hold?.Until,
            line.Case is StageCase.Held or StageCase.PermitOpen or StageCase.Inspect
        );
    }

    private static string For(HoldFor waited) =>
        waited switch
        {
            HoldFor.Trade => "Another trade",
            HoldFor.Drying => "Drying",
            HoldFor.Office => "The office",
            HoldFor.Part => "A part",
            _ => "Somebody",
        };
}
