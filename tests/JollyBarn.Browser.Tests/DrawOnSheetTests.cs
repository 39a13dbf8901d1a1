using System.Text.Json.Nodes;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace JollyBarn.Browser.Tests;

/// <summary>The record changed by drawing on the run sheet, by mouse and by keys, each in one step that undoes.</summary>
public sealed class DrawOnSheetTests(Site site)
{
    [Fact]
    public async Task A_cable_is_drawn_from_stop_to_stop_with_the_mouse_and_undone()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        Open(person, job);
        person.Drag("[data-spot='panel/3|b:sewing']", "[data-spot='panel/3|b:type-door']", PointerKind.Mouse);
        person.Sees("From Sewing frame to Type store, by the door", "h2");
        person.Tap("A new cable");
        // The demo's sewing frame is full to the brim as it is: two more conductors and a ground are too many.
        person.Sees("The box is over-full by 1.75 in³.");
        person.Tap("Draw it", "[role=dialog]");
        person.None("Draw it");
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("[data-tie]")).Count == 1);
        Assert.Single(await BetweenAsync(job, "sewing", "type-door"));
        person.Chord(Keys.Control, "z");
        await WaitAsync(async () => (await BetweenAsync(job, "sewing", "type-door")).Count == 0);
    }

    /// <summary>What is said before the step is what stands after it: load moved from one circuit to the other.</summary>
    [Fact]
    public async Task A_stop_is_moved_to_another_breaker_by_keys_alone()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        Open(person, job);
        person.Focus("[data-spot='panel/1|b:press-left']");
        person.Press(Keys.Enter);
        person.TabTo("Draw a cable from here");
        person.Press(Keys.Enter);
        person.Sees("From Press, left: tap where it goes, another stop or a breaker.");
        person.Focus("[data-breaker='panel/4']");
        person.Press(Keys.Enter);
        person.Sees("3 cables put on Wash room");
        person.Sees("Press, right: from 1, Press room, south to 4, Wash room");
        person.TabTo("Move it");
        person.Press(Keys.Enter);
        person.Sees("Press, left", "[data-rail='panel/4'] text");
        var sheet = await site.AskAsync($"/api/jobs/{job}/sheet");
        var rails = sheet["rails"]!.AsArray();
        Assert.Equal(0m, Load(rails, "panel/1"));
        Assert.Equal(15.4m, Load(rails, "panel/4"));
    }

    [Fact]
    public async Task An_end_is_said_to_go_to_something_fixed_and_taken_back()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        Open(person, job);
        person.Click("[data-spot='panel/2|e:to-hood.b']");
        person.Type("It goes to something fixed", "range hood");
        person.Sees("range hood", "h2");
        person.Tap("Not there");
        person.Sees("to the hood", "h2");
        Assert.Empty(person.Axe(false));
    }

    /// <summary>A cable tapped on the sheet takes a box: the box is a stop between the two.</summary>
    [Fact]
    public async Task A_box_is_put_into_a_cable_of_the_sheet()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        Open(person, job);
        person.Click("[aria-label='the cable to Glue bench']");
        person.Type("Its name", "Between benches");
        person.Tap("Put in: 4 square × 2 1/8", "[role=dialog]");
        person.Sees("Between", "[data-rail='panel/3'] text");
        var stops = (await site.AskAsync($"/api/jobs/{job}/sheet"))["rails"]!.AsArray().Single(r => (string)r!["key"]! == "panel/3")![
            "stops"
        ]!.AsArray();
        var glue = stops.Single(s => (string)s!["key"]! == "b:glue")!;
        var between = stops.Single(s => (string)s!["key"]! == (string)glue["from"]!)!;
        Assert.Equal(("Between benches", "b:bench-left"), ((string)between["name"]!, (string)between["from"]!));
        Assert.True((bool)glue["seen"]!);
    }

    private void Open(Person person, string job)
    {
        person.Go($"{site.Address}/jobs/{job}/sheet");
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("[data-rail]")).Count > 9);
    }

    private static decimal Load(JsonArray rails, string key) => (decimal)rails.Single(r => (string)r!["key"]! == key)!["knownLoad"]!;

    private static async Task WaitAsync(Func<Task<bool>> holds)
    {
        for (var i = 0; i < 100 && !await holds(); i++)
        {
            await Task.Delay(100);
        }

        Assert.True(await holds());
    }

    private async Task<List<JsonNode>> BetweenAsync(string job, string one, string other)
    {
        var rails = (await site.AskAsync($"/api/jobs/{job}/sheet"))["rails"]!.AsArray();
        return
        [
            .. rails
                .SelectMany(r => r!["ties"]!.AsArray().Concat(r["stops"]!.AsArray()))
                .OfType<JsonNode>()
                .Where(t => new[] { $"b:{one}", $"b:{other}" }.Contains((string?)t["from"]))
                .Where(t => new[] { $"b:{one}", $"b:{other}" }.Contains((string?)(t["to"] ?? t["key"]))),
        ];
    }
}
