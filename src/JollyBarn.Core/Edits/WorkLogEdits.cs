using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Writes down how long so many of an operation took.</summary>
public sealed record LogMinutes(string Id, Timed Timed) : Edit
{
    private const decimal Most = 10_000;

    [JsonIgnore]
    public override string? Doer => Timed?.By;

    public override Edit Arrived(string at) => this with { Timed = Timed with { At = at } };

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Timed.Has(Id), "id")
        ?? (WayBook.Operations.Any(o => o.Key == Timed.Op) ? null : new Refusal(Why.NoSuchOperation, "timed.op"))
        ?? (
            Timed.Count is > 0 and <= Most && Timed.Minutes is > 0 and <= Most
                ? null
                : new Refusal(Why.TimedRange, "timed.minutes", ("most", Most))
        )
        ?? Refuse.BadText(Timed.By, "timed.by")
        ?? Refuse.BadTime(Timed.At, "timed.at");

    public override Job Apply(Job job) => job with { Timed = job.Timed.With(Id, Timed) };
}

/// <summary>Strikes minutes that were written down wrongly.</summary>
public sealed record StrikeMinutes(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Timed.Has(Id) ? null : Refuse.Missing(What.Reading, Id, "id");

    public override Job Apply(Job job) => job with { Timed = job.Timed.Without(Id) };
}

/// <summary>Leaves something energised that is not finished, until a time.</summary>
public sealed record LeaveInterim(string Id, Interim Interim) : Edit
{
    [JsonIgnore]
    public override string? Doer => Interim?.By;

    public override Edit Arrived(string at) => this with { Interim = Interim with { At = at } };

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Interims.Has(Id), "id")
        ?? Refuse.BadText(Interim.Says, "interim.says")
        ?? Refuse.BadTime(Interim.Until, "interim.until")
        ?? Refuse.BadEnum(Interim.Kind, "interim.kind")
        ?? Refuse.BadNote(Interim.Why, "interim.why")
        ?? Refuse.BadText(Interim.By, "interim.by")
        ?? Refuse.BadTime(Interim.At, "interim.at")
        ?? (Interim.Box is { } box && !job.Boxes.Has(box) ? Refuse.Missing(What.Box, box, "interim.box") : null)
        ?? (Interim.Run is { } run && !job.Runs.Has(run) ? Refuse.Missing(What.Cable, run, "interim.run") : null);

    public override Job Apply(Job job) => job with { Interims = job.Interims.With(Id, Interim) };
}

/// <summary>What was left so is finished, or switched off.</summary>
public sealed record EndInterim(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Interims.Has(Id) ? null : Refuse.Missing(What.Reading, Id, "id");

    public override Job Apply(Job job) => job with { Interims = job.Interims.Without(Id) };
}
