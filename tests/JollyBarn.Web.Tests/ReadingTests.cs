using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>Reading: what is there is answered, what is not there is said not to be, and odd questions never break it.</summary>
public sealed class ReadingTests(Running running) : IClassFixture<Running>
{
    private static readonly string[] OfJob = ["", "/today", "/boxes", "/boxes.csv", "/log", "/changes", "/open-ends", "/export"];
    private static readonly string[] OfBox = ["", "/instead", "/steps", "/fill.csv"];

    public static TheoryData<string> Paths() => [.. OfJob, .. OfBox.Select(p => "/boxes/b" + p)];

    public static TheoryData<string> Odd() =>
        [
            "/boxes/b?version=-1",
            "/boxes/b?version=99999",
            "/boxes/b?version=abc",
            "/boxes/b?version=9999999999999999999999",
            "/boxes/b?change=nobody",
            "/boxes/b?change=",
            "/boxes/%00",
            "/boxes/..%2f..%2fetc",
            "/boxes?find=%25%00%22",
            "/boxes/b/steps?take=-4",
            "/boxes/b/steps?take=x",
            "/boxes/b/steps?take=99999",
            "/log?take=-1",
            "/log?take=x",
            "/log?before=-9",
            "/log?by=%F0%9F%94%8C",
            "/boxes/" + new string('x', 4000),
        ];

    [Theory]
    [MemberData(nameof(Paths))]
    public async Task What_is_there_is_answered_and_what_is_not_is_404(string path)
    {
        var job = await running.JobAsync();
        Assert.Equal(200, await StatusAsync($"/api/jobs/{job}{path}"));
        Assert.Equal(404, await StatusAsync($"/api/jobs/nobody{path}"));
        if (path.StartsWith("/boxes/", StringComparison.Ordinal) && !path.EndsWith("/steps", StringComparison.Ordinal))
        {
            Assert.Equal(404, await StatusAsync($"/api/jobs/{job}{path.Replace("/boxes/b", "/boxes/nowhere", StringComparison.Ordinal)}"));
        }
    }

    [Theory]
    [MemberData(nameof(Odd))]
    public async Task An_odd_question_never_gives_a_500(string path)
    {
        var job = await running.JobAsync();
        Assert.InRange(await StatusAsync($"/api/jobs/{job}{path}"), 200, 499);
    }

    [Theory]
    [InlineData("Nec2017", 200)]
    [InlineData("Nec2020", 200)]
    [InlineData("Nec2023", 200)]
    [InlineData("Nec1999", 404)]
    [InlineData("99", 404)]
    public async Task Limits_are_listed_by_edition(string edition, int status) =>
        Assert.Equal(status, await StatusAsync($"/api/limits/{edition}"));

    [Fact]
    public async Task A_box_says_what_fill_findings_and_dead_cables_there_are()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new AddCable("b", "in", "k1", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn));
        await running.EditAsync(job, new AddCable("b", "out", "k2", Jobs.Nm(14, 2), EntrySide.Bottom, null, "to the lamp", Feeds.FeedsOn));
        await running.EditAsync(job, new AddDevice("b", "s", "switch", 1));
        await running.EditAsync(job, new MoveLead("b", "in.a0", GfciBox.At("hot/screw", "s")));
        await running.EditAsync(job, new MoveLead("b", "out.a0", GfciBox.At("switched/screw", "s")));
        await running.EditAsync(job, new JoinLeads("b", "whites", "bare", ["in.a1", "out.a1"]));
        var view = (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!;
        Assert.Equal("out", (string)view["cutOffWithout"]!["s"]![0]!);
        var finding = Assert.Single(view["findings"]!.AsArray(), f => (string)f!["rule"]! == "joint-connector")!;
        Assert.Equal(("Fix", "110.14(B)"), ((string)finding["verdict"]!, (string)finding["article"]!));
        Assert.Contains("whites", finding["ids"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(["from the panel", "to the lamp"], view["cables"]!.AsArray().Select(c => (string)c!["says"]!));

        // 4 hots and neutrals, 1 for the grounds, 2 for the yoke: 7 × 2.00 in³, 314.16(B).
        Assert.Equal(14, (decimal)view["report"]!["fill"]!["needed"]!["low"]!);
    }

    [Fact]
    public async Task Lists_come_as_csv_with_a_heading_and_a_line_for_each_box()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new AddBox("odd", "A \"name\", with a comma", "nm-1g-20"));
        var text = await running.Client.GetStringAsync(new Uri($"/api/jobs/{job}/boxes.csv", UriKind.Relative));
        var lines = text.Split('\n', StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(3, lines.Length);
        Assert.Contains("\"A \"\"name\"\", with a comma\"", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Boxes_are_found_by_any_words_of_name_room_and_kind()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new PutPlace("p", new Place("Boat shed")));
        await running.EditAsync(job, new AddBox("s", "By the slip", "square-4x2-1/8", "p"));
        async Task<IEnumerable<string>> Find(string words) =>
            ((JsonArray)(await running.GetAsync($"/api/jobs/{job}/boxes?find={Uri.EscapeDataString(words)}"))!).Select(b =>
                (string)b!["id"]!
            );
        Assert.Equal(["s"], await Find("slip"));
        Assert.Equal(["s"], await Find("SHED square"));
        Assert.Equal(["b"], await Find("nonmetallic 18"));
        Assert.Empty(await Find("slip nonmetallic"));
    }

    private async Task<int> StatusAsync(string path)
    {
        using var reply = await running.Client.GetAsync(new Uri(path, UriKind.Relative));
        return (int)reply.StatusCode;
    }
}
