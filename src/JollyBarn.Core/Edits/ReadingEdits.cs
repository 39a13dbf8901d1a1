using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Begins a proof of dead at a box.</summary>
/// <param name="KnownSource">What the instrument is tried on before and after.</param>
/// <param name="Reference">The independent ground conductors are read against.</param>
public sealed record BeginProof(string Id, string Box, string By, string Instrument, string At, string KnownSource, string Reference) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Proofs.Has(Id), "id")
        ?? (job.Boxes.Has(Box) ? null : Refuse.Missing("box", Box, "box"))
        ?? Refuse.BadText(By, "by")
        ?? Refuse.BadTime(At, "at")
        ?? Refuse.BadText(KnownSource, "knownSource")
        ?? Refuse.BadText(Reference, "reference")
        ?? (
            InstrumentKinds.Find(Instrument) is not { } kind ? Refuse.Missing("instrument", Instrument, "instrument")
            : kind.Proves ? null
            : new Refusal($"A {kind.Name} alone is no proof of dead. Take a meter or a two-pole tester.", "instrument")
        );

    public override Job Apply(Job job) =>
        job with
        {
            Proofs = job.Proofs.With(Id, new Proof(Box, By.Trim(), Instrument, At, KnownSource.Trim(), Reference.Trim())),
        };

    public override string Tell(Job before) =>
        $"{before.Boxes.Find(Box)?.Name}: {By} begins to prove it dead, {InstrumentKinds.Find(Instrument)?.Name}";
}

/// <summary>Writes down what an instrument said. Each reading is an entry of its own; a batch holds no two of one proof.</summary>
public sealed record LogReading(string Id, Reading Reading) : Edit
{
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
            ?? (InstrumentKinds.Find(r.Instrument) is null ? Refuse.Missing("instrument", r.Instrument, "reading.instrument") : null)
            ?? (r.Box is null || job.Boxes.Has(r.Box) ? null : Refuse.Missing("box", r.Box, "reading.box"))
            ?? (r.Volts is < -1000 or > 1000 ? new Refusal("A reading here is at most 1000 V.", "reading.volts") : null)
            ?? (
                r.Proof is null
                    ? r.Step == ReadingStep.None
                        ? null
                        : new Refusal("A step of a proof names its proof.", "reading.proof")
                    : OfProof(job, r)
            );
    }

    public override Job Apply(Job job) => job with { Readings = job.Readings.With(Id, Reading) };

    public override string Tell(Job before) =>
        $"{(Reading.Box is { } box ? before.Boxes.Find(box)?.Name + ": " : "")}{Reading.Says} between "
        + $"{Name(before, Reading.From)} and {Name(before, Reading.To)}";

    private string Name(Job job, string point) =>
        Reading.Box is { } id && job.Boxes.Find(id)?.Leads.Find(point) is { } lead
            ? $"{lead.Colour} of {job.Cable(lead.Run ?? "", id)}"
            : point;

    private static Refusal? OfProof(Job job, Reading r) =>
        !job.Proofs.TryFind(r.Proof, out var proof) ? Refuse.Missing("proof", r.Proof, "reading.proof")
        : proof.Ended is not null ? new("That proof has ended. Begin a new one.", "reading.proof")
        : proof.Box != r.Box || proof.By != r.By || proof.Instrument != r.Instrument
            ? new("A reading of a proof is of its box, by its person, with its instrument.", "reading.proof")
        : r.Step == ReadingStep.None ? new("Say which step of the proof this is.", "reading.step")
        : r.Volts is null ? new("A reading of a proof is in volts.", "reading.volts")
        : null;
}

/// <summary>Strikes a reading that was written down wrongly. A proof it belonged to lacks it again.</summary>
public sealed record StrikeReading(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Readings.Has(Id) ? null : Refuse.Missing("reading", Id, "id");

    public override Job Apply(Job job) => job with { Readings = job.Readings.Without(Id) };

    public override string Tell(Job before) => $"reading struck: {before.Readings.Find(Id)?.Says}";
}

/// <summary>A person leaves: their proofs end.</summary>
public sealed record EndVisit(string By, string At) : Edit
{
    public override Refusal? Check(Job job) => Refuse.BadText(By, "by") ?? Refuse.BadTime(At, "at");

    public override Job Apply(Job job) => Proofs.Lapse(job, "the visit ended.", At, p => p.By == By);

    public override string Tell(Job before) => $"{By} leaves: their proofs of dead end";
}

/// <summary>Work on a box goes to somebody else: every proof there ends, because a proof is of one person.</summary>
public sealed record HandOver(string Box, string From, string To, string At) : Edit
{
    public override Refusal? Check(Job job) =>
        (job.Boxes.Has(Box) ? null : Refuse.Missing("box", Box, "box"))
        ?? Refuse.BadText(From, "from")
        ?? Refuse.BadText(To, "to")
        ?? Refuse.BadTime(At, "at");

    public override Job Apply(Job job) => Proofs.Lapse(job, $"the work was handed to {To}.", At, p => p.Box == Box);

    public override string Tell(Job before) => $"{before.Boxes.Find(Box)?.Name}: handed from {From} to {To}";
}

/// <summary>Records that a breaker was switched. Off takes it into this person's hold; on needs everyone to have let go. Every proof of the
/// job ends.</summary>
/// <param name="On">True on, false off; null lets go without switching it on.</param>
/// <param name="Lower">True for the lower half of a tandem.</param>
public sealed record SwitchBreaker(string Panel, int Slot, string By, string At, bool? On = null, bool Lower = false) : Edit
{
    private string Where => new Breaker(Slot, 1) { Lower = Lower }.Where;

    public override Refusal? Check(Job job)
    {
        if (!job.Panels.TryFind(Panel, out var panel) || panel.Breakers.FirstOrDefault(IsIt) is not { } breaker)
        {
            return new("There is no such breaker.", "slot");
        }

        var others = breaker.HeldBy.Where(h => h != By).ToList();
        return Refuse.BadText(By, "by")
            ?? Refuse.BadTime(At, "at")
            ?? (
                On == true && others.Count > 0
                    ? new Refusal(
                        $"{string.Join(", ", others)} still hold{(others.Count == 1 ? "s" : "")} this breaker off. It "
                            + $"goes on when everyone has let go.",
                        "on"
                    )
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
        return On is null ? next : Proofs.Lapse(next, $"breaker {Where} was switched {(On == true ? "on" : "off")}.", At);
    }

    public override string Tell(Job before) =>
        $"Breaker {Where} {On switch { true => "on", false => $"off, held by {By}", _ => $"let go by {By}" }}";

    private bool IsIt(Breaker breaker) => breaker.Slot == Slot && breaker.Lower == Lower;
}
