using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Says that a run's unknown end is at a panel: the home run of its circuit.</summary>
/// <param name="Says">What the cable is called there.</param>
public sealed record EndAtPanel(Id<Run> Run, RunSide End, string Panel, string? Says = null) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return Refuse.Missing(What.Cable, Run, "run");
        }

        return Refuse.BadEnum(End, "end")
            ?? Refuse.BadNote(Says, "says")
            ?? (job.Panels.Has(Panel) ? null : Refuse.Missing(What.Panel, Panel, "panel"))
            ?? (run.End(End).At == EndAt.Unknown ? null : new Refusal(Why.EndTaken, "end"));
    }

    public override Job Apply(Job job) =>
        job.Runs.TryFind(Run, out var run)
            ? job with
            {
                Runs = job.Runs.With(Run, run.WithEnd(End, new RunEnd(EndAt.Panel, Panel, null, Says ?? run.End(End).Says))),
            }
            : job;
}

/// <summary>Says that a run's unknown end is wired to something fixed, with no box of its own there: a heater, a range, a pump. What it
/// takes is asked at the near end.</summary>
/// <param name="Says">What hangs there; sent again it gives another name.</param>
public sealed record EndAtLoad(Id<Run> Run, RunSide End, string Says) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return Refuse.Missing(What.Cable, Run, "run");
        }

        return Refuse.BadEnum(End, "end")
            ?? Refuse.BadText(Says, "says")
            ?? (run.End(End).At is EndAt.Unknown or EndAt.Load ? null : new Refusal(Why.EndTaken, "end"));
    }

    public override Job Apply(Job job) =>
        job.Runs.TryFind(Run, out var run)
            ? job with
            {
                Runs = job.Runs.With(Run, run.WithEnd(End, new RunEnd(EndAt.Load, null, null, Says))),
            }
            : job;
}

/// <summary>Takes back where a run's far end was said to be, at a panel or a load: nobody knows again. What was said of the load goes with
/// it.</summary>
public sealed record LoseEnd(Id<Run> Run, RunSide End) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return Refuse.Missing(What.Cable, Run, "run");
        }

        return Refuse.BadEnum(End, "end") ?? (run.End(End).At is EndAt.Panel or EndAt.Load ? null : new Refusal(Why.NotTakenBack, "end"));
    }

    public override Job Apply(Job job)
    {
        if (!job.Runs.TryFind(Run, out var run) || run.End(End).At is not (EndAt.Panel or EndAt.Load))
        {
            return job;
        }

        var (nearSide, next) = (
            End == RunSide.A ? RunSide.B : RunSide.A,
            job with
            {
                Runs = job.Runs.With(Run, run.WithEnd(End, RunEnd.Unknown)),
            }
        );
        var of = Subjects.CableEnd(Run, nearSide);
        return run.End(nearSide) is { IsBox: true, Id: { } near } && job.Boxes.Find(near) is { } box && box.Noted.Has(of)
            ? next with
            {
                Boxes = job.Boxes.With(near, box with { Noted = box.Noted.Each((id, noted) => id == of ? WithoutLoad(noted) : noted) }),
            }
            : next;
    }

    private static Noted? WithoutLoad(Noted noted) =>
        noted.Facts.Without("far-load").Without("far-load-long") is { Count: > 0 } left ? noted with { Facts = left } : null;
}
