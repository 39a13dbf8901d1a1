using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.OpenFile;
using JollyBarn.Testing;

namespace JollyBarn.Web.Tests;

/// <summary>The job as electricity over the web: asked as a what-if, never recorded, and refused with a sentence.</summary>
public sealed class LiveTests(Running running) : IClassFixture<Running>, IAsyncLifetime
{
    public async ValueTask InitializeAsync()
    {
        var file = new JobFile(JobFile.FormatName, JobFile.CurrentVersion, "house", SmallHouse.Receptacle(), SmallHouse.Receptacle(), []);
        using var body = new ByteArrayContent(JobFiles.Write(file));
        body.Headers.ContentType = new("application/json");
        _ = await running.Client.PostAsync("/api/import", body);
    }

    private static readonly JsonSerializerOptions Options = Set();

    public ValueTask DisposeAsync() => ValueTask.CompletedTask;

    private static JsonSerializerOptions Set()
    {
        var options = new JsonSerializerOptions();
        ApiJson.Set(options);
        return options;
    }

    private async Task<JsonElement> Ask(object asked, HttpStatusCode status = HttpStatusCode.OK, string at = "boxes/b/live")
    {
        var reply = await running.Client.PostAsJsonAsync($"/api/jobs/house/{at}", asked);
        var text = await reply.Content.ReadAsStringAsync();
        Assert.True(reply.StatusCode == status, $"{reply.StatusCode}: {text}");
        return JsonDocument.Parse(text).RootElement;
    }

    private static string? Expected(JsonElement answer, string strand) =>
        answer.GetProperty("live").GetProperty("strands").GetProperty(strand).GetProperty("expected").GetString();

    [Fact]
    public async Task A_breaker_thrown_as_a_what_if_changes_what_is_expected_and_nothing_in_the_job()
    {
        var before = await running.Client.GetStringAsync("/api/jobs/house/export");
        Assert.Equal("Live", Expected(await Ask(new { }), "on.b0"));
        Assert.Equal(
            "Dead",
            Expected(await Ask(new { situation = new { breakers = new Dictionary<string, bool> { ["p/1"] = false } } }), "on.b0")
        );
        Assert.Equal(before, await running.Client.GetStringAsync("/api/jobs/house/export"));
    }

    [Fact]
    public async Task A_planted_fault_opens_the_breaker_and_an_edit_asked_about_says_what_would_follow()
    {
        var fault = new
        {
            fault = "bridged",
            from = "end:on/b/0",
            to = "metal:b",
        };
        var answer = await Ask(new { situation = new { faults = new object[] { fault } } });
        Assert.Equal("breaker:p/1", answer.GetProperty("live").GetProperty("openings")[0].GetProperty("guard").GetString());
        var edit = new Dictionary<string, object?>
        {
            ["do"] = "moveLead",
            ["box"] = "b",
            ["lead"] = "on.b0",
            ["to"] = new { at = "BondingScrew" },
        };
        var would = (await Ask(new { edit })).GetProperty("would").EnumerateArray().Select(s => s.GetString()!).ToList();
        Assert.Contains(would, s =>
            s.StartsWith("Breaker 1", StringComparison.Ordinal) && s.Contains("within 9 ms", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task A_meter_reads_between_two_points()
    {
        var shown = await Ask(
            new
            {
                instrument = "meter",
                from = "face:b/r/upperhot",
                to = "face:b/r/upperneutral",
            },
            at: "probe"
        );
        Assert.InRange(shown.GetProperty("volts").GetDouble(), 119, 121);
    }

    [Theory]
    [InlineData("""{"situation":{"faults":[{"fault":"bridged","from":"earth","to":"metal:b","ohms":0}]}}""", 422)]
    [InlineData("""{"situation":{"faults":[{"fault":"nail","run":"on","conductors":[0,-1]}]}}""", 422)]
    [InlineData("""{"situation":{"faults":[{"fault":"several","faults":[]}]}}""", 422)]
    [InlineData("""{"situation":{"faults":[null]}}""", 400)]
    [InlineData("""{"situation":{"faults":[{"fault":"gremlin"}]}}""", 400)]
    [InlineData("""{"situation":{"faults":[{"link":"x"}]}}""", 400)]
    [InlineData("""{"situation":{"plugged":{"b/r":1e30}}}""", 422)]
    [InlineData("""{"situation":{"celsius":5000}}""", 422)]
    [InlineData("""{"edit":{"do":"moveLead","box":"b","lead":"none","to":{"at":"Cap"}}}""", 422)]
    [InlineData(
        """
            {"situation":{"faults":[{"fault":"open","link":"none"},{"fault":"stuck","guard":"none"},
             {"fault":"unbonded","box":"none"},{"fault":"exchanged","one":"x","other":"y"}]}}
            """,
        200
    )]
    public async Task What_cannot_be_gets_a_sentence(string body, int status)
    {
        using var content = new StringContent(body, null, "application/json");
        var reply = await running.Client.PostAsync("/api/jobs/house/boxes/b/live", content);
        Assert.True(status == (int)reply.StatusCode, $"{reply.StatusCode}: {await reply.Content.ReadAsStringAsync()}");
    }

    [Theory]
    [InlineData("meter", "face:b/r/upperhot", "nowhere")]
    [InlineData("hammer", "face:b/r/upperhot", "earth")]
    public async Task A_probe_of_nothing_gets_a_sentence(string instrument, string from, string to) => Assert.NotEmpty((
                await Ask(
                    new
                    {
                        instrument,
                        from,
                        to,
                    },
                    HttpStatusCode.UnprocessableEntity,
                    "probe"
                )
            ).GetProperty("detail").GetString()!);

    [Fact]
    public async Task A_box_that_is_not_there_is_missing() =>
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await running.Client.PostAsJsonAsync("/api/jobs/house/boxes/none/live", new { })).StatusCode
        );

    /// <summary>The stand-in streams readings of a copy with a hidden fault; the same number hides the same one.</summary>
    [Fact]
    public async Task The_stand_in_meter_streams_readings_that_come_again_with_its_number()
    {
        async Task<double> FirstAsync(int hidden)
        {
            using var stop = new CancellationTokenSource(TimeSpan.FromSeconds(20));
            using var stream = await running.Client.GetStreamAsync(
                new Uri(
                    $"/api/jobs/house/meter?instrument=meter&from=face:b/r/upperhot&to=face:b/r/upperneutral&hidden={hidden}",
                    UriKind.Relative
                ),
                stop.Token
            );
            using var lines = new StreamReader(stream);
            while (await lines.ReadLineAsync(stop.Token) is { } line)
            {
                if (line.StartsWith("data:", StringComparison.Ordinal))
                {
                    return JsonDocument.Parse(line[5..]).RootElement.GetProperty("volts").GetDouble();
                }
            }

            throw new InvalidOperationException("The stream ended with no reading.");
        }

        var read = new List<double>();
        for (var hidden = 1; hidden <= 12; hidden++)
        {
            var volts = await FirstAsync(hidden);
            Assert.Equal(volts, await FirstAsync(hidden));
            read.Add(volts);
        }

        // Some faults leave 120 V here and some do not: a meter that always said the same would read nothing.
        Assert.Contains(read, v => v > 110);
        Assert.Contains(read, v => v < 110);
    }

    [Theory]
    [InlineData("instrument=meter&from=earth&to=nowhere&hidden=1", 422)]
    [InlineData("instrument=hammer&from=earth&to=metal:b&hidden=1", 422)]
    [InlineData("instrument=meter&from=earth&hidden=1", 400)]
    public async Task A_meter_laid_on_nothing_gets_a_sentence(string query, int status) =>
        Assert.Equal(status, (int)(await running.Client.GetAsync(new Uri($"/api/jobs/house/meter?{query}", UriKind.Relative))).StatusCode);

    /// <summary>Every fault a box of the demo is offered can be sent back as it came, and what opens is what it opens in the job
    /// itself.</summary>
    [Theory]
    [InlineData("glue")]
    [InlineData("press-left")]
    [InlineData("fan-switch")]
    [InlineData("east-bed")]
    public async Task Every_fault_on_offer_can_be_planted_as_it_came(string box)
    {
        var demo = JobFiles.Shipped(await File.ReadAllBytesAsync(Path.Combine(Checkout.Root, "demo", "ferry-keepers-house.json"))).Present;
        var house = new Uri($"/api/jobs/{await running.MakeAsync(demo)}/boxes/{box}/live", UriKind.Relative);
        var first = await running.Client.PostAsJsonAsync(house, new { });
        var live = (await first.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("live");
        var offers = live.GetProperty("offers").EnumerateArray().ToList();
        Assert.NotEmpty(offers);
        foreach (var offer in offers.Where((_, i) => i % 3 == 0))
        {
            var name = offer.GetProperty("name").GetString();
            var fault = offer.GetProperty("fault");
            var reply = await running.Client.PostAsJsonAsync(house, new { situation = new { faults = new[] { fault } } });
            Assert.True(reply.IsSuccessStatusCode, $"{name}: {await reply.Content.ReadAsStringAsync()}");
            var opens = (await reply.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("live").GetProperty("openings");
            var planted = fault.Deserialize<Fault>(Options)!;
            var wanted = Story.Unfold(Live.Solve(demo, new Situation { Faults = [planted] })).Openings.Select(o => o.Guard.ToString());
            Assert.Equal(wanted, opens.EnumerateArray().Select(o => o.GetProperty("guard").GetString()!));
        }
    }

    /// <summary>What is asked of electricity and cannot be gets a sentence and the field, and nothing is a fault of the program.</summary>
    [Theory]
    [InlineData("""{"situation":{"celsius":400}}""", "celsius", "150 °C")]
    [InlineData("""{"situation":{"plugged":{"b/r":1e9}}}""", "plugged", "at most")]
    [InlineData("""{"situation":{"faults":[{"fault":"bridged","from":"","to":"metal:b"}]}}""", "from", "Two points")]
    [InlineData("""{"situation":{"faults":[{"fault":"poor","link":"land:b/on.b0","ohms":-1}]}}""", "ohms", "resistance")]
    [InlineData("""{"edit":{"do":"moveLead","box":"b","lead":"nobody","to":{"at":"Cap"}}}""", "lead", "There is no lead nobody here.")]
    public async Task What_cannot_be_gets_a_sentence_and_its_field(string asked, string field, string says)
    {
        using var body = new StringContent(asked, System.Text.Encoding.UTF8, "application/json");
        var reply = await running.Client.PostAsync("/api/jobs/house/boxes/b/live", body);
        var problem = await reply.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, reply.StatusCode);
        Assert.EndsWith(field, problem.GetProperty("field").GetString(), StringComparison.Ordinal);
        Assert.Contains(says, problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }
}
