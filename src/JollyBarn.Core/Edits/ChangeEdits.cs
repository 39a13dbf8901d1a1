using System.Text.Json;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Opens a Change: a named plan on top of the present.</summary>
public sealed record OpenChange(string Id, string Name, string? Opened = null) : Edit
{
    public override Refusal? Check(Job job) => Refuse.NewId(Id, job.Changes.Has(Id), "id") ?? Refuse.BadText(Name, "name") ?? Refuse.BadNote(Opened, "opened");

    public override Job Apply(Job job) => job with { Changes = job.Changes.With(Id, new Change { Name = Name.Trim(), Opened = Opened }) };

    public override string Tell(Job before) => $"Change {Name} opened";
}

/// <summary>Adds an edit to the end of a Change. It must be possible on the job as planned so far.</summary>
public sealed record PlanEdit(string Change, string Id, Edit Edit) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return Refuse.Missing("Change", Change, "change");
        }

        if (change.Closed is not null)
        {
            return new($"{change.Name} is closed.", "change");
        }

        if (Edit is OpenChange or PlanEdit or DropPlanned or CloseChange or Restore)
        {
            return new("A Change plans work on boxes and runs, not other Changes.", "edit");
        }

        return Refuse.NewId(Id, change.Edits.Any(e => e.Id == Id), "id") ?? Edit.Check(Plans.Planned(job, Change));
    }

    public override Job Apply(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return job;
        }

        var before = Plans.Planned(job, Change);
        var after = Edit.Apply(before);
        var asFound = change.AsFound;
        foreach (var (id, box) in after.Boxes)
        {
            if (!ReferenceEquals(box, before.Boxes.Find(id)) && !asFound.Has(id) && job.Boxes.Find(id) is { } present)
            {
                asFound = asFound.With(id, present);
            }
        }

        var planned = new PlannedEdit(Id, JsonSerializer.SerializeToElement(Edit, JobJson.Default.Edit));
        return job with { Changes = job.Changes.With(Change, change with { Edits = [.. change.Edits, planned], AsFound = asFound }) };
    }

    public override string Tell(Job before) => $"planned in {before.Changes.Find(Change)?.Name}: {Edit.Tell(Plans.Planned(before, Change))}";
}

/// <summary>Takes a planned edit out of a Change again.</summary>
public sealed record DropPlanned(string Change, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Changes.Find(Change) is not { } change ? Refuse.Missing("Change", Change, "change") : change.Edits.Any(e => e.Id == Id) ? null : Refuse.Missing("planned edit", Id, "id");

    public override Job Apply(Job job) => job.Changes.TryFind(Change, out var change)
        ? job with { Changes = job.Changes.With(Change, change with { Edits = [.. change.Edits.Where(e => e.Id != Id)] }) }
        : job;

    public override string Tell(Job before) => $"an edit dropped from {before.Changes.Find(Change)?.Name}";
}

/// <summary>Closes a Change: what it planned is now the present.</summary>
public sealed record CloseChange(string Change, string? Closed = null) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Changes.Find(Change) is not { } change ? Refuse.Missing("Change", Change, "change")
        : change.Closed is not null ? new Refusal($"{change.Name} is closed already.", "change")
        : Plans.FirstRefusal(job, Change) is { } refusal ? refusal with { Says = $"A planned edit no longer goes: {refusal.Says}" }
        : Refuse.BadNote(Closed, "closed");

    public override Job Apply(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return job;
        }

        var done = Plans.Planned(job, Change);
        return done with { Changes = done.Changes.With(Change, change with { Closed = Closed ?? "" }) };
    }

    public override string Tell(Job before) => $"Change {before.Changes.Find(Change)?.Name} closed";
}

/// <summary>One planned edit as a sentence.</summary>
/// <param name="Refusal">Why it no longer goes on the job as it is now, or null.</param>
public sealed record PlannedStep(string Id, string Says, Refusal? Refusal = null);

/// <summary>A job as a Change plans it.</summary>
public static class Plans
{
    /// <summary>The present with the Change's edits applied in order; edits that no longer go are passed over.</summary>
    public static Job Planned(Job job, string change)
    {
        foreach (var edit in EditsOf(job, change))
        {
            job = edit.Check(job) is null ? edit.Apply(job) : job;
        }

        return job;
    }

    /// <summary>The Change's edits as sentences, in order, each with the reason it no longer goes, if so.</summary>
    public static IEnumerable<PlannedStep> Steps(Job job, string change)
    {
        foreach (var (planned, edit) in (job.Changes.Find(change)?.Edits ?? []).Select(e => (e, Read(e))))
        {
            var refusal = edit.Check(job);
            yield return new(planned.Id, edit.Tell(job), refusal);
            job = refusal is null ? edit.Apply(job) : job;
        }
    }

    internal static Refusal? FirstRefusal(Job job, string change) => Steps(job, change).Select(s => s.Refusal).FirstOrDefault(r => r is not null);

    private static IEnumerable<Edit> EditsOf(Job job, string change) => (job.Changes.Find(change)?.Edits ?? []).Select(Read);

    private static Edit Read(PlannedEdit planned) => planned.Edit.Deserialize(JobJson.Default.Edit)!;
}
