using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Adds a source, or sets all of one.</summary>
public sealed record PutSource(string Id, Source Source) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Source.Name, "source.name")
        ?? Refuse.BadEnum(Source.Kind, "source.kind")
        ?? Refuse.BadEnum(Source.System, "source.system");

    public override Job Apply(Job job) =>
        Proofs.Lapse(job with { Sources = job.Sources.With(Id, Source) }, $"a source, {Source.Name}, was recorded.", null);

    public override string Tell(Job before) => $"Source {Source.Name}";
}

public sealed record RemoveSource(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Sources.Has(Id) ? null : Refuse.Missing("source", Id, "id");

    public override Job Apply(Job job) =>
        Proofs.Lapse(
            job with
            {
                Sources = job.Sources.Without(Id),
                Panels = job.Panels.Each((_, panel) => panel.Source == Id ? panel with { Source = null } : panel),
            },
            "a source was taken out of the record.",
            null
        );

    public override string Tell(Job before) => $"Source {before.Sources.Find(Id)?.Name} removed";
}

/// <summary>Adds a panel, or sets all of one with its breakers.</summary>
public sealed record PutPanel(string Id, Panel Panel) : Edit
{
    public override Refusal? Check(Job job)
    {
        if ((Refuse.BadId(Id, "id") ?? Refuse.BadText(Panel.Name, "panel.name") ?? Refuse.BadEnum(Panel.System, "panel.system")) is { } bad)
        {
            return bad;
        }

        if (Panel.Slots is < 1 or > 84)
        {
            return new("A panel has 1 to 84 slots.", "panel.slots");
        }

        if (Panel.Source is not null && !job.Sources.Has(Panel.Source))
        {
            return Refuse.Missing("source", Panel.Source, "panel.source");
        }

        foreach (var breaker in Panel.Breakers)
        {
            if (breaker.Slot < 1 || breaker.Slot > Panel.Slots || breaker.Poles is < 1 or > 3)
            {
                return new($"A breaker stands in slot 1 to {Panel.Slots} and has 1 to 3 poles.", "panel.breakers");
            }

            if (breaker.Circuit is not null && !job.Circuits.Has(breaker.Circuit))
            {
                return Refuse.Missing("circuit", breaker.Circuit, "panel.breakers");
            }

            if (breaker.Amperes is <= 0 or > 400)
            {
                return new("A breaker is rated over 0 and at most 400 A.", "panel.breakers");
            }
        }

        var clash = Panel
            .Breakers.GroupBy(b => b.Slot)
            .FirstOrDefault(g =>
                g.Any(b => b.Lower && b.Kind != BreakerKind.Tandem)
                || g.DistinctBy(b => b.Lower).Count() != g.Count()
                || (g.Count() > 1 && g.Any(b => b.Kind != BreakerKind.Tandem))
            );
        return clash is null
            ? null
            : new Refusal($"Slot {clash.Key} holds two breakers: only a tandem has two, an upper half and a lower.", "panel.breakers");
    }

    public override Job Apply(Job job)
    {
        var before = job.Panels.Find(Id)?.Breakers ?? [];
        var switched =
            Panel.Breakers.Any(b => before.FirstOrDefault(o => o.Key == b.Key) is { } old && old.On != b.On)
            || before.Any(o => Panel.Breakers.All(b => b.Key != o.Key));
        var next = job with
        {
            Panels = job.Panels.With(
                Id,
                Panel with
                {
                    Noted = Panel.Noted.Each((of, noted) => of == Subjects.Panel || Subjects.Has(Panel, FactOf.Breaker, of) ? noted : null),
                }
            ),
        };
        return switched ? Proofs.Lapse(next, $"breakers of {Panel.Name} were recorded as changed.", null) : next;
    }

    public override string Tell(Job before) => $"Panel {Panel.Name}";
}

public sealed record RemovePanel(string Id) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Panels.TryFind(Id, out var panel))
        {
            return Refuse.Missing("panel", Id, "id");
        }

        return job.Runs.Values.Any(r => IsHere(r.A) || IsHere(r.B)) ? new Refusal($"Cables still end at {panel.Name}.", "id") : null;
    }

    public override Job Apply(Job job) =>
        Proofs.Lapse(job with { Panels = job.Panels.Without(Id) }, "a panel was taken out of the record.", null);

    public override string Tell(Job before) => $"Panel {before.Panels.Find(Id)?.Name} removed";

    private bool IsHere(RunEnd end) => end.At == EndAt.Panel && end.Id == Id;
}

public sealed record PutCircuit(string Id, Circuit Circuit) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Circuit.Name, "circuit.name")
        ?? Refuse.BadNote(Circuit.Note, "circuit.note", 2000)
        ?? (Circuit.Panel is null || job.Panels.Has(Circuit.Panel) ? null : Refuse.Missing("panel", Circuit.Panel, "circuit.panel"));

    public override Job Apply(Job job) => job with { Circuits = job.Circuits.With(Id, Circuit) };

    public override string Tell(Job before) => $"Circuit {Circuit.Name}";
}

public sealed record RemoveCircuit(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Circuits.Has(Id) ? null : Refuse.Missing("circuit", Id, "id");

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

    public override string Tell(Job before) => $"Circuit {before.Circuits.Find(Id)?.Name} removed";
}
