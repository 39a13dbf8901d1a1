using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Practice;

/// <summary>What somebody who counts wrongly may have done.</summary>
public enum Misstep
{
    PigtailsCounted,
    PassedTwice,
    LoopOnce,
    ShortLoopTwice,
    GroundsAsConductors,
    CablesCounted,
    CableMissed,
    ConductorsByOtherGauge,
    Rounded,
    CanopyCounted,
    CanopyForgotten,
    ClampEach,
    ClampForgotten,
    ClampOutsideCounted,
    ClampByThin,
    FittingForgotten,
    FittingByThin,
    DeviceOnce,
    DeviceForgotten,
    DeviceByThin,
    DeviceByThick,
    GangsOnce,
    GroundsEach,
    GroundsForgotten,
    GroundsOfOtherEdition,
    GroundsByThin,
    GroundsQuartered,

    /// <summary>The lines are right, their sum is not.</summary>
    SumWrong,

    /// <summary>The table's volume taken where the box is marked.</summary>
    TableForMark,
    RingForgotten,

    /// <summary>Exactly full was taken for too full, or for room to spare.</summary>
    FullForOver,

    /// <summary>The wrong way round.</summary>
    OverForFits,
}

/// <summary>What each misstep makes of a line; nothing where it changes nothing there.</summary>
public static class Missteps
{
    private delegate LineCount? Wrong(FillDrill drill, FillRow row, LineCount right);

    private static readonly Dictionary<Misstep, (FillKind[] Of, Wrong Does)> OfLines = new()
    {
        [Misstep.PigtailsCounted] = ([FillKind.Conductors], (d, row, right) =>
            row.Gauge == d.Gauges[^1] ? right with { Count = right.Count + d.Pigtails } : null
        ),
        [Misstep.PassedTwice] = ([FillKind.Conductors], (d, row, right) => More(right, In(d, row, c => c.Form == LeadForm.PassingThrough))),
        [Misstep.LoopOnce] = ([FillKind.Conductors], (d, row, right) => More(right, -In(d, row, c => Loop(d, c, true)))),
        [Misstep.ShortLoopTwice] = ([FillKind.Conductors], (d, row, right) => More(right, In(d, row, c => Loop(d, c, false)))),
        [Misstep.GroundsAsConductors] = ([FillKind.Conductors], (d, row, right) =>
            More(right, d.Box.Cables.Where(c => c.Gauge.Number == row.Gauge).Sum(c => c.Count * c.Grounds))
        ),
        [Misstep.CablesCounted] = ([FillKind.Conductors], (d, row, right) =>
            right with
            {
                Count = d.Box.Cables.Where(c => c.Gauge.Number == row.Gauge).Sum(c => c.Count),
            }
        ),
        [Misstep.CableMissed] = ([FillKind.Conductors], (d, row, right) =>
            More(right, -d.Box.Cables.First(c => c.Gauge.Number == row.Gauge).Conductors)
        ),
        [Misstep.ConductorsByOtherGauge] = ([FillKind.Conductors], (d, row, right) =>
            d.Gauges.Where(g => g != row.Gauge).Select(g => (LineCount?)(right with { Each = d.Allowance(g) })).FirstOrDefault()
        ),
        [Misstep.Rounded] = ([FillKind.Conductors, FillKind.Clamps, FillKind.Device, FillKind.Grounds], (_, _, right) =>
            right with
            {
                Each = Math.Round(right.Each, 1, MidpointRounding.AwayFromZero),
            }
        ),
        [Misstep.CanopyCounted] = ([FillKind.Canopy], (d, _, _) => new(d.Box.Canopy[0].Count, d.Allowance(d.Box.Canopy[0].Gauge.Number))),
        [Misstep.CanopyForgotten] = ([FillKind.Canopy], Forgotten),
        [Misstep.ClampEach] = ([FillKind.Clamps], (d, _, right) =>
            right.Count > 0 ? right with { Count = d.Box.Cables.Sum(c => c.Count) } : null
        ),
        [Misstep.ClampForgotten] = ([FillKind.Clamps], Forgotten),
        [Misstep.ClampOutsideCounted] = ([FillKind.Clamps], (d, _, right) => right.Count == 0 ? new(1, d.Allowance(d.Gauges[^1])) : null),
        [Misstep.ClampByThin] = ([FillKind.Clamps], Thin),
        [Misstep.FittingForgotten] = ([FillKind.Stud, FillKind.Hickey], Forgotten),
        [Misstep.FittingByThin] = ([FillKind.Stud, FillKind.Hickey], Thin),
        [Misstep.DeviceOnce] = ([FillKind.Device], (d, row, right) =>
            d.Box.Devices[row.Device].Gangs > 1 ? null : right with { Count = right.Count / 2 }
        ),
        [Misstep.DeviceForgotten] = ([FillKind.Device], Forgotten),
        [Misstep.DeviceByThin] = ([FillKind.Device], Thin),
        [Misstep.DeviceByThick] = ([FillKind.Device], (d, _, right) => right with { Each = d.Allowance(d.Gauges[^1]) }),
        [Misstep.GangsOnce] = ([FillKind.Device], (d, row, right) =>
            d.Box.Devices[row.Device].Gangs > 1 ? right with { Count = d.Limits.Number("fill.device") } : null
        ),
        [Misstep.GroundsEach] = ([FillKind.Grounds], (d, _, right) => right with { Count = Grounds(d) }),
        [Misstep.GroundsForgotten] = ([FillKind.Grounds], Forgotten),
        [Misstep.GroundsOfOtherEdition] = ([FillKind.Grounds], (d, row, _) => Other(d).Right(row)),
        [Misstep.GroundsByThin] = ([FillKind.Grounds], Thin),
        [Misstep.GroundsQuartered] = ([FillKind.Grounds], (d, _, right) => Grounds(d) < 4 ? right with { Count = Grounds(d) / 4m } : null),
    };

    /// <summary>What a misstep makes of a line, or null where it changes nothing.</summary>
    public static LineCount? Of(Misstep misstep, FillDrill drill, FillRow row)
    {
        ArgumentNullException.ThrowIfNull(drill);
        var right = drill.Right(row);
        return
            OfLines.TryGetValue(misstep, out var line)
            && line.Of.Contains(row.Kind)
            && line.Does(drill, row, right) is { } wrong
            && !wrong.Same(right)
            ? wrong
            : null;
    }

    /// <summary>Missteps that lead to a line so counted; none where nobody can tell.</summary>
    public static IReadOnlyList<Misstep> Behind(FillDrill drill, FillRow row, LineCount tried) =>
        [.. OfLines.Keys.Where(m => Of(m, drill, row) is { } wrong && wrong.Same(tried))];

    private static LineCount? More(LineCount right, decimal more) => more == 0 ? null : right with { Count = right.Count + more };

    private static LineCount? Forgotten(FillDrill drill, FillRow row, LineCount right) => right.Count > 0 ? new(0, 0) : null;

    private static LineCount? Thin(FillDrill drill, FillRow row, LineCount right) =>
        right.Count > 0 ? right with { Each = drill.Allowance(drill.Gauges[0]) } : null;

    private static decimal In(FillDrill drill, FillRow row, Func<PlainCable, bool> which) =>
        drill.Box.Cables.Where(c => c.Gauge.Number == row.Gauge && which(c)).Sum(c => c.Count * c.Conductors);

    private static bool Loop(FillDrill drill, PlainCable cable, bool enough) =>
        cable.Form == LeadForm.Loop && cable.Length >= drill.Limits.Inches("fill.loop.length") == enough;

    private static int Grounds(FillDrill drill) => drill.Box.Cables.Sum(c => c.Count * c.Grounds);

    /// <summary>The same box by the rule of grounds it is not judged by.</summary>
    private static FillDrill Other(FillDrill drill) =>
        new(
            drill.Seed,
            drill.Level,
            drill.Box with
            {
                Edition = drill.Box.Edition == Edition.Nec2017 ? Edition.Nec2023 : Edition.Nec2017,
            },
            drill.Pigtails,
            drill.TableVolume
        );
}
