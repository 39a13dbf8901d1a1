using JollyBarn.Store;

namespace JollyBarn.Web;

/// <summary>What a teacher's screen hears when something of a class changed.</summary>
/// <param name="Changes">How many changes this program has seen of it.</param>
public sealed record ClassChanged(int Changes);

/// <summary>Passes changes of classes on to whoever listens.</summary>
public sealed class ClassEvents
{
    private readonly Listeners<ClassChanged> listeners;
    private int changes;

    public ClassEvents(JobStore store, IHostApplicationLifetime life)
    {
        ArgumentNullException.ThrowIfNull(store);
        listeners = new(life);
        store.Classes.Changed += one => listeners.Tell(one, new(Interlocked.Increment(ref changes)));
    }

    public IAsyncEnumerable<ClassChanged> Listen(string of, CancellationToken stop) => listeners.Listen(of, () => new(changes), stop);
}
