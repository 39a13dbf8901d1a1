using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Testing;
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
            };

        public async ValueTask InitializeAsync()
        {
            await Running.InitializeAsync();
            var demo = await File.ReadAllTextAsync(Path.Combine(AppContext.BaseDirectory, "demo", "ferry-keepers-house.json"));
            Assert.Equal(200, (await Running.PostAsync("/api/import", demo)).Status);
            var (job, box) = (Running.Store.Find(Names["job"])!.Now.Job, Running.Store.Find(Names["job"])!.Now.Job.Boxes[Names["box"]]);
            var fix = Inspector.Judge(job, Names["box"], box).First(f => f.Verdict == Verdict.Fix);
            (Names["rule"], Names["of"], Names["lead"]) = (fix.Rule, fix.Of, box.Leads.Ids.First());
            var panel = job.Panels.Ids.First();
            (Names["hot"], Names["neutral"]) = ($"leg:{panel}/0", $"neutral:{panel}");
            Names["file"] = await Running.TextAsync($"/api/jobs/{Names["job"]}/export?pictures=false");
        }

        public ValueTask DisposeAsync() => Running.DisposeAsync();
    }

    private const string Job = "/api/jobs/{job}";
    private const string Box = Job + "/boxes/{box}";

    private static readonly JsonObject Document = JsonNode
        .Parse(File.ReadAllText(Path.Combine(Checkout.Root, "docs", "api", "openapi.json")))!
        .AsObject();

    /// <summary>Answers with no body, and those that are no JSON.</summary>
    private static readonly HashSet<string> Bare =
    [
        "get /schema/job.json",
        "post " + Job + "/bin",
        "post " + Job + "/bring-back",
        "get " + Job + "/events",
        "get " + Job + "/export",
        "get " + Job + "/boxes.csv",
        "get " + Box + "/fill.csv",
        "get " + Job + "/verdicts.csv",
        "get " + Job + "/meter",
        "get " + Job + "/photos/{sha}",
        "post " + Job + "/photos",
    ];

    /// <summary>Questions of every operation: the operation, what follows it, what is sent, and the status of the answer.</summary>
    private static readonly IReadOnlyList<(string Operation, string Query, string? Body, int Status)> Questions =
    [
        ("get /api/catalogue", "", null, 200),
        ("get /api/limits/{edition}", "", null, 200),
        ("get /api/jobs", "", null, 200),
        ("get /api/jobs", "?binned=true", null, 200),
        ("get " + Job, "", null, 200),
        ("get " + Job + "/today", "", null, 200),
        ("get " + Job + "/boxes", "", null, 200),
        ("get " + Job + "/boxes", "?find=bench", null, 200),
        ("get " + Box, "", null, 200),
        ("get " + Box, "?version=40", null, 200),
        ("get " + Box, "?change=bench-row&state=Planned", null, 200),
        ("get " + Box, "?change=bench-row&state=AsFound", null, 200),
        ("get " + Box + "/instead", "", null, 200),
        ("get " + Box + "/steps", "?take=5", null, 200),
        ("get " + Box + "/survey", "?newId=n1", null, 200),
        ("get " + Box + "/held", "", null, 200),
        ("get " + Box + "/difference", "?change=bench-row&from=AsFound&to=Planned", null, 200),
        ("get " + Box + "/proof", "?by=Ines", null, 200),
        ("get " + Box + "/photos", "", null, 200),
        ("get " + Box + "/remedies", "?rule={rule}&of={of}", null, 200),
        ("get " + Job + "/open-ends", "", null, 200),
        ("get " + Job + "/log", "?take=30", null, 200),
        ("get " + Job + "/log", "?by=nobody", null, 200),
        ("get " + Job + "/changes", "", null, 200),
        ("get " + Job + "/changes/{change}/steps/{step}", "", null, 200),
        ("get " + Job + "/stops", "", null, 200),
        ("get " + Job + "/verdicts", "", null, 200),
        ("get " + Job + "/supply", "", null, 200),
        ("get " + Job + "/readings", "", null, 200),
        ("get " + Job + "/reports", "", null, 200),
        ("post /api/fill", "", """{"kind":"nm-1g-18","cables":[{"count":3,"gauge":"14","conductors":2}]}""", 200),
        ("post /api/fill", "", """{"kind":"shoe"}""", 422),
        ("post /api/fill/instead", "", """{"kind":"nm-1g-14","cables":[{"count":4,"gauge":"12","conductors":2}]}""", 200),
        (
            "post " + Box + "/moves",
            "",
            """{"held":{"leads":["{lead}"],"pigtail":null,"farEnd":false,"fromJoint":null,"newId":"n1"}}""",
            200
        ),
        ("post " + Job + "/preview", "", """{"edits":[{"do":"noteBox","box":"{box}","note":"x"}]}""", 200),
        ("post " + Job + "/preview", "", """{"edits":[{"do":"removeDevice","box":"{box}","id":"none"}]}""", 200),
        ("post " + Job + "/rejudge", "", """{"edits":[{"do":"setPractice","key":"fastener.first","answer":"stricter"}]}""", 200),
        ("post " + Job + "/rejudge", "", """{"edits":[]}""", 422),
        ("post " + Box + "/live", "", "{}", 200),
        ("post " + Box + "/live", "", """{"situation":{"faults":[{"fault":"unbonded","box":"{box}"}]}}""", 200),
        ("post " + Box + "/live", "", """{"situation":{"celsius":900}}""", 422),
        ("post " + Box + "/live", "", """{"edit":{"do":"moveLead","box":"{box}","lead":"{lead}","to":{"at":"Loose"}}}""", 200),
        ("post " + Job + "/probe", "", """{"instrument":"meter","from":"metal:{box}","to":"earth"}""", 422),
        ("post " + Job + "/probe", "", """{"instrument":"meter","from":"{hot}","to":"{neutral}"}""", 200),
        ("post /api/read-lines", "", "Box is loose\nNo plate", 200),
        ("post /api/jobs", "", """{"id":"other","name":"Another house"}""", 200),
        ("post /api/jobs", "", """{"id":"Not an id","name":""}""", 422),
        ("post " + Job + "/copy", "", """{"id":"again","name":"A copy"}""", 200),
        (
            "post " + Job + "/boxes",
            "",
            """{"id":"k1","by":"ann","box":"kept","name":"Kept","holds":{"cables":[{"count":1,"gauge":"14","conductors":2}]}}""",
            200
        ),
        ("post " + Job + "/edits", "", """{"id":"c1","by":"ann","edit":{"do":"noteBox","box":"{box}","note":"seen"}}""", 200),
        ("post " + Job + "/edits", "", """{"id":"c2","by":"ann","edit":{"do":"noteBox","box":"none"}}""", 422),
        ("post " + Job + "/edits", "", """{"id":"c3","by":"ann","base":1,"edit":{"do":"noteBox","box":"{box}","note":"late"}}""", 409),
        ("post " + Job + "/undo", "", """{"id":"c4","by":"ann"}""", 200),
        ("post " + Job + "/redo", "", """{"id":"c5","by":"ann"}""", 200),
        ("post " + Job + "/undo", "", """{"id":"c6","by":"nobody"}""", 422),
        ("post /api/import", "?copyAs=twin", "{file}", 200),
        ("post /api/import", "", "{}", 422),
    ];

    public static IEnumerable<TheoryDataRow<int>> Numbers() =>
        Questions.Select(
            (q, i) =>
                new TheoryDataRow<int>(i)
                {
                    TestDisplayName = $"{q.Operation}{q.Query} {q.Body?[..Math.Min(60, q.Body.Length)]}: {q.Status}",
                }
        );

    [Fact]
    public void Every_operation_of_the_document_is_asked()
    {
        var operations = Document["paths"]!
            .AsObject()
            .SelectMany(p => p.Value!.AsObject().Select(m => $"{m.Key} {p.Key}"))
            .Where(o => !Bare.Contains(o))
            .ToList();
        Assert.True(operations.Count > 30, $"{operations.Count} operations");
        Assert.Equal(operations.Order(), Questions.Select(q => q.Operation).Distinct().Order());
    }

    [Theory]
    [MemberData(nameof(Numbers))]
    public async Task An_answer_is_what_the_document_says(int number)
    {
        var (operation, query, body, status) = Questions[number];
        var (verb, template) = (operation[..operation.IndexOf(' ')], operation[(operation.IndexOf(' ') + 1)..]);
        var names = house.Names;
        var address = Filled(template + query, names);
        using var asked = new HttpRequestMessage(new HttpMethod(verb), new Uri(address, UriKind.Relative));
        if (body is not null)
        {
            var plain = operation.EndsWith("read-lines", StringComparison.Ordinal);
            asked.Content = new StringContent(Filled(body, names), System.Text.Encoding.UTF8, plain ? "text/plain" : "application/json");
        }

        // Each question is asked of a house as it was: what writes does so in a copy.
        using var reply = await house.Running.Client.SendAsync(asked);
        var text = await reply.Content.ReadAsStringAsync();
        Assert.True(status == (int)reply.StatusCode, $"{(int)reply.StatusCode}: {text[..Math.Min(300, text.Length)]}");
        var schema = Document["paths"]![template]![verb]!["responses"]!
            [$"{status}"]
            ?["content"]?.AsObject()
            .FirstOrDefault()
            .Value?["schema"];
        Assert.True(schema is not null, $"The document does not say what {operation} answers with {status}.");
        var found = Schema(schema).Evaluate(JsonNode.Parse(text), new EvaluationOptions { OutputFormat = OutputFormat.List });
        Assert.True(found.IsValid, string.Join("\n", Errors(found).Take(5)));
    }

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
        var schema = Schema(Document["paths"]![Box]!["get"]!["responses"]!["200"]!["content"]!["application/json"]!["schema"]!);
        Assert.True(schema.Evaluate(answer).IsValid);
        answer[property] = JsonNode.Parse(value);
        Assert.False(schema.Evaluate(answer).IsValid);
    }

    private static string Filled(string text, Dictionary<string, string> names) =>
        names.Aggregate(text, (all, name) => all.Replace($"{{{name.Key}}}", name.Value, StringComparison.Ordinal));

    /// <summary>A schema of the document, with all the others it may name.</summary>
    private static JsonSchema Schema(JsonNode schema)
    {
        var whole = new JsonObject
        {
            ["$defs"] = Document["components"]!["schemas"]!.DeepClone(),
            ["allOf"] = new JsonArray(schema.DeepClone()),
        };
        return JsonSchema.FromText(whole.ToJsonString().Replace("#/components/schemas/", "#/$defs/", StringComparison.Ordinal));
    }

    private static IEnumerable<string> Errors(EvaluationResults found) =>
        found
            .Details.Where(d => d.Errors is { Count: > 0 })
            .SelectMany(d => d.Errors!.Select(e => $"{d.InstanceLocation}: {e.Value} ({JsonSerializer.Serialize(e.Key)})"));
}
