using System.Globalization;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>From a wish to a Change, at a desk and with a thumb.</summary>
public sealed class WayScreenTests(Site site)
{
    [Fact]
    public async Task Words_become_ways_and_a_way_becomes_a_Change()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/changes");
        person.Tap("Find ways");
        person.Type("What is wanted?", "more outlets here");
        person.Tap("An outlet more");
        person.Tap("Near which box?");
        person.Tap("Press, left", "[role=listbox]");
        person.Sees("Take this way");
        person.Sees("These would change the answer");
        person.Tap("Does one get under the floor? No");
        person.Gone("under the floor and up");
        Assert.Empty(person.Axe(false));
        var title = (string)person.Driver.ExecuteScript("return document.querySelector('main ol > li h2').innerText")!;
        var kept = title.Replace("First", "", StringComparison.Ordinal).Trim();
        person.Click("main ol > li summary");
        person.Sees("What it changes");
        person.Sees("plate with its screws, one gang");
        person.Tap("As an offer", "main ol > li:first-child");
        person.Sees("In all");
        person.Tap("Back to the ways");
        person.Tap("Take this way", "main ol > li:first-child");
        person.Sees("Changes", "h1");
        var changes = (await site.AskAsync($"/api/jobs/{job}/changes")).AsArray();
        Assert.Contains(changes, c => ((string)c!["name"]!).StartsWith(kept[..30], StringComparison.Ordinal));
        // It is judged on as any other Change, and is on the one shopping list.
        person.Tap("One shopping list");
        person.Sees("plate with its screws, one gang");
    }

    /// <summary>The part decides the way: with the box that the first way takes not to be had, another comes first.</summary>
    [Fact]
    public async Task A_part_the_shop_has_none_of_changes_the_ways()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/ways?kind=AddDevice&box=press-left&closed=yes");
        person.Sees("25 in³");
        person.Tap("Van and shop");
        person.Type("Find a part", "two-gang old-work, 25", enter: false);
        person.Sees("two-gang old-work, 25 in³", "details li span");
        person.Driver.ExecuteScript(
            """
            const labels = [...document.querySelectorAll('details li label')];
            labels.find((l) => l.innerText.includes('in the shop')).querySelector('input').focus();
            """
        );
        person.Press("0" + Keys.Enter);
        person.Sees("34 in³", "main ol > li:first-child h2");
        Assert.Equal(
            0m,
            (decimal)
                (await site.AskAsync($"/api/jobs/{job}/stock")).AsArray().Single(s => (string)s!["part"]! == "box.ow-2g-25")!["line"]![
                    "shop"
                ]!
        );
        // Out as CSV, and in again.
        var csv = await site.TextAsync($"/api/jobs/{job}/stock.csv");
        Assert.Contains("box.ow-2g-25", csv, StringComparison.Ordinal);
        Assert.Contains("device.receptacle,duplex receptacle,0,,2.5", csv, StringComparison.Ordinal);
    }

    /// <summary>With a thumb: a verdict is mended by the way that is chosen.</summary>
    [Fact]
    public async Task On_a_phone_a_full_box_finds_its_ways()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/ways?kind=Bigger&box=press-right");
        person.Sees("Take this way");
        person.Sees("The box is over-full");
        Assert.Empty(person.Axe(false));
        Assert.True((bool)person.Driver.ExecuteScript("return document.documentElement.scrollWidth <= window.innerWidth")!);
        person.Touch("Take this way", "main ol > li:first-child");
        person.Sees("Changes", "h1");
        var changes = (await site.AskAsync($"/api/jobs/{job}/changes")).AsArray();
        Assert.Equal(5, changes.Count);
    }

    /// <summary>What is left energised stays on top of Today until somebody ends it, and says so when its time is past.</summary>
    [Fact]
    public async Task What_is_left_energised_stays_on_top_until_it_is_ended()
    {
        var job = await site.OwnJobAsync();
        await Person.PostAsync(
            site.Address,
            $"/api/jobs/{job}/edits",
            new
            {
                id = "left-so",
                by = Person.Name,
                edit = new
                {
                    @do = "leaveInterim",
                    id = "i1",
                    interim = new
                    {
                        says = "capped until the shop opens",
                        until = DateTime.UtcNow.AddHours(-1).ToString("o", CultureInfo.InvariantCulture),
                        by = Person.Name,
                        at = DateTime.UtcNow.AddHours(-9).ToString("o", CultureInfo.InvariantCulture),
                        box = "press-left",
                    },
                },
            }
        );
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}");
        person.Sees("capped until the shop opens");
        person.Sees("overdue since");
        person.Tap("Leave something energised for now");
        person.Type("What is left so, and why", "one box, live until tomorrow", enter: false);
        person.Tap("Keep it on top");
        person.Sees("one box, live until tomorrow");
        person.Tap("It is finished: capped until the shop opens");
        person.Gone("capped until the shop opens");
        Assert.Single((await site.AskAsync($"/api/jobs/{job}/today"))["interims"]!.AsArray());
    }
}
