using JollyBarn.Telling.Making;

namespace JollyBarn.Web.Printed;

/// <summary>A hand-over on paper: a first sheet with what was done and what was not looked at, then a sheet for each box.</summary>
internal static class HandoverPages
{
    private const double Wide = 8.5 * Page.Inch,
        High = 11 * Page.Inch,
        Margin = 48;

    public static IReadOnlyList<Page> Of(ToldHandover told) => [.. Text(told), .. told.Boxes.Select(b => BoxSheet.Of(b.Card, b.Changed))];

    private static IEnumerable<Page> Text(ToldHandover told)
    {
        Page? page = null;
        var y = High;
        foreach (
            var (says, title) in HandoverLines
                .Of(told)
                .SelectMany(l =>
                    PaperText.Wrapped(l.Says, PaperText.Font(l.Title ? 13 : 10, l.Title), Wide - (2 * Margin)).Select(w => (w, l.Title))
                )
        )
        {
            if (y > High - Margin)
            {
                if (page is not null)
                {
                    yield return page;
                }

                (page, y) = (new Page(Wide, High, told.Change), Margin);
            }

            y += title ? 22 : 13;
            page!.Text(Margin, y, says, title ? 13 : 10, title);
        }

        if (page is not null)
        {
            yield return page;
        }
    }
}
