namespace JollyBarn.Browser.Tests;

/// <summary>Cables between boxes: cut through, and a box put in.</summary>
public sealed class CableTests(Site site)
{
    private const int Most = 20;

    /// <summary>A cable somebody cut in the attic: recorded, seen at the far outlet, put into a box, and whole again; counted in
    /// taps.</summary>
    [Fact]
    public async Task A_cable_cut_through_is_recorded_and_put_into_a_box_in_few_taps()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/bench-left");
        person.Sees("20.25 / 22.5");
        person.Click("[data-walk='c:to-window/A']");
        person.Tap("Cut or hurt somewhere…: on to the window bench");
        person.Tap("cut through");
        person.Sees("is cut through: an end of it may be live");
        // Nothing comes past it: the receptacle at the window says so.
        Assert.Contains(await RulesAsync(job, "window"), r => r == "cable-damage");
        Assert.Contains(await RulesAsync(job, "window"), r => r == "fed");
        person.Tap("Put a box into this cable");
        person.Type("Its name", "Attic splice");
        person.Sees("30.3 in³", "[role=dialog]");
        person.Tap("Put in: 4 square × 2 1/8");
        person.Sees("Attic splice", "h1");
        person.Sees("11.25 / 30.3");
        Assert.True(person.Taps <= Most, $"{person.Taps} taps");
        Assert.DoesNotContain(await RulesAsync(job, "window"), r => r is "cable-damage" or "fed");
        // One gesture, one undo.
        person.Tap("Undo");
        Person.Wait(() => BoxesAsync(job).GetAwaiter().GetResult() == 0);
        Assert.Contains(await RulesAsync(job, "window"), r => r == "cable-damage");
    }

    private async Task<IReadOnlyList<string>> RulesAsync(string job, string box)
    {
        var view = await site.AskAsync($"/api/jobs/{job}/boxes/{box}");
        return [.. view["findings"]!.AsArray().Where(f => (string)f!["verdict"]! is "Stop" or "Fix").Select(f => (string)f!["rule"]!)];
    }

    private async Task<int> BoxesAsync(string job) => (await site.AskAsync($"/api/jobs/{job}/boxes?find=attic")).AsArray().Count;
}
