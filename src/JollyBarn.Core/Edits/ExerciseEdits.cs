using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Shows what the rules say of a job made to learn by: it was graded.</summary>
public sealed record ShowExercise : ProgramEdit
{
    public override Refusal? Check(Job job) => job.Exercise is null ? new Refusal(Why.NotAnExercise) : null;

    public override Job Apply(Job job) => job.Exercise is { } exercise ? job with { Exercise = exercise with { Shown = true } } : job;
}
