using JollyBarn.Store;
using JollyBarn.Web.Serving;

namespace JollyBarn.Web;

/// <summary>How much was asked of the program.</summary>
internal sealed class Asked
{
    private long requests;

    public long Requests => Volatile.Read(ref requests);

    public Task PassAsync(HttpContext context, RequestDelegate next)
    {
        Interlocked.Increment(ref requests);
        return next(context);
    }
}

/// <summary>What is done beside the requests: jobs nobody uses leave memory, the file is copied now and then, and when nobody asks any more
/// the memory that was needed goes back to the machine.</summary>
internal sealed partial class Housekeeping(JobStore store, Asked asked, Served served, ILogger<Housekeeping> log) : BackgroundService
{
    private static readonly TimeSpan Round = TimeSpan.FromSeconds(30);
    private static readonly TimeSpan Idle = TimeSpan.FromMinutes(10);

    /// <summary>Jobs that may stay however long nobody used them, and how long others may then.</summary>
    private const int Many = 8;
    private static readonly TimeSpan IdleOfMany = TimeSpan.FromSeconds(30);

    /// <summary>Requests that stood when memory was last given back; below any there can be at first.</summary>
    private long givenBack = -1;

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Round);
        try
        {
            var before = 0L;
            while (await timer.WaitForNextTickAsync(stoppingToken))
            {
                store.LetGo(store.Open > Many ? IdleOfMany : Idle);
                store.Copy();
                if (served.On)
                {
                    store.Crew.Tidy();
                    if (served.Certificates?.Renew() is { } sentence)
                    {
                        Renewed(log, sentence);
                    }
                }

                var now = asked.Requests;
                if (now == before && now != givenBack)
                {
                    GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, true, true);
                    givenBack = now;
                }

                before = now;
            }
        }
        catch (OperationCanceledException)
        {
            // The program ends.
        }
    }

    [LoggerMessage(Level = LogLevel.Information, Message = "{Sentence}")]
    private static partial void Renewed(ILogger logger, string sentence);
}
