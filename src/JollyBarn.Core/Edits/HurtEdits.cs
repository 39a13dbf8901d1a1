using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Records where a cable is cut or hurt; sent again under the same id it is recorded anew.</summary>
/// <param name="Id">Id of the place among those of the run.</param>
public sealed record HurtRun(Id<Run> Run, string Id, RunHurt Hurt) : Edit
{
    private const int Most = 50;

    public override Refusal? Check(Job job) =>
        !job.Runs.TryFind(Run, out var run)
            ? Refuse.Missing(What.Cable, Run, "run")
            : Refuse.BadId(Id, "id")
                ?? Refuse.BadEnum(Hurt.Kind, "hurt.kind")
                ?? Facts.Bad(Hurt.Along, "hurt.along")
                ?? Facts.Bad(Hurt.SlackToA, "hurt.slackToA")
                ?? Facts.Bad(Hurt.SlackToB, "hurt.slackToB")
                ?? Refuse.BadNote(Hurt.Note, "hurt.note")
                ?? (
                    Hurt.Along?.OrNull is { } along && run.Length.OrNull is { } length && along > length
                        ? new Refusal(Why.PastItsEnd, "hurt.along", ("length", length))
                        : null
                )
                ?? (run.Hurts.Count >= Most && !run.Hurts.Has(Id) ? new Refusal(Why.ManyHurts, "id", ("most", Most)) : null);

    public override Job Apply(Job job) =>
        job.Runs.TryFind(Run, out var run) ? job with { Runs = job.Runs.With(Run, run with { Hurts = run.Hurts.With(Id, Hurt) }) } : job;
}

/// <summary>Takes such a place out of the record: it was mended, or never there.</summary>
public sealed record MendRun(Id<Run> Run, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Runs.Find(Run) is not { } run ? Refuse.Missing(What.Cable, Run, "run")
        : run.Hurts.Has(Id) ? null
        : Refuse.Missing(What.PlaceOnCable, Id, "id");

    public override Job Apply(Job job) =>
        job.Runs.TryFind(Run, out var run) ? job with { Runs = job.Runs.With(Run, run with { Hurts = run.Hurts.Without(Id) }) } : job;
}
