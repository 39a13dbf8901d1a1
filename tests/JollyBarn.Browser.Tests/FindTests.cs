using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>Which breaker is this: at the box with a phone, whatever the card says.</summary>
public sealed class FindTests(Site site)
{
    /// <summary>A box of the west bedroom that hangs on the breaker of the loft: the card says otherwise.</summary>
    [Fact]
    public async Task A_breaker_is_found_though_the_card_names_another()
    {
        const string truth = "8";
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey");
        person.Sees("Not proved dead by you");
        person.Touch("Which breaker is this?");
        var looks = 0;
        for (; looks < 8; looks++)
        {
            person.Sees("Which breaker is this?", "h1");
            Person.Wait(() => Count(person, "Take back") == looks || Found(person));
            if (Found(person))
            {
                break;
            }

            var search = await site.AskAsync($"/api/jobs/{job}/boxes/west-door/breaker?by={Person.Name}");
            var off = search["off"]!.AsArray().Select(k => ((string)k!).Split('/')[^1]);
            person.Touch(off.Contains(truth) ? "It went dead" : "Still live");
        }

        Assert.InRange(looks, 2, 6);
        person.Sees(truth, "main li .text-4xl");
        Assert.Empty(person.Axe(false));
        person.Type("What to write for 8", "Loft, west bedroom");
        person.Touch("It is off: prove the box dead");
        person.Sees("Not proved dead by you");
        var panel = (await site.AskAsync($"/api/jobs/{job}"))["panels"]!["panel"]!["breakers"]!.AsArray();
        var eight = panel.Single(b => (int)b!["slot"]! == 8)!;
        Assert.Equal(
            ("Loft, west bedroom", false, Person.Name),
            ((string)eight["says"]!, (bool)eight["on"]!, (string)eight["heldBy"]![0]!)
        );
    }

    /// <summary>From nothing: a name, a box, the words of the card, and the first breakers to switch stand there.</summary>
    [Fact]
    public async Task From_nothing_the_card_is_enough_for_the_first_switch()
    {
        await Person.PostAsync(site.Address, "/api/jobs", new { id = "boathouse", name = "Boathouse" });
        await Person.PostAsync(
            site.Address,
            "/api/jobs/boathouse/edits",
            new
            {
                id = "boat-box",
                by = Person.Name,
                edit = new
                {
                    @do = "addBox",
                    id = "slip",
                    name = "Slipway receptacle",
                    kind = "nm-1g-18",
                },
            }
        );
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/boathouse/boxes/slip/breaker");
        person.Type("Slots of the panel", "12", enter: false);
        person.Driver.FindElement(By.CssSelector("textarea")).SendKeys("1 winch 30A\n2 slip lights\n3 workbench\n4,6 heater 40A");
        person.Touch("Keep 4 breakers");
        person.Sees("Throw these, then look at the box.");
        person.Sees("slip lights", "main ul");
        var panels = (await site.AskAsync("/api/jobs/boathouse"))["panels"]!.AsObject();
        Assert.Equal([1, 2, 3, 4], panels.Single().Value!["breakers"]!.AsArray().Select(b => (int)b!["slot"]!));
        Assert.Equal(2, (int)panels.Single().Value!["breakers"]![3]!["poles"]!);
    }

    private static bool Found(Person person) => Count(person, "It is off: prove the box dead") == 1;

    private static int Count(Person person, string says) =>
        person.Driver.FindElements(By.CssSelector("main button")).Count(b => b.Text == says);
}
