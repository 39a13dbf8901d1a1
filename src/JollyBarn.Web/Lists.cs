using System.Globalization;
using CsvHelper;

namespace JollyBarn.Web;

/// <summary>Lists as CSV files.</summary>
internal static class Lists
{
    /// <summary>Rows as a file of UTF-8 with a mark in front, so that spreadsheets read it; a field that would be taken for a formula is
    /// escaped.</summary>
    public static IResult Csv(string name, IEnumerable<string[]> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (
            var csv = new CsvWriter(
                text,
                new CsvHelper.Configuration.CsvConfiguration(CultureInfo.InvariantCulture)
                {
                    NewLine = "\r\n",
                    // Also a bare line feed, which is no line end of this file: what follows it must not stand at the head of a row.
                    ShouldQuote = field =>
                        field.Field.AsSpan().ContainsAny('\r', '\n') || CsvHelper.Configuration.ConfigurationFunctions.ShouldQuote(field),
                    InjectionOptions = CsvHelper.Configuration.InjectionOptions.Escape,
                }
            )
        )
        {
            foreach (var row in rows)
            {
                foreach (var field in row)
                {
                    csv.WriteField(field);
                }

                csv.NextRecord();
            }
        }

        return Results.File([0xEF, 0xBB, 0xBF, .. System.Text.Encoding.UTF8.GetBytes(text.ToString())], "text/csv", name);
    }

    public static string FileName(string name, string ending) =>
        $"{string.Concat(name.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-')).Trim('-')}.{ending}";
}
