namespace JollyBarn.Browser.Tests;

/// <summary>Which outlet feeds which, learned with a phone from what goes dead when one is opened.</summary>
public sealed class OrderTests(Site site)
{
    /// <summary>What really feeds what is made up here: breaker 8 to the landing chair, on to the linen press, on to the attic
    /// stair.</summary>
    private static readonly string[] Chain = ["chair", "press", "stair"];

    [Fact]
    public async Task Three_outlets_of_one_breaker_stand_on_the_sheet_in_their_order()
    {
        var job = await site.OwnJobAsync();
        foreach (var box in Chain)
        {
            await EditAsync(
                job,
                new
                {
                    @do = "addBox",
                    id = box,
                    name = $"Up {box}",
                    kind = "nm-1g-18",
                    place = "landing",
                }
            );
            for (var i = 0; i < 2; i++)
            {
                await EditAsync(job, Look(box, ["panel/7", "panel/8"], i));
            }

            await EditAsync(job, Look(box, ["panel/8"], 2));
            await EditAsync(job, Look(box, ["panel/8"], 3));
        }

        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/order");
        person.Sees("Which feeds which", "h1");
        person.Type("Volts at Up press", "119.2");
        person.Type("Volts at Up stair", "118");
        person.Sees("likely after Up press: 119.2 V there, 118.0 V here");
        Assert.Empty(person.Axe(false));
        var openings = 0;
        for (; openings < 4; openings++)
        {
            var order = (await site.AskAsync($"/api/jobs/{job}/order")).AsArray().Single(o => (string)o!["key"]! == "panel/8")!;
            if (order["open"] is not { } open)
            {
                break;
            }

            person.Sees($"Open {open["name"]} next");
            foreach (var box in order["look"]!.AsArray())
            {
                var name = (string)box!["name"]!;
                person.Touch(name, "section[aria-label^='8'] ul");
                if (Array.IndexOf(Chain, (string)box["box"]!) < Array.IndexOf(Chain, (string)open["box"]!))
                {
                    person.Touch(name, "section[aria-label^='8'] ul");
                }
            }

            person.Click("main section[aria-label^='8'] button.min-h-14");
            person.Gone($"Open {open["name"]} next");
        }

        Assert.InRange(openings, 2, 3);
        var stops = (await site.AskAsync($"/api/jobs/{job}/sheet"))["rails"]!.AsArray().Single(r => (string)r!["key"]! == "panel/8")![
            "stops"
        ]!.AsArray();
        Assert.Equal(
            [(null, "b:chair"), ("b:chair", "b:press"), ("b:press", "b:stair")],
            Chain.Select(b => stops.Single(s => (string)s!["key"]! == $"b:{b}")!).Select(s => ((string?)s["from"], (string)s["key"]!))
        );
    }

    /// <summary>Before anything goes off it is asked what minds; at the end it is said what to see to.</summary>
    [Fact]
    public async Task What_minds_losing_power_is_asked_before_the_walk()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/walk");
        person.Sees("Before anything goes off");
        person.Tap("Add what is there");
        person.Tap("chest freezer", "[role=listbox]");
        person.Sees("Ask first, never without warning:");
        var minding = (await site.AskAsync($"/api/jobs/{job}/walk?by={Person.Name}"))["minding"]!.AsArray();
        Assert.Equal("AskFirst", (string)Assert.Single(minding)!["minds"]!);
    }

    /// <summary>An outlet nobody had recorded is added while walking, and is looked at in the same round.</summary>
    [Fact]
    public async Task An_outlet_met_on_the_way_joins_the_walk()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/walk");
        person.Type("An outlet that is not on the list", "Behind the stove");
        person.Sees("Behind the stove", "main li button");
        var walk = await site.AskAsync($"/api/jobs/{job}/walk?by={Person.Name}");
        Assert.Contains(walk["look"]!.AsArray(), b => (string)b!["name"]! == "Behind the stove");
    }

    private static object Look(string box, string[] off, int n) =>
        new
        {
            @do = "logSighting",
            id = $"{box}-{n}",
            sighting = new
            {
                box,
                off,
                shows = "Dead",
                by = Person.Name,
                at = "2026-10-02T09:00:00Z",
            },
        };

    private Task EditAsync(string job, object edit) =>
        Person.PostAsync(
            site.Address,
            $"/api/jobs/{job}/edits",
            new
            {
                id = $"e{Guid.NewGuid():N}",
                by = Person.Name,
                edit,
            }
        );
}
