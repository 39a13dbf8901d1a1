using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>Circuits and panels as the interface asks for them.</summary>
public sealed class SupplyApiTests(Running running) : IClassFixture<Running>
{
    /// <summary>NEC Chapter 9 Table 8: 50 ft of 14 AWG out and back is 0.307 Ω, at 12 A 3.1 % of 120 V and a fault of well over 300 A;
    /// joints and breaker add a little.</summary>
    [Fact]
    public async Task A_circuit_tells_its_load_drop_fault_current_and_protection()
    {
        var job = await HouseAsync(
            new EndAtPanel("feed", RunSide.B, "p"),
            new NoteFact("b", "r", "load", new Observation(Known.Measured, "900"))
        );
        var circuit = (await running.GetAsync($"/api/jobs/{job}/supply"))!["circuits"]![0]!;
        Assert.Equal((7.5, true), ((double)circuit["knownLoad"]!, (bool)circuit["measured"]!));
        var outlet = Assert.Single(circuit["outlets"]!.AsArray())!;
        Assert.InRange((double)outlet["drop"]!, 3.0, 3.4);
        Assert.InRange((double)outlet["faultAmperes"]!, 320, 391);
        Assert.Equal("Yes", (string)outlet["atOnce"]!);
        Assert.Null(outlet["guard"]);
    }

    [Fact]
    public async Task A_breaker_seen_not_to_trip_is_a_stop_of_the_job_until_it_is_taken_back()
    {
        var job = await HouseAsync();
        await running.EditAsync(job, new NotePanel("p", "1", "did-not-trip", new Observation(Known.Measured, "yes")));
        var stop = Assert.Single((await running.GetAsync($"/api/jobs/{job}/stops"))!["stops"]!.AsArray())!;
        Assert.Equal(("p", "Panel"), ((string)stop["supply"]!, (string)stop["name"]!));
        Assert.True(stop["finding"]!["now"]!.AsArray().Count > 2);
        Assert.Contains("Panel", await running.TextAsync($"/api/jobs/{job}/verdicts.csv"), StringComparison.Ordinal);
        await running.StepAsync(job, "undo");
        Assert.Empty((await running.GetAsync($"/api/jobs/{job}/stops"))!["stops"]!.AsArray());
    }

    /// <summary>4500 W at 240 V: 18.75 A. Its breaker stands in slots 2 and 4.</summary>
    [Fact]
    public async Task A_two_pole_circuit_tells_what_is_fixed_at_its_end()
    {
        var job = await running.MakeAsync(SmallHouse.Heater());
        var circuit = (await running.GetAsync($"/api/jobs/{job}/supply"))!["circuits"]![0]!;
        Assert.Equal(["2", "4"], circuit["slots"]!.AsArray().Select(s => (string)s!));
        Assert.Equal(18.8, (double)circuit["knownLoad"]!);
        var load = Assert.Single(circuit["loads"]!.AsArray())!;
        Assert.Equal(
            ("j", "on.a", "water heater, from Cellar junction", 4500),
            ((string)load["box"]!, (string)load["end"]!, (string)load["name"]!, (int)load["watts"]!)
        );
        var cable = (await running.GetAsync($"/api/jobs/{job}/boxes/j"))!["cables"]!.AsArray().Single(c => (string)c!["run"]! == "on")!;
        Assert.Equal(("Load", "water heater"), ((string)cable["farAt"]!, (string)cable["far"]!));
    }

    [Theory]
    [InlineData("""{"do":"notePanel","panel":"p","of":"1","key":"written","fact":{"how":"Measured","value":"loudly"}}""", "fact.value")]
    [InlineData("""{"do":"notePanel","panel":"p","of":"7","key":"written","fact":{"how":"Measured","value":"clear"}}""", "of")]
    [InlineData("""{"do":"notePanel","panel":"q","of":"1","key":"written"}""", "panel")]
    [InlineData("""{"do":"notePanel","panel":"p","of":"panel","key":"sheath"}""", "of")]
    [InlineData("""{"do":"noteCircuit","circuit":"c","key":"sheath"}""", "key")]
    [InlineData("""{"do":"noteCircuit","circuit":"c","key":"direct-load","fact":{"how":"Measured","value":"lots"}}""", "fact.value")]
    [InlineData("""{"do":"noteFact","box":"b","of":"on.b","key":"far-load","fact":{"how":"Measured","value":"40000"}}""", "fact.value")]
    [InlineData("""{"do":"endAtLoad","run":"feed","end":"B","says":""}""", "says")]
    [InlineData("""{"do":"endAtLoad","run":"on","end":"B","says":"pump"}""", "end")]
    [InlineData("""{"do":"loseEnd","run":"on","end":"B"}""", "end")]
    [InlineData("""{"do":"switchBreaker","panel":"p","slot":1,"lower":true,"by":"ann","at":"2026-10-02T08:00:00Z","on":false}""", "slot")]
    [InlineData("""{"do":"noteCircuit","circuit":"nobody","key":"purpose"}""", "circuit")]
    [InlineData("""{"do":"noteCircuit","circuit":"c","key":"purpose","fact":{"how":"Measured","value":"dancing"}}""", "fact.value")]
    public async Task A_bad_answer_gets_a_sentence_with_its_field(string edit, string field)
    {
        var job = await HouseAsync();
        var (status, body) = await running.PostAsync(
            $"/api/jobs/{job}/edits",
            new JsonObject
            {
                ["id"] = "bad",
                ["by"] = "ann",
                ["edit"] = JsonNode.Parse(edit),
            }
        );
        Assert.Equal((422, field), (status, (string)body!["field"]!));
    }

    [Fact]
    public async Task A_cable_loses_its_circuit_when_nobody_knows_it_after_all()
    {
        var job = await HouseAsync();
        await running.EditAsync(job, new SetRun("on", Circuit: ""));
        Assert.Null(running.Store.Find(job)!.Now.Job.Runs["on"].Circuit);
    }

    private async Task<string> HouseAsync(params Edit[] edits) => await running.MakeAsync(SmallHouse.Receptacle().Do(edits));
}
