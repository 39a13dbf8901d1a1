using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>What the Bench asks: places for what is held, steps of a box, Changes and what they plan.</summary>
public sealed class BenchApiTests(Running running) : IClassFixture<Running>
{
    [Fact]
    public async Task One_call_answers_every_place_and_the_edit_it_gives_does_what_it_said()
    {
        var job = await GfciAsync();
        var (status, answer) = await MovesAsync(job, new Held(["safe.a0"], null, false, null, "n1"));
        Assert.Equal(200, status);
        var moves = answer!["moves"]!.AsArray();
        Assert.Equal(moves.Count, moves.Select(m => (string)m!["key"]!).Distinct().Count());
        var move = moves.Single(m => (string)m!["key"]! == "joint:hots")!;
        Assert.Contains("no longer protected", move["follows"]!.ToJsonString(), StringComparison.Ordinal);
        var done = await running.PostAsync(
            $"/api/jobs/{job}/edits",
            new JsonObject
            {
                ["id"] = "m1",
                ["by"] = "ann",
                ["base"] = (long)answer["version"]!,
                ["edit"] = move["edit"]!.DeepClone(),
            }
        );
        Assert.Equal(200, done.Status);
        var box = (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!;
        Assert.Equal("hots", (string)box["box"]!["leads"]!["safe.a0"]!["lands"]!["joint"]!);
        Assert.Equal(move["needed"]!.ToJsonString(), box["report"]!["fill"]!["needed"]!.ToJsonString());
        Assert.All(move["new"]!.AsArray(), f =>
            Assert.Contains((string)f!["says"]!, box["findings"]!.AsArray().Select(x => (string)x!["says"]!))
        );
    }

    [Fact]
    public async Task Asking_keeps_nothing()
    {
        var job = await GfciAsync();
        var before = running.Store.Find(job)!.Now.Version;
        await MovesAsync(job, new Held(["safe.a0", "safe.a1"], null, false, null, "n1"));
        Assert.Equal(before, running.Store.Find(job)!.Now.Version);
    }

    [Theory]
    [InlineData("not an id")]
    [InlineData("")]
    public async Task What_would_be_made_needs_a_good_id(string id)
    {
        var job = await GfciAsync();
        var (status, body) = await MovesAsync(job, new Held(["safe.a0"], null, false, null, id));
        Assert.Equal(422, status);
        Assert.Contains("needs an id", (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Of_a_box_that_is_not_there_nothing_is_moved()
    {
        var job = await GfciAsync();
        var (status, body) = await running.PostAsync(
            $"/api/jobs/{job}/boxes/nowhere/moves",
            Asked(new Held(["x"], null, false, null, "n1"), null)
        );
        Assert.Equal(404, status);
        Assert.NotNull(body!["detail"]);
    }

    [Fact]
    public async Task A_Change_is_seen_as_planned_and_the_present_stays_until_it_is_closed()
    {
        var job = await GfciAsync();
        await running.EditAsync(job, new OpenChange("plan", "A bigger box", "2026-09-28"));
        await running.EditAsync(job, new OpenChange("other", "Something else"));
        await running.EditAsync(job, new PlanEdit("plan", "p1", new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(34)))));
        await running.EditAsync(job, new PlanEdit("other", "p2", new RenameBox("b", "Renamed")));
        var planned = (await running.GetAsync($"/api/jobs/{job}/boxes/b?change=plan"))!;
        Assert.Equal(34, (decimal)planned["box"]!["mark"]!["value"]!);
        Assert.Equal(22.5m, (decimal)(await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["box"]!["mark"]!["value"]!);
        var plan = (await running.GetAsync($"/api/jobs/{job}/changes"))!.AsArray().Single(c => (string)c!["id"]! == "plan")!;
        Assert.Contains("34", (string)plan["steps"]![0]!["says"]!, StringComparison.Ordinal);
        Assert.Equal("b", (string)plan["overlaps"]![0]!);
        Assert.Equal(200, (await running.EditAsync(job, new CloseChange("plan", "2026-10-01"))).Status);
        Assert.Equal(34, (decimal)(await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["box"]!["mark"]!["value"]!);
    }

    [Fact]
    public async Task A_planned_edit_that_no_longer_goes_says_why_and_keeps_the_Change_open()
    {
        var job = await GfciAsync();
        await running.EditAsync(job, new OpenChange("plan", "Longer lead"));
        await running.EditAsync(
            job,
            new PlanEdit("plan", "p1", new SetLeadLength("b", "safe.a0", new Fact<Length>(Known.Measured, Length.Inches(9))))
        );
        await running.EditAsync(job, new RemoveCable("b", "safe"));
        var plan = (await running.GetAsync($"/api/jobs/{job}/changes"))![0]!;
        Assert.Contains("no lead", (string)plan["steps"]![0]!["refusal"]!["says"]!, StringComparison.Ordinal);
        Assert.Equal(422, (await running.EditAsync(job, new CloseChange("plan"))).Status);
        Assert.Equal(200, (await running.EditAsync(job, new DropPlanned("plan", "p1"))).Status);
        Assert.Equal(200, (await running.EditAsync(job, new CloseChange("plan"))).Status);
    }

    [Fact]
    public async Task Places_are_asked_of_what_a_Change_plans_too()
    {
        var job = await GfciAsync();
        await running.EditAsync(job, new OpenChange("plan", "One more"));
        await running.EditAsync(job, new PlanEdit("plan", "p1", new AddCable("b", "extra", "k9", Jobs.Nm(12, 2))));
        Assert.Equal(200, (await MovesAsync(job, new Held(["extra.a0"], null, false, null, "n1"), "plan")).Status);
        var now = await MovesAsync(job, new Held(["extra.a0"], null, false, null, "n1"));
        Assert.All(now.Body!["moves"]!.AsArray(), m => Assert.NotNull(m!["refusal"]));
    }

    [Fact]
    public async Task Steps_are_those_of_the_box_newest_first_and_last_across_a_restart()
    {
        var job = await GfciAsync();
        await running.EditAsync(job, new AddBox("c", "Another", "nm-1g-18"));
        await running.EditAsync(job, new RenameBox("c", "Another, renamed"));
        await running.EditAsync(job, new NoteBox("b", "tight"), by: "bob");
        await running.StepAsync(job, "undo", "bob");
        var before = (await running.GetAsync($"/api/jobs/{job}/boxes/b/steps"))!.ToJsonString();
        await running.RestartAsync();
        var steps = (await running.GetAsync($"/api/jobs/{job}/boxes/b/steps"))!.AsArray();
        Assert.Equal(before, steps.ToJsonString());
        Assert.Equal(["bob", "bob"], steps.Take(2).Select(s => (string)s!["by"]!));
        Assert.DoesNotContain(steps, s => ((string)s!["says"]!).Contains("Another", StringComparison.Ordinal));
        var first = (long)steps[^1]!["version"]!;
        Assert.Empty((await running.GetAsync($"/api/jobs/{job}/boxes/b?version={first}"))!["cables"]!.AsArray());
    }

    [Fact]
    public async Task Another_cable_like_one_there_is_the_same_cable_whatever_its_kind_and_colours()
    {
        var job = await GfciAsync();
        var odd = new CableSpec(CableType.Mc, 3, GroundKind.Insulated, Gauge.Awg(12), ["brown", "orange", "grey"], Gauge.Awg(14), true);
        await running.EditAsync(job, new AddCable("b", "one", "e1", odd, EntrySide.Top));
        var cables = (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["cables"]!.AsArray();
        var like = cables.Single(c => (string)c!["run"]! == "one")!["like"]!;
        var again = new JsonObject
        {
            ["do"] = "addCable",
            ["box"] = "b",
            ["run"] = "two",
            ["entry"] = "e2",
            ["cable"] = like.DeepClone(),
        };
        var (status, _) = await running.PostAsync(
            $"/api/jobs/{job}/edits",
            new JsonObject
            {
                ["id"] = "again",
                ["by"] = "ann",
                ["edit"] = again,
            }
        );
        Assert.Equal(200, status);
        var runs = running.Store.Find(job)!.Now.Job.Runs;
        static JsonNode Built(Run run) => JsonSerializer.SerializeToNode(run with { A = RunEnd.Unknown, B = RunEnd.Unknown })!;
        Assert.True(JsonNode.DeepEquals(Built(runs["one"]), Built(runs["two"])), Built(runs["two"]).ToJsonString());
        Assert.Equal(CableType.Mc, runs["two"].Type);
        Assert.Equal(["brown", "orange", "grey"], runs["two"].Conductors.Select(c => c.Colour));
    }

    private static JsonObject Asked(Held held, string? change) =>
        new() { ["held"] = JsonSerializer.SerializeToNode(held, JsonSerializerOptions.Web), ["change"] = change };

    private Task<(int Status, JsonNode? Body)> MovesAsync(string job, Held held, string? change = null) =>
        running.PostAsync($"/api/jobs/{job}/boxes/b/moves", Asked(held, change));

    /// <summary>A job whose box <c>b</c> is the protective receptacle of the trade, made by edits through the API.</summary>
    private async Task<string> GfciAsync()
    {
        var id = "g" + Guid.NewGuid().ToString("n")[..10];
        Assert.Equal(200, (await running.PostAsync("/api/jobs", new { id, name = "House" })).Status);
        foreach (var edit in GfciBox.Edits())
        {
            Assert.Equal(200, (await running.EditAsync(id, edit)).Status);
        }

        return id;
    }
}
