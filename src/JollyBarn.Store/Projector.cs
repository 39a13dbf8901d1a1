using System.Threading.Channels;

namespace JollyBarn.Store;

/// <summary>Brings the rows that feed lists up to date behind the edits, one job after the other, and saves states of jobs. What it has not
/// come to yet is marked in the file, so that a program that was killed goes on where it was.</summary>
internal sealed class Projector : IAsyncDisposable
{
    private static readonly TimeSpan Again = TimeSpan.FromSeconds(5);

    private readonly Channel<string> behind = Channel.CreateUnbounded<string>(new() { SingleReader = true });
    private readonly HashSet<string> waiting = new(StringComparer.Ordinal);
    private readonly Lock guard = new();
    private readonly Func<string, OpenJob?> find;
    private readonly Action<string, Exception> trouble;
    private readonly CancellationTokenSource stopping = new();
    private readonly Task working;
    private TaskCompletionSource? settled;
    private bool stopped;

    /// <param name="find">An open job by its id.</param>
    /// <param name="trouble">Hears of a job whose rows could not be made.</param>
    public Projector(Func<string, OpenJob?> find, Action<string, Exception> trouble)
    {
        (this.find, this.trouble) = (find, trouble);
        working = Task.Run(WorkAsync);
    }

    /// <summary>A job whose rows are behind.</summary>
    public void Behind(string id)
    {
        lock (guard)
        {
            if (waiting.Add(id))
            {
                behind.Writer.TryWrite(id);
            }
        }
    }

    /// <summary>Done when nothing is behind any more.</summary>
    public Task SettledAsync()
    {
        lock (guard)
        {
            return waiting.Count == 0 ? Task.CompletedTask : (settled ??= new(TaskCreationOptions.RunContinuationsAsynchronously)).Task;
        }
    }

    public async ValueTask DisposeAsync()
    {
        if (stopped)
        {
            return;
        }

        stopped = true;
        await stopping.CancelAsync();
        await working.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        stopping.Dispose();
    }

    private async Task WorkAsync()
    {
        await foreach (var id in behind.Reader.ReadAllAsync(stopping.Token))
        {
            var more = false;
            try
            {
                more = find(id)?.Project() == false;
            }
            catch (Exception problem) when (problem is not OutOfMemoryException)
            {
                // A full disk or a damaged job: the lists stay behind and say so, the program goes on.
                trouble(id, problem);
                _ = LaterAsync(id);
            }

            lock (guard)
            {
                if (more)
                {
                    behind.Writer.TryWrite(id);
                }
                else
                {
                    waiting.Remove(id);
                    if (waiting.Count == 0)
                    {
                        settled?.SetResult();
                        settled = null;
                    }
                }
            }
        }
    }

    private async Task LaterAsync(string id)
    {
        await Task.Delay(Again, stopping.Token).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        if (!stopping.IsCancellationRequested)
        {
            Behind(id);
        }
    }
}
