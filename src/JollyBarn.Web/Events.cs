using System.Collections.Concurrent;
using System.Threading.Channels;
using JollyBarn.Store;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>What a screen hears when a job changed.</summary>
/// <param name="Boxes">Boxes that differ; all may, when <paramref name="Everything"/>.</param>
public sealed record JobChanged(long Version, string EditId, IReadOnlyList<Id<Box>> Boxes, bool Everything);

/// <summary>Passes changes on to whoever listens.</summary>
public sealed class Events
{
    private readonly ConcurrentDictionary<Guid, (string Job, Channel<JobChanged> Channel)> listeners = new();
    private volatile bool ended;

    public Events(JobStore store, IHostApplicationLifetime life)
    {
        ArgumentNullException.ThrowIfNull(life);
        life.ApplicationStopping.Register(End);
        ArgumentNullException.ThrowIfNull(store);
        store.Changed += (job, accepted) => Tell(job, Views.ChangedOf(accepted));
    }

    /// <summary>Where the job stands, then its changes from now on. A listener too slow to read loses the oldest, and sees by the version
    /// that it did.</summary>
    public async IAsyncEnumerable<JobChanged> Listen(
        string job,
        Func<long> version,
        [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken stop
    )
    {
        var key = Guid.NewGuid();
        var channel = Channel.CreateBounded<JobChanged>(new BoundedChannelOptions(256) { FullMode = BoundedChannelFullMode.DropOldest });
        listeners[key] = (job, channel);
        if (ended)
        {
            channel.Writer.TryComplete();
        }

        try
        {
            yield return new JobChanged(version(), "", [], true);
            await foreach (var change in channel.Reader.ReadAllAsync(stop))
            {
                yield return change;
            }
        }
        finally
        {
            listeners.TryRemove(key, out _);
        }
    }

    /// <summary>Ends every stream as at the end of a file: the program ends.</summary>
    private void End()
    {
        ended = true;
        foreach (var listener in listeners.Values)
        {
            listener.Channel.Writer.TryComplete();
        }
    }

    private void Tell(string job, JobChanged change)
    {
        foreach (var listener in listeners.Values.Where(l => l.Job == job))
        {
            listener.Channel.Writer.TryWrite(change);
        }
    }
}
