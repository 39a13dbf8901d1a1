using JollyBarn.Edits;

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
        Says<CloseChange>((e, job) => $"Change {job.Changes.Find(e.Change)?.Name} closed");
    }
}
