using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>The Bench where answers take their time, or never come.</summary>
public sealed class SlowTests(Site site)
{
    private const string Picked = "to-window.a0";
    private const string Gfci = "bench-left";

    /// <summary>Over a slow network the strand lies there before the answer; what was not taken lies again where it lay.</summary>
    [Fact]
    public async Task While_the_answer_is_awaited_a_lead_lies_where_it_was_put_and_lies_again_where_it_lay_when_it_never_comes()
    {
        const string version = "return [document.querySelector('[data-version]').dataset.version]";
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/{Gfci}?show=leads,fit");
        person.Sees("20.25 / 22.5");
        var before = person.Texts(version);
        person.Click($"[data-end^='{Picked}']");
        person.Find("New joint");
        person.Network(latency: 4000);
        person.Click("[data-key='joint:hots']");
        person.Sees("black, on to the window bench: joint hots", "[data-says]");
        person.Gone("In hand:");
        Assert.Equal(before, person.Texts(version));
        person.Network();
        Person.Wait(() => person.Texts(version)[0] != before[0]);
        person.Sees("black, on to the window bench: joint hots", "[data-says]");

        person.Focus($"[data-walk='{Picked}']");
        person.Press(Keys.Enter);
        person.Find("New joint");
        person.Network(latency: 1500, offline: true);
        person.Click("[data-key='at:g1:load-hot/plate']");
        person.Gone("In hand:");
        person.Network();
        person.Sees("black, on to the window bench: joint hots", "[data-says]");
        Assert.Equal("Joint", (string)(await BoxAsync(job))["leads"]![Picked]!["lands"]!["at"]!);
    }

    private async Task<JsonNode> BoxAsync(string job) => (await site.AskAsync($"/api/jobs/{job}/boxes/{Gfci}"))["box"]!;
}
