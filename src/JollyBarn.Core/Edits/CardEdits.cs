using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Marks a step of a box's make-up card as done.</summary>
/// <param name="Box">The box, as it is or as the Change plans it.</param>
/// <param name="Step">Key of the step.</param>
/// <param name="Done">Id of what was recorded as done with it.</param>
/// <param name="Op">Operation it is timed as.</param>
/// <param name="Of">Which of them.</param>
public sealed record TickStep(
    string Change,
    Id<Box> Box,
    string Step,
    string By,
    string At,
    string? Done = null,
    string? Op = null,
    string? Of = null
) : Edit
{
    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? (ChangeWork.Planned(job, Change).Boxes.Has(Box) ? null : Refuse.Missing(What.Box, Box, "box"))
        ?? Refuse.BadText(Step, "step")
        ?? Refuse.BadNote(Of, "of")
        ?? (Op is null || WayBook.Operations.Any(o => o.Key == Op) ? null : new Refusal(Why.NoSuchOperation, "op"))
        ?? Refuse.BadText(By, "by")
        ?? Refuse.BadTime(At, "at")
        ?? (Done is null || job.Changes[Change].Done.Any(d => d.Id == Done) ? null : Refuse.Missing(What.DoneEdit, Done, "done"))
        ?? (job.Changes[Change].Ticks.Any(t => t.Box == Box && t.Step == Step) ? new Refusal(Why.DoneAlready, "step") : null);

    public override Job Apply(Job job) =>
        ChangeWork.With(job, Change, c => c with { Ticks = [.. c.Ticks, new(Box, Step, By, At, Done, Op, Of)] });
}

/// <summary>Takes the mark off a step; what was recorded as done with it is taken back with it.</summary>
public sealed record UntickStep(string Change, Id<Box> Box, string Step) : Edit
{
    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change) ?? (job.Changes[Change].Ticks.Any(IsIt) ? null : Refuse.Missing(What.DoneEdit, Step, "step"));

    public override Job Apply(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return job;
        }

        var done = change.Ticks.Where(IsIt).Select(t => t.Done).OfType<string>().ToHashSet(StringComparer.Ordinal);
        var after = change with
        {
            Ticks = [.. change.Ticks.Where(t => !IsIt(t))],
            Done = [.. change.Done.Where(d => !done.Contains(d.Id))],
        };
        return job with { Changes = job.Changes.With(Change, after) };
    }

    private bool IsIt(Tick tick) => tick.Box == Box && tick.Step == Step;
}

/// <summary>Says that what was recorded as done brought planned edits about, so that they are not done again.</summary>
public sealed record CarryOut(string Change, IReadOnlyList<string> Planned) : Edit
{
    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? Planned
            .Where(id => !job.Changes[Change].Edits.Any(e => e.Id == id))
            .Select(id => Refuse.Missing(What.PlannedEdit, id, "planned"))
            .FirstOrDefault();

    public override Job Apply(Job job) =>
        ChangeWork.With(job, Change, c =>
            c with
            {
                Edits = [.. c.Edits.Select(e => Planned.Contains(e.Id) ? e with { Carried = true } : e)],
            }
        );
}

/// <summary>Forgets what was timed of an operation, by hand and by the marks of cards: the house's number counts again.</summary>
public sealed record ForgetMinutes(string Op) : Edit
{
    public override Refusal? Check(Job job) => WayBook.Operations.Any(o => o.Key == Op) ? null : new Refusal(Why.NoSuchOperation, "op");

    public override Job Apply(Job job) =>
        job with
        {
            Timed = job.Timed.Each((_, t) => t.Op == Op ? null : t),
            Changes = job.Changes.Each(
                (_, c) =>
                    c.Ticks.Any(t => t.Op == Op)
                        ? c with
                        {
                            Ticks = [.. c.Ticks.Select(t => t.Op == Op ? t with { Op = null, Of = null } : t)],
                        }
                        : c
            ),
        };
}
