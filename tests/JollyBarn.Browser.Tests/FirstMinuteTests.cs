using System.Net.Http.Json;

namespace JollyBarn.Browser.Tests;

/// <summary>From nothing to a kept box, as somebody on a ladder would go.</summary>
public sealed class FirstMinuteTests
{
    private const string Sum = "aside section:first-of-type";

    [Fact]
    public async Task By_touch_on_a_phone_from_quick_fit_to_a_kept_box_a_ring_undo_reload_export_and_import()
    {
        using var site = Site.FirstRun();
        using var person = new Person(390, 844, phone: true);
        using var client = new HttpClient { BaseAddress = new Uri(site.Address) };
        using (
            var gone = await client.PostAsJsonAsync(
                new Uri("/api/jobs/ferry-keepers-house/bin", UriKind.Relative),
                new { id = "bin", by = Person.Name }
            )
        )
        {
            gone.EnsureSuccessStatusCode();
        }

        person.Go(site.Address);
        person.Sees("No job here yet");
        person.Touch("Quick fit", "main");
        person.Sees("Tap what comes into the box");
        var before = person.Taps;
        person.Touch("14-2");
        person.Touch("14-2, 1");
        person.Touch("14-2, 2");
        person.Touch("receptacle");
        person.Touch("Inside");
        person.Touch("18");
        person.Sees("2.0 in³ over");
        Assert.True(person.Taps - before < 10, $"{person.Taps - before} taps");
        person.Sees("clamps outside");
        Assert.Contains("cables=14-2*3", Uri.UnescapeDataString(person.Driver.Url), StringComparison.Ordinal);

        person.Driver.Navigate().Refresh();
        person.Sees("2.0 in³ over");
        person.Touch("Keep as a box");
        person.Type("What is the box called?", "Bench, left", enter: false);
        person.Touch("Keep", "[role=dialog]");
        person.Panel("fit");
        person.Sees("Over-full");
        Assert.Equal("Bench, left", person.Driver.FindElement(OpenQA.Selenium.By.CssSelector("h1")).GetDomProperty("textContent"));

        person.Touch("Do it: this box, clamps outside");
        person.Sees("Exactly full", Sum);
        person.Touch("Undo");
        person.Sees("Over-full", Sum);
        person.Driver.Navigate().Refresh();
        person.Sees("Over-full", Sum);
        var address = person.Driver.Url.Split("/boxes/")[0];
        var job = address.Split('/')[^1];

        var file = Path.Combine(Path.GetTempPath(), $"{job}.json");
        await File.WriteAllBytesAsync(file, await client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export", UriKind.Relative)));
        person.Go(site.Address);
        person.Sees("1 over-full");
        person.Driver.FindElement(OpenQA.Selenium.By.CssSelector("input[type=file]")).SendKeys(file);
        person.Sees("is here already");
        person.Touch("Take in as a copy");
        person.Sees("is here.");
        Person.Wait(() => person.Driver.FindElements(OpenQA.Selenium.By.CssSelector("main li")).Count == 2);
        File.Delete(file);
    }
}
