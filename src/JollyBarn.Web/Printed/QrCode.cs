using QRCoder;

namespace JollyBarn.Web.Printed;

/// <summary>A code a phone reads, ISO/IEC 18004, level M: a sixth of it may be dirty.</summary>
internal static class QrCode
{
    /// <summary>Draws it, as large as asked, its quiet zone inside.</summary>
    /// <param name="size">Points.</param>
    public static void Onto(Page page, double x, double y, double size, string text)
    {
        using var maker = new QRCodeGenerator();
        using var code = maker.CreateQrCode(text, QRCodeGenerator.ECCLevel.M, forceUtf8: true);
        var rows = code.ModuleMatrix;
        var one = size / rows.Count;
        for (var row = 0; row < rows.Count; row++)
        {
            for (var from = 0; from < rows.Count; from++)
            {
                var to = from;
                while (to < rows.Count && rows[row][to])
                {
                    to++;
                }

                if (to > from)
                {
                    page.Ink(x + (from * one), y + (row * one), (to - from) * one, one);
                }

                from = to;
            }
        }
    }

    /// <summary>The code as a path of an SVG, a unit a square, its quiet zone inside.</summary>
    /// <returns>The path, and how many squares the code is wide and high.</returns>
    public static (string Path, int Size) Path(string text)
    {
        using var maker = new QRCodeGenerator();
        using var code = maker.CreateQrCode(text, QRCodeGenerator.ECCLevel.M, forceUtf8: true);
        var rows = code.ModuleMatrix;
        var path = new System.Text.StringBuilder();
        for (var y = 0; y < rows.Count; y++)
        {
            for (var x = 0; x < rows.Count; x++)
            {
                if (rows[y][x])
                {
                    path.Append(System.Globalization.CultureInfo.InvariantCulture, $"M{x} {y}h1v1h-1z");
                }
            }
        }

        return (path.ToString(), rows.Count);
    }

    /// <summary>The code for a terminal: two rows of squares to a line.</summary>
    public static string Lines(string text)
    {
        using var maker = new QRCodeGenerator();
        using var code = maker.CreateQrCode(text, QRCodeGenerator.ECCLevel.M, forceUtf8: true);
        var rows = code.ModuleMatrix;
        bool At(int y, int x) => y < rows.Count && rows[y][x];
        var lines = Enumerable
            .Range(0, (rows.Count + 1) / 2)
            .Select(line =>
                string.Concat(
                    Enumerable
                        .Range(0, rows.Count)
                        .Select(x =>
                            (At(2 * line, x), At((2 * line) + 1, x)) switch
                            {
                                (true, true) => ' ',
                                (true, false) => '▄',
                                (false, true) => '▀',
                                _ => '█',
                            }
                        )
                )
            );
        return string.Join('\n', lines);
    }

    /// <summary>A label for the inside of a plate: the code alone, an inch and a half wide.</summary>
    public static Page Label(string name, string text)
    {
        const double size = 1.5 * Page.Inch;
        var page = new Page(size, size + 14, name);
        Onto(page, 0, 0, size, text);
        page.Text(6, size + 8, name.Length > 28 ? name[..28] : name, 7, true);
        return page;
    }
}
