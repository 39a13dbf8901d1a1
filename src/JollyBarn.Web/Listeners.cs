using System.Collections.Concurrent;
using System.Threading.Channels;

namespace JollyBarn.Web;

/// <summary>Passes what happened to a thing on to whoever listens to it, until the program ends.</summary>
internal sealed class Listeners<T>
{
    /// <summary>What a listener may fall behind; then it loses the oldest.</summary>
    private const int Behind = 256;

    private readonly ConcurrentDictionary<Guid, (string Of, Channel<T> Channel)> all = new();
    private volatile bool ended;

    public Listeners(IHostApplicationLifetime life) => life.ApplicationStopping.Register(End);

    /// <summary>How the thing stands, then what happens to it from now on.</summary>
    public async IAsyncEnumerable<T> Listen(
        string of,
        Func<T> now,
        [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken stop
    )
    {
        var key = Guid.NewGuid();
        var channel = Channel.CreateBounded<T>(new BoundedChannelOptions(Behind) { FullMode = BoundedChannelFullMode.DropOldest });
        all[key] = (of, channel);
        if (ended)
        {
            channel.Writer.TryComplete();
        }

        try
        {
            yield return now();
            await foreach (var change in channel.Reader.ReadAllAsync(stop))
            {
                yield return change;
            }
        }
        finally
        {
            all.TryRemove(key, out _);
        }
    }

    public void Tell(string of, T change)
    {
        foreach (var listener in all.Values.Where(l => l.Of == of))
        {
            listener.Channel.Writer.TryWrite(change);
        }
    }

    /// <summary>Ends every stream as at the end of a file.</summary>
    private void End()
    {
        ended = true;
        foreach (var listener in all.Values)
        {
            listener.Channel.Writer.TryComplete();
        }
    }
}
