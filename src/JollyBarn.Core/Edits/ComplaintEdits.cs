using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Somebody says that something is wrong.</summary>
public sealed record OpenComplaint(string Id, string Says, string By, string At, int? Hidden = null) : Edit
{
    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Complaints.Has(Id), "id")
        ?? Refuse.BadText(Says, "says")
        ?? Refuse.BadText(By, "by")
        ?? Refuse.BadTime(At, "at");

    public override Job Apply(Job job) => job with { Complaints = job.Complaints.With(Id, new Complaint(Says, By, At, null, Hidden)) };
}

/// <summary>Writes down what was seen of it. What lay apart for it lies apart until it is put back.</summary>
public sealed record Observe(string Complaint, string Id, Observed Observed) : Edit
{
    private const int Most = 400;

    [JsonIgnore]
    public override string? Doer => Observed?.By;

    public override Edit Arrived(string at) => this with { Observed = Observed with { At = at } };

    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Complaint)
        ?? Refuse.NewId(Id, job.Complaints[Complaint].Observed.Has(Id), "id")
        ?? (job.Complaints[Complaint].Observed.Count >= Most ? new Refusal(Why.ManyObserved, "id", ("most", Most)) : null)
        ?? ComplaintWork.Bad(job, Observed, "observed")
        ?? (
            Observed.Again is { } again && !job.Complaints[Complaint].Observed.Has(again)
                ? Refuse.Missing(What.Reading, again, "observed.again")
                : null
        );

    public override Job Apply(Job job) =>
        ComplaintWork.With(job, Complaint, c =>
            c with
            {
                Observed = c.Observed.With(Id, Observed),
                Apart = [.. c.Apart.Union(Observed.Setup?.Apart ?? [])],
            }
        );
}

/// <summary>Takes an observation back that was wrong.</summary>
public sealed record StrikeObserved(string Complaint, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Complaint) ?? (job.Complaints[Complaint].Observed.Has(Id) ? null : Refuse.Missing(What.Reading, Id, "id"));

    public override Job Apply(Job job) => ComplaintWork.With(job, Complaint, c => c with { Observed = c.Observed.Without(Id) });
}

/// <summary>Somebody is said to have worked in a box lately.</summary>
public sealed record SayWorked(string Complaint, string Id, LateWork Work) : Edit
{
    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Complaint)
        ?? Refuse.NewId(Id, job.Complaints[Complaint].Worked.Has(Id), "id")
        ?? (job.Boxes.Has(Work.Box) ? null : Refuse.Missing(What.Box, Work.Box, "work.box"))
        ?? Refuse.BadText(Work.Who, "work.who")
        ?? Refuse.BadNote(Work.When, "work.when");

    public override Job Apply(Job job) => ComplaintWork.With(job, Complaint, c => c with { Worked = c.Worked.With(Id, Work) });
}

/// <summary>That word was wrong.</summary>
public sealed record UnsayWorked(string Complaint, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Complaint) ?? (job.Complaints[Complaint].Worked.Has(Id) ? null : Refuse.Missing(What.Saying, Id, "id"));

    public override Job Apply(Job job) => ComplaintWork.With(job, Complaint, c => c with { Worked = c.Worked.Without(Id) });
}

/// <summary>A pair that lay apart is back where it was.</summary>
public sealed record PutBackApart(string Complaint, string End) : Edit
{
    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Complaint)
        ?? (job.Complaints[Complaint].Apart.Contains(End) ? null : Refuse.Missing(What.Cable, End, "end"));

    public override Job Apply(Job job) => ComplaintWork.With(job, Complaint, c => c with { Apart = [.. c.Apart.Where(a => a != End)] });
}

/// <summary>The cause was found and seen; saying it again with the same id says more of it: whose hand, which Change.</summary>
public sealed record FindCause(string Complaint, string Id, FoundFault Found) : Edit
{
    [JsonIgnore]
    public override string? Doer => Found?.By;

    public override Edit Arrived(string at) => this with { Found = Found with { At = at } };

    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Complaint)
        ?? Refuse.BadId(Id, "id")
        ?? (job.Boxes.Has(Found.Box) ? null : Refuse.Missing(What.Box, Found.Box, "found.box"))
        ?? Refuse.BadText(Found.Case, "found.case")
        ?? Refuse.BadNote(Found.Details, "found.details")
        ?? Refuse.BadText(Found.By, "found.by")
        ?? Refuse.BadNote(Found.Who, "found.who")
        ?? Refuse.BadNote(Found.When, "found.when")
        ?? (Found.Change is { } change && !job.Changes.Has(change) ? Refuse.Missing(What.Change, change, "found.change") : null);

    public override Job Apply(Job job) => ComplaintWork.With(job, Complaint, c => c with { Found = c.Found.With(Id, Found) });
}

/// <summary>It was not the cause.</summary>
public sealed record DropCause(string Complaint, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Complaint) ?? (job.Complaints[Complaint].Found.Has(Id) ? null : Refuse.Missing(What.Reading, Id, "id"));

    public override Job Apply(Job job) => ComplaintWork.With(job, Complaint, c => c with { Found = c.Found.Without(Id) });
}

/// <summary>Nothing more is done about it; what lies apart is put back first.</summary>
public sealed record CloseComplaint(string Id, string At) : Edit
{
    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) =>
        ComplaintWork.Open(job, Id)
        ?? (job.Complaints[Id].Apart.Count > 0 ? new Refusal(Why.LiesApart, "id", ("count", job.Complaints[Id].Apart.Count)) : null)
        ?? Refuse.BadTime(At, "at");

    public override Job Apply(Job job) => ComplaintWork.With(job, Id, c => c with { Closed = At });
}

/// <summary>It is back.</summary>
public sealed record ReopenComplaint(string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Complaints.Find(Id) is not { } complaint ? Refuse.Missing(What.Complaint, Id, "id")
        : complaint.Closed is null ? new(Why.StillOpen, "id")
        : null;

    public override Job Apply(Job job) => ComplaintWork.With(job, Id, c => c with { Closed = null });
}

/// <summary>What edits of a complaint have in common.</summary>
internal static class ComplaintWork
{
    private const int Most = 100;

    public static Refusal? Open(Job job, string id) =>
        job.Complaints.Find(id) switch
        {
            null => Refuse.Missing(What.Complaint, id, "complaint"),
            { Closed: not null } => new(Why.ComplaintClosed, "complaint"),
            _ => null,
        };

    public static Job With(Job job, string id, Func<Complaint, Complaint> change) =>
        job.Complaints.TryFind(id, out var complaint) ? job with { Complaints = job.Complaints.With(id, change(complaint)) } : job;

    /// <summary>What of an observation cannot be.</summary>
    public static Refusal? Bad(Job job, Observed seen, string field) =>
        (seen.Look is null ? new Refusal(Why.NeedsValue, $"{field}.look") : null)
        ?? Refuse.BadEnum(seen.Look!.Kind, $"{field}.look.kind")
        ?? Refuse.BadText(seen.Look.At, $"{field}.look.at")
        ?? (seen.Look.To is { } to ? Refuse.BadText(to, $"{field}.look.to") : NeedsTwo(seen.Look, field))
        ?? Refuse.BadEnum(seen.Shows, $"{field}.shows")
        ?? Refuse.BadText(seen.By, $"{field}.by")
        ?? Refuse.BadTime(seen.At, $"{field}.at")
        ?? Refuse.BadNote(seen.Look.Instrument, $"{field}.look.instrument")
        ?? (seen.Setup is { } setup ? Bad(job, setup, field) : null);

    private static Refusal? Bad(Job job, Setup setup, string field) =>
        (
            setup.Apart.Count + setup.Swapped.Count + setup.Thrown.Count > Most
                ? new Refusal(Why.ManyApart, $"{field}.setup", ("most", Most))
                : null
        )
        ?? setup.Apart.Select(end => NoEnd(job, end, field)).FirstOrDefault(r => r is not null)
        ?? (setup.Off.All(key => BreakerKey.Find(job, key) is not null) ? null : new Refusal(Why.NoSuchBreaker, $"{field}.setup.off"))
        ?? setup.Swapped.Select(s => Refuse.BadText(s, $"{field}.setup.swapped")).FirstOrDefault(r => r is not null)
        ?? setup.Thrown.Select(s => Refuse.BadText(s, $"{field}.setup.thrown")).FirstOrDefault(r => r is not null)
        ?? Refuse.BadNote(setup.Drawing, $"{field}.setup.drawing");

    private static Refusal? NeedsTwo(Look look, string field) =>
        look.Kind is LookKind.Outlet or LookKind.Instrument or LookKind.Insulation ? new(Why.ChooseTwoPoints, $"{field}.look.to") : null;

    private static Refusal? NoEnd(Job job, string end, string field) =>
        Subjects.CableEnd(end) is var (run, _) && job.Runs.Has(run) ? null : Refuse.Missing(What.Cable, end, $"{field}.setup.apart");
}

/// <summary>A test of what is finished was made.</summary>
public sealed record LogTested(string Id, Tested Tested) : Edit
{
    [JsonIgnore]
    public override string? Doer => Tested?.Seen?.By;

    public override Edit Arrived(string at) => this with { Tested = Tested with { Seen = Tested.Seen with { At = at } } };

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Tested.Has(Id), "id")
        ?? ComplaintWork.Bad(job, Tested.Seen, "tested.seen")
        ?? (Tested.Change is { } change && !job.Changes.Has(change) ? Refuse.Missing(What.Change, change, "tested.change") : null);

    public override Job Apply(Job job) => job with { Tested = job.Tested.With(Id, Tested) };
}

/// <summary>That test was written down wrongly.</summary>
public sealed record StrikeTested(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Tested.Has(Id) ? null : Refuse.Missing(What.Reading, Id, "id");

    public override Job Apply(Job job) => job with { Tested = job.Tested.Without(Id) };
}
