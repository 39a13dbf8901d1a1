using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Practice;

/// <summary>A line of a learner's count.</summary>
/// <param name="Gauge">AWG number, of conductors.</param>
/// <param name="Device">Which device, of a device.</param>
public readonly record struct FillRow(FillKind Kind, int? Gauge = null, int Device = 0);

/// <summary>How a line is counted: so many allowances of so much.</summary>
/// <param name="Each">in³; of no count any is right.</param>
public readonly record struct LineCount(decimal Count, decimal Each)
{
    public decimal Volume => Count * Each;

    public bool Same(LineCount other) => Count == other.Count && (Count == 0 || Each == other.Each);
}

/// <summary>A box to be counted, 314.16.</summary>
/// <param name="Seed">The same seed, level and edition give the same box.</param>
/// <param name="Level">1, two cables alike, to 5, everything at once.</param>
/// <param name="Pigtails">Pigtails made in it, which count nothing, of the thickest gauge.</param>
/// <param name="TableVolume">What Table 314.16(A) says of a box of its size that is marked otherwise, in³.</param>
public sealed record FillDrill(int Seed, int Level, PlainBox Box, int Pigtails, decimal? TableVolume)
{
    public FillAnswer Answer { get; } = BoxFill.Evaluate(Box.Read(), Box.Profile(), Box.House());

    public LimitTable Limits { get; } = LimitTable.For(Box.Profile());

    /// <summary>Lines a learner fills in, in the order of the text; some of them count nothing.</summary>
    public IReadOnlyList<FillRow> Rows { get; } =
    [
        .. Box.Cables.Select(c => c.Gauge.Number).Distinct().OrderDescending().Select(g => new FillRow(FillKind.Conductors, g)),
        .. Box.Canopy.Count > 0 ? [new FillRow(FillKind.Canopy)] : Array.Empty<FillRow>(),
        new FillRow(FillKind.Clamps),
        .. Level >= FillDrills.WithFittings ? [new(FillKind.Stud), new(FillKind.Hickey)] : Array.Empty<FillRow>(),
        .. Box.Devices.Select((_, i) => new FillRow(FillKind.Device, null, i)),
        new FillRow(FillKind.Grounds),
    ];

    /// <summary>Steps of a count: its lines, the sum, what the box has, whether it fits.</summary>
    public int Steps => Rows.Count + 3;

    /// <summary>in³; a drill leaves nothing unknown.</summary>
    public decimal Needed => Answer.Needed.Low.CubicInches;

    public decimal Available => Answer.Available.Low.CubicInches;

    /// <summary>Gauges of its conductors, thinnest first.</summary>
    public IReadOnlyList<int> Gauges => [.. Box.Cables.Select(c => c.Gauge.Number).Distinct().OrderDescending()];

    /// <summary>How a line is rightly counted.</summary>
    public LineCount Right(FillRow row)
    {
        var lines = Answer.Lines.Where(l => l.Kind == row.Kind && (row.Gauge is null || l.Gauge?.Number == row.Gauge)).ToList();
        var line = row.Kind == FillKind.Device ? lines[row.Device] : lines.FirstOrDefault();
        return line is null ? new(0, 0) : new(line.Low, line.Each.Low.CubicInches);
    }

    /// <summary>in³ of a gauge, Table 314.16(B).</summary>
    public decimal Allowance(int gauge) => Limits.Allowance(Gauge.Awg(gauge))!.Value.CubicInches;
}

/// <summary>Makes boxes to be counted.</summary>
public static class FillDrills
{
    public const int Levels = 5;

    /// <summary>From this level on a box may have a stud and a hickey.</summary>
    internal const int WithFittings = 4;

    /// <summary>How far a mark lies from what is needed, in³: near enough that every line matters.</summary>
    private static readonly decimal[] Near = [-2.5m, -1m, -0.25m, 0, 0.5m, 1.5m, 3m];

    /// <summary>Volumes of rings, in³; 0 has no mark.</summary>
    private static readonly decimal[] Rings = [0, 3.5m, 4.3m];

    public static FillDrill Make(int seed, int level, Edition edition)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(level, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(level, Levels);
        var random = new Random(Seeds.Mixed(seed, level, (int)edition));
        var box = Inside(random, level) with { Edition = edition };
        var pigtails = level == 1 ? 0 : random.Next(1, 4);
        var needed = BoxFill.Evaluate(box.Read(), box.Profile(), box.House()).Needed.Low.CubicInches;
        var tabled = level >= 3 && random.Next(3) == 0 ? Tabled(needed) : null;
        // A ring without a mark adds nothing.
        decimal? ring = level >= WithFittings && random.Next(2) == 0 ? Rings[random.Next(Rings.Length)] : null;
        var mark = Math.Max(6, Math.Round((needed + Near[random.Next(Near.Length)] - (ring ?? 0)) * 4) / 4);
        return new(
            seed,
            level,
            box with
            {
                Kind = tabled?.Id,
                Mark = Volume.Of(mark),
                Parts = ring is { } brings ? [new(null, Volume.Of(brings))] : [],
            },
            pigtails,
            tabled?.Volume?.CubicInches
        );
    }

    private static PlainBox Inside(Random random, int level)
    {
        int[] gauges =
            level < 3 ? [random.Next(2) == 0 ? 14 : 12]
            : level == 3 ? [14, 12]
            : [14, 12, 10];
        var cables = gauges
            .Take(
                level < 3 ? 1
                : level == Levels ? gauges.Length
                : random.Next(2, gauges.Length + 1)
            )
            .Select(g => new PlainCable(random.Next(1, level == 1 ? 3 : 4), Gauge.Awg(g), level > 1 && random.Next(3) == 0 ? 3 : 2))
            .ToList();
        var passes = level == Levels || (level >= 3 && random.Next(2) == 0);
        if (passes)
        {
            cables.Add(new(1, cables[0].Gauge, 2, Form: LeadForm.PassingThrough));
        }

        if (level == Levels || (level >= WithFittings && !passes))
        {
            cables.Add(new(1, cables[0].Gauge, 2, Form: LeadForm.Loop, Length: Length.Inches(random.Next(2) == 0 ? 8 : 14)));
        }

        var luminaire = level >= WithFittings && random.Next(level == Levels ? 5 : 3) == 0;
        return new()
        {
            Cables = cables,
            Clamps = level == 1 || random.Next(3) == 0 ? ClampStyle.Outside : ClampStyle.Internal,
            Studs = luminaire ? 1 : 0,
            Hickeys = luminaire ? random.Next(2) : 0,
            Canopy = luminaire ? [new(random.Next(2, 6), Gauge.Awg(random.Next(3) == 0 ? 14 : 18), Ground: false)] : [],
            Devices = luminaire ? [] : [.. Devices(random, level, gauges)],
        };
    }

    private static IEnumerable<PlainDevice> Devices(Random random, int level, int[] gauges)
    {
        var count = Math.Max(1, level - 2);
        for (var i = 0; i < count; i++)
        {
            var wide = level == Levels && i == 0 && random.Next(3) == 0;
            string kind = random.Next(2) == 0 ? "receptacle" : "switch";
            yield return new(1, wide ? null : kind, wide ? 2 : null, Gauge.Awg(gauges[random.Next(Math.Min(2, gauges.Length))]));
        }
    }

    /// <summary>A box of Table 314.16(A) near what is needed.</summary>
    private static BoxKind? Tabled(decimal needed) =>
        BoxKinds.All.Where(k => k is { Volume: not null, InTable: true }).MinBy(k => Math.Abs(k.Volume!.Value.CubicInches - needed));
}
