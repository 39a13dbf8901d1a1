using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>What is wrong, over the wire: kept in the log, undone, exported; hidden faults hunted with the stand-in, real ones never
/// answered by it.</summary>
public sealed class TroubleTests(Running running) : IClassFixture<Running>
{
    private const string At = "2026-10-05T08:00:00Z";

    private async Task<JsonNode> Get(string path) => JsonNode.Parse(await running.TextAsync(path))!;

    private async Task<string> Hidden(int number)
    {
        var job = await running.MakeAsync(TroubledHouse.YardPost());
        Assert.Equal(200, (await running.EditAsync(job, new OpenComplaint("h", "Hunt", "ann", At, number))).Status);
        return job;
    }

    /// <summary>As a person hunts: what is noticed is written down, then each test the program asks for is answered by the stand-in, until
    /// it is sure. Every answer comes from the network with the fault in it.</summary>
    [Theory]
    [InlineData(3)]
    [InlineData(8)]
    public async Task A_hidden_fault_is_hunted_down_with_what_the_stand_in_sees(int number)
    {
        var job = await Hidden(number);
        var noticed = await Get($"/api/jobs/{job}/troubles/h/noticed");
        var (look, sees) = (noticed["look"]!, noticed["sees"]!);
        var setup = noticed["setup"];
        for (var n = 0; n < 30; n++)
        {
            await Seen(job, $"o{n}", look, setup, sees);
            var told = await Get($"/api/jobs/{job}/troubles/h?by=ann");
            if (told["found"]!.GetValue<bool>() || told["next"]!.AsArray().Count == 0)
            {
                Assert.Empty(told["nothing"]!.AsArray());
                Assert.True(told["suspects"]![0]!["belief"]!.GetValue<double>() > 0.3);
                return;
            }

            (look, setup) = (told["next"]![0]!["look"]!["look"]!, told["next"]![0]!["look"]!["setup"]);
            var asked = new JsonObject { ["look"] = look.DeepClone(), ["setup"] = setup?.DeepClone() };
            sees = (await running.PostAsync($"/api/jobs/{job}/troubles/h/stand-in", asked)).Body!;
        }

        Assert.Fail("It never ended.");
    }

    private async Task Seen(string job, string id, JsonNode look, JsonNode? setup, JsonNode sees)
    {
        var edit = new JsonObject
        {
            ["do"] = "observe",
            ["complaint"] = "h",
            ["id"] = id,
            ["observed"] = new JsonObject
            {
                ["look"] = look.DeepClone(),
                ["setup"] = setup?.DeepClone(),
                ["shows"] = sees["shows"]!.DeepClone(),
                ["value"] = sees["value"]?.DeepClone(),
                ["by"] = "ann",
                ["at"] = At,
            },
        };
        var sent = new JsonObject
        {
            ["id"] = Guid.NewGuid().ToString("n"),
            ["by"] = "ann",
            ["edit"] = edit,
        };
        Assert.Equal(200, (await running.PostAsync($"/api/jobs/{job}/edits", sent)).Status);
    }

    /// <summary>Told as it goes, the share grows, and the last line is what is told at once.</summary>
    [Fact]
    public async Task While_it_is_weighed_the_share_grows_and_the_last_line_is_all_of_it()
    {
        var job = await running.MakeAsync(TroubledHouse.YardPost());
        await running.EditAsync(job, new OpenComplaint("t", "It trips", "ann", At));
        foreach (var (box, n) in new[] { ("post", 1), ("s", 2) })
        {
            await running.EditAsync(job, new Observe("t", $"o{n}", new(new(LookKind.Warmth, box), SeenCase.Warm, "ann", At)));
        }

        var lines = (await running.TextAsync($"/api/jobs/{job}/troubles/t/weighing?by=ann")).Split(
            '\n',
            StringSplitOptions.RemoveEmptyEntries
        );
        var all = lines.Select(l => JsonNode.Parse(l)!).ToList();
        Assert.True(all.Count > 2, string.Join('\n', lines));
        Assert.Equal(all.Select(l => l["share"]!.GetValue<double>()).Order(), all.Select(l => l["share"]!.GetValue<double>()));
        Assert.All(all.SkipLast(1), l => Assert.Null(l["told"]));
        Assert.Equal((await Get($"/api/jobs/{job}/troubles/t?by=ann")).ToJsonString(), all[^1]["told"]!.ToJsonString());
        using var none = await running.Client.GetAsync(new Uri($"/api/jobs/{job}/troubles/none/weighing", UriKind.Relative));
        Assert.Equal(404, (int)none.StatusCode);
    }

    /// <summary>A real trouble has nobody who looks for one.</summary>
    [Fact]
    public async Task A_real_trouble_is_answered_by_no_stand_in()
    {
        var job = await running.MakeAsync(TroubledHouse.YardPost());
        Assert.Equal(200, (await running.EditAsync(job, new OpenComplaint("t", "It trips", "ann", At))).Status);
        using var noticed = await running.Client.GetAsync(new Uri($"/api/jobs/{job}/troubles/t/noticed", UriKind.Relative));
        Assert.Equal(404, (int)noticed.StatusCode);
        var asked = new { look = new { kind = "Warmth", at = "post" } };
        Assert.Equal(404, (await running.PostAsync($"/api/jobs/{job}/troubles/t/stand-in", asked)).Status);
    }

    /// <summary>What was seen stays with its trouble through undo, redo and a file.</summary>
    [Fact]
    public async Task What_was_seen_is_undone_redone_and_exported_with_the_job()
    {
        var job = await running.MakeAsync(TroubledHouse.YardPost());
        await running.EditAsync(job, new OpenComplaint("t", "It trips", "ann", At));
        var seen = new Observed(new(LookKind.Warmth, "post"), SeenCase.Warm, "ann", At, Told: true);
        Assert.Equal(200, (await running.EditAsync(job, new Observe("t", "o1", seen))).Status);
        async Task<int> Count() => (await Get($"/api/jobs/{job}/troubles"))[0]!["observed"]!.GetValue<int>();
        Assert.Equal(1, await Count());
        await running.StepAsync(job, "undo");
        Assert.Equal(0, await Count());
        await running.StepAsync(job, "redo");
        Assert.Equal(1, await Count());
        var file = await Get($"/api/jobs/{job}/export");
        Assert.Equal("Warm", file["present"]!["complaints"]!["t"]!["observed"]!["o1"]!["shows"]!.GetValue<string>());
    }

    /// <summary>Practice stays apart from what is real.</summary>
    [Fact]
    public async Task What_is_hidden_for_practice_says_so_in_the_list()
    {
        var job = await Hidden(5);
        var row = (await Get($"/api/jobs/{job}/troubles"))[0]!;
        Assert.True(row["hidden"]!.GetValue<bool>());
        Assert.Empty(row["lookToo"]!.AsArray());
    }
}
