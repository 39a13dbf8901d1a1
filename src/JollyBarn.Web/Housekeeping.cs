using JollyBarn.Store;

namespace JollyBarn.Web;

/// <summary>What is done beside the requests: jobs nobody uses leave memory, and the file is copied now and then.</summary>
internal sealed class Housekeeping(JobStore store) : BackgroundService
{
    private static readonly TimeSpan Round = TimeSpan.FromSeconds(30);
    private static readonly TimeSpan Idle = TimeSpan.FromMinutes(10);

    /// <summary>Jobs that may stay however long nobody used them, and how long others may then.</summary>
    private const int Many = 8;
    private static readonly TimeSpan IdleOfMany = TimeSpan.FromSeconds(30);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Round);
        try
        {
            while (await timer.WaitForNextTickAsync(stoppingToken))
            {
                store.LetGo(store.Open > Many ? IdleOfMany : Idle);
                store.Copy();
            }
        }
        catch (OperationCanceledException)
        {
            // The program ends.
        }
    }
}
