using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Says that a run's unknown end is at a panel: the home run of its circuit.</summary>
/// <param name="Says">What the cable is called there.</param>
public sealed record EndAtPanel(string Run, RunSide End, string Panel, string? Says = null) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return Refuse.Missing("cable", Run, "run");
        }

        return Refuse.BadEnum(End, "end") ?? Refuse.BadNote(Says, "says") ?? (job.Panels.Has(Panel) ? null : Refuse.Missing("panel", Panel, "panel"))
            ?? (run.End(End).At == EndAt.Unknown ? null : new Refusal("That end of the cable is somewhere already.", "end"));
    }

    public override Job Apply(Job job) => job.Runs.TryFind(Run, out var run) ? job with { Runs = job.Runs.With(Run, run.WithEnd(End, new RunEnd(EndAt.Panel, Panel, null, Says ?? run.End(End).Says))) } : job;

    public override string Tell(Job before) => $"A cable ends at {before.Panels.Find(Panel)?.Name}";
}
