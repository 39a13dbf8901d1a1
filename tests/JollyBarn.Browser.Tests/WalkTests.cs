using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>The demo's panel learned from nothing by walking the house with a phone.</summary>
public sealed class WalkTests(Site site)
{
    /// <summary>Boxes the record leads to from no breaker; what each really hangs on is made up here. Some cannot be looked at.</summary>
    [Fact]
    public async Task The_house_is_walked_and_the_run_sheet_fills()
    {
        var truth = new Dictionary<string, string>
        {
            ["west-door"] = "8",
            ["west-window"] = "8",
            ["east-door"] = "9",
            ["loft-fan"] = "10",
        };
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/walk");
        person.Sees("Walk the house", "h1");
        Assert.Empty(person.Axe(false));
        var rounds = 0;
        for (; rounds < 20; rounds++)
        {
            var skip = rounds == 0 ? "" : await SkippedAsync(job, truth);
            var walk = await site.AskAsync($"/api/jobs/{job}/walk?by={Person.Name}&skip={skip}");
            if ((int)walk["round"]! == 0)
            {
                break;
            }

            var off = walk["off"]!.AsArray().Select(k => ((string)k!).Split('/')[^1]).ToHashSet();
            var keys = string.Join(',', walk["off"]!.AsArray().Select(k => (string)k!));
            Person.Wait(() => person.Driver.FindElements(By.CssSelector($"[data-off='{keys}']")).Count == 1);
            var look = walk["look"]!.AsArray().Where(b => truth.ContainsKey((string)b!["box"]!)).ToList();
            foreach (var box in look)
            {
                var name = (string)box!["name"]!;
                Tap(person, name);
                if (!off.Contains(truth[(string)box["box"]!]))
                {
                    Tap(person, name);
                }
            }

            var before = await SightingsAsync(job);
            person.Click("main button.min-h-16");
            Person.Wait(() => SightingsAsync(job).GetAwaiter().GetResult() == before + look.Count);
        }

        Assert.InRange(rounds, 7, 14);
        person.Sees("Nothing is left to look at");
        person.Touch("They are back on");
        Person.Wait(() => AllOnAsync(job).GetAwaiter().GetResult());
        // What was found stands on its rail, unseen, with no cable drawn to it by anybody's hand.
        var sheet = await site.AskAsync($"/api/jobs/{job}/sheet");
        foreach (var (box, breaker) in truth)
        {
            var rail = sheet["rails"]!.AsArray().Single(r => r!["stops"]!.AsArray().Any(s => (string?)s!["box"] == box))!;
            Assert.Equal($"panel/{breaker}", (string)rail["key"]!);
        }
    }

    /// <summary>Breaker 7 was held off by somebody else before the walk began, and stays so.</summary>
    private async Task<bool> AllOnAsync(string job) =>
        (await site.AskAsync($"/api/jobs/{job}"))["panels"]!["panel"]!["breakers"]!
            .AsArray()
            .All(b => (bool?)b!["on"] != false || (int)b["slot"]! == 7);

    private static void Tap(Person person, string name) =>
        person.Driver.ExecuteScript(
            "[...document.querySelectorAll('main li button')].find(b => b.textContent.startsWith(arguments[0])).click()",
            name
        );

    private async Task<string> SkippedAsync(string job, Dictionary<string, string> truth) =>
        string.Join(
            ',',
            (await site.AskAsync($"/api/jobs/{job}/walk?by={Person.Name}"))["known"]!
                .AsArray()
                .Select(k => (string)k!["box"]!)
                .Where(b => !truth.ContainsKey(b))
        );

    private async Task<int> SightingsAsync(string job) =>
        (await site.AskAsync($"/api/jobs/{job}/walk?by={Person.Name}"))["known"]!.AsArray().Sum(k => (int)k!["looks"]!);
}
