using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>What a Change used and did so far: what is recorded as done in it, not what is planned.</summary>
/// <param name="Parts">What went in.</param>
/// <param name="Ops">Operations with the minutes of this house; what was fished or dug is not among them, for nobody recorded how a cable
/// went.</param>
public sealed record DoneWork(IReadOnlyList<PartNeed> Parts, IReadOnlyList<WayOp> Ops, Job Before, Job After)
{
    /// <exception cref="KeyNotFoundException">There is no such Change.</exception>
    public static DoneWork Of(Job job, string change)
    {
        ArgumentNullException.ThrowIfNull(job);
        var found = job.Changes[change];
        // Of a closed one the present may have gone on since: what it did is done again on what it found.
        var before = found.Closed is null ? job : Undone(job, found);
        var (after, edits) = (ChangeWork.AsLeft(before, change), found.Done.Select(d => ChangeWork.Read(d.Edit)).ToList());
        var choice = new WayChoice();
        var none = ReferenceEquals(before, after);
        return new(
            none ? [] : PartsOf.Between(before, after, choice, edits),
            none ? [] : WayWork.Of(before, after, choice, closed: false, edits).Ops,
            before,
            after
        );
    }

    /// <summary>The present with what a closed Change did taken out of it again; a breaker it put in stays, for nobody kept how the panel
    /// was.</summary>
    private static Job Undone(Job job, Change change)
    {
        var done = change.Done.SelectMany(d => PutIn.Flat(ChangeWork.Read(d.Edit))).ToList();
        var boxes = done.SelectMany(e => e.OfBoxes).Where(b => !change.AsFound.Has(b)).ToHashSet();
        var runs = done.Select(New).OfType<Id<Run>>().ToHashSet();
        return job with
        {
            Boxes = job.Boxes.Each((id, box) => boxes.Contains(id) ? null : (Box?)(change.AsFound.Find(id) ?? box)),
            Runs = job.Runs.Each((id, run) => runs.Contains(id) ? null : run),
        };
    }

    private static Id<Run>? New(Edit edit) =>
        edit switch
        {
            AddCable cable => cable.Run,
            SplitRun split => split.Further,
            _ => (Id<Run>?)null,
        };
}
