using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>The network of a job that is worked on, kept from one version to the next: a version near the one that was solved is solved by
/// what differs.</summary>
public sealed class KeptLive
{
    /// <summary>More panels, runs and boxes than this are not told apart one by one: the job is built anew.</summary>
    private const int Near = 24;

    private Job? solved;

    /// <summary>A job as it stands in a situation.</summary>
    public Live Of(Job job, Situation now)
    {
        if (solved is { } known && !ReferenceEquals(known, job) && JobPlan.Between(known, job) is { Count: <= Near })
        {
            return Live.After(known, job, now);
        }

        solved = job;
        return Live.Solve(job, now);
    }
}
