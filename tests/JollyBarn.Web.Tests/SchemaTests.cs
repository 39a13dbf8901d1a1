using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using Json.Schema;

namespace JollyBarn.Web.Tests;

/// <summary>The published schema of the open file (JSON Schema 2020-12), by a validator from the package registry: what the program writes
/// is valid, and what it would refuse as another kind of thing is not.</summary>
public sealed class SchemaTests
{
    private static readonly JsonSchema Published = JsonSchema.FromText(Schema.Text);

    private static readonly JsonNode Demo = JsonNode.Parse(
        File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", "ferry-keepers-house.json"))
    )!;

    [Fact]
    public void The_demo_house_with_all_its_history_is_valid() => Assert.True(Published.Evaluate(Demo).IsValid);

    public static TheoryData<string> Kinds() => ["rows", "heater", "multiwire", "floating", "protective", "grown"];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void What_the_program_writes_is_valid(string kind)
    {
        var jobs = kind switch
        {
            "rows" => [SmallHouse.Rows(4, 3)],
            "heater" => [SmallHouse.Heater()],
            "multiwire" => [SmallHouse.Multiwire(SupplySystem.Wye)],
            "floating" => [SmallHouse.Floating()],
            "protective" => [SmallHouse.Receptacle("protective", ground: false, breaker: BreakerKind.DualFunction)],
            _ => Enumerable.Range(1, 20).Select(seed => new RandomEdits(seed).Grow(Job.Blank("j"), 50)).ToArray(),
        };
        Assert.All(jobs, j => Assert.True(Published.Evaluate(Node(j)).IsValid));
    }

    /// <summary>Places of a file, and what does not belong there.</summary>
    [Theory]
    [InlineData("present.name", "7")]
    [InlineData("present.kind", "\"Ship\"")]
    [InlineData("present.boxes", "[]")]
    [InlineData("present.panels.p.slots", "\"many\"")]
    [InlineData("present.panels.p.breakers", "{}")]
    [InlineData("present.runs.on.conductors", "\"two\"")]
    [InlineData("present.runs.on.a.at", "\"Somewhere\"")]
    [InlineData("present.boxes.b.leads", "null")]
    [InlineData("history", "[{\"id\":\"x\",\"by\":\"y\",\"at\":\"z\",\"edit\":{\"do\":\"dance\"}}]")]
    [InlineData("version", "\"one\"")]
    [InlineData("colour", "\"red\"")]
    public void What_does_not_belong_there_is_not_valid_and_is_not_read(string path, string value)
    {
        var file = Node(SmallHouse.Receptacle());
        var parts = path.Split('.');
        var at = parts[..^1].Aggregate(file, (node, part) => node[part]!);
        at[parts[^1]] = JsonNode.Parse(value);
        Assert.False(Published.Evaluate(file).IsValid);
        Assert.NotNull(JobFiles.Read(System.Text.Encoding.UTF8.GetBytes(file.ToJsonString())).Refusal);
    }

    private static JsonNode Node(Job job) => JsonNode.Parse(JobFiles.Write(new(JobFile.FormatName, 1, "job", job, job, [])))!;
}
