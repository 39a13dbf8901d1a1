using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using JollyBarn.CodeBook;
using JollyBarn.Practice.Spot;
using JollyBarn.Testing;
using JollyBarn.Testing.Forced;

namespace JollyBarn.Web.Tests;

/// <content>Work on the Bench, and boxes of real wire.</content>
public sealed partial class ClassTests
{
    /// <summary>Work on the Bench that stands on a sheet is one job however often it is begun, and its mark joins the results.</summary>
    [Fact]
    public async Task Work_on_the_bench_joins_the_results()
    {
        var (id, code) = await OpenAsync(Plan(kinds: ["Spot"]));
        await SitAsync(code, 1);
        var begun = await AsAsync(Token(1), HttpMethod.Post, $"/api/rooms/{code}/items/s1/bench");
        var again = await AsAsync(Token(1), HttpMethod.Post, $"/api/rooms/{code}/items/s1/bench");
        var job = (string)begun.Body!["job"]!;
        Assert.Equal(job, (string)again.Body!["job"]!);
        Assert.Equal(422, (await AnswerAsync(code, 1, "s1", 0)).Status);

        var exercise = running.Store.Find(job)!.Now.Job.Exercise!;
        var drill = SpotDrill.Make(exercise.Seed, exercise.Level, Edition.Nec2023);
        var said = drill.Planted.Select(p => new
        {
            part = SpotParts.About(drill.Job.Boxes[drill.Box], p.Findings[0]).First(),
            rule = p.Findings[0].Rule,
            severity = p.Worst.ToString(),
        });
        Assert.Equal(200, (await running.PostAsync($"/api/practice/bench/{job}/spot", new { said })).Status);
        var cell = (await running.GetAsync($"/api/classes/{id}"))!["learners"]![0]!["cells"]![0]!;
        Assert.True((bool)cell["right"]!, cell.ToJsonString());

        // What is said afterwards, with the verdicts seen, changes nothing.
        await running.PostAsync($"/api/practice/bench/{job}/spot", new { said = Array.Empty<object>() });
        Assert.True((bool)(await running.GetAsync($"/api/classes/{id}"))!["learners"]![0]!["cells"]![0]!["right"]!);
    }

    /// <summary>The list of a box of real wire is made from the rules; the tape decides by the number of the book, and what nobody looked
    /// at is not good. 314.17: the sheath reaches at least ¼ in into the box.</summary>
    [Fact]
    public async Task A_box_of_real_wire_is_looked_over_by_the_rules()
    {
        var job = $"j{Guid.NewGuid():N}";
        Assert.Null(running.Store.Import(job, QuestionedHouse.AsFile(job)));
        var list = (await running.GetAsync($"/api/jobs/{job}/boxes/b/bench-list"))!;
        var sheath = list["points"]!.AsArray().First(p => (string)p!["id"]! == "sheath")!;
        Assert.Equal((0.25m, false), ((decimal)sheath["inches"]!, (bool)sheath["most"]!));
        var points = list["points"]!
            .AsArray()
            .Select(p => new
            {
                id = (string)p!["id"]!,
                answer = (string?)p["answer"],
                limit = (decimal?)p["inches"],
                most = (bool)p["most"]!,
            });
        var (id, code) = await OpenAsync(
            Plan(
                bench:
                [
                    new
                    {
                        id = "b1",
                        name = "One receptacle",
                        job,
                        box = "b",
                        points,
                    },
                ]
            )
        );
        await SitAsync(code, 1);

        async Task<(JsonNode Seen, JsonNode Item)> Found(string tape, bool rest)
        {
            var found = points
                .Where(p => rest || p.id == "sheath")
                .Select(p => new
                {
                    point = p.id,
                    holds = p.id == "sheath" ? (bool?)null : true,
                    tape = p.id == "sheath" ? tape : null,
                });
            var (status, seen) = await running.PostAsync($"/api/classes/{id}/bench/b1/learners/1", new { found, seconds = 30 });
            Assert.True(status == 200, $"{seen}");
            var items = (await AsAsync(Token(1), HttpMethod.Get, $"/api/rooms/{code}/sheet")).Body!["items"]!.AsArray();
            return (seen!, items[^1]!);
        }

        var (half, open) = await Found("3/16", rest: false);
        Assert.False((bool)half["found"]![0]!["holds"]!);
        Assert.False((bool)open["answered"]!);
        Assert.Contains("3/16 in", (await Found("3/16", rest: true)).Item["mark"]!["faults"]![0]!.ToString(), StringComparison.Ordinal);
        Assert.True((bool)(await Found("5/16", rest: true)).Item["mark"]!["right"]!);
        var (bad, why) = await running.PostAsync(
            $"/api/classes/{id}/bench/b1/learners/1",
            new
            {
                found = new[]
                {
                    new
                    {
                        point = "sheath",
                        holds = (bool?)null,
                        tape = "a thumb",
                    },
                },
                seconds = 1,
            }
        );
        Assert.Equal(422, bad);
        Assert.Contains("2 7/8", (string)why!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_picture_of_a_box_is_kept_with_the_class_and_goes_with_it()
    {
        var task = new
        {
            id = "b1",
            name = "One",
            job = "j",
            box = "b",
            points = new[] { new { id = "polarity", most = false } },
        };
        var (id, code) = await OpenAsync(Plan(bench: [task]));
        await SitAsync(code, 1);
        using var body = new ByteArrayContent(Jpegs.Make());
        body.Headers.ContentType = new("image/jpeg");
        using var taken = await running.Client.PostAsync(new Uri($"/api/classes/{id}/photos", UriKind.Relative), body);
        var sha = (string)(await taken.Content.ReadFromJsonAsync<JsonNode>())!["sha"]!;
        var found = new[] { new { point = "polarity", holds = true } };
        Assert.Equal(
            200,
            (
                await running.PostAsync(
                    $"/api/classes/{id}/bench/b1/learners/1",
                    new
                    {
                        found,
                        seconds = 5,
                        photo = sha,
                    }
                )
            ).Status
        );
        using var there = await running.Client.GetAsync(new Uri($"/api/classes/{id}/photos/{sha}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.OK, there.StatusCode);
        using var gone = await running.Client.PostAsync(new Uri($"/api/classes/{id}/remove", UriKind.Relative), null);
        Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
        Assert.Null(running.Store.Photo(JollyBarn.Store.ClassStore.Pictures(id), sha));
        Assert.Equal(404, (await AsAsync(Token(1), HttpMethod.Get, $"/api/rooms/{code}")).Status);
    }
}
