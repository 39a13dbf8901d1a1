using System.Globalization;
using CsvHelper;
using JollyBarn.Edits;
using JollyBarn.Telling.Ways;
using JollyBarn.Terms;
using JollyBarn.Web.Endpoints;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>Stock as CSV, out and in: part, name, van, shop, price, pack, pieces. An empty shop is as many as are wanted.</summary>
internal static class StockCsv
{
    private static readonly string[] Head = ["part", "name", "van", "shop", "price", "pack", "pieces"];

    public static IEnumerable<string[]> Rows(IEnumerable<StockView> stock) =>
        stock
            .Select(s =>
                (string[])
                    [
                        s.Part,
                        s.Name,
                        Text(s.Line.Van),
                        s.Line.Shop is { } shop ? Text(shop) : "",
                        s.Line.Price is { } price ? Text(price) : "",
                        Text(s.Line.Pack),
                        string.Join(' ', s.Line.Pieces.Select(Text)),
                    ]
            )
            .Prepend(Head);

    /// <summary>A shopping list: part, name, needed, in the van, to buy, price.</summary>
    public static IEnumerable<string[]> Rows(ToldShopping list) =>
        list
            .Parts.Select(p => (string[])[p.Part, p.Name, Text(p.Count), Text(p.Van), Text(p.Buy), Text(p.Price)])
            .Prepend(["part", "name", "needed", "van", "buy", "price"]);

    /// <summary>Done work: the Change, work or part, its id and name, how many of what, the price of one and of all, $.</summary>
    public static IEnumerable<string[]> Rows(Change change, IEnumerable<DoneLine> lines) =>
        lines
            .Select(l =>
                (string[])[change.Name, l.Work ? "work" : "part", l.Key, l.Name, Text(l.Count), l.Unit, Text(l.Each), Text(l.Amount)]
            )
            .Prepend(["change", "kind", "item", "name", "count", "unit", "each", "amount"]);

    /// <summary>The edit that records it, or what does not read.</summary>
    public static (PutStock? Edit, Refusal? Refusal) Read(string text)
    {
        using var csv = new CsvReader(
            new StringReader(text.TrimStart('\uFEFF')),
            new CsvHelper.Configuration.CsvConfiguration(CultureInfo.InvariantCulture)
            {
                BadDataFound = null,
                MissingFieldFound = null,
                PrepareHeaderForMatch = h => h.Header.Trim().ToLowerInvariant(),
            }
        );
        if (
            !csv.Read()
            || !csv.ReadHeader()
            || csv.HeaderRecord?.Any(h => h.Trim().Equals("part", StringComparison.OrdinalIgnoreCase)) != true
        )
        {
            return (null, new(Why.CsvColumns, "part"));
        }

        var lines = new Dictionary<string, StockLine?>(StringComparer.Ordinal);
        while (csv.Read())
        {
            var row = csv.Parser.Row;
            var part = csv.GetField("part")?.Trim() ?? "";
            if (part.Length == 0)
            {
                continue;
            }

            if (PartId.Read(part) is null)
            {
                return (null, new(Why.StockPart, "part", ("part", Ids.Shown(part))));
            }

            var bad = new List<string>();
            decimal? Number(string? field)
            {
                if (string.IsNullOrWhiteSpace(field))
                {
                    return null;
                }

                if (
                    decimal.TryParse(
                        field,
                        NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingWhite | NumberStyles.AllowTrailingWhite,
                        CultureInfo.InvariantCulture,
                        out var value
                    )
                )
                {
                    return value;
                }

                bad.Add(field);
                return null;
            }

            var pieces = (csv.GetField("pieces") ?? "")
                .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
                .Select(Number)
                .OfType<decimal>()
                .ToList();
            lines[part] = new(
                Number(csv.GetField("van")) ?? 0,
                Number(csv.GetField("shop")),
                Number(csv.GetField("price")),
                Number(csv.GetField("pack")) ?? 1
            )
            {
                Pieces = pieces,
            };
            if (bad.Count > 0)
            {
                return (null, new(Why.CsvNumber, "line", ("line", row), ("text", Ids.Shown(bad[0]))));
            }
        }

        return lines.Count == 0 ? (null, new(Why.CsvColumns, "part")) : (new(lines), null);
    }

    private static string Text(decimal number) => number.ToString("0.###", CultureInfo.InvariantCulture);
}
