using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits of Changes, several at once, and what was undone.</summary>
internal sealed class WorkEditWords : EditWords
{
    public WorkEditWords()
    {
        Says<Batch>((e, job) => e.Name ?? (e.For is { } purpose ? BatchWords.Of(purpose, e, job) : BatchWords.Several(e, job)));
        Says<Restore>((e, _) => $"{(e.Again ? "Redone" : "Undone")}: {e.What}");
        Says<OpenChange>((e, _) => $"Change {e.Name} opened");
        Says<PlanEdit>((e, job) => $"planned in {job.Changes.Find(e.Change)?.Name}: {e.Edit.Tell(ChangeWork.Planned(job, e.Change))}");
        Says<DropPlanned>((e, job) => $"an edit dropped from {job.Changes.Find(e.Change)?.Name}");
        Says<CorrectAsFound>((e, job) => $"as found corrected, {e.On}: {e.Edit.Tell(job)}");
        Says<RecordDone>((e, job) => $"done in {job.Changes.Find(e.Change)?.Name}: {e.Edit.Tell(ChangeWork.AsLeft(job, e.Change))}");
        Says<TakeBackDone>((e, job) => $"not done after all, in {job.Changes.Find(e.Change)?.Name}");
        Says<TickStep>((e, job) => $"{BoxOf(job, e.Change, e.Box)}, {job.Changes.Find(e.Change)?.Name}: {Step(job, e)}, marked as done");
        Says<UntickStep>((e, job) => $"{BoxOf(job, e.Change, e.Box)}, {job.Changes.Find(e.Change)?.Name}: a step is not done after all");
        Says<CarryOut>((e, job) => $"{job.Changes.Find(e.Change)?.Name}: {Count(e.Planned.Count)} carried out");
        Says<KeepPattern>((e, job) => $"{job.Boxes.Find(e.Box)?.Name}: kept as a standard make, {e.Name}");
        Says<RemovePattern>((e, job) => $"Standard make {job.Patterns.Find(e.Id)?.Name} taken off the list");
        Says<SetStages>((e, job) => $"{job.Changes.Find(e.Change)?.Name}: {ChoiceWords.Stages(e.Wall, e.Permit)}");
        Says<WaitFor>((e, job) => $"{job.Changes.Find(e.Change)?.Name} waits: {e.Hold.Says}");
        Says<EndWait>(
            (e, job) => $"{job.Changes.Find(e.Change)?.Name}, no longer waited for: {job.Changes.Find(e.Change)?.Holds.Find(e.Id)?.Says}"
        );
        Says<RecordInspection>(
            (e, job) => $"{job.Changes.Find(e.Change)?.Name}: {(e.Inspected.Passed ? "passed" : "not passed")}, {e.Inspected.Inspector}"
        );
        Says<CloseChange>((e, job) => $"Change {job.Changes.Find(e.Change)?.Name} closed");
    }

    private static string BoxOf(Job job, string change, Id<Box> box) =>
        (job.Boxes.Find(box) ?? ChangeWork.Planned(job, change).Boxes.Find(box))?.Name ?? box;

    private static string Step(Job job, TickStep tick)
    {
        var planned = ChangeWork.Planned(job, tick.Change);
        return planned.Boxes.Find(tick.Box) is { } box && PastStep.Of(new(tick.Box, tick.Step, tick.By, tick.At), box) is { } step
            ? StepWords.Title(step, new(step.About, new Names(planned, tick.Box)))
            : tick.Step;
    }

    private static string Count(int planned) => planned == 1 ? "1 planned edit is" : $"{planned} planned edits are";
}
