using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Begins a proof of dead at a box.</summary>
/// <param name="KnownSource">What the instrument is tried on before and after.</param>
/// <param name="Reference">The independent ground conductors are read against.</param>
/// <param name="Change">A Change whose box it is, as left so far; null for a box as it is recorded.</param>
public sealed record BeginProof(
    string Id,
    Id<Box> Box,
    string By,
    string Instrument,
    string At,
    string KnownSource,
    string Reference,
    string? Change = null
) : Edit
{
    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Proofs.Has(Id), "id")
        ?? (ChangeWork.Left(job, Change).Boxes.Has(Box) ? null : Refuse.Missing(What.Box, Box, "box"))
        ?? Refuse.BadText(By, "by")
        ?? Refuse.BadTime(At, "at")
        ?? Refuse.BadText(KnownSource, "knownSource")
        ?? Refuse.BadText(Reference, "reference")
        ?? (
            InstrumentKinds.Find(Instrument) is not { } kind ? Refuse.Missing(What.Instrument, Instrument, "instrument")
            : kind.Proves ? null
            : new Refusal(Why.ProvesNothing, "instrument", ("instrument", kind.Name))
        );

    public override Job Apply(Job job) =>
        job with
        {
            Proofs = job.Proofs.With(Id, new Proof(Box, By.Trim(), Instrument, At, KnownSource.Trim(), Reference.Trim())),
        };
}

/// <summary>Writes down what an instrument said. Each reading is an entry of its own; a batch holds no two of one proof.</summary>
/// <param name="Change">A Change whose box it was taken in, as left so far: what is one point there counts.</param>
public sealed record LogReading(string Id, Reading Reading, string? Change = null) : Edit
{
    [JsonIgnore]
    public override string? Doer => Reading?.By;

    /// <summary>The reading keeps the time of its device beside it.</summary>
    public override Edit Arrived(string at) => this with { V = 2, Reading = Reading with { Arrived = at } };

    public override Refusal? Check(Job job)
    {
        var r = Reading;
        return Refuse.NewId(Id, job.Readings.Has(Id), "id")
            ?? Refuse.BadText(r.From, "reading.from")
            ?? Refuse.BadText(r.To, "reading.to")
            ?? Refuse.BadText(r.Says, "reading.says")
            ?? Refuse.BadText(r.By, "reading.by")
            ?? Refuse.BadTime(r.At, "reading.at")
            ?? Refuse.BadNote(r.Note, "reading.note")
            ?? Refuse.BadEnum(r.Step, "reading.step")
            ?? Refuse.BadEnum(r.Shows, "reading.shows")
            ?? (InstrumentKinds.Find(r.Instrument) is null ? Refuse.Missing(What.Instrument, r.Instrument, "reading.instrument") : null)
            ?? (r.Box is null || ChangeWork.Left(job, Change).Boxes.Has(r.Box) ? null : Refuse.Missing(What.Box, r.Box, "reading.box"))
            ?? (r.Asked is null ? null : OfAsked(job, r.Asked))
            ?? (r.Volts is < -1000 or > 1000 ? new Refusal(Why.ManyVolts, "reading.volts") : null)
            ?? (
                r.Proof is null
                    ? r.Step == ReadingStep.None
                        ? null
                        : new Refusal(Why.StepWithoutProof, "reading.proof")
                    : OfProof(job, r)
            );
    }

    /// <summary>From version 2 on the record says which leads were one point with those that were touched.</summary>
    public override Job Apply(Job job)
    {
        var box = V >= 2 && Reading.Step == ReadingStep.Pair && Reading.Box is { } id ? ChangeWork.Left(job, Change).Boxes.Find(id) : null;
        var kept = Reading with
        {
            FromAll = box is null ? null : Proofs.PointOf(box, Reading.From),
            ToAll = box is null ? null : Proofs.PointOf(box, Reading.To),
        };
        return job with { Readings = job.Readings.With(Id, kept) };
    }

    private static Refusal? OfAsked(Job job, AskedReading asked) =>
        (job.Changes.Has(asked.Change ?? "") ? null : Refuse.Missing(What.Change, asked.Change ?? "", "reading.asked.change"))
        ?? Refuse.BadText(asked.From, "reading.asked.from")
        ?? Refuse.BadText(asked.To, "reading.asked.to");

    private static Refusal? OfProof(Job job, Reading r) =>
        !job.Proofs.TryFind(r.Proof, out var proof) ? Refuse.Missing(What.Proof, r.Proof, "reading.proof")
        : proof.Ended is not null ? new(Why.ProofEnded, "reading.proof")
        : proof.Box != r.Box || proof.By != r.By || proof.Instrument != r.Instrument ? new(Why.NotOfThatProof, "reading.proof")
        : r.Step == ReadingStep.None ? new(Why.WhichStep, "reading.step")
        : r.Volts is null && r.Shows == ReadingShows.Figure ? new(Why.ProofInVolts, "reading.volts")
        : null;
}

/// <summary>Strikes a reading that was written down wrongly. A proof it belonged to lacks it again.</summary>
public sealed record StrikeReading(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Readings.Has(Id) ? null : Refuse.Missing(What.Reading, Id, "id");

    public override Job Apply(Job job) => job with { Readings = job.Readings.Without(Id) };
}

/// <summary>A person leaves: their proofs end.</summary>
public sealed record EndVisit(string By, string At) : Edit
{
    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) => Refuse.BadText(By, "by") ?? Refuse.BadTime(At, "at");

    public override Job Apply(Job job) => Proofs.Lapse(job, ProofEnds.VisitEnded, At, p => p.By == By);
}

/// <summary>Work on a box goes to somebody else: every proof there ends, because a proof is of one person.</summary>
public sealed record HandOver(Id<Box> Box, string From, string To, string At) : Edit
{
    [JsonIgnore]
    public override string? Doer => From;

    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) =>
        (job.Boxes.Has(Box) ? null : Refuse.Missing(What.Box, Box, "box"))
        ?? Refuse.BadText(From, "from")
        ?? Refuse.BadText(To, "to")
        ?? Refuse.BadTime(At, "at");

    public override Job Apply(Job job) => Proofs.Lapse(job, ProofEnds.HandedTo(To), At, p => p.Box == Box);
}

/// <summary>Records that a breaker was switched. Off takes it into this person's hold; on needs everyone to have let go. Proofs end at the
/// boxes it feeds or is not known not to feed; in version 1 every proof of the job did.</summary>
/// <param name="On">True on, false off; null lets go without switching it on.</param>
/// <param name="Lower">True for the lower half of a tandem.</param>
public sealed record SwitchBreaker(string Panel, int Slot, string By, string At, bool? On = null, bool Lower = false) : Edit
{
    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { V = 2, At = at };

    /// <summary>The slot as people say it.</summary>
    internal string Where => new Breaker(Slot, 1) { Lower = Lower }.Where;

    public override Refusal? Check(Job job)
    {
        if (!job.Panels.TryFind(Panel, out var panel) || panel.Breakers.FirstOrDefault(IsIt) is not { } breaker)
        {
            return new(Why.NoSuchBreaker, "slot");
        }

        var others = breaker.HeldBy.Where(h => h != By).ToList();
        return Refuse.BadText(By, "by")
            ?? Refuse.BadTime(At, "at")
            ?? (
                On == true && others.Count > 0
                    ? new Refusal(Why.StillHeld, "on", ("by", string.Join(", ", others)), ("count", others.Count))
                    : null
            );
    }

    public override Job Apply(Job job)
    {
        if (!job.Panels.TryFind(Panel, out var panel))
        {
            return job;
        }

        Breaker Switched(Breaker b) =>
            b with
            {
                On = On ?? b.On,
                HeldBy = On == false ? [.. b.HeldBy.Where(h => h != By), By] : [.. b.HeldBy.Where(h => h != By)],
            };
        var next = job with
        {
            Panels = job.Panels.With(Panel, panel with { Breakers = [.. panel.Breakers.Select(b => IsIt(b) ? Switched(b) : b)] }),
        };
        if (On is null)
        {
            return next;
        }

        var why = ProofEnds.Switched(Where, On == true);
        if (V < 2)
        {
            return Proofs.Lapse(next, why, At);
        }

        var key = panel.Breakers.First(IsIt).Key;
        var fed = new MayFeed(job);
        return Proofs.Lapse(next, why, At, p => fed.Breaker(Panel, key, p.Box));
    }

    private bool IsIt(Breaker breaker) => breaker.Slot == Slot && breaker.Lower == Lower;
}

/// <summary>Somebody else's hold of a breaker is let go of, because both said so, in person. Only the program makes it, once it has heard
/// both. It switches nothing on.</summary>
/// <param name="Of">Whose hold it is.</param>
/// <param name="By">Who asked for it.</param>
/// <param name="Lower">True for the lower half of a tandem.</param>
public sealed record LetGoTogether(string Panel, int Slot, string Of, string By, bool Lower = false) : ProgramEdit
{
    /// <summary>The slot as people say it.</summary>
    internal string Where => new Breaker(Slot, 1) { Lower = Lower }.Where;

    public override Refusal? Check(Job job) =>
        job.Panels.Find(Panel)?.Breakers.FirstOrDefault(IsIt) is not { } breaker ? new(Why.NoSuchBreaker, "slot")
        : breaker.HeldBy.Contains(Of) ? null
        : Refuse.Missing(What.Hold, Of, "of");

    public override Job Apply(Job job) =>
        job.Panels.TryFind(Panel, out var panel)
            ? job with
            {
                Panels = job.Panels.With(
                    Panel,
                    panel with
                    {
                        Breakers = [.. panel.Breakers.Select(b => IsIt(b) ? b with { HeldBy = [.. b.HeldBy.Where(h => h != Of)] } : b)],
                    }
                ),
            }
            : job;

    private bool IsIt(Breaker breaker) => breaker.Slot == Slot && breaker.Lower == Lower;
}
