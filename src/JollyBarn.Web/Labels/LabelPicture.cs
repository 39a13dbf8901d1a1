using System.Globalization;
using System.Security;
using System.Text;

namespace JollyBarn.Web.Labels;

/// <summary>A label as a picture: black on white tape, one line under another, as long as its longest line.</summary>
/// <param name="WidthMm">Length of tape it takes, mm.</param>
/// <param name="HeightMm">Width of the tape, mm.</param>
internal sealed record LabelPicture(string Svg, double WidthMm, double HeightMm)
{
    /// <summary>Height of a letter's line, and room round the lines, mm.</summary>
    private const double Line = 3.6,
        Edge = 2;

    /// <summary>How wide a letter of a monospaced face is, as a share of its height.</summary>
    private const double Letter = 0.6,
        Face = 2.9;

    /// <summary>Tapes there are, mm wide (common sizes).</summary>
    private static readonly double[] Tapes = [9, 12, 18, 24, 36];

    public static LabelPicture Of(IReadOnlyList<string> lines)
    {
        var needed = (lines.Count * Line) + (2 * Edge);
        var height = Tapes.FirstOrDefault(t => t >= needed, needed);
        var width = Math.Ceiling((lines.Max(l => l.Length) * Letter * Face) + (2 * Edge) + 1);
        var top = (height - (lines.Count * Line)) / 2;
        var svg = new StringBuilder()
            .Append(Inv, $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {width} {height}\" ")
            .Append(Inv, $"width=\"{width}mm\" height=\"{height}mm\" role=\"img\">")
            .Append(Inv, $"<title>{SecurityElement.Escape(string.Join("; ", lines))}</title>")
            .Append(Inv, $"<rect width=\"{width}\" height=\"{height}\" rx=\"1\" fill=\"#fff\" stroke=\"#1f252c\" stroke-width=\"0.2\"/>");
        for (var i = 0; i < lines.Count; i++)
        {
            var weight = i == 0 ? " font-weight=\"700\"" : "";
            svg.Append(
                Inv,
                $"<text x=\"{Edge}\" y=\"{top + (i * Line) + Face}\" font-family=\"monospace\" font-size=\"{Face}\"{weight} fill=\"#000\">"
            );
            svg.Append(SecurityElement.Escape(lines[i])).Append("</text>");
        }

        return new(svg.Append("</svg>").ToString(), width, height);
    }

    private static CultureInfo Inv => CultureInfo.InvariantCulture;
}
