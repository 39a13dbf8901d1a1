using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using System.Xml.Linq;
using JollyBarn.Testing;
using JollyBarn.Web.Labels;

namespace JollyBarn.Web.Tests;

/// <summary>Labels as pictures, and the printer that ships with the program.</summary>
public sealed class LabelTests(Running running) : IClassFixture<Running>
{
    [Fact]
    public async Task What_is_printed_lies_in_the_tray_as_a_picture_until_it_is_taken_out()
    {
        var (client, job) = (running.Client, await HouseAsync());
        using var none = await client.PostAsync("/api/label-tray/empty", null);
        Assert.Equal(HttpStatusCode.NoContent, none.StatusCode);
        using var printed = await client.PostAsJsonAsync($"/api/jobs/{job}/labels/print", new { boxes = new[] { "b", "j" } });
        var tray = (await printed.Content.ReadFromJsonAsync<JsonArray>())!;
        Assert.Equal(["Junction", "Bench"], tray.Select(t => (string)t!["name"]!));
        using var answer = await client.GetAsync($"/api/label-tray/{tray[1]!["number"]}");
        Assert.Equal("image/svg+xml", answer.Content.Headers.ContentType!.MediaType);
        var picture = XDocument.Parse(await answer.Content.ReadAsStringAsync());
        XNamespace svg = "http://www.w3.org/2000/svg";
        var said = picture.Descendants(svg + "text").Select(t => t.Value).ToList();
        Assert.Equal("Bench", said[0]);
        // The picture on the page is the one that comes out.
        Assert.Equal(await client.GetStringAsync($"/api/jobs/{job}/boxes/b/label"), await answer.Content.ReadAsStringAsync());
        using var gone = await client.PostAsync("/api/label-tray/empty", null);
        Assert.Empty((await client.GetFromJsonAsync<JsonArray>("/api/label-tray"))!);
    }

    [Fact]
    public async Task A_box_that_is_not_there_prints_nothing_and_says_so()
    {
        var (client, job) = (running.Client, await HouseAsync());
        var before = (await client.GetFromJsonAsync<JsonArray>("/api/label-tray"))!.Count;
        using var answer = await client.PostAsJsonAsync($"/api/jobs/{job}/labels/print", new { boxes = new[] { "b", "nowhere" } });
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Equal(before, (await client.GetFromJsonAsync<JsonArray>("/api/label-tray"))!.Count);
    }

    /// <summary>Letters a name may have stay letters, and the tape is wide enough for the lines: tapes are 9, 12, 18, 24, 36 mm (common
    /// sizes).</summary>
    [Theory]
    [InlineData(1, 9)]
    [InlineData(2, 12)]
    [InlineData(3, 18)]
    [InlineData(5, 24)]
    public void A_label_takes_the_narrowest_tape_its_lines_go_on(int lines, double tape)
    {
        var label = LabelPicture.Of([.. Enumerable.Range(0, lines).Select(i => $"<Lamp> & \"bell\" {i}")]);
        Assert.Equal(tape, label.HeightMm);
        var texts = XDocument.Parse(label.Svg).Descendants().Where(e => e.Name.LocalName == "text").ToList();
        Assert.Equal("<Lamp> & \"bell\" 0", texts[0].Value);
        Assert.All(texts, t => Assert.InRange((double)t.Attribute("y")!, 2, tape - 1));
    }

    private Task<string> HouseAsync() => running.MakeAsync(SmallHouse.Receptacle());
}
