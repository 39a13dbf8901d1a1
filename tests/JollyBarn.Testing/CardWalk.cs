using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Planning;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Somebody who goes through a make-up card, step by step, each recorded and marked as the screens do.</summary>
public sealed class CardWalk(string change, string by = "Ines")
{
    private const string At = "2026-10-01T08:00:00Z";
    private int made;

    /// <summary>Steps that were done, in order.</summary>
    public List<CardStep> Walked { get; } = [];

    /// <summary>The steps that are left.</summary>
    public List<CardStep> Steps(Job job, Id<Box> box) => MakeUpCard.All(Doing.Of(job, change), box, by, At);

    /// <summary>How a box as left differs from what the Change wants. A length the plan does not know asks nothing of anybody: what was
    /// measured stays.</summary>
    public List<Difference> Differences(Job job, Id<Box> box)
    {
        var planned = ChangeWork.Planned(job, change);
        bool Asked(Difference d) =>
            d.Case != BoxDifference.Case.LeadLength
            || d.Ids.Any(l => planned.Boxes[box].Leads[Id<Lead>.Parse(l, null)].Length.OrNull is { });
        return [.. BoxDifference.Between(ChangeWork.AsLeft(job, change), planned, box).Where(Asked)];
    }

    /// <summary>Does one step.</summary>
    public Job Do(Job job, Id<Box> box, CardStep step)
    {
        Walked.Add(step);
        var done = step.Edit is null ? null : $"q{box}.{made++}";
        return job.Do([
            .. step.Edit is { } edit ? [new RecordDone(change, done!, edit)] : Array.Empty<Edit>(),
            new TickStep(change, box, step.Key, by, At, done),
        ]);
    }

    /// <summary>Does all that is left, one after the other, what is beyond the card apart.</summary>
    public Job Through(Job job, Id<Box> box)
    {
        for (var n = 0; Steps(job, box).Find(s => s.Case != StepCase.Beyond) is { } step; n++)
        {
            job = n < 400 ? Do(job, box, step) : throw new InvalidOperationException($"The card of {box} has no end: {step.Key}.");
        }

        return job;
    }
}
