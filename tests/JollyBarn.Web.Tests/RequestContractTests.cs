using System.Text.Json.Nodes;
using JollyBarn.Testing.Forced;

namespace JollyBarn.Web.Tests;

/// <summary>What the document says of what is sent is so: what it calls required is missed, what it does not is not, and what it says a
/// member is when it is left out, it is.</summary>
public sealed class RequestContractTests(Running running) : IClassFixture<Running>
{
    /// <summary>Requests of every operation that takes JSON, by their number.</summary>
    private static readonly IReadOnlyList<(string Operation, string Query, string Body)> Sent =
    [
        .. ApiQuestions
            .All.Where(q => q.Body is not null && q.Status < 400)
            .Select(q => (q.Operation, q.Query, q.Body!))
            .Concat(ApiQuestions.WithoutJson.Where(q => q.Body is not null).Select(q => (q.Operation, q.Query, q.Body!)))
            .Where(q => SchemaOf(q.Operation) is not null)
            .OrderByDescending(q => q.Item3.Length) // what names most members
            .DistinctBy(q => q.Operation),
    ];

    public static IEnumerable<TheoryDataRow<int>> Numbers() =>
        Sent.Select((q, i) => new TheoryDataRow<int>(i) { TestDisplayName = q.Operation });

    [Theory]
    [MemberData(nameof(Numbers))]
    public async Task What_is_required_is_missed_by_its_name_and_nothing_else_is(int number)
    {
        var (operation, query, body) = Sent[number];
        var names = QuestionedHouse.Names();
        names["job"] = $"r{number}";
        Assert.Null(running.Store.Import(names["job"], QuestionedHouse.AsFile(names["job"])));
        QuestionedHouse.Practise(names, running.Store.Practise);
        QuestionedHouse.Open(names, running.Store.Classes);
        var whole = JsonNode.Parse(ApiQuestions.Filled(body, names))!.AsObject();
        var members = Members(whole, SchemaOf(operation)!, "").ToList();
        Assert.NotEmpty(members);
        foreach (var (path, required) in members)
        {
            var without = whole.DeepClone();
            Remove(without, path);
            var (status, problem) = await running.PostAsync(ApiQuestions.Filled(Address(operation) + query, names), without.ToJsonString());
            var missed = status == 400 && ((string?)problem?["detail"])?.Contains("is missing", StringComparison.Ordinal) == true;
            Assert.True(required == missed, $"without {path}, which is {(required ? "" : "not ")}required: {status} {problem}");
            Assert.True(!missed || (string?)problem!["field"] == path, $"{path}: {problem}");
        }
    }

    [Fact]
    public async Task What_the_document_says_a_member_is_when_it_is_left_out_it_is()
    {
        const string box = """
            {"kind":"nm-1g-18","cables":[{"count":2,"gauge":"14","conductors":2}],"devices":[{"count":1}],
             "grounds":[{"count":1,"gauge":"14"}]}
            """;
        var usual = await AskAsync(JsonNode.Parse(box)!);
        var said = 0;
        foreach (
            var (at, type) in new[] { ("", "PlainBox"), ("cables", "PlainCable"), ("devices", "PlainDevice"), ("grounds", "PlainGround") }
        )
        {
            foreach (var (name, member) in Schemas[type]!["properties"]!.AsObject())
            {
                var sent = JsonNode.Parse(box)!;
                var here = at.Length == 0 ? sent.AsObject() : sent[at]![0]!.AsObject();
                if (member!["default"] is { } value && !here.ContainsKey(name))
                {
                    here[name] = value.DeepClone();
                    Assert.Equal(usual, await AskAsync(sent));
                    said++;
                }
            }
        }

        Assert.Equal("Nec2023", (string?)Schemas["PlainBox"]!["properties"]!["edition"]!["default"]);
        Assert.True(said > 6, $"the document says {said} of them");
        // Another edition's sum is another, or this would not tell one from the other.
        var older = JsonNode.Parse(box)!;
        older["edition"] = "Nec2017";
        Assert.NotEqual(usual, await AskAsync(older));

        async Task<string> AskAsync(JsonNode asked) => (await running.PostAsync("/api/fill", asked.ToJsonString())).Body!.ToJsonString();
    }

    [Fact]
    public void Every_list_in_the_document_says_what_it_is_a_list_of()
    {
        var bare = new List<string>();
        Walk(ApiQuestions.Document);
        Assert.Empty(bare);

        void Walk(JsonNode? node)
        {
            switch (node)
            {
                case JsonObject here:
                    var type = here["type"]?.ToJsonString() ?? "";
                    if (type.Contains("\"array\"", StringComparison.Ordinal) && here["items"] is not JsonObject { Count: > 0 })
                    {
                        bare.Add(here.GetPath());
                    }

                    foreach (var (_, inner) in here)
                    {
                        Walk(inner);
                    }

                    break;
                case JsonArray list:
                    foreach (var inner in list)
                    {
                        Walk(inner);
                    }

                    break;
            }
        }
    }

    private static JsonObject Schemas => ApiQuestions.Document["components"]!["schemas"]!.AsObject();

    private static string Address(string operation) => operation[(operation.IndexOf(' ') + 1)..];

    /// <summary>The schema of what an operation takes as JSON, where it is read member by member; null where it takes none.</summary>
    private static JsonObject? SchemaOf(string operation) =>
        operation.EndsWith("/import", StringComparison.Ordinal)
            ? null
            : Resolved(
                ApiQuestions.Document["paths"]![Address(operation)]!["post"]?["requestBody"]?["content"]?["application/json"]?["schema"]
            );

    private static JsonObject? Resolved(JsonNode? schema) =>
        schema?["$ref"] is { } named ? Schemas[((string)named!).Split('/')[^1]]!.AsObject()
        : schema?["oneOf"] is JsonArray { Count: 2 } maybe ? Resolved(maybe[1])
        : schema as JsonObject;

    /// <summary>Members of a body that are there, with whether the document requires them, at every depth it gives one shape for.</summary>
    private static IEnumerable<(string Path, bool Required)> Members(JsonObject body, JsonObject schema, string under)
    {
        var required = (schema["required"] as JsonArray)?.Select(r => (string)r!).ToHashSet() ?? [];
        foreach (var (name, value) in body)
        {
            var path = under + name;
            yield return (path, required.Contains(name));
            var inner = Resolved(schema["properties"]?[name]);
            if (value is JsonObject deeper && inner?["properties"] is not null && inner["discriminator"] is null)
            {
                foreach (var found in Members(deeper, inner, path + "."))
                {
                    yield return found;
                }
            }
            else if (value is JsonArray { Count: > 0 } list && list[0] is JsonObject first && Resolved(inner?["items"]) is { } one)
            {
                foreach (var found in one["properties"] is null ? [] : Members(first, one, $"{path}[0]."))
                {
                    yield return found;
                }
            }
        }
    }

    private static void Remove(JsonNode from, string path)
    {
        var parts = path.Replace("[0]", ".0", StringComparison.Ordinal).Split('.');
        foreach (var part in parts[..^1])
        {
            from = part == "0" ? from[0]! : from[part]!;
        }

        Assert.True(from.AsObject().Remove(parts[^1]));
    }
}
