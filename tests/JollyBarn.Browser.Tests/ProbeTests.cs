namespace JollyBarn.Browser.Tests;

/// <summary>An instrument on a stop of the run sheet: what is expected, the real one beside it, and what would explain the
/// difference.</summary>
public sealed class ProbeTests(Site site)
{
    [Fact]
    public async Task A_reading_that_differs_names_the_breaker_first_and_then_what_is_near()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/sheet?at=panel/3|b:window");
        person.Tap("Test here");
        person.Sees("Test at Window bench", "h2");
        Choose(person, "From", "hot slot, upper of the duplex receptacle");
        Choose(person, "To", "neutral slot, upper of the duplex receptacle");
        person.Tap("Read", "[role=dialog]");
        person.Sees("119.");
        person.Type("What yours shows", "0");
        person.Sees("Expected 119.");
        var causes = person.Texts("return [...document.querySelectorAll('[role=dialog] ol li')].map(e => e.textContent)");
        Assert.Equal("Breaker 3, Bindery benches is off", causes[0]);
        Assert.All(causes.Skip(2).Take(4), c => Assert.StartsWith("Window bench", c, StringComparison.Ordinal));
        var readings = (await site.AskAsync($"/api/jobs/{job}/readings")).ToJsonString();
        Assert.Contains("\"0 V\"", readings, StringComparison.Ordinal);
        Assert.Empty(person.Axe(false));
    }

    private static void Choose(Person person, string what, string option)
    {
        person.Tap(what, "[role=dialog]");
        person.Tap(option, "[role=listbox]");
    }
}
