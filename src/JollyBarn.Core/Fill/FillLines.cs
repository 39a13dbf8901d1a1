using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>Counts × allowances, line by line, 314.16(B).</summary>
internal static partial class FillLines
{
    /// <summary>A gauge nobody could tell, in a branch-circuit box, is somewhere between 14 and 10.</summary>
    private static readonly (Gauge Thin, Gauge Thick) Guess = (Gauge.Awg(14), Gauge.Awg(10));

    public static IReadOnlyList<FillLine> Count(FillInput input, LimitTable limits, HousePractice practice)
    {
        var lines = new List<FillLine>();
        for (var space = 0; space < input.Shares.Count; space++)
        {
            var here = space;
            var largest = LargestIn(input, here);
            Conductors(lines, input, limits, practice, here);
            Canopy(lines, input, limits, here);
            Clamps(lines, input, limits, practice, here, largest);
            Fittings(lines, input, limits, here, largest);
            Devices(lines, input, limits, here, largest);
            Grounds(lines, input, limits, practice, here);
            Blocks(lines, input, limits, here, largest);
        }

        return lines;
    }

    private static void Conductors(List<FillLine> lines, FillInput input, LimitTable limits, HousePractice practice, int space)
    {
        var longOnes = !practice.Says(PracticeBook.LongLeads, "text");
        foreach (
            var group in input
                .Conductors.Where(c => c.Space == space && c.Count > 0)
                .GroupBy(c => c.Gauge)
                .OrderByDescending(g => g.Key?.Number ?? 99)
        )
        {
            decimal low = 0,
                high = 0;
            foreach (var conductor in group)
            {
                var (least, most) = Times(conductor, limits, longOnes);
                low += least * conductor.Count;
                high += most * conductor.Count;
            }

            var loops = group.Where(c => c.Form == LeadForm.Loop).Sum(c => c.Count);
            var why =
                group.Key is null ? new FillRemark(RemarkCase.GaugeUnknown)
                : loops > 0 ? new FillRemark(RemarkCase.LoopsTwice, loops)
                : (FillRemark?)null;
            lines.Add(
                Line(
                    FillKind.Conductors,
                    low,
                    high,
                    group.Key,
                    limits,
                    limits["fill.conductor"].Article,
                    [.. group.SelectMany(c => c.Ids)],
                    why,
                    space
                )
            );
        }
    }

    /// <summary>Least and most times one conductor counts.</summary>
    private static (decimal Least, decimal Most) Times(FillConductor conductor, LimitTable limits, bool longOnes)
    {
        var (once, twice) = (limits.Number("fill.conductor"), limits.Number("fill.loop"));
        var enough = limits.Inches("fill.loop.length");
        return conductor.Form switch
        {
            LeadForm.Loop => conductor.Length is { } loop ? Same(loop >= enough ? twice : once) : (once, twice),
            LeadForm.Ended when longOnes => Same(conductor.Length is { } lead && lead >= enough ? twice : once),
            _ => Same(once),
        };
    }

    private static (decimal, decimal) Same(decimal count) => (count, count);

    private static void Canopy(List<FillLine> lines, FillInput input, LimitTable limits, int space)
    {
        var leads = input.CanopyLeads.Where(c => c.Space == space && c.Count > 0).ToList();
        if (leads.Count == 0)
        {
            return;
        }

        var under = limits.Number("fill.canopy.under");
        var free = (int)limits.Number("fill.canopy.leads");
        var article = limits["fill.canopy.leads"].Article;
        var omitted = 0;
        foreach (var lead in leads.Where(l => !l.Ground).OrderByDescending(l => l.Gauge?.Number ?? 0))
        {
            var thin = lead.Gauge is { } gauge && gauge.Number > under;
            var left = thin ? Math.Min(lead.Count, free - omitted) : 0;
            omitted += left;
            if (lead.Count > left)
            {
                lines.Add(
                    Line(
                        FillKind.Canopy,
                        lead.Count - left,
                        lead.Count - left,
                        lead.Gauge,
                        limits,
                        limits["fill.conductor"].Article,
                        lead.Ids,
                        new(thin ? RemarkCase.OnlyFourLeftOut : RemarkCase.FourteenCounts),
                        space
                    )
                );
            }
        }

        var grounds = leads.Where(l => l.Ground).Sum(l => l.Count);
        if (omitted + grounds > 0)
        {
            var zero = VolumeSpan.Exactly(Volume.Zero);
            lines.Add(
                new FillLine(
                    FillKind.CanopyLeftOut,
                    0,
                    0,
                    null,
                    zero,
                    zero,
                    article,
                    [.. leads.SelectMany(l => l.Ids)],
                    new(grounds > 0 ? RemarkCase.LeftOutWithGround : RemarkCase.LeftOut, omitted),
                    space
                )
            );
        }
    }

    private static void Clamps(
        List<FillLine> lines,
        FillInput input,
        LimitTable limits,
        HousePractice practice,
        int space,
        GaugeRange? largest
    )
    {
        var clamps =
            input.Flap && practice.Says(PracticeBook.Flap, "yes") ? Maybe.Yes
            : space < input.Clamps.Count ? input.Clamps[space]
            : Maybe.No;
        if (clamps == Maybe.No || largest is null)
        {
            return;
        }

        var flap = input.Flap && (space >= input.Clamps.Count || input.Clamps[space] != Maybe.Yes);
        var count = limits.Number("fill.clamps");
        lines.Add(
            Line(
                flap ? FillKind.Flap : FillKind.Clamps,
                clamps == Maybe.Yes ? count : 0,
                count,
                largest.Value,
                limits,
                flap ? null : limits["fill.clamps"].Article,
                [],
                clamps == Maybe.Unknown ? new(RemarkCase.NobodyLooked) : null,
                space
            )
        );
    }

    private static void Fittings(List<FillLine> lines, FillInput input, LimitTable limits, int space, GaugeRange? largest)
    {
        if (space > 0 || largest is not { } range)
        {
            return;
        }

        foreach (
            var (kind, key, present) in new[] { (FillKind.Stud, "fill.stud", input.Studs), (FillKind.Hickey, "fill.hickey", input.Hickeys) }
        )
        {
            if (present > 0)
            {
                lines.Add(
                    Line(
                        kind,
                        limits.Number(key) * present,
                        limits.Number(key) * present,
                        range,
                        limits,
                        limits[key].Article,
                        [],
                        null,
                        space
                    )
                );
            }
        }
    }

    /// <summary>Largest conductor in a space; null when it holds none.</summary>
    private static GaugeRange? LargestIn(FillInput input, int space) =>
        AllGauges(input, space).ToList() is { Count: > 0 } gauges ? Largest(gauges) : null;

    /// <summary>What may be on a device nothing is known to land on: from 14 AWG to the largest conductor in the space.</summary>
    private static GaugeRange NotKnown(GaugeRange? largest) =>
        largest is not { } range
            ? new GaugeRange(Guess.Thin, Guess.Thick)
            : new GaugeRange(Guess.Thin, range.Thick.ThickerThan(Guess.Thin) ? range.Thick : Guess.Thin);

    private static IEnumerable<Gauge?> AllGauges(FillInput input, int space) =>
        input
            .Conductors.Where(c => c.Space == space && c.Count > 0)
            .Select(c => c.Gauge)
            .Concat(input.Grounds.Where(g => g.Space == space && g.Count > 0).Select(g => g.Gauge))
            .Concat(input.OtherGauges.Select(g => (Gauge?)g));

    private static GaugeRange Largest(IEnumerable<Gauge?> gauges)
    {
        var all = gauges.ToList();
        var known = all.OfType<Gauge>().DefaultIfEmpty(Guess.Thin).Max();
        return all.Any(g => g is null)
            ? new GaugeRange(known.ThickerThan(Guess.Thin) ? known : Guess.Thin, known.ThickerThan(Guess.Thick) ? known : Guess.Thick)
            : new GaugeRange(known, known);
    }

    private static FillLine Line(
        FillKind kind,
        decimal low,
        decimal high,
        Gauge? gauge,
        LimitTable limits,
        string? article,
        IReadOnlyList<string> ids,
        FillRemark? remark,
        int space,
        Called called = default
    ) =>
        Line(
            kind,
            low,
            high,
            gauge is { } known ? new GaugeRange(known, known) : new GaugeRange(Guess.Thin, Guess.Thick),
            limits,
            article,
            ids,
            remark,
            space,
            called
        );

    private static FillLine Line(
        FillKind kind,
        decimal low,
        decimal high,
        GaugeRange gauges,
        LimitTable limits,
        string? article,
        IReadOnlyList<string> ids,
        FillRemark? remark,
        int space,
        Called called = default
    )
    {
        var each = new VolumeSpan(limits.Allowance(gauges.Thin) ?? Volume.Zero, limits.Allowance(gauges.Thick) ?? Volume.Zero);
        return new FillLine(
            kind,
            low,
            high,
            gauges.Thin == gauges.Thick ? gauges.Thin : null,
            each,
            new VolumeSpan(low * each.Low, high * each.High!.Value),
            article,
            ids,
            remark,
            space,
            called
        );
    }

    private readonly record struct GaugeRange(Gauge Thin, Gauge Thick);
}
