using PdfSharp.Fonts;

namespace JollyBarn.Web.Printed;

/// <summary>The letters of paper: one very legible family for text, one of even width for figures. They lack ⅛ ⅜ ⅝ ⅞: lengths are printed
/// as 3/8.</summary>
internal sealed class PaperFonts : IFontResolver
{
    public const string Text = "Text";
    public const string Figures = "Figures";

    private static readonly Lock Once = new();

    /// <summary>Makes them known to the writer of PDF, once.</summary>
    public static void Use()
    {
        lock (Once)
        {
            GlobalFontSettings.FontResolver ??= new PaperFonts();
        }
    }

    public FontResolverInfo ResolveTypeface(string familyName, bool isBold, bool isItalic) =>
        new($"AtkinsonHyperlegible{(familyName == Figures ? "Mono" : "Next")}_{(isBold ? "700Bold" : "400Regular")}.ttf");

    public byte[] GetFont(string faceName)
    {
        using var stream = typeof(PaperFonts).Assembly.GetManifestResourceStream(faceName)
            ?? throw new InvalidOperationException($"{faceName} is not here.");
        using var bytes = new MemoryStream();
        stream.CopyTo(bytes);
        return bytes.ToArray();
    }
}
