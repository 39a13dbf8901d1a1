using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Says what van and shop have of parts; null takes a line away, and the shop's own holds again.</summary>
/// <param name="Lines">By part, as <c>box.nm-1g-18</c>.</param>
public sealed record PutStock(IReadOnlyDictionary<string, StockLine?> Lines) : Edit
{
    private const int Most = 2000;
    private const decimal MostCount = 100_000;

    public override Refusal? Check(Job job) =>
        Lines.Count is 0 or > Most
            ? new Refusal(Why.StockLines, "lines", ("most", Most))
            : Lines.Select(l => Bad(l.Key, l.Value)).FirstOrDefault(r => r is not null);

    public override Job Apply(Job job) =>
        job with
        {
            Stock = Lines.Aggregate(job.Stock, (all, l) => l.Value is { } line ? all.With(l.Key, line) : all.Without(l.Key)),
        };

    private static Refusal? Bad(string part, StockLine? line) =>
        PartId.Read(part) is null || part.Length > 100 ? new(Why.StockPart, "lines", ("part", Ids.Shown(part)))
        : line is null ? null
        : line.Pack is not (> 0 and <= MostCount)
        || ((decimal[])[line.Van, line.Shop ?? 0, line.Price ?? 0, .. line.Pieces]).Any(n => n is not (>= 0 and <= MostCount))
        || line.Pieces.Count > 200
            ? new(Why.StockAmount, "lines", ("part", Ids.Shown(part)), ("most", MostCount))
        : null;
}
