using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Opens a Change: a named plan on top of the present.</summary>
public sealed record OpenChange(string Id, string Name, string? Opened = null) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Changes.Has(Id), "id") ?? Refuse.BadText(Name, "name") ?? Refuse.BadNote(Opened, "opened");

    public override Job Apply(Job job) => job with { Changes = job.Changes.With(Id, new Change { Name = Name.Trim(), Opened = Opened }) };
}

/// <summary>Adds an edit to the end of a Change. It must be possible on the job as planned so far.</summary>
public sealed record PlanEdit(string Change, string Id, Edit Edit) : Edit
{
    [JsonIgnore]
    public override IEnumerable<(string Field, Edit Edit)> Inner => [("edit", Edit)];

    public override Edit Arrived(string at) => this with { Edit = Edit.Arrived(at) };

    public override Refusal? Check(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return Refuse.Missing(What.Change, Change, "change");
        }

        if (change.Closed is not null)
        {
            return new(Why.ChangeClosed, "change", ("change", change.Name));
        }

        if (ChangeWork.BadWork(Edit) is { } bad)
        {
            return bad;
        }

        return Refuse.NewId(Id, change.Edits.Any(e => e.Id == Id), "id") ?? Edit.Check(ChangeWork.Planned(job, Change));
    }

    public override Job Apply(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return job;
        }

        var planned = new PlannedEdit(Id, ChangeWork.Written(Edit));
        var found = ChangeWork.Found(job, change, Edit, ChangeWork.Planned(job, Change));
        return job with { Changes = job.Changes.With(Change, change with { Edits = [.. change.Edits, planned], AsFound = found }) };
    }
}

/// <summary>Takes a planned edit out of a Change again.</summary>
public sealed record DropPlanned(string Change, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Changes.Find(Change) is not { } change ? Refuse.Missing(What.Change, Change, "change")
        : change.Edits.Any(e => e.Id == Id) ? null
        : Refuse.Missing(What.PlannedEdit, Id, "id");

    public override Job Apply(Job job) =>
        job.Changes.TryFind(Change, out var change)
            ? job with
            {
                Changes = job.Changes.With(Change, change with { Edits = [.. change.Edits.Where(e => e.Id != Id)] }),
            }
            : job;
}

/// <summary>Corrects what was found: the edit is done to the present, and to the box as this Change found it, so that it flows into what is
/// planned.</summary>
/// <param name="On">Day, year-month-day.</param>
public sealed record CorrectAsFound(string Change, string Id, Edit Edit, string On) : Edit
{
    [JsonIgnore]
    public override IEnumerable<(string Field, Edit Edit)> Inner => [("edit", Edit)];

    public override Edit Arrived(string at) => this with { Edit = Edit.Arrived(at) };

    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes => Edit.OfBoxes;

    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? ChangeWork.BadWork(Edit)
        ?? Refuse.BadText(On, "on")
        ?? Refuse.NewId(Id, job.Changes[Change].Corrections.Any(c => c.Id == Id), "id")
        ?? Edit.Check(job);

    public override Job Apply(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return job;
        }

        var found = Edit.Apply(job with { Boxes = change.AsFound.Aggregate(job.Boxes, (all, b) => all.With(b.Key, b.Value)) });
        var next = Edit.Apply(job);
        var after = change with
        {
            AsFound = change.AsFound.Each((id, old) => found.Boxes.Find(id) ?? old),
            Corrections = [.. change.Corrections, new(Id, On, ChangeWork.Written(Edit))],
        };
        return next with { Changes = next.Changes.With(Change, after) };
    }
}

/// <summary>Records an edit as done in a Change: as planned, when it names the planned edit, or otherwise than planned.</summary>
public sealed record RecordDone(string Change, string Id, Edit Edit, string? Planned = null, string? On = null) : Edit
{
    [JsonIgnore]
    public override IEnumerable<(string Field, Edit Edit)> Inner => [("edit", Edit)];

    public override Edit Arrived(string at) => this with { Edit = Edit.Arrived(at) };

    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? ChangeWork.BadWork(Edit)
        ?? Refuse.BadNote(On, "on")
        ?? Refuse.NewId(Id, job.Changes[Change].Done.Any(d => d.Id == Id), "id")
        ?? (
            Planned is null || job.Changes[Change].Edits.Any(e => e.Id == Planned)
                ? null
                : Refuse.Missing(What.PlannedEdit, Planned, "planned")
        )
        ?? (Planned is not null && job.Changes[Change].Done.Any(d => d.Planned == Planned) ? new Refusal(Why.DoneAlready, "planned") : null)
        ?? Edit.Check(ChangeWork.AsLeft(job, Change));

    public override Job Apply(Job job) =>
        job.Changes.TryFind(Change, out var change)
            ? job with
            {
                Changes = job.Changes.With(
                    Change,
                    change with
                    {
                        Done = [.. change.Done, new(Id, ChangeWork.Written(Edit), Planned, On)],
                        AsFound = ChangeWork.Found(job, change, Edit, ChangeWork.AsLeft(job, Change)),
                    }
                ),
            }
            : job;
}

/// <summary>Takes back that something was done.</summary>
public sealed record TakeBackDone(string Change, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change) ?? (job.Changes[Change].Done.Any(d => d.Id == Id) ? null : Refuse.Missing(What.DoneEdit, Id, "id"));

    public override Job Apply(Job job) =>
        job.Changes.TryFind(Change, out var change)
            ? job with
            {
                Changes = job.Changes.With(Change, change with { Done = [.. change.Done.Where(d => d.Id != Id)] }),
            }
            : job;
}

/// <summary>Closes a Change. Version 2: what was recorded as done is now the present. Version 1, as older logs hold it: what it planned
/// is.</summary>
public sealed record CloseChange(string Change, string? Closed = null) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Changes.Find(Change) is not { } change ? Refuse.Missing(What.Change, Change, "change")
        : change.Closed is not null ? new Refusal(Why.ClosedAlready, "change", ("change", change.Name))
        : V is not (1 or 2) ? new Refusal(Why.NoSuchClosing, "v")
        : V == 1 && ChangeWork.FirstRefusal(job, Change) is { } refusal
            ? new Refusal(Why.PlannedNoLongerGoes, refusal.Field) { Inner = refusal }
        : V == 2 && ChangeWork.NotDone(job, Change) is { Count: > 0 } open
            ? new Refusal(Why.NotDoneYet, "change", ("count", open.Count), ("first", open[0]))
        : Refuse.BadNote(Closed, "closed");

    public override Job Apply(Job job)
    {
        if (!job.Changes.TryFind(Change, out var change))
        {
            return job;
        }

        var done = V == 1 ? ChangeWork.Planned(job, Change) : ChangeWork.AsLeft(job, Change);
        return done with { Changes = done.Changes.With(Change, change with { Closed = Closed ?? "" }) };
    }
}
