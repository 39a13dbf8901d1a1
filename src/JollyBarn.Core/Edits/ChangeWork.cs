using System.Text.Json;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>One planned edit.</summary>
/// <param name="Before">The job it goes on.</param>
/// <param name="Refusal">Why it no longer goes on the job as it is now, or null.</param>
/// <param name="Done">Id of the record that it was done, or null.</param>
/// <param name="Carried">What was done brought it about.</param>
public sealed record PlannedStep(string Id, Edit Edit, Job Before, Refusal? Refusal = null, string? Done = null, bool Carried = false)
{
    /// <summary>True where nothing of it is left to do.</summary>
    public bool Through => Done is not null || Carried;
}

/// <summary>A job as a Change found it, plans it and leaves it.</summary>
public static class ChangeWork
{
    /// <summary>The present with the Change's edits applied in order; edits that no longer go are passed over.</summary>
    public static Job Planned(Job job, string change) => Through(job, (job.Changes.Find(change)?.Edits ?? []).Select(e => e.Edit));

    /// <summary>The present with what was recorded as done in the Change.</summary>
    public static Job AsLeft(Job job, string change) => Through(job, (job.Changes.Find(change)?.Done ?? []).Select(e => e.Edit));

    /// <summary>The job as a Change left it so far; as it is recorded where none is named.</summary>
    internal static Job Left(Job job, string? change) => change is null ? job : AsLeft(job, change);

    /// <summary>The present, with every box the Change works on as it was when that work began, corrections in it.</summary>
    public static Job AsFound(Job job, string change) =>
        job.Changes.Find(change) is { } found
            ? job with
            {
                Boxes = found.AsFound.Aggregate(job.Boxes, (all, b) => all.With(b.Key, b.Value)),
            }
            : job;

    /// <summary>The Change's edits in order, each with the reason it no longer goes, if so.</summary>
    public static IEnumerable<PlannedStep> Steps(Job job, string change)
    {
        var done = job.Changes.Find(change)?.Done ?? [];
        foreach (var (planned, edit) in (job.Changes.Find(change)?.Edits ?? []).Select(e => (e, Read(e.Edit))))
        {
            var refusal = edit.Check(job);
            yield return new(planned.Id, edit, job, refusal, done.FirstOrDefault(d => d.Planned == planned.Id)?.Id, planned.Carried);
            job = refusal is null ? edit.Apply(job) : job;
        }
    }

    /// <summary>What was done, in order.</summary>
    public static IEnumerable<PlannedStep> DoneSteps(Job job, string change)
    {
        foreach (var (done, edit) in (job.Changes.Find(change)?.Done ?? []).Select(e => (e, Read(e.Edit))))
        {
            yield return new(done.Id, edit, job, null, done.Planned);
            job = edit.Check(job) is null ? edit.Apply(job) : job;
        }
    }

    /// <summary>Reads an edit that a job keeps.</summary>
    public static Edit Read(JsonElement edit) => edit.Deserialize(JobJson.Default.Edit)!;

    internal static JsonElement Written(Edit edit) => JsonSerializer.SerializeToElement(edit, JobJson.Default.Edit);

    internal static Refusal? FirstRefusal(Job job, string change) =>
        Steps(job, change).Select(s => s.Refusal).FirstOrDefault(r => r is not null);

    internal static IReadOnlyList<PlannedStep> NotDone(Job job, string change) => [.. Steps(job, change).Where(s => !s.Through)];

    internal static Refusal? Open(Job job, string change) =>
        !job.Changes.TryFind(change, out var found) ? Refuse.Missing(What.Change, change, "change")
        : found.Closed is null ? null
        : new Refusal(Why.ChangeClosed, "change", ("change", found.Name));

    /// <summary>Refuses what is no work: other Changes; and what is recorded as it happens, because a plan must never make anything read as
    /// proved.</summary>
    internal static Refusal? BadWork(Edit edit) =>
        edit switch
        {
            OpenChange
            or PlanEdit
            or DropPlanned
            or CloseChange
            or CorrectAsFound
            or RecordDone
            or TakeBackDone
            or TickStep
            or UntickStep
            or CarryOut
            or SetStages
            or WaitFor
            or EndWait
            or RecordInspection
            or ProgramEdit => new(Why.NotWorkButChange, "edit"),
            BeginProof
            or LogReading
            or StrikeReading
            or LogSighting
            or StrikeSighting
            or OpenComplaint
            or Observe
            or StrikeObserved
            or SayWorked
            or UnsayWorked
            or PutBackApart
            or FindCause
            or DropCause
            or CloseComplaint
            or ReopenComplaint
            or LogTested
            or StrikeTested
            or EndVisit
            or LetGoTogether
            or HandOver
            or SwitchBreaker
            or ThrowSwitch
            or LogMinutes
            or StrikeMinutes
            or ForgetMinutes
            or LeaveInterim
            or EndInterim => new(Why.NotWorkButReading, "edit"),
            RecordRuling
            or NameRuling
            or RemoveRuling
            or AddReport
            or SetReportLine
            or RemoveReport
            or AddPhoto
            or SetPhoto
            or RemovePhoto
            or PinPhoto
            or UnpinPhoto
            or PutStock
            or KeepPattern
            or RemovePattern => new(Why.NotWorkButList, "edit"),
            Batch batch => batch.Edits.Select(BadWork).FirstOrDefault(r => r is not null),
            _ => null,
        };

    /// <summary>As found with every box that this edit is the first to touch.</summary>
    internal static ById<Id<Box>, Box> Found(Job job, Change change, Edit edit, Job state)
    {
        var after = edit.Apply(state);
        var found = change.AsFound;
        foreach (var (id, box) in after.Boxes)
        {
            if (!ReferenceEquals(box, state.Boxes.Find(id)) && !found.Has(id) && job.Boxes.Find(id) is { } present)
            {
                found = found.With(id, present);
            }
        }

        return found;
    }

    /// <summary>The job with a Change as this makes it.</summary>
    internal static Job With(Job job, string change, Func<Change, Change> made) =>
        job.Changes.TryFind(change, out var found) ? job with { Changes = job.Changes.With(change, made(found)) } : job;

    private static Job Through(Job job, IEnumerable<JsonElement> edits)
    {
        foreach (var edit in edits.Select(Read))
        {
            job = edit.Check(job) is null ? edit.Apply(job) : job;
        }

        return job;
    }
}
