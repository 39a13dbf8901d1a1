using System.Diagnostics;
using System.Text;
using System.Text.RegularExpressions;
using JollyBarn.Making;
using JollyBarn.OpenFile;
using JollyBarn.Telling.Making;
using JollyBarn.Testing;
using JollyBarn.Web.Printed;
using JollyBarn.Wiring;
using PdfSharp.Pdf;
using PdfSharp.Pdf.IO;
using ZXing;
using ZXing.Common;

namespace JollyBarn.Web.Tests;

/// <summary>What is handed over, read back by programs that are not ours: the calendar by Ical.Net and ical.js, the code by ZXing, the PDF
/// by its reader.</summary>
public sealed partial class HandoverTests(Running running) : IClassFixture<Running>
{
    private const string Start = "2026-12-02T08:00:00+01:00";

    private static readonly Job Demo = JobFiles
        .Shipped(File.ReadAllBytes(Path.Combine(Checkout.Root, "demo", "ferry-keepers-house.json")))
        .Present;

    private string? id;

    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    private async Task<Uri> At(string path) => new($"/api/jobs/{id ??= await running.MakeAsync(Demo)}/{path}", UriKind.Relative);

    private async Task<string> Get(string path) => await running.Client.GetStringAsync(await At(path), Ct);

    private static readonly DateTimeOffset Begins = DateTimeOffset.Parse(Start, System.Globalization.CultureInfo.InvariantCulture);

    private static readonly ToldOutage Told = ToldOutage.Tell(Demo, Outage.Of(Demo, 2, "", Start), 2, Begins);

    private static string Calendar => $"outage.ics?start={Uri.EscapeDataString(Start)}&hands=2";

    [Fact]
    public async Task The_calendar_says_when_what_is_off()
    {
        var calendar = Ical.Net.Calendar.Load(await Get(Calendar))!;
        Assert.True(Told.Dark.Count > 1);
        Assert.Equal(Told.Dark.Count + Told.Slots.Count, calendar.Events.Count);
        Assert.Equal(Begins.UtcDateTime, calendar.Events.Min(e => e.DtStart!.AsUtc));
        Assert.Equal(calendar.Events.Count, calendar.Events.Select(e => e.Uid).Distinct().Count());
    }

    [Fact]
    public async Task The_calendar_reads_in_another_reader()
    {
        var file = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid():n}.ics");
        await File.WriteAllTextAsync(file, await Get(Calendar), Ct);
        var reader = new Uri(Path.Combine(Checkout.Root, "src/web/node_modules/ical.js/dist/ical.js")).AbsoluteUri;
        var script =
            $"import ICAL from '{reader}';import fs from 'node:fs';"
            + $"const c=new ICAL.Component(ICAL.parse(fs.readFileSync('{file}','utf8')));"
            + "const all=c.getAllSubcomponents('vevent').map(e=>new ICAL.Event(e));"
            + "console.log(all.map(e=>e.summary+'|'+e.startDate.toJSDate().toISOString()).join('|'))";
        using var node = Process.Start(
            new ProcessStartInfo("node", ["--input-type=module", "-e", script]) { RedirectStandardOutput = true }
        )!;
        var read = await node.StandardOutput.ReadToEndAsync(Ct);
        await node.WaitForExitAsync(Ct);
        Assert.All(Told.Dark, d => Assert.Contains($"{d.Breaker} off|{Utc(d.From)}.000Z", read, StringComparison.Ordinal));
    }

    /// <summary>The code of every card of the demo reads as the card's own text, at most 800 bytes.</summary>
    [Theory]
    [InlineData("press-left")]
    [InlineData("type-door")]
    [InlineData("east-bed")]
    public async Task The_code_reads_as_the_cards_text(string box)
    {
        var card = ToldBoxCard.Tell(Demo, box);
        var text = card.AsText();
        Assert.InRange(Encoding.UTF8.GetByteCount(text), 10, ToldBoxCard.MostBytes);
        Assert.Equal(text, Read(await Get($"boxes/{box}/card.qr")));
    }

    [Fact]
    public async Task A_pdf_has_a_sheet_for_each_box_and_our_letters_in_it()
    {
        var pdf = await running.Client.GetByteArrayAsync(await At("changes/upstairs/handover.pdf"), Ct);
        var told = ToldHandover.Tell(Demo, "upstairs");
        using var document = PdfReader.Open(new MemoryStream(pdf), PdfDocumentOpenMode.Import);
        Assert.True(document.PageCount >= told.Boxes.Count + 1);
        var letters = document
            .Internals.GetAllObjects()
            .OfType<PdfDictionary>()
            .Select(d => d.Elements.GetName("/BaseFont"))
            .Where(n => n.Length > 0)
            .ToList();
        Assert.NotEmpty(letters);
        Assert.All(letters, n => Assert.Contains("Atkinson Hyperlegible", n, StringComparison.Ordinal));
    }

    /// <summary>Another program reads the paper: every word of the lines, and no line past the right margin.</summary>
    [Fact]
    public async Task The_pdf_reads_with_another_program()
    {
        var file = Path.GetTempFileName();
        await File.WriteAllBytesAsync(file, await running.Client.GetByteArrayAsync(await At("changes/upstairs/handover.pdf"), Ct), Ct);
        using var program = System.Diagnostics.Process.Start(
            new System.Diagnostics.ProcessStartInfo("pdftotext", ["-bbox", file, "-"]) { RedirectStandardOutput = true }
        )!;
        var page = await program.StandardOutput.ReadToEndAsync(Ct);
        await program.WaitForExitAsync(Ct);
        File.Delete(file);
        var words = Word()
            .Matches(page)
            .Select(m => (Right: m.Groups[1].Value, Text: System.Net.WebUtility.HtmlDecode(m.Groups[2].Value)))
            .ToList();
        Assert.All(words, w => Assert.True(double.Parse(w.Right, System.Globalization.CultureInfo.InvariantCulture) < 612 - 36, w.Text));
        var all = string.Join(' ', words.Select(w => w.Text));
        Assert.All(HandoverLines.Of(ToldHandover.Tell(Demo, "upstairs")), l => Assert.Contains(l.Says, all, StringComparison.Ordinal));
    }

    [GeneratedRegex("xMax=\"([0-9.]+)\" yMax=\"[0-9.]+\">([^<]*)</word>")]
    private static partial Regex Word();

    /// <summary>One file: nothing in it is fetched from anywhere, and forty boxes are under a megabyte.</summary>
    [Fact]
    public async Task The_pack_needs_nothing_else()
    {
        var html = await Get("changes/upstairs/handover.html");
        Assert.DoesNotMatch(Fetches(), html);
        var told = ToldHandover.Tell(Demo, "upstairs");
        var forty = told with
        {
            Boxes = [.. Demo.Boxes.Ids.Take(40).Select(b => new ToldHandedBox(ToldBoxCard.Tell(Demo, b), [], [], 0, new(0, 0, 0, "")))],
        };
        Assert.InRange(Encoding.UTF8.GetByteCount(HandoverPack.Of(forty)), 100_000, 1_000_000);
    }

    private static string Utc(string at) =>
        DateTimeOffset
            .Parse(at, System.Globalization.CultureInfo.InvariantCulture)
            .UtcDateTime.ToString("yyyy-MM-ddTHH:mm:ss", System.Globalization.CultureInfo.InvariantCulture);

    [GeneratedRegex("(src|href)=\"(?!#)|@import|url\\(", RegexOptions.IgnoreCase)]
    private static partial Regex Fetches();

    [GeneratedRegex("""<path d="M([\d.]+) ([\d.]+)h([\d.]+)v([\d.]+)""")]
    private static partial Regex Patch();

    /// <summary>The code drawn as pixels, six to its thinnest bar, and read.</summary>
    private static string? Read(string svg)
    {
        var patches = Patch()
            .Matches(svg)
            .Select(m =>
                Enumerable
                    .Range(1, 4)
                    .Select(i => double.Parse(m.Groups[i].Value, System.Globalization.CultureInfo.InvariantCulture))
                    .ToArray()
            )
            .ToList();
        var scale = 6 / patches.Min(p => p[3]);
        var size = (int)(120 * scale);
        var pixels = new byte[size * size];
        Array.Fill(pixels, (byte)255);
        foreach (var p in patches)
        {
            for (var y = (int)Math.Round(p[1] * scale); y < (int)Math.Round((p[1] + p[3]) * scale); y++)
            {
                for (var x = (int)Math.Round(p[0] * scale); x < (int)Math.Round((p[0] + p[2]) * scale); x++)
                {
                    pixels[(y * size) + x] = 0;
                }
            }
        }

        var light = new RGBLuminanceSource(pixels, size, size, RGBLuminanceSource.BitmapFormat.Gray8);
        return new MultiFormatReader()
            .decode(
                new BinaryBitmap(new HybridBinarizer(light)),
                new Dictionary<DecodeHintType, object> { [DecodeHintType.PURE_BARCODE] = true, [DecodeHintType.CHARACTER_SET] = "UTF-8" }
            )
            ?.Text;
    }
}
