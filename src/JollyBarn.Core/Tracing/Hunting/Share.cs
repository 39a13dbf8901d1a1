using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>What is known of a box by what was observed so far.</summary>
public enum ShareCase
{
    /// <summary>Something of it may be behind it.</summary>
    May,

    /// <summary>Next to none of the belief is left in it, and all of it is recorded.</summary>
    Cleared,

    /// <summary>Not everything in it is recorded: nothing that was observed clears it.</summary>
    NotRecorded,
}

/// <summary>How much of the belief lies in a box.</summary>
/// <param name="Part">0 to 1.</param>
public sealed record Share(Id<Box> Box, double Part, ShareCase Case)
{
    /// <summary>A box with less of the belief is cleared.</summary>
    private const double Least = 0.01;

    /// <summary>While faults that are known hold less of the belief than this, nothing is cleared.</summary>
    private const double Explained = 0.5;

    /// <summary>Every box of the scene, in feed order.</summary>
    public static IReadOnlyList<Share> Of(Suspects suspects)
    {
        ArgumentNullException.ThrowIfNull(suspects);
        var job = suspects.Scene.Job;
        var faults = suspects.All.Where(a => a.Suspect.Kind == SuspectKind.Fault).ToList();
        var known = faults.Sum(f => f.Belief);
        var parts = faults
            .SelectMany(a => a.Suspect.Faults.SelectMany(f => f.Boxes(job)).Distinct().Select(b => (Box: b, a.Belief)))
            .ToLookup(x => x.Box, x => x.Belief);
        return
        [
            .. suspects.Scene.Boxes.Select(b =>
            {
                var part = Math.Min(1, parts[b].Sum());
                return new Share(
                    b,
                    part,
                    part >= Least || known < Explained ? ShareCase.May
                        : job.Boxes[b].Contents == Contents.Complete && parts[b].Any() ? ShareCase.Cleared
                        : ShareCase.NotRecorded
                );
            }),
        ];
    }
}
