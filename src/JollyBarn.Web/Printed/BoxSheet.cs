using JollyBarn.Inspection;
using JollyBarn.Telling.Making;

namespace JollyBarn.Web.Printed;

/// <summary>A box on one sheet, black on white: its label, the map of its strands with words on them, what was judged and what was not
/// looked at, and a code with the same.</summary>
internal static class BoxSheet
{
    private const double Wide = 8.5 * Page.Inch,
        High = 11 * Page.Inch,
        Margin = 36,
        Right = Wide - Margin,
        Code = 110,
        MapLeft = Margin + 150,
        MapRight = 330;

    /// <param name="changed">As found beside as left; none where the card stands alone.</param>
    /// <param name="code">True for paper: a phone reads the code off it.</param>
    public static Page Of(ToldBoxCard card, IReadOnlyList<string> changed, bool code = true)
    {
        var page = new Page(Wide, High, card.Name);
        page.Text(Margin, Margin + 12, card.Name, 18, true);
        page.Text(Margin, Margin + 28, string.Join(" · ", new[] { card.Place, card.Kind, card.Fit }.OfType<string>()), 9);
        if (code)
        {
            QrCode.Onto(page, Right - Code, Margin - 6, Code, card.AsText());
        }

        var y = Margin + 46;
        foreach (var line in card.Label.Skip(1))
        {
            page.Text(Margin, y += 13, line, 10, figures: true);
        }

        y = Map(page, card.Map, Math.Max(y + 22, Margin + Code + 8));
        y = Lines(page, "As found, and as left", changed, y);
        y = Lines(page, "Judged", [.. card.Verdicts.Select(Says), $"{card.Holds} more were judged and hold."], y);
        y = Lines(page, "Not looked at: nobody can say", card.NotLooked, y);
        Lines(page, "For the next person", [.. card.Note is null ? [] : new[] { card.Note }, .. card.Said.Select(s => $"Said: {s}")], y);
        page.Text(Margin, High - 24, "Prove it dead before you touch a conductor. Local code and a licensed electrician decide.", 8);
        return page;
    }

    private static string Says(ToldVerdict verdict) =>
        $"{verdict.Verdict switch
        {
            Verdict.Stop => "STOP",
            Verdict.Fix => "FIX",
            Verdict.Better => "better",
            _ => "accepted",
        }}: {verdict.Says} ({verdict.Article}){(verdict.Ruling is { } ruling ? $" {ruling}" : "")}";

    /// <summary>Strands at the left, cable by cable, what they end at at the right, a line between.</summary>
    private static double Map(Page page, IReadOnlyList<ToldStrand> map, double top)
    {
        var groups = map.Select(s => s.Group).Distinct().ToList();
        var rows = map.Count + groups.Count;
        var row = Math.Min(15, Math.Max(9, (High * 0.42) / Math.Max(1, rows)));
        var size = Math.Min(9, row - 2);
        var figures = PaperText.Font(size, figures: true);
        var at = new List<(ToldStrand Strand, double Y)>();
        var y = top;
        foreach (var group in groups)
        {
            page.Text(Margin, y += row, PaperText.Short(group, PaperText.Font(size, true), MapLeft - 4), size, true);
            foreach (var strand in map.Where(s => s.Group == group))
            {
                y += row;
                page.Text(
                    Margin + 10,
                    y,
                    PaperText.Short(strand.Says, figures, MapLeft - Margin - (strand.Length is null ? 14 : 64))
                        + (strand.Length is { } l ? $"  {l}" : ""),
                    size,
                    figures: true
                );
                at.Add((strand, y - 3));
            }
        }

        // What is reached from higher up stands higher.
        var ends = at.GroupBy(a => a.Strand.To).OrderBy(g => g.Average(a => a.Y)).ToList();
        var space = Math.Max(row, (y - top) / Math.Max(1, ends.Count));
        for (var i = 0; i < ends.Count; i++)
        {
            var end = top + (space * (i + 0.5)) + 3;
            page.Box(MapRight, end - 8, Right - MapRight, 13);
            page.Text(MapRight + 4, end + 1, PaperText.Short(ends[i].Key, PaperText.Font(8), Right - MapRight - 8), 8);
            foreach (var (_, from) in ends[i])
            {
                page.Line(MapLeft, from, MapRight, end - 1.5);
            }
        }

        return Math.Max(y, top + (space * ends.Count)) + 10;
    }

    private static double Lines(Page page, string title, IReadOnlyList<string> lines, double y)
    {
        if (lines.Count == 0 || y > High - 60)
        {
            return y;
        }

        page.Text(Margin, y += 15, title, 10, true);
        foreach (var line in lines.SelectMany(l => PaperText.Wrapped(l, PaperText.Font(8.5), Right - Margin - 6)))
        {
            if (y > High - 48)
            {
                page.Text(Margin, y + 10, "More of it is in the record.", 8);
                return High;
            }

            page.Text(Margin + 6, y += 11, line, 8.5);
        }

        return y;
    }
}
