using System.Text.Json.Nodes;
using JollyBarn.Testing;

namespace JollyBarn.Web.Tests;

/// <summary>Files from elsewhere, spoiled in one or two places: each is refused with a sentence, or taken in and then every screen of it
/// answers.</summary>
public sealed class ForeignFileTests(Running running) : IClassFixture<Running>
{
    private const int Files = 200;

    private static readonly string[] OfJob =
    [
        "",
        "/boxes",
        "/today",
        "/log",
        "/open-ends",
        "/changes",
        "/readings",
        "/reports",
        "/supply",
        "/stops",
        "/verdicts",
        "/verdicts.csv",
        "/boxes.csv",
        "/export",
    ];

    private static readonly string[] OfBox =
    [
        "",
        "/instead",
        "/steps",
        "/photos",
        "/proof?by=ann",
        "/held",
        "/fill.csv",
        "/difference?from=Present&to=Present",
    ];

    [Fact]
    public async Task A_spoiled_file_is_refused_in_words_or_every_screen_of_it_answers()
    {
        var demo = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(AppContext.BaseDirectory, "demo", "ferry-keepers-house.json")))!;
        var random = new Random(7);
        var (taken, refused) = (0, 0);
        for (var i = 0; i < Files; i++)
        {
            var job = Some(demo["present"]!, random);
            var where = string.Join(" and ", Enumerable.Range(0, random.Next(1, 3)).Select(_ => Spoiler.Spoil(job, random)));
            var file = new JsonObject
            {
                ["format"] = "jolly-barn-job",
                ["version"] = 1,
                ["id"] = $"f{i}",
                ["present"] = job,
                ["start"] = job.DeepClone(),
                ["history"] = new JsonArray(),
            };
            var (status, body) = await running.PostAsync("/api/import", file.ToJsonString());
            Assert.True(status < 500, $"{where}: {status} {body}");
            if (status >= 300)
            {
                Assert.False(string.IsNullOrWhiteSpace((string?)body!["detail"]), where);
                refused++;
                continue;
            }

            taken++;
            await AnswersAsync($"/api/jobs/f{i}", where);
        }

        Assert.True(taken > Files / 10 && refused > Files / 10, $"{taken} taken, {refused} refused");
    }

    private async Task AnswersAsync(string job, string where)
    {
        foreach (var path in OfJob)
        {
            await AnswerAsync(job + path, where);
        }

        foreach (var box in (await running.GetAsync($"{job}/boxes"))!.AsArray().Select(b => (string)b!["id"]!))
        {
            foreach (var path in OfBox)
            {
                await AnswerAsync($"{job}/boxes/{box}{path}", where);
            }

            var (live, said) = await running.PostAsync($"{job}/boxes/{box}/live", "{}");
            Assert.True(live < 500, $"{where}, live at {box}: {live} {said}");
        }
    }

    private async Task AnswerAsync(string path, string where)
    {
        using var reply = await running.Client.GetAsync(new Uri(path, UriKind.Relative));
        Assert.True((int)reply.StatusCode < 500, $"{where}, {path}: {(int)reply.StatusCode} {await reply.Content.ReadAsStringAsync()}");
    }

    /// <summary>The demo with three of its boxes and the cables between them: small enough to look at all of it.</summary>
    private static JsonNode Some(JsonNode whole, Random random)
    {
        var job = whole.DeepClone();
        var boxes = job["boxes"]!.AsObject();
        var kept = boxes.Select(b => b.Key).OrderBy(_ => random.Next()).Take(3).ToHashSet();
        foreach (var box in boxes.Select(b => b.Key).Where(b => !kept.Contains(b)).ToList())
        {
            boxes.Remove(box);
        }

        var runs = job["runs"]!.AsObject();
        foreach (var (id, run) in runs.ToList())
        {
            var ends = new[] { "a", "b" }.Where(e => (string?)run![e]!["at"] == "Box").ToList();
            foreach (var end in ends.Where(e => !kept.Contains((string)run![e]!["id"]!)))
            {
                run![end] = new JsonObject { ["at"] = "Unknown", ["feeds"] = "CannotTell" };
            }

            if (ends.TrueForAll(e => (string?)run![e]!["at"] != "Box"))
            {
                runs.Remove(id);
            }
        }

        foreach (var gone in new[] { "changes", "readings", "proofs", "reports", "photos" })
        {
            var list = job[gone]!.AsObject();
            foreach (var (id, _) in list.Where(x => x.Value!["box"] is { } box && !kept.Contains((string)box!)).ToList())
            {
                list.Remove(id);
            }
        }

        return job;
    }
}
