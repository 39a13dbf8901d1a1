using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Says how the wall of a Change is and how its permit stands; what is null stays.</summary>
public sealed record SetStages(string Change, WallIs? Wall = null, PermitIs? Permit = null) : Edit
{
    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? (Wall is { } wall ? Refuse.BadEnum(wall, "wall") : null)
        ?? (Permit is { } permit ? Refuse.BadEnum(permit, "permit") : null);

    public override Job Apply(Job job) => ChangeWork.With(job, Change, c => c with { Wall = Wall ?? c.Wall, Permit = Permit ?? c.Permit });
}

/// <summary>A stage of a Change waits for something.</summary>
public sealed record WaitFor(string Change, string Id, Hold Hold) : Edit
{
    [JsonIgnore]
    public override string? Doer => Hold?.By;

    public override Edit Arrived(string at) => this with { Hold = Hold with { At = at } };

    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? Refuse.NewId(Id, job.Changes[Change].Holds.Has(Id), "id")
        ?? Refuse.BadEnum(Hold.For, "hold.for")
        ?? Refuse.BadEnum(Hold.Stage, "hold.stage")
        ?? Refuse.BadText(Hold.Says, "hold.says")
        ?? Refuse.BadText(Hold.By, "hold.by")
        ?? (Hold.Until is null ? null : Refuse.BadTime(Hold.Until, "hold.until"));

    public override Job Apply(Job job) => ChangeWork.With(job, Change, c => c with { Holds = c.Holds.With(Id, Hold) });
}

/// <summary>What was waited for came.</summary>
public sealed record EndWait(string Change, string Id, string At) : Edit
{
    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? (job.Changes[Change].Holds.Find(Id) is { Ended: null } ? null : Refuse.Missing(What.Hold, Id, "id"))
        ?? Refuse.BadTime(At, "at");

    public override Job Apply(Job job) =>
        ChangeWork.With(job, Change, c =>
            c.Holds.TryFind(Id, out var hold) ? c with { Holds = c.Holds.With(Id, hold with { Ended = At }) } : c
        );
}

/// <summary>Writes down what an inspector said of a Change: passed, or what has to be mended.</summary>
public sealed record RecordInspection(string Change, string Id, Inspected Inspected) : Edit
{
    private const int Most = 60;

    [JsonIgnore]
    public override string? Doer => Inspected?.By;

    public override Edit Arrived(string at) => this with { Inspected = Inspected with { At = at } };

    public override Refusal? Check(Job job) =>
        ChangeWork.Open(job, Change)
        ?? Refuse.NewId(Id, job.Changes[Change].Inspections.Has(Id), "id")
        ?? Refuse.BadEnum(Inspected.Stage, "inspected.stage")
        ?? Refuse.BadText(Inspected.Inspector, "inspected.inspector")
        ?? Refuse.BadText(Inspected.By, "inspected.by")
        ?? (
            Inspected.Passed && Inspected.Lines.Count > 0 || Inspected.Lines.Count > Most
                ? new Refusal(Why.InspectionLines, "inspected.lines", ("most", Most))
                : null
        )
        ?? Inspected.Lines.Select(l => Refuse.BadText(l, "inspected.lines")).FirstOrDefault(r => r is not null);

    public override Job Apply(Job job) => ChangeWork.With(job, Change, c => c with { Inspections = c.Inspections.With(Id, Inspected) });
}
