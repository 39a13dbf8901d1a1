using System.Globalization;
using System.Security;
using System.Text;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace JollyBarn.Web.Printed;

/// <summary>How a line or outline is drawn: black on white, so that any printer does.</summary>
internal enum Stroke
{
    Plain,
    Heavy,
    Dashed,
}

/// <summary>One sheet of paper: shapes in points, 72 to the inch, from its upper left corner.</summary>
/// <remarks>It is made once and written as PDF and as SVG with the same numbers: what is measured in one is true in the other.</remarks>
/// <param name="title">What the file is called by whoever opens it.</param>
internal sealed class Page(double width, double height, string title)
{
    /// <summary>Points in an inch.</summary>
    public const double Inch = 72;

    private readonly List<Shape> shapes = [];

    public void Line(double x1, double y1, double x2, double y2, Stroke stroke = Stroke.Plain) => shapes.Add(new(x1, y1, x2, y2, stroke));

    public void Box(double x, double y, double wide, double high, Stroke stroke = Stroke.Plain, bool filled = false) =>
        shapes.Add(new(x, y, wide, high, stroke) { Rect = true, Filled = filled });

    /// <summary>A filled patch of ink.</summary>
    public void Ink(double x, double y, double wide, double high) =>
        shapes.Add(new(x, y, wide, high, Stroke.Plain) { Rect = true, Solid = true });

    /// <param name="size">Height of the letters, points.</param>
    /// <param name="figures">In the face of even width.</param>
    public void Text(double x, double y, string text, double size = 9, bool bold = false, bool figures = false) =>
        shapes.Add(
            new(x, y, 0, 0, Stroke.Plain)
            {
                Words = text,
                Size = size,
                Bold = bold,
                Figures = figures,
            }
        );

    /// <summary>A ruler to hold one's own against: whole inches, or centimetres, from its zero.</summary>
    public void Ruler(double x, double y, int inches, bool metric)
    {
        var (unit, count, parts) = metric ? (Inch / 2.54, (int)(inches * 2.54), 10) : (Inch, inches, 8);
        Line(x, y, x + (unit * count), y);
        for (var i = 0; i <= count * parts; i++)
        {
            var at = x + (unit * i / parts);
            Line(
                at,
                y,
                at,
                y
                    - (
                        i % parts == 0 ? 12
                        : i % (parts / 2) == 0 ? 8
                        : 5
                    )
            );
            if (i % parts == 0)
            {
                Text(at + 2, y - 13, (i / parts).ToString(CultureInfo.InvariantCulture), 8);
            }
        }

        Text(x, y + 11, $"Hold a tape to it: {count} {(metric ? "cm" : "in")}. If it is not, print at 100 %, not fitted to the page.", 8);
    }

    public byte[] Pdf() => Pdf(title, [this]);

    /// <summary>Several sheets as one file.</summary>
    public static byte[] Pdf(string title, IEnumerable<Page> pages)
    {
        using var document = new PdfDocument();
        document.Info.Title = title;
        foreach (var page in pages)
        {
            page.Onto(document.AddPage());
        }

        using var file = new MemoryStream();
        document.Save(file);
        return file.ToArray();
    }

    private void Onto(PdfPage page)
    {
        (page.Width, page.Height) = (XUnit.FromPoint(width), XUnit.FromPoint(height));
        using (var g = XGraphics.FromPdfPage(page))
        {
            foreach (var s in shapes)
            {
                var pen = new XPen(XColors.Black, Thick(s.Stroke))
                {
                    DashStyle = s.Stroke == Stroke.Dashed ? XDashStyle.Dash : XDashStyle.Solid,
                };
                if (s.Words is { } words)
                {
                    g.DrawString(words, PaperText.Font(s.Size, s.Bold, s.Figures), XBrushes.Black, s.A, s.B);
                }
                else if (s.Solid)
                {
                    g.DrawRectangle(XBrushes.Black, s.A, s.B, s.C, s.D);
                }
                else if (s.Rect)
                {
                    g.DrawRectangle(pen, s.Filled ? XBrushes.LightGray : null, s.A, s.B, s.C, s.D);
                }
                else
                {
                    g.DrawLine(pen, s.A, s.B, s.C, s.D);
                }
            }
        }
    }

    public string Svg()
    {
        var svg = new StringBuilder()
            .Append(Inv, $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {width} {height}\" ")
            .Append(Inv, $"width=\"{width / Inch}in\" height=\"{height / Inch}in\" role=\"img\">")
            .Append(Inv, $"<title>{SecurityElement.Escape(title)}</title><rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>");
        foreach (var s in shapes)
        {
            var line = string.Create(
                Inv,
                $"stroke=\"#000\" stroke-width=\"{Thick(s.Stroke)}\"{(s.Stroke == Stroke.Dashed ? " stroke-dasharray=\"4 3\"" : "")}"
            );
            if (s.Words is { } words)
            {
                var weight = s.Bold ? " font-weight=\"700\"" : "";
                var face = s.Figures ? "monospace" : "sans-serif";
                svg.Append(Inv, $"<text x=\"{s.A}\" y=\"{s.B}\" font-family=\"{face}\" font-size=\"{s.Size}\"{weight}>");
                svg.Append(SecurityElement.Escape(words)).Append("</text>");
            }
            else if (s.Solid)
            {
                svg.Append(Inv, $"<path d=\"M{s.A:0.##} {s.B:0.##}h{s.C:0.##}v{s.D:0.##}h{-s.C:0.##}z\"/>");
            }
            else if (s.Rect)
            {
                var fill = s.Filled ? "#d3d3d3" : "none";
                svg.Append(Inv, $"<rect x=\"{s.A}\" y=\"{s.B}\" width=\"{s.C}\" height=\"{s.D}\" fill=\"{fill}\" {line}/>");
            }
            else
            {
                svg.Append(Inv, $"<line x1=\"{s.A}\" y1=\"{s.B}\" x2=\"{s.C}\" y2=\"{s.D}\" {line}/>");
            }
        }

        return svg.Append("</svg>").ToString();
    }

    private static double Thick(Stroke stroke) => stroke == Stroke.Heavy ? 1.6 : 0.7;

    private static CultureInfo Inv => CultureInfo.InvariantCulture;

    /// <summary>A line from A, B to C, D; a rectangle at A, B of C by D; or words at A, B.</summary>
    private sealed record Shape(double A, double B, double C, double D, Stroke Stroke)
    {
        public bool Rect { get; init; }

        public bool Filled { get; init; }

        public bool Solid { get; init; }

        public string? Words { get; init; }

        public double Size { get; init; }

        public bool Bold { get; init; }

        public bool Figures { get; init; }
    }
}
