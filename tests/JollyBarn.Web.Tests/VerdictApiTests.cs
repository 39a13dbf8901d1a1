using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>Verdicts, remedies and questions as the interface asks for them; what a change of the book would do; lists and
/// proofs.</summary>
public sealed class VerdictApiTests(Running running) : IClassFixture<Running>
{
    [Fact]
    public async Task A_verdict_names_its_remedies_and_the_edit_of_one_settles_it()
    {
        var job = await MetalAsync(new RemovePigtail("b", "bond"));
        var verdict = await FindingAsync(job, "box-bonded");
        var answer = (await running.GetAsync($"/api/jobs/{job}/boxes/b/remedies?rule=box-bonded&of={verdict!["of"]}"))!;
        var edit = answer["remedies"]!.AsArray().First(r => r!["new"]!.AsArray().Count == 0)!["edit"]!;
        var done = await running.PostAsync(
            $"/api/jobs/{job}/edits",
            new JsonObject
            {
                ["id"] = "fixed",
                ["by"] = "ann",
                ["edit"] = edit.DeepClone(),
            }
        );
        Assert.Equal(200, done.Status);
        Assert.Null(await FindingAsync(job, "box-bonded"));
        await running.StepAsync(job, "undo");
        Assert.NotNull(await FindingAsync(job, "box-bonded"));
    }

    [Fact]
    public async Task Questions_come_in_the_order_of_a_tape_and_an_answer_takes_one_away()
    {
        var job = await MetalAsync();
        var asked = (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["questions"]!.AsArray();
        var order = asked.Select(q => FactKeys.Find((string)q!["key"]!)!.Order).ToList();
        Assert.Equal(order.Order(), order);
        Assert.Contains(asked, q => (string)q!["key"]! == "plate-seats");
        await running.EditAsync(job, RuleBoxes.Note("box", "plate-seats", "yes"));
        Assert.DoesNotContain((await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["questions"]!.AsArray(), q =>
            (string)q!["key"]! == "plate-seats"
        );
    }

    [Theory]
    [InlineData("r0.a", "sheath", "about so", "fact.value")]
    [InlineData("r0.a", "sheath", "-1", "fact.value")]
    [InlineData("box", "access", "perhaps", "fact.value")]
    [InlineData("nothing", "sheath", "1", "of")]
    [InlineData("box", "no-such-question", "1", "key")]
    public async Task A_bad_answer_gets_a_sentence_with_its_field(string of, string key, string value, string field)
    {
        var job = await MetalAsync();
        var (status, body) = await running.EditAsync(job, RuleBoxes.Note(of, key, value));
        Assert.Equal((422, field), (status, (string)body!["field"]!));
    }

    [Fact]
    public async Task What_a_stricter_house_would_change_is_told_before_it_is_kept()
    {
        var job = await MetalAsync(RuleBoxes.Note("r0.a", "fastener", "11"));
        var version = running.Store.Find(job)!.Now.Version;
        var (status, answer) = await running.PostAsync(
            $"/api/jobs/{job}/rejudge",
            """{"edits":[{"do":"setPractice","key":"fastener.first","answer":"stricter"}]}"""
        );
        Assert.Equal(200, status);
        var box = Assert.Single(answer!["changed"]!.AsArray());
        Assert.Equal("fastener", (string)box!["new"]![0]!["rule"]!);
        Assert.Equal(version, running.Store.Find(job)!.Now.Version);
    }

    [Fact]
    public async Task Stops_of_the_whole_job_come_with_what_to_do_and_the_punch_list_is_a_csv()
    {
        var job = await MetalAsync(new MoveLead("b", "r1.a1", GfciBox.In("hots")));
        var stop = (await running.GetAsync($"/api/jobs/{job}/stops"))!["stops"]!
            .AsArray()
            .First(s => (string)s!["finding"]!["rule"]! == "polarity")!;
        Assert.True(stop["finding"]!["now"]!.AsArray().Count >= 2);
        var csv = await running.Client.GetStringAsync(new Uri($"/api/jobs/{job}/verdicts.csv", UriKind.Relative));
        Assert.StartsWith("verdict,room,where,what,sum,article,rule\r\nStop,", csv, StringComparison.Ordinal);
    }

    /// <summary>What the network says comes within a moment; until then an answer says that it is being worked out, and never
    /// fine.</summary>
    [Fact]
    public async Task A_shock_by_the_solved_network_is_a_stop_of_the_job_and_of_the_box()
    {
        var house = SmallHouse.Followed(SmallHouse.Receptacle());
        var outlet = house.Boxes.Ids.First(b => b != "j");
        var ground = house.Boxes[outlet].Leads.First(l => l.Value.IsGround).Key;
        var hot = house.Boxes[outlet].Leads.First(l => l.Value.Use == ConductorUse.Hot).Value.Lands;
        var job = await running.MakeAsync(house.Do(new MoveLead("j", "on.a2", new(LandingAt.Cap))));
        await running.EditAsync(job, new AddPigtail(outlet, "wrong", hot, house.Boxes[outlet].Leads[ground].Lands, Colour: "black"));
        JsonNode stops;
        do
        {
            stops = (await running.GetAsync($"/api/jobs/{job}/stops"))!;
        } while ((bool)stops["working"]!);
        Assert.Contains(stops["stops"]!.AsArray(), s => Says(s!["finding"]!));
        var view = (await running.GetAsync($"/api/jobs/{job}/boxes/{outlet}"))!;
        Assert.False((bool)view["working"]!);
        Assert.Contains(view["findings"]!.AsArray(), f => Says(f!));

        static bool Says(JsonNode finding) => ((string)finding["says"]!).Contains("mA through a person", StringComparison.Ordinal);
    }

    /// <summary>What is done in one box is judged in the next: a ground capped in the junction leaves the receptacle behind it
    /// unbonded.</summary>
    [Fact]
    public async Task A_ground_capped_in_one_box_is_counted_in_the_box_behind_it()
    {
        var job = await running.MakeAsync(SmallHouse.Followed(SmallHouse.Receptacle()));
        await running.EditAsync(job, new MoveLead("j", "on.a2", new(LandingAt.Cap)));
        await running.Store.SettledAsync();
        Assert.True(running.Store.ProjectionsHold(job));
        var fixes = (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["findings"]!.AsArray().Select(f => (string)f!["rule"]!);
        Assert.Contains("device-bonded", fixes);
    }

    [Fact]
    public async Task Lists_and_jobs_count_verdicts_as_the_log_gives_them_even_after_a_restart()
    {
        var job = await MetalAsync(new MoveLead("b", "r1.a1", GfciBox.In("hots")));
        await running.Store.SettledAsync();
        Assert.True(running.Store.ProjectionsHold(job));
        await running.EditAsync(
            job,
            new PutPanel(
                "panel",
                new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 30, BreakerKind.Standard, "c")] }
            ),
            version: running.Store.Find(job)!.Now.Version
        );
        await running.Store.SettledAsync();
        Assert.True(running.Store.ProjectionsHold(job));
        await running.RestartAsync();
        var row = (await running.GetAsync("/api/jobs"))!.AsArray().Single(j => (string)j!["id"]! == job)!;
        Assert.True((int)row["stop"]! >= 1);
        Assert.True((int)row["fix"]! >= 2, "12 AWG on 30 A is to be fixed");
    }

    [Fact]
    public async Task Two_states_of_a_Change_differ_in_sentences_and_what_is_not_back_is_put_back()
    {
        var job = await MetalAsync();
        await running.EditAsync(job, new OpenChange("plan", "Plan"));
        await running.EditAsync(job, new RecordDone("plan", "d1", new MoveLead("b", "r1.a0", Landing.Loose)));
        var path = $"/api/jobs/{job}/boxes/b/difference?change=plan&from=AsFound&to=AsLeft";
        var answer = (await running.GetAsync(path))!;
        Assert.Equal("black of the cable on to the porch: from joint hots to loose.", (string)answer["differences"]![0]!["says"]!);
        await running.PostAsync(
            $"/api/jobs/{job}/edits",
            new JsonObject
            {
                ["id"] = "back",
                ["by"] = "ann",
                ["edit"] = new JsonObject
                {
                    ["do"] = "recordDone",
                    ["change"] = "plan",
                    ["id"] = "d2",
                    ["edit"] = answer["putBack"]!.DeepClone(),
                },
            }
        );
        Assert.Empty((await running.GetAsync(path))!["differences"]!.AsArray());
        Assert.Equal(
            "hots",
            (string)
                (await running.GetAsync($"/api/jobs/{job}/boxes/b?change=plan&state=AsLeft"))!["box"]!["leads"]!["r1.a0"]!["lands"]![
                    "joint"
                ]!
        );
    }

    [Fact]
    public async Task A_proof_is_asked_pair_by_pair_and_two_readings_in_one_batch_are_refused()
    {
        var job = await MetalAsync();
        await running.EditAsync(job, new BeginProof("p", "b", "ann", "two-pole", "2026-09-14T08:00:00Z", "panel lug", "rod"));
        var proof = (await running.GetAsync($"/api/jobs/{job}/boxes/b/proof?by=ann"))!;
        // Its two cables are joined like on like: three points, three pairs among them and three to the ground.
        Assert.Equal(("Begun", 6), ((string)proof["state"]!["standing"]!, proof["pairs"]!.AsArray().Count));
        Reading Of(int i) =>
            new(
                "two-pole",
                (string)proof["pairs"]![i]!["pair"]!["from"]!,
                (string)proof["pairs"]![i]!["pair"]!["to"]!,
                "0 V",
                "ann",
                DateTimeOffset.UtcNow.ToString("O", System.Globalization.CultureInfo.InvariantCulture),
                "b",
                "p",
                ReadingStep.Pair,
                0
            );
        Assert.Equal(422, (await running.EditAsync(job, new Batch([new LogReading("m1", Of(0)), new LogReading("m2", Of(1))]))).Status);
        Assert.Equal(200, (await running.EditAsync(job, new LogReading("m1", Of(0)))).Status);
        Assert.Equal(5, (await running.GetAsync($"/api/jobs/{job}/boxes/b/proof?by=ann"))!["state"]!["missing"]!.AsArray().Count);
    }

    /// <summary>Common practice: a reading proves what was there when it was taken. One of a clock that runs ahead must not prove for ever,
    /// nor
    /// one that was written down long before it arrived; and whoever reads signs for it.</summary>
    [Theory]
    [InlineData(0, true)]
    [InlineData(1.5, true)]
    [InlineData(3, false)]
    [InlineData(-3, false)]
    [InlineData(60 * 24 * 365 * 70, false)]
    public async Task A_reading_counts_for_a_proof_only_when_its_clock_and_its_arrival_agree(double minutesAhead, bool counts)
    {
        var job = await MetalAsync();
        await running.EditAsync(job, new BeginProof("p", "b", "ann", "two-pole", "2099-09-14T08:00:00Z", "panel lug", "rod"));
        var at = DateTimeOffset.UtcNow.AddMinutes(minutesAhead).ToString("O", System.Globalization.CultureInfo.InvariantCulture);
        var reading = new Reading("two-pole", "panel lug", "rod", "120 V", "ann", at, "b", "p", ReadingStep.KnownBefore, 120);
        Assert.Equal(422, (await running.EditAsync(job, new LogReading("r", reading with { By = "ben" }), by: "ann")).Status);
        Assert.Equal(200, (await running.EditAsync(job, new LogReading("r", reading))).Status);
        var state = (await running.GetAsync($"/api/jobs/{job}/boxes/b/proof?by=ann"))!["state"]!;
        Assert.Equal(counts, !((string)state["says"]!).Contains("late", StringComparison.Ordinal));
        // Kept with both times, and the proof with that of the program.
        var kept = running.Store.Find(job)!.Now.Job;
        Assert.Equal(at, kept.Readings["r"].At);
        Assert.True((DateTimeOffset.UtcNow - DateTimeOffset.Parse(kept.Readings["r"].Arrived!, null)).Duration() < TimeSpan.FromMinutes(1));
        Assert.StartsWith("20", kept.Proofs["p"].Begun, StringComparison.Ordinal);
        Assert.DoesNotContain("2099", kept.Proofs["p"].Begun, StringComparison.Ordinal);
    }

    /// <summary>Common practice: a hold is let go of by the one who holds it.</summary>
    [Fact]
    public async Task A_hold_changes_only_by_switching_and_letting_go_by_its_own_people()
    {
        var job = await MetalAsync(
            new PutPanel("panel", new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 20, On: true)] })
        );
        Assert.Equal(200, (await running.EditAsync(job, new SwitchBreaker("panel", 1, "ann", "2026-01-01T00:00:00Z", false))).Status);
        Assert.Equal(422, (await running.EditAsync(job, new SwitchBreaker("panel", 1, "ann", "2026-01-01T00:00:00Z"), by: "ben")).Status);
        var panel = running.Store.Find(job)!.Now.Job.Panels["panel"];
        Panel With(Breaker breaker) => panel with { Breakers = [breaker] };
        var held = panel.Breakers[0];
        Assert.Equal(["ann"], held.HeldBy);
        Task<(int Status, System.Text.Json.Nodes.JsonNode? Body)> PutAsync(Panel put, long? version) =>
            running.EditAsync(job, new PutPanel("panel", put), by: "ben", version: version);
        var seen = running.Store.Find(job)!.Now.Version;
        Assert.Equal(422, (await PutAsync(With(held with { On = true, HeldBy = [] }), seen)).Status);
        Assert.Equal(422, (await PutAsync(panel with { Breakers = [] }, seen)).Status);
        Assert.Equal(422, (await running.EditAsync(job, new RemovePanel("panel"), by: "ben")).Status);
        // All of a record is written over only by whoever says which one they saw.
        var (status, told) = await PutAsync(With(held with { Says = "Hall" }), null);
        Assert.Equal((422, "base"), (status, (string)told!["field"]!));
        Assert.Equal(409, (await PutAsync(With(held with { Says = "Hall" }), seen - 1)).Status);
        Assert.Equal(200, (await PutAsync(With(held with { Says = "Hall", HeldBy = [] }), seen)).Status);
        Assert.Equal(["ann"], running.Store.Find(job)!.Now.Job.Panels["panel"].Breakers[0].HeldBy);
        Assert.Equal(200, (await running.EditAsync(job, new SwitchBreaker("panel", 1, "ann", "2026-01-01T00:00:00Z", true))).Status);
        Assert.Empty(running.Store.Find(job)!.Now.Job.Panels["panel"].Breakers[0].HeldBy);
    }

    [Theory]
    [InlineData("1. Box is loose\n2) No plate\n- Open hole\n\n", new[] { "Box is loose", "No plate", "Open hole" })]
    [InlineData(
        "room,what\nKitchen,\"No plate, again\"\nHall,Open hole\n",
        new[] { "room, what", "Kitchen, No plate, again", "Hall, Open hole" }
    )]
    public async Task A_pasted_list_and_a_csv_read_as_lines(string text, string[] lines)
    {
        using var content = new StringContent(text, System.Text.Encoding.UTF8, "text/plain");
        using var reply = await running.Client.PostAsync(new Uri("/api/read-lines", UriKind.Relative), content);
        var answer = JsonNode.Parse(await reply.Content.ReadAsStringAsync())!;
        Assert.Equal(lines, answer["lines"]!.AsArray().Select(l => (string)l!));
    }

    private Task<string> MetalAsync(params Edit[] then) => running.MakeAsync(RuleBoxes.Make("metal").Do(then));

    private async Task<JsonNode?> FindingAsync(string job, string rule) =>
        (await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["findings"]!.AsArray().FirstOrDefault(f => (string)f!["rule"]! == rule);
}
