using System.Text.Json.Nodes;

namespace JollyBarn.Web.Tests;

/// <summary>A box that is drawn on paper and on the wall tells nothing of what is asked about it.</summary>
public sealed class PracticePictureTests(Running running) : IClassFixture<Running>
{
    [Theory]
    [InlineData("of=Spot&seed=7&level=4", true)]
    [InlineData("of=Make&seed=7&level=2", false)]
    [InlineData("of=Make&seed=7&level=2&made=true", true)]
    public async Task The_box_comes_without_verdicts(string asked, bool joined)
    {
        var told = (await running.GetAsync($"/api/practice/picture?{asked}"))!;
        Assert.NotEmpty(told["box"]!["leads"]!.AsObject());
        Assert.All(["findings", "open", "questions", "settled"], verdicts => Assert.Empty(told[verdicts]!.AsArray()));
        Assert.Equal(joined, told["box"]!["joints"] is JsonObject { Count: > 0 });
    }

    [Theory]
    [InlineData("of=Hunt&seed=7&level=4")]
    [InlineData("of=Spot&seed=7&level=9")]
    [InlineData("of=Spot&seed=7&level=2&edition=12")]
    public async Task What_cannot_be_drawn_is_refused_with_a_sentence(string asked)
    {
        using var answer = await running.Client.GetAsync(new Uri($"/api/practice/picture?{asked}", UriKind.Relative));
        Assert.InRange((int)answer.StatusCode, 400, 422);
        Assert.NotEmpty((string?)JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["detail"] ?? "");
    }
}
