using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Adds a source, or sets all of one.</summary>
public sealed record PutSource(string Id, Source Source) : Edit
{
    public override bool PutsOver(Job job) => job.Sources.Has(Id);

    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Source.Name, "source.name")
        ?? Refuse.BadEnum(Source.Kind, "source.kind")
        ?? Refuse.BadEnum(Source.System, "source.system");

    public override Job Apply(Job job) =>
        Proofs.Lapse(job with { Sources = job.Sources.With(Id, Source) }, ProofEnds.SourceRecorded(Source), null);
}

public sealed record RemoveSource(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Sources.Has(Id) ? null : Refuse.Missing(What.Source, Id, "id");

    public override Job Apply(Job job) =>
        Proofs.Lapse(
            job with
            {
                Sources = job.Sources.Without(Id),
                Panels = job.Panels.Each((_, panel) => panel.Source == Id ? panel with { Source = null } : panel),
            },
            ProofEnds.SourceGone,
            null
        );
}

/// <summary>Adds a panel, or sets all of one with its breakers. Version 2: who holds a breaker off stays as it is, since that changes only
/// by
/// switching and letting go. Version 1, as older logs hold it: who holds one is set too.</summary>
public sealed record PutPanel(string Id, Panel Panel) : Edit
{
    public override bool PutsOver(Job job) => job.Panels.Has(Id);

    public override Edit Arrived(string at) => this with { V = 2 };

    public override Refusal? Check(Job job)
    {
        if ((Refuse.BadId(Id, "id") ?? Refuse.BadText(Panel.Name, "panel.name") ?? Refuse.BadEnum(Panel.System, "panel.system")) is { } bad)
        {
            return bad;
        }

        if (Panel.Slots is < 1 or > 84)
        {
            return new(Why.PanelSlots, "panel.slots");
        }

        if (Panel.Source is not null && !job.Sources.Has(Panel.Source))
        {
            return Refuse.Missing(What.Source, Panel.Source, "panel.source");
        }

        foreach (var breaker in Panel.Breakers)
        {
            if (breaker.Slot < 1 || breaker.Slot > Panel.Slots || breaker.Poles is < 1 or > 3)
            {
                return new(Why.BreakerSlot, "panel.breakers", ("slots", Panel.Slots));
            }

            if (breaker.Circuit is not null && !job.Circuits.Has(breaker.Circuit))
            {
                return Refuse.Missing(What.Circuit, breaker.Circuit, "panel.breakers");
            }

            if (breaker.Amperes is <= 0 or > 400)
            {
                return new(Why.BreakerRating, "panel.breakers");
            }
        }

        if (
            There(job).FirstOrDefault(o => o.HeldBy.Count > 0 && Panel.Breakers.FirstOrDefault(b => b.Key == o.Key)?.On != o.On) is { } held
        )
        {
            return new(Why.HeldBreaker, "panel.breakers", ("slot", held.Where), ("by", string.Join(", ", held.HeldBy)));
        }

        var clash = Panel
            .Breakers.GroupBy(b => b.Slot)
            .FirstOrDefault(g =>
                g.Any(b => b.Lower && b.Kind != BreakerKind.Tandem)
                || g.DistinctBy(b => b.Lower).Count() != g.Count()
                || (g.Count() > 1 && g.Any(b => b.Kind != BreakerKind.Tandem))
            );
        return clash is null ? null : new Refusal(Why.TwoInASlot, "panel.breakers", ("slot", clash.Key));
    }

    public override Job Apply(Job job)
    {
        var before = There(job);
        var panel = V < 2 ? Panel : Panel with { Breakers = [.. Panel.Breakers.Select(b => b with { HeldBy = Held(before, b) })] };
        var switched =
            Panel.Breakers.Any(b => before.FirstOrDefault(o => o.Key == b.Key) is { } old && old.On != b.On)
            || before.Any(o => Panel.Breakers.All(b => b.Key != o.Key));
        var next = job with
        {
            Panels = job.Panels.With(
                Id,
                panel with
                {
                    Noted = Panel.Noted.Each(
                        (of, noted) =>
                            of == Subjects.Panel
                            || (Subjects.Has(Panel, FactOf.Breaker, of) && !EndedAnswers.Replaced(job.Panels.Find(Id), Panel, of))
                                ? noted
                                : null
                    ),
                }
            ),
        };
        return switched ? Proofs.Lapse(next, ProofEnds.BreakersChanged(Panel), null) : next;
    }

    private IReadOnlyList<Breaker> There(Job job) => job.Panels.Find(Id)?.Breakers ?? [];

    private static IReadOnlyList<string> Held(IReadOnlyList<Breaker> before, Breaker now) =>
        before.FirstOrDefault(o => o.Key == now.Key)?.HeldBy ?? [];
}

public sealed record RemovePanel(string Id) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Panels.TryFind(Id, out var panel))
        {
            return Refuse.Missing(What.Panel, Id, "id");
        }

        if (panel.Breakers.FirstOrDefault(b => b.HeldBy.Count > 0) is { } held)
        {
            return new(Why.HeldBreaker, "id", ("slot", held.Where), ("by", string.Join(", ", held.HeldBy)));
        }

        return job.Runs.Values.Any(r => IsHere(r.A) || IsHere(r.B)) ? new Refusal(Why.CablesEndHere, "id", ("panel", panel.Name)) : null;
    }

    public override Job Apply(Job job) => Proofs.Lapse(job with { Panels = job.Panels.Without(Id) }, ProofEnds.PanelGone, null);

    private bool IsHere(RunEnd end) => end.At == EndAt.Panel && end.Id == Id;
}

public sealed record PutCircuit(Id<Circuit> Id, Circuit Circuit) : Edit
{
    public override bool PutsOver(Job job) => job.Circuits.Has(Id);

    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Circuit.Name, "circuit.name")
        ?? Refuse.BadNote(Circuit.Note, "circuit.note", 2000)
        ?? (Circuit.Panel is null || job.Panels.Has(Circuit.Panel) ? null : Refuse.Missing(What.Panel, Circuit.Panel, "circuit.panel"));

    public override Job Apply(Job job) => job with { Circuits = job.Circuits.With(Id, Circuit) };
}

public sealed record RemoveCircuit(Id<Circuit> Id) : Edit
{
    public override Refusal? Check(Job job) => job.Circuits.Has(Id) ? null : Refuse.Missing(What.Circuit, Id, "id");

    public override Job Apply(Job job) =>
        job with
        {
            Circuits = job.Circuits.Without(Id),
            Runs = job.Runs.Each((_, run) => run.Circuit == Id ? run with { Circuit = null } : run),
            Panels = job.Panels.Each(
                (_, panel) =>
                    panel.Breakers.Any(b => b.Circuit == Id)
                        ? panel with
                        {
                            Breakers = [.. panel.Breakers.Select(b => b.Circuit == Id ? b with { Circuit = null } : b)],
                        }
                        : panel
            ),
        };
}
