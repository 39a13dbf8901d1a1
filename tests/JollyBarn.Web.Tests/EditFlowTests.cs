using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

public sealed class EditFlowTests(Running running) : IClassFixture<Running>
{
    private static AddCable Cable(string run) => new("b", run, $"k{run}", Jobs.Nm(14, 2));

    /// <summary>A described box goes in as one edit, taken back as one; sent twice it is there once; what cannot be is a
    /// sentence.</summary>
    [Fact]
    public async Task A_described_box_is_kept_as_one_edit()
    {
        var job = await running.JobAsync();
        var post = """
            {"id":"k1","by":"ann","box":"q","name":"Bench","says":"Kept: Bench","holds":{"kind":"nm-1g-18","clamps":"Flap",
            "cables":[{"count":2,"gauge":"14","conductors":2}],"devices":[{"count":1,"kind":"receptacle"}]}}
            """;
        Assert.Equal(200, (await running.PostAsync($"/api/jobs/{job}/boxes", post)).Status);
        Assert.Equal(200, (await running.PostAsync($"/api/jobs/{job}/boxes", post)).Status);
        var box = (await running.GetAsync($"/api/jobs/{job}/boxes/q"))!;
        // 314.16(B): 4 × 2.00 + 2.00 for grounds + 4.00 for the device.
        Assert.Equal(14.0m, (decimal)box["report"]!["fill"]!["needed"]!["low"]!);
        Assert.Equal(2, box["cables"]!.AsArray().Count);
        Assert.Equal(200, (await running.PostAsync($"/api/jobs/{job}/undo", new { id = "u1", by = "ann" })).Status);
        Assert.DoesNotContain("q", running.Store.Find(job)!.Now.Job.Boxes.Select(b => b.Key));

        var (status, refused) = await running.PostAsync(
            $"/api/jobs/{job}/boxes",
            post.Replace("nm-1g-18", "gone", StringComparison.Ordinal)
        );
        Assert.Equal((422, "kind"), (status, (string)refused!["field"]!));
        // Nothing is made up, and nothing left out in silence.
        foreach (
            var (was, now, field) in new[]
            {
                (",\"kind\":\"receptacle\"", "", "holds.devices"),
                ("\"cables\"", "\"partitions\":[\"Metal\"],\"cables\"", "holds"),
            }
        )
        {
            (status, refused) = await running.PostAsync($"/api/jobs/{job}/boxes", post.Replace(was, now, StringComparison.Ordinal));
            Assert.Equal((422, field), (status, (string)refused!["field"]!));
        }

        Assert.Equal(404, (await running.PostAsync("/api/jobs/nobody/boxes", post)).Status);
    }

    [Fact]
    public async Task Posting_twice_does_it_once_and_answers_the_same()
    {
        var job = await running.JobAsync();
        var first = await running.EditAsync(job, Cable("r1"), "once");
        await running.EditAsync(job, new RenameBox("b", "Bench, renamed"));
        var again = await running.EditAsync(job, Cable("r1"), "once");
        Assert.Equal(200, again.Status);
        Assert.Equal(first.Body!["version"]!.ToString(), again.Body!["version"]!.ToString());
        // Verdicts of the network may still have been under way the first time: each answer says whether they are.
        foreach (var part in new[] { "box", "report", "cables", "names" })
        {
            Assert.Equal(first.Body["boxes"]![0]![part]!.ToJsonString(), again.Body["boxes"]![0]![part]!.ToJsonString());
        }

        Assert.Equal(3, (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["box"]!["leads"]!.AsObject().Count);
    }

    [Fact]
    public async Task An_edit_on_an_older_version_goes_through_unless_the_same_thing_changed()
    {
        var job = await running.JobAsync();
        var seen = (await running.GetAsync($"/api/jobs/{job}"))!["version"]!.GetValue<long>();
        Assert.Equal(200, (await running.EditAsync(job, new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(20))), by: "bob")).Status);
        Assert.Equal(200, (await running.EditAsync(job, new RenameBox("b", "Bench, left"), version: seen)).Status);
        var (status, body) = await running.EditAsync(job, new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(16))), version: seen);
        Assert.Equal(409, status);
        Assert.Equal("bob", body!["theirs"]![0]!["by"]!.ToString());
        Assert.Contains("16", body["yours"]!.ToString(), StringComparison.Ordinal);
        Assert.Contains("boxes/b/mark", body["places"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(20, (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["box"]!["mark"]!["value"]!.GetValue<decimal>());
    }

    [Fact]
    public async Task Removing_what_somebody_else_worked_on_is_a_conflict()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, Cable("r1"));
        var seen = (await running.GetAsync($"/api/jobs/{job}"))!["version"]!.GetValue<long>();
        await running.EditAsync(job, new SetLeadLength("b", "r1.a0", new Fact<Length>(Known.Measured, Length.Inches(7))), by: "bob");
        Assert.Equal(409, (await running.EditAsync(job, new RemoveCable("b", "r1"), version: seen)).Status);
    }

    [Fact]
    public async Task Undo_and_redo_are_each_persons_own_and_last_across_a_restart()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new RenameBox("b", "Ann's name"));
        await running.EditAsync(job, Cable("r1"), by: "bob");
        await running.RestartAsync();
        Assert.Equal(200, (await running.StepAsync(job, "undo")).Status);
        var box = (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["box"]!;
        Assert.Equal(("Bench", 3), (box["name"]!.ToString(), box["leads"]!.AsObject().Count));
        await running.RestartAsync();
        Assert.Equal(200, (await running.StepAsync(job, "redo")).Status);
        Assert.Equal("Ann's name", (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["box"]!["name"]!.ToString());
        Assert.Equal(422, (await running.StepAsync(job, "redo")).Status);
        Assert.Equal(4, (await running.GetAsync($"/api/jobs/{job}/log?take=4"))!["lines"]!.AsArray().Count);
    }

    [Fact]
    public async Task Undo_that_later_edits_prevent_names_them()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(20))));
        await running.EditAsync(job, new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(22))), by: "bob");
        var (status, body) = await running.StepAsync(job, "undo");
        Assert.Equal(409, status);
        Assert.Equal(["bob"], body!["theirs"]!.AsArray().Select(t => t!["by"]!.ToString()));
    }

    [Fact]
    public async Task A_batch_is_done_whole_or_not_at_all()
    {
        var job = await running.JobAsync();
        var (status, body) = await running.EditAsync(job, new Batch([Cable("r1"), new AddDevice("b", "d", "receptacle", 7)]));
        Assert.Equal((422, "edits[1].gang"), (status, body!["field"]!.ToString()));
        Assert.Empty((await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["box"]!["leads"]!.AsObject());
    }

    [Fact]
    public async Task A_preview_is_what_the_edit_then_does_and_keeps_nothing()
    {
        var job = await running.JobAsync();
        var random = new RandomEdits(11);
        for (var i = 0; i < 60; i++)
        {
            var now = running.Store.Find(job)!.Now;
            var edit = random.Next(now.Job);
            var preview = (
                await running.PostAsync(
                    $"/api/jobs/{job}/preview",
                    new JsonObject { ["edits"] = new JsonArray(JsonSerializer.SerializeToNode(edit, JobJson.Default.Edit)) }
                )
            ).Body![0]!;
            Assert.Equal(now.Version, running.Store.Find(job)!.Now.Version);
            var (status, done) = await running.EditAsync(job, edit, version: now.Version);
            Assert.Equal(preview["refusal"] is null, status == 200);
            if (status == 200)
            {
                Assert.Equal(Reports(preview["boxes"]!), Reports(done!["boxes"]!));
            }
        }

        static string Reports(JsonNode boxes) =>
            string.Join(
                "\n",
                boxes.AsArray().Select(b => b!["box"]!.ToJsonString() + b["report"]!.ToJsonString()).Order(StringComparer.Ordinal)
            );
    }

    [Fact]
    public async Task Another_screen_hears_of_an_edit()
    {
        var job = await running.JobAsync();
        using var stop = new CancellationTokenSource(TimeSpan.FromSeconds(20));
        using var stream = await running.Client.GetStreamAsync(new Uri($"/api/jobs/{job}/events", UriKind.Relative), stop.Token);
        using var reader = new StreamReader(stream);
        await running.EditAsync(job, Cable("r1"), "heard");
        var text = "";
        while (!text.Contains("heard", StringComparison.Ordinal))
        {
            text = await reader.ReadLineAsync(stop.Token) ?? throw new InvalidOperationException("The stream ended.");
        }

        Assert.Contains("\"editId\":\"heard\"", text, StringComparison.Ordinal);
        Assert.Contains("\"boxes\":[\"b\"]", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Lists_fed_by_projections_are_what_the_log_gives()
    {
        var job = await running.JobAsync();
        var random = new RandomEdits(5);
        for (var i = 0; i < 260; i++)
        {
            await running.EditAsync(job, random.Next(running.Store.Find(job)!.Now.Job));
        }

        Assert.True(running.Store.Find(job)!.Now.Version > 100);
        await running.Store.SettledAsync();
        Assert.True(running.Store.ProjectionsHold(job));
        var before = running.Store.Find(job)!.Now;
        await running.RestartAsync();
        Assert.Equal(
            (before.Version, JobJson.Text(before.Job)),
            (running.Store.Find(job)!.Now.Version, JobJson.Text(running.Store.Find(job)!.Now.Job))
        );
    }
}
