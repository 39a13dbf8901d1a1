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
