using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>How a reading stands to what the wiring as planned gives.</summary>
public enum ReadingFits
{
    AsPlanned,
    Otherwise,

    /// <summary>What was written down is no figure and no lamp: nobody can compare it.</summary>
    CannotTell,
}

/// <summary>A reading that was asked for and taken.</summary>
/// <param name="Slips">The likeliest slips that read so; none where it is as planned.</param>
public sealed record TakenReading(string Id, Reading Reading, ReadingFits Fits, IReadOnlyList<SlipSeen> Slips);

/// <summary>The readings asked of a finished box, each with the one that was taken since a conductor of it was last worked on. A step that
/// was marked proves nothing: only what was read does.</summary>
/// <param name="All">Null where nobody took it.</param>
public sealed record TestsTaken(IReadOnlyList<(ExpectedReading Asked, TakenReading? Taken)> All)
{
    /// <summary>So near a figure is as planned: as wide as the utilisation range B of ANSI C84.1 about 120 V (106 to 127 V, from memory);
    /// near nothing a few volts of drop along a loaded neutral (<em>practice</em>).</summary>
    private const double Share = 0.12,
        Least = 5;

    /// <summary>How many were asked for and not taken, or cannot be compared.</summary>
    public int Missing => All.Count(a => a.Taken?.Fits is null or ReadingFits.CannotTell);

    /// <summary>How many are not what the wiring gives.</summary>
    public int Otherwise => All.Count(a => a.Taken?.Fits == ReadingFits.Otherwise);

    /// <exception cref="KeyNotFoundException">There is no such Change.</exception>
    public static TestsTaken Of(Job job, string change, Id<Box> box, ExpectedTests tests)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(tests);
        var worked = job.Changes[change].LastDoneIn(box) ?? "";
        var taken = job
            .Readings.Where(r => r.Value.Asked?.Change == change && r.Value.Box == box && string.CompareOrdinal(At(r.Value), worked) >= 0)
            .OrderBy(r => At(r.Value), StringComparer.Ordinal)
            .ToList();
        return new([
            .. tests.Readings.Select(asked =>
                (
                    asked,
                    taken.FindLast(r => r.Value.Asked == asked.Asked(change)) is { Value: { } last } kept
                        ? Judge(asked, kept.Key, last)
                        : null
                )
            ),
        ]);
    }

    /// <summary>Of a box whose tests are the next thing to do, or were marked as done; null where others come first.</summary>
    /// <param name="steps">What is left of its card.</param>
    public static TestsTaken? Due(Doing doing, string change, Id<Box> box, IReadOnlyList<CardStep> steps)
    {
        ArgumentNullException.ThrowIfNull(doing);
        ArgumentNullException.ThrowIfNull(steps);
        var key = CardMaker.Key(StepCase.Readings);
        return steps is [{ Case: StepCase.Readings }, ..] || doing.Ticks.Any(t => t.Box == box && t.Step == key)
            ? Of(doing.Present, change, box, ExpectedTests.Of(doing.Planned, box, slips: false))
            : null;
    }

    private static string At(Reading reading) => reading.Arrived ?? reading.At;

    private static TakenReading Judge(ExpectedReading asked, string id, Reading reading)
    {
        var fits = Fits(asked.Shows.Volts, reading);
        return new(
            id,
            reading,
            fits,
            fits == ReadingFits.Otherwise ? [.. asked.Slips.Where(s => Fits(s.Shows.Volts, reading) == ReadingFits.AsPlanned)] : []
        );
    }

    private static ReadingFits Fits(double? expected, Reading reading)
    {
        var near = Math.Max(Least, Share * (expected ?? 0));
        bool? same = (reading.Shows, reading.Volts, expected) switch
        {
            (_, _, null) => null,
            (ReadingShows.Nothing, _, { } volts) => volts < Electrics.Live.LiveVolts,
            (ReadingShows.Something, _, { } volts) => volts >= Electrics.Live.LiveVolts,
            (_, { } read, { } volts) => Math.Abs((double)read - volts) <= near,
            _ => null,
        };
        return same switch
        {
            true => ReadingFits.AsPlanned,
            false => ReadingFits.Otherwise,
            null => ReadingFits.CannotTell,
        };
    }
}
