using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>What a hint of the order rests on.</summary>
public enum HintBy
{
    /// <summary>Volts between hot and neutral with the same thing running at the far end: they fall along the wire.</summary>
    Volts,

    /// <summary>Two cables that nobody followed, of one make and one measured length: likely the two ends of one.</summary>
    Cable,
}

/// <summary>That one box likely hangs on another. It settles nothing: two branches of one feed read alike, and cables may be as long as
/// each other.</summary>
/// <param name="There">Volts, or feet of cable, as read at the box ahead.</param>
/// <param name="Here">The same at this one.</param>
/// <param name="Directed">False where only that they are joined is likely, and not which feeds which.</param>
/// <remarks><em>Practice</em>: what a reading tells apart is <see cref="WalkBook.ToldApart"/>, how far two lengths of one cable may differ
/// <see cref="WalkBook.SameCable"/>.</remarks>
public sealed record OrderHint(Id<Box> Box, Id<Box> After, HintBy By, decimal There, decimal Here, bool Directed)
{
    /// <summary>At most one of each box, cables before readings.</summary>
    public static IReadOnlyList<OrderHint> Of(Job job, IReadOnlyList<Id<Box>> boxes)
    {
        var volts = Read(job, boxes);
        return
        [
            .. ByCable(job, boxes, volts)
                .Concat(ByVolts(job, volts))
                .GroupBy(h => h.Box)
                .Select(g => g.OrderByDescending(h => h.Directed).ThenByDescending(h => h.By).First()),
        ];
    }

    /// <summary>Boxes by how far along the wire their readings put them, the nearest to the panel first; none that nobody read.</summary>
    public static IReadOnlyList<Id<Box>> Along(Job job, IReadOnlyList<Id<Box>> boxes) =>
        [.. Read(job, boxes).OrderByDescending(v => v.Value).ThenBy(v => v.Key).Select(v => v.Key)];

    /// <summary>The newest reading of a leg at each box, of the day on which most of them were read: what comes in changes from day to
    /// day.</summary>
    private static Dictionary<Id<Box>, decimal> Read(Job job, IReadOnlyList<Id<Box>> boxes)
    {
        var leg = ElectricsBook.LegVolts.Of(job.Practice);
        return job.Readings.Values.Where(r =>
                r is { Step: ReadingStep.None, Shows: ReadingShows.Figure, Box: { } box, Volts: { } v }
                && boxes.Contains(box)
                && Math.Abs(v - leg) <= leg * Near
            )
            .GroupBy(r => r.At[..Math.Min(DayLength, r.At.Length)], StringComparer.Ordinal)
            .Select(day => day.GroupBy(r => r.Box!.Value).ToDictionary(g => g.Key, g => g.MaxBy(r => r.At)!.Volts!.Value))
            .MaxBy(day => day.Count)
            ?? [];
    }

    private const int DayLength = 10;

    /// <summary>How far from its nominal a leg may read and still be one.</summary>
    private const decimal Near = 0.15m;

    private static IEnumerable<OrderHint> ByVolts(Job job, Dictionary<Id<Box>, decimal> volts)
    {
        var apart = WalkBook.ToldApart.Of(job.Practice);
        return from here in volts
            let there = volts
                .Where(v => v.Value >= here.Value + apart)
                .OrderBy(v => v.Value)
                .ThenBy(v => v.Key)
                .Select(v => (KeyValuePair<Id<Box>, decimal>?)v)
                .FirstOrDefault()
            where there is not null
            select new OrderHint(here.Key, there.Value.Key, HintBy.Volts, there.Value.Value, here.Value, true);
    }

    private static IEnumerable<OrderHint> ByCable(Job job, IReadOnlyList<Id<Box>> boxes, Dictionary<Id<Box>, decimal> volts)
    {
        var apart = WalkBook.SameCable.Of(job.Practice) / 100;
        var loose = Loose(job, boxes).ToList();
        foreach (var here in loose)
        {
            var same = loose
                .Where(o => o.Box != here.Box && o.Make == here.Make && Math.Abs(o.Feet - here.Feet) <= apart * Math.Max(o.Feet, here.Feet))
                .ToList();
            // Two that could both be the other end tell nothing.
            if (same is not [var there])
            {
                continue;
            }

            var after = HangsOn(here, there, volts);
            if (after != false)
            {
                yield return new(here.Box, there.Box, HintBy.Cable, there.Feet, here.Feet, after == true);
            }
        }
    }

    /// <summary>Whether the first hangs on the second: by what the cables are known to do, else by readings; null where neither
    /// tells.</summary>
    private static bool? HangsOn(End here, End there, Dictionary<Id<Box>, decimal> volts) =>
        here.Feeds == Feeds.FeedsIn || there.Feeds is Feeds.FeedsOn or Feeds.Protected ? true
        : here.Feeds is Feeds.FeedsOn or Feeds.Protected || there.Feeds == Feeds.FeedsIn ? false
        : volts.TryGetValue(here.Box, out var h) && volts.TryGetValue(there.Box, out var t) && h != t ? h < t
        : null;

    /// <summary>A cable in a box whose other end nobody followed, with its length as measured from here.</summary>
    private readonly record struct End(Id<Box> Box, Feeds Feeds, decimal Feet, (CableType, Gauge?, int, GroundKind) Make);

    private static IEnumerable<End> Loose(Job job, IReadOnlyList<Id<Box>> boxes) =>
        from run in job.Runs.Values
        from side in new[] { RunSide.A, RunSide.B }
        let near = run.End(side)
        where run.End(side == RunSide.A ? RunSide.B : RunSide.A).At == EndAt.Unknown
        where near.Box is { } box && boxes.Contains(box)
        where run.Length.How == Known.Measured && run.Length.OrNull > Length.Zero
        select new End(
            near.Box!.Value,
            near.Feeds,
            run.Length.Value!.Value.InInches / 12,
            (run.Type, run.Gauge, run.Conductors.Count, run.Ground)
        );
}
