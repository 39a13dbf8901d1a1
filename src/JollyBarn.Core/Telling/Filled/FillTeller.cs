using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Filled;

/// <summary>Turns what fill, crowding and depth say into words.</summary>
public static class FillTeller
{
    public static ToldReport Tell(BoxReport report) =>
        new(
            Tell(report.Fill),
            Tell(report.Crowding),
            [
                .. report.Depth.Select(d => new ToldDepth(
                    FillWords.Of(d.Device, FillKind.Device),
                    d.Needed,
                    d.Depth,
                    d.Passes,
                    d.Article,
                    d.Id
                )),
            ],
            Tell(report.StillFits)
        );

    public static ToldFill Tell(FillAnswer fill) =>
        new(
            fill.Fit,
            fill.Needed,
            fill.Available,
            fill.Left,
            [.. fill.Lines.Select(Tell)],
            [.. fill.Housing.Select(h => new ToldHousing(FillWords.Of(h), h.Volume, FillWords.From(h), h.Estimate, h.Part))],
            fill.Spaces,
            [.. fill.Asks.Select(a => new ToldFillAsk(FillWords.What(a), FillWords.How(a)))],
            [.. fill.Practices.Select(p => new ToldPractice(p.Key, FillWords.Of(p), p.Needed, p.Fit))],
            [.. fill.Printed.Select(p => new ToldPrinted(p.Gauge, p.Printed, p.Computed, FillWords.Of(p)))],
            fill.Estimate
        );

    public static IReadOnlyList<ToldAddition> Tell(IReadOnlyList<Addition> additions) =>
        [.. additions.Select(a => new ToldAddition(a.Id, FillWords.Of(a), a.Fit, a.Adds, a.Left))];

    /// <param name="inVan">Whether all that is new of an option lies in the van; null where no van is known.</param>
    public static ToldInstead Tell(InsteadAnswer answer, Func<InsteadOption, bool>? inVan = null) =>
        new(
            [.. answer.Options.Select(o => Tell(o, inVan?.Invoke(o) == true))],
            answer.NextSmaller is { } smaller ? Tell(smaller, false) : null,
            answer.NextSmaller is { } s ? $"{s.Needed} needed, {s.Available} there: short by {Volume.Zero - s.Left}." : null,
            answer.Searched,
            answer.Incomplete ? "Not everything in the box is recorded yet, so nothing can be promised to hold it." : null
        );

    private static ToldLine Tell(FillLine line) =>
        new(
            line.Kind,
            FillWords.Of(line.Called, line.Kind),
            line.Low,
            line.High,
            line.Gauge,
            line.Each,
            line.Volume,
            line.Article ?? "practice",
            line.Ids,
            line.Remark is { } remark ? FillWords.Of(remark) : null,
            line.Space
        );

    private static ToldCrowd Tell(CrowdAnswer crowd) =>
        new(
            crowd.Crowd,
            crowd.Share,
            crowd.Taken,
            crowd.Room,
            [.. crowd.Lines.Select(l => new ToldCrowdLine(CrowdWords.Name(l), l.Count, l.Room, CrowdWords.How(l), l.Assumes))],
            crowd.Assumptions
        );

    private static ToldOption Tell(InsteadOption o, bool inVan) =>
        new(o.Box, o.Ring, o.Extension, o.Clamps, o.Keeps, o.Opens, o.Needed, o.Available, o.Left, o.Fit, InsteadWords.Of(o), inVan);
}
