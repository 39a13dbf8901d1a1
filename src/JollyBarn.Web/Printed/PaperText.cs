using PdfSharp.Drawing;

namespace JollyBarn.Web.Printed;

/// <summary>How wide text is on paper, by the letters it is printed in, and where its lines break.</summary>
internal static class PaperText
{
    private static readonly ThreadLocal<XGraphics> Measure = new(() =>
        XGraphics.CreateMeasureContext(new XSize(1000, 1000), XGraphicsUnit.Point, XPageDirection.Downwards)
    );

    /// <summary>The letters of text or of figures in a size, points.</summary>
    public static XFont Font(double size, bool bold = false, bool figures = false)
    {
        PaperFonts.Use();
        return new(figures ? PaperFonts.Figures : PaperFonts.Text, size, bold ? XFontStyleEx.Bold : XFontStyleEx.Regular);
    }

    /// <summary>Text broken between words into lines of at most so many points.</summary>
    public static IEnumerable<string> Wrapped(string text, XFont font, double wide)
    {
        var line = "";
        foreach (var word in text.Split(' '))
        {
            var longer = line.Length == 0 ? word : $"{line} {word}";
            if (line.Length > 0 && Wide(longer, font) > wide)
            {
                yield return line;
                longer = word;
            }

            line = longer;
        }

        yield return line;
    }

    /// <summary>Text cut short to so many points, with a mark where something is missing.</summary>
    public static string Short(string text, XFont font, double wide)
    {
        if (Wide(text, font) <= wide)
        {
            return text;
        }

        var most = text.Length - 1;
        while (most > 1 && Wide(text[..most] + "…", font) > wide)
        {
            most--;
        }

        return text[..most] + "…";
    }

    private static double Wide(string text, XFont font) => Measure.Value!.MeasureString(text, font).Width;
}
