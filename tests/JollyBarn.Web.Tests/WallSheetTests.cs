using System.Net;
using System.Text.RegularExpressions;
using JollyBarn.OpenFile;
using JollyBarn.Testing;
using PdfSharp.Pdf.Content;
using PdfSharp.Pdf.Content.Objects;
using PdfSharp.Pdf.IO;

namespace JollyBarn.Web.Tests;

/// <summary>What is printed of a wall is measured in the file's own units: a point is 1/72 in (ISO 32000, 8.3.2.3).</summary>
public sealed partial class WallSheetTests(Running running) : IClassFixture<Running>
{
    private const string Wall = "walls/type-porch";

    /// <summary>The demo's box by the door is 2¼ × 3½ in: its hole 2⅜ × 3⅝, 171 by 261 points; the plate 2¾ × 4½, 198 by 324.</summary>
    [Fact]
    public async Task A_template_is_as_large_as_its_hole()
    {
        var areas = Rectangles(await Pdf($"{Wall}/boxes/type-door/template.pdf"));
        Assert.Contains((171.0, 261.0), areas);
        Assert.Contains((198.0, 324.0), areas);
    }

    /// <summary>The ruler beside it is seven inches, or 17 cm, whichever the reader's tape has.</summary>
    [Theory]
    [InlineData(false, 7 * 72.0)]
    [InlineData(true, 17 * 72 / 2.54)]
    public async Task Its_ruler_is_as_long_as_it_says(bool metric, double points)
    {
        var svg = await running.Client.GetStringAsync(await At($"{Wall}/boxes/type-door/template.svg?metric={metric}"), Ct);
        var lines = LineOf().Matches(svg).Select(m => Number(m, 3) - Number(m, 1));
        Assert.Contains(lines, l => Math.Abs(l - points) < 0.01);
        Assert.Contains(metric ? "17 cm" : "7 in", svg);
    }

    /// <summary>The wall is 120 in by 96; on the sheet the two keep their ratio, and the door's 32 by 80 in the same scale.</summary>
    [Fact]
    public async Task A_wall_is_to_scale()
    {
        var areas = Rectangles(await Pdf($"{Wall}/sheet.pdf"));
        var (wide, high) = areas.Where(a => a.Wide < 700).MaxBy(a => a.Wide * a.High);
        Assert.Equal(120.0 / 96, wide / high, 3);
        var scale = wide / 120;
        Assert.Contains(areas, a => Math.Abs(a.Wide - (32 * scale)) < 0.01 && Math.Abs(a.High - (80 * scale)) < 0.01);
    }

    [Theory]
    [InlineData("walls/nowhere/sheet.pdf")]
    [InlineData($"{Wall}/boxes/nothing/template.svg")]
    [InlineData($"{Wall}/sheet.doc")]
    public async Task What_is_not_there_is_said(string address)
    {
        using var reply = await running.Client.GetAsync(await At(address), Ct);
        Assert.True(reply.StatusCode is HttpStatusCode.NotFound or HttpStatusCode.UnprocessableEntity);
        Assert.Equal("application/problem+json", reply.Content.Headers.ContentType?.MediaType);
    }

    private async Task<byte[]> Pdf(string address) => await running.Client.GetByteArrayAsync(await At(address), Ct);

    /// <summary>An address within the demo, which is taken in once.</summary>
    private async Task<Uri> At(string address)
    {
        demo ??= await running.MakeAsync(JobFiles.Shipped(await File.ReadAllBytesAsync(Demo, Ct)).Present);
        return new($"/api/jobs/{demo}/{address}", UriKind.Relative);
    }

    private static readonly string Demo = Path.Combine(Checkout.Root, "demo", "ferry-keepers-house.json");

    private string? demo;

    /// <summary>Every rectangle the file draws, width by height, points, as its content stream says.</summary>
    private static List<(double Wide, double High)> Rectangles(byte[] file)
    {
        using var document = PdfReader.Open(new MemoryStream(file), PdfDocumentOpenMode.Import);
        return
        [
            .. ContentReader
                .ReadContent(document.Pages[0])
                .OfType<COperator>()
                .Where(o => o.OpCode.OpCodeName == OpCodeName.re)
                .Select(o => (Math.Abs(Round(o, 2)), Math.Abs(Round(o, 3)))),
        ];
    }

    private static double Round(COperator o, int operand) =>
        Math.Round(
            o.Operands[operand] switch
            {
                CReal real => real.Value,
                CInteger whole => whole.Value,
                var other => throw new InvalidOperationException($"{other} is no number."),
            },
            2
        );

    private static double Number(Match match, int group) =>
        double.Parse(match.Groups[group].Value, System.Globalization.CultureInfo.InvariantCulture);

    [GeneratedRegex("<line x1=\"([^\"]*)\" y1=\"([^\"]*)\" x2=\"([^\"]*)\"")]
    private static partial Regex LineOf();

    private static CancellationToken Ct => TestContext.Current.CancellationToken;
}
