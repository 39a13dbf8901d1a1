using JollyBarn.Store;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>What a screen hears when a job changed.</summary>
/// <param name="Boxes">Boxes that differ; all may, when <paramref name="Everything"/>.</param>
public sealed record JobChanged(long Version, string EditId, IReadOnlyList<Id<Box>> Boxes, bool Everything);

/// <summary>Passes changes of jobs on to whoever listens.</summary>
public sealed class Events
{
    private readonly Listeners<JobChanged> listeners;

    public Events(JobStore store, IHostApplicationLifetime life)
    {
        ArgumentNullException.ThrowIfNull(store);
        listeners = new(life);
        store.Changed += (job, accepted) => listeners.Tell(job, Views.ChangedOf(accepted));
    }

    /// <summary>Where the job stands, then its changes from now on. A listener too slow to read loses the oldest, and sees by the version
    /// that it did.</summary>
    public IAsyncEnumerable<JobChanged> Listen(string job, Func<long> version, CancellationToken stop) =>
        listeners.Listen(job, () => new JobChanged(version(), "", [], true), stop);
}
