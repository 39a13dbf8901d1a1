using JollyBarn.CodeBook;

namespace JollyBarn.Fill;

/// <content>Devices, grounds and terminal blocks.</content>
internal static partial class FillLines
{
    private static void Devices(List<FillLine> lines, FillInput input, LimitTable limits, int space, GaugeRange? largest)
    {
        foreach (var device in input.Devices.Where(d => d.Space == space))
        {
            var range =
                device.OtherGauge ? Largest([device.Gauge, null])
                : device.Gauge is { } gauge ? new GaugeRange(gauge, gauge)
                : NotKnown(largest);
            var count = limits.Number("fill.device") * device.Gangs;
            lines.Add(
                Line(
                    FillKind.Device,
                    count,
                    count,
                    range,
                    limits,
                    limits["fill.device"].Article,
                    device.Ids,
                    device.OtherGauge ? new FillRemark(RemarkCase.GaugeOnIt)
                        : device.Gauge is null ? new FillRemark(RemarkCase.NothingLands)
                        : device.Gangs > 1 ? new FillRemark(RemarkCase.GangsWide, device.Gangs)
                        : null,
                    space,
                    device.Called
                )
            );
        }
    }

    private static void Grounds(List<FillLine> lines, FillInput input, LimitTable limits, HousePractice practice, int space)
    {
        var here = input.Grounds.Where(g => g.Space == space && g.Count > 0).ToList();
        var quarter = limits.Has("fill.ground.first");
        // Counted one by one: two groups alike are still two groups.
        var isolated = here.Where(g => !quarter && g.Isolated).ToList();
        var plain = here.Where(g => quarter || !g.Isolated).ToList();
        var counted = quarter ? [.. plain.Where(g => g.Entering)] : plain;
        if (counted.Any(g => g.Entering) || (!quarter && counted.Count > 0))
        {
            var twice = practice.Says(PracticeBook.LongLeads, "everyAndGrounds");
            var entering = counted
                .Where(g => g.Entering)
                .Sum(g => g.Count * (twice && g.Length is { } length && length >= limits.Inches("fill.loop.length") ? 2 : 1));
            var count = GroundCount(limits, entering);
            var why =
                quarter && entering > limits.Number("fill.ground.first")
                    ? new FillRemark(
                        RemarkCase.GroundsByParts,
                        entering,
                        limits.Number("fill.ground"),
                        limits.Number("fill.ground.further")
                    )
                    : new FillRemark(RemarkCase.GroundsTogether, entering);
            lines.Add(
                Line(
                    FillKind.Grounds,
                    count,
                    count,
                    Largest(counted.Select(g => g.Gauge)),
                    limits,
                    limits["fill.ground"].Article,
                    [.. counted.SelectMany(g => g.Ids)],
                    why,
                    space
                )
            );
        }

        if (isolated.Count > 0)
        {
            var count = limits.Number("fill.ground.isolated");
            lines.Add(
                Line(
                    FillKind.IsolatedGrounds,
                    count,
                    count,
                    Largest(isolated.Select(g => g.Gauge)),
                    limits,
                    limits["fill.ground.isolated"].Article,
                    [.. isolated.SelectMany(g => g.Ids)],
                    new(RemarkCase.OwnSet),
                    space
                )
            );
        }
    }

    /// <summary>Allowances that so many grounds take: 2020 on, four count one and each further a quarter; 2017, all count one.</summary>
    private static decimal GroundCount(LimitTable limits, int grounds) =>
        grounds == 0 && limits.Has("fill.ground.first")
            ? 0
            : limits.Number("fill.ground")
                + (
                    limits.Has("fill.ground.first")
                        ? Math.Max(0, grounds - limits.Number("fill.ground.first")) * limits.Number("fill.ground.further")
                        : 0
                );

    private static void Blocks(List<FillLine> lines, FillInput input, LimitTable limits, int space, GaugeRange? largest)
    {
        if (!limits.Has("fill.block"))
        {
            return;
        }

        foreach (var block in input.Blocks.Where(b => b.Space == space))
        {
            var range = block.Gauge is { } gauge ? new GaugeRange(gauge, gauge) : NotKnown(largest);
            lines.Add(
                Line(
                    FillKind.Block,
                    limits.Number("fill.block"),
                    limits.Number("fill.block"),
                    range,
                    limits,
                    limits["fill.block"].Article,
                    block.Ids,
                    null,
                    space,
                    block.Called
                )
            );
        }
    }
}
