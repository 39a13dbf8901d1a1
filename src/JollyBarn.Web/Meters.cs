using System.Globalization;
using System.Runtime.CompilerServices;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Telling.Live;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>One reading as it comes from an instrument.</summary>
/// <param name="Volts">Null while it shows something else than volts.</param>
/// <param name="At">When, ISO 8601, UTC.</param>
public sealed record MeterReading(string Meter, string Instrument, string Shows, double? Volts, string At);

/// <summary>An instrument that says what it reads, one reading after the other. This is the one place where a real one is plugged in: give
/// its readings here, and screens log from it as from any other.</summary>
public interface IMeter
{
    /// <summary>What people call it.</summary>
    string Name { get; }

    /// <summary>Readings until told to stop; the first at once.</summary>
    IAsyncEnumerable<MeterReading> Read(CancellationToken stop);
}

/// <summary>Stands in for a real instrument: laid between two points of a job in which one fault is hidden, chosen by a number so that it
/// can be met again.</summary>
public sealed class StandInMeter(Job job, int hidden, string instrument, string from, string to) : IMeter
{
    private static readonly TimeSpan Every = TimeSpan.FromMilliseconds(500);

    /// <summary>A fault that comes and goes is gone in one reading of so many.</summary>
    private const int Gone = 4;

    public string Name => "stand-in meter";

    public async IAsyncEnumerable<MeterReading> Read([EnumeratorCancellation] CancellationToken stop)
    {
        var last = new Random(hidden);
        var faults = HiddenFault.Of(job, hidden)?.Fault.Faults.Select(f => f.Offer.Fault).ToList() ?? [];
        var both = new[] { true, false }
            .Select(there => Story.Unfold(Live.Solve(job, new Situation { Faults = faults, There = there })).End)
            .ToList();
        while (!stop.IsCancellationRequested && Instruments.Between(both[last.Next(Gone) > 0 ? 0 : 1], instrument, from, to) is { } shown)
        {
            // The last digit of a real one is never still.
            var volts = shown.Volts is { } steady
                ? Math.Max(0, Math.Round(steady + ((last.NextDouble() - 0.5) * 0.004 * steady), 1))
                : (double?)null;
            yield return new(
                Name,
                instrument,
                volts is { } v ? v.ToString("0.0", CultureInfo.InvariantCulture) + " V" : LiveWords.Shows(shown),
                volts,
                DateTimeOffset.UtcNow.ToString("O", CultureInfo.InvariantCulture)
            );
            try
            {
                await Task.Delay(Every, stop);
            }
            catch (OperationCanceledException)
            {
                yield break;
            }
        }
    }
}
