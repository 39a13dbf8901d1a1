using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Testing.Forced;
using JollyBarn.Wiring;
using Json.Schema;

namespace JollyBarn.Web.Tests;

/// <summary>What the program answers is what its own document says, by a validator from the package registry: the screens are written
/// against that document, and know nothing else. Asked of the demo house, and of questions it must refuse.</summary>
public sealed class ContractTests(ContractTests.House house) : IClassFixture<ContractTests.House>
{
    /// <summary>The demo house with all its history, once for all questions.</summary>
    public sealed class House : IAsyncLifetime
    {
        public Running Running { get; } = new();

        /// <summary>What stands for a name in a question.</summary>
        public Dictionary<string, string> Names { get; } =
            new(StringComparer.Ordinal)
            {
                ["job"] = "ferry-keepers-house",
                ["box"] = "bench-left",
                ["edition"] = "Nec2023",
                ["change"] = "upstairs",
                ["step"] = "u1",
                ["pattern"] = "feed-through",
                ["run"] = "to-glue",
                ["panel"] = "panel",
                ["wall"] = "type-porch",
                ["kind"] = "svg",
                ["label"] = "99",
                ["trouble"] = "hum",
            };

        public async ValueTask InitializeAsync()
        {
            await Running.InitializeAsync();
            var demo = await File.ReadAllTextAsync(Path.Combine(AppContext.BaseDirectory, "demo", "ferry-keepers-house.json"));
            Assert.Equal(200, (await Running.PostAsync("/api/import", demo)).Status);
            await Trouble(new OpenComplaint("hum", "It hums", "Ines", "2026-10-05T08:20:00Z", 7));
            await Trouble(new Observe("hum", "o1", new(new(LookKind.Warmth, Names["box"]), SeenCase.Warm, "Ines", "2026-10-05T08:21:00Z")));
            var (job, box) = (Running.Store.Find(Names["job"])!.Now.Job, Running.Store.Find(Names["job"])!.Now.Job.Boxes[Names["box"]]);
            var fix = Inspector.Judge(job, Names["box"], box).First(f => f.Verdict == Verdict.Fix);
            (Names["rule"], Names["of"], Names["lead"]) = (fix.Rule, fix.Of, box.Leads.Ids.First());
            var panel = job.Panels.Ids.First();
            (Names["hot"], Names["neutral"]) = ($"leg:{panel}/0", $"neutral:{panel}");
            QuestionedHouse.Practise(Names, Running.Store.Practise);
            QuestionedHouse.Open(Names, Running.Store.Classes);
            Names["file"] = await Running.TextAsync($"/api/jobs/{Names["job"]}/export?pictures=false");
        }

        private async Task Trouble(Edit edit) => Assert.Equal(200, (await Running.EditAsync(Names["job"], edit, by: "Ines")).Status);

        public ValueTask DisposeAsync() => Running.DisposeAsync();
    }

    private const string Job = ApiQuestions.Job;
    private const string Box = ApiQuestions.Box;

    /// <summary>Answers with no body, and those that are no JSON.</summary>
    private static readonly HashSet<string> Bare =
    [
        .. ApiQuestions.WithoutJson.Select(q => q.Operation),
        $"get {Job}/events",
        "get /api/classes/{class}/events",
    ];

    public static IEnumerable<TheoryDataRow<int>> Numbers() =>
        ApiQuestions.All.Select(
            (q, i) =>
                new TheoryDataRow<int>(i)
                {
                    TestDisplayName = $"{q.Operation}{q.Query} {q.Body?[..Math.Min(60, q.Body.Length)]}: {q.Status}",
                }
        );

    [Fact]
    public void Every_operation_of_the_document_is_asked()
    {
        var operations = ApiQuestions.Document["paths"]!
            .AsObject()
            .SelectMany(p => p.Value!.AsObject().Select(m => $"{m.Key} {p.Key}"))
            .Where(o => !Bare.Contains(o))
            .ToList();
        Assert.True(operations.Count > 30, $"{operations.Count} operations");
        Assert.Equal(operations.Order(), ApiQuestions.All.Select(q => q.Operation).Distinct().Order());
    }

    [Theory]
    [MemberData(nameof(Numbers))]
    public async Task An_answer_is_what_the_document_says(int number)
    {
        var (operation, query, body, status) = ApiQuestions.All[number];
        var (verb, template) = (operation[..operation.IndexOf(' ')], operation[(operation.IndexOf(' ') + 1)..]);
        var names = house.Names;
        var address = ApiQuestions.Filled(template + query, names);
        using var asked = new HttpRequestMessage(new HttpMethod(verb), new Uri(address, UriKind.Relative));
        if (body is not null)
        {
            var plain = operation.EndsWith("read-lines", StringComparison.Ordinal);
            asked.Content = new StringContent(
                ApiQuestions.Filled(body, names),
                System.Text.Encoding.UTF8,
                plain ? "text/plain" : "application/json"
            );
        }

        // Each question is asked of a house as it was: what writes does so in a copy.
        using var reply = await house.Running.Client.SendAsync(asked);
        var text = await reply.Content.ReadAsStringAsync();
        Assert.True(status == (int)reply.StatusCode, $"{(int)reply.StatusCode}: {text[..Math.Min(300, text.Length)]}");
        var schema = ApiQuestions.Document["paths"]![template]![verb]!["responses"]!
            [$"{status}"]
            ?["content"]?.AsObject()
            .FirstOrDefault()
            .Value?["schema"];
        Assert.True(schema is not null, $"The document does not say what {operation} answers with {status}.");
        // A stream is a line of JSON after another, each as the document says.
        foreach (var one in reply.Content.Headers.ContentType?.MediaType == "application/x-ndjson" ? Lines(text) : [text])
        {
            var found = Schema(schema).Evaluate(JsonNode.Parse(one), new EvaluationOptions { OutputFormat = OutputFormat.List });
            Assert.True(found.IsValid, string.Join("\n", Errors(found).Take(5)));
        }
    }

    private static string[] Lines(string text) => text.Split('\n', StringSplitOptions.RemoveEmptyEntries);

    /// <summary>The validator's teeth: an answer with a property too many, or one of another kind, is not what the document says.</summary>
    [Theory]
    [InlineData("id", "7")]
    [InlineData("openGangs", "\"two\"")]
    [InlineData("cables", "{}")]
    [InlineData("surprise", "1")]
    [InlineData("version", "null")]
    public async Task An_answer_that_is_not_as_the_document_says_is_found(string property, string value)
    {
        var answer = (await house.Running.GetAsync("/api/jobs/ferry-keepers-house/boxes/bench-left"))!;
        var schema = Schema(
            ApiQuestions.Document["paths"]![Box]!["get"]!["responses"]!["200"]!["content"]!["application/json"]!["schema"]!
        );
        Assert.True(schema.Evaluate(answer).IsValid);
        answer[property] = JsonNode.Parse(value);
        Assert.False(schema.Evaluate(answer).IsValid);
    }

    /// <summary>A schema of the document, with all the others it may name.</summary>
    private static JsonSchema Schema(JsonNode schema)
    {
        var whole = new JsonObject
        {
            ["$defs"] = ApiQuestions.Document["components"]!["schemas"]!.DeepClone(),
            ["allOf"] = new JsonArray(schema.DeepClone()),
        };
        return JsonSchema.FromText(whole.ToJsonString().Replace("#/components/schemas/", "#/$defs/", StringComparison.Ordinal));
    }

    private static IEnumerable<string> Errors(EvaluationResults found) =>
        found
            .Details.Where(d => d.Errors is { Count: > 0 })
            .SelectMany(d => d.Errors!.Select(e => $"{d.InstanceLocation}: {e.Value} ({JsonSerializer.Serialize(e.Key)})"));
}
