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
        person.Tap("Is the wall finished? Yes");
        person.Gone("Is the wall finished?");
        Assert.Empty(person.Axe(false));
        var title = (string)person.Driver.ExecuteScript("return document.querySelector('main ol > li h2').innerText")!;
        var kept = title.Replace("First", "", StringComparison.Ordinal).Trim();
        person.Tap("Before and after, parts, cuts, time", "main ol > li:first-child");
        person.Sees("What it changes");
        person.Sees("plate with its screws, one gang");
        person.Tap("As an offer", "main ol > li:first-child");
        person.Sees("In all");
        person.Tap("Back to the ways");
        person.Tap("Take this way", "main ol > li:first-child");
        person.Sees("Changes", "h1");
        var changes = (await site.AskAsync($"/api/jobs/{job}/changes")).AsArray();
        Assert.Contains(changes, c => ((string)c!["name"]!).StartsWith(kept, StringComparison.Ordinal));
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
        person.Sees("34 in³", "main ol > li:first-child");
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
        Assert.Equal(6, changes.Count);
    }

    /// <summary>A line of somebody's list: what is sent before the work, and the answer kept on the line; it settles nothing.</summary>
    [Fact]
    public async Task A_line_of_a_list_is_asked_about_before_the_work()
    {
        var job = await site.OwnJobAsync();
        await EditAsync(
            job,
            new
            {
                @do = "addReport",
                id = "buyers",
                name = "Buyer's list",
                lines = new[] { "Wash the windows", "Too many wires at the press" },
            }
        );
        var lines = (await site.AskAsync($"/api/jobs/{job}/reports"))["buyers"]!["lines"]!.AsObject();
        var line = lines.Single(l => ((string)l.Value!["text"]!).StartsWith("Too", StringComparison.Ordinal)).Key;
        await EditAsync(
            job,
            new
            {
                @do = "setReportLine",
                report = "buyers",
                line,
                box = "press-right",
                rule = "fill",
            }
        );
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/lists");
        person.Tap("Find ways: Too many wires at the press");
        person.Sees("Ask before the work");
        person.Tap("Ask before the work", "main ol > li:first-child");
        person.Sees("line 2, Press, right: \"Too many wires at the press\"");
        person.Sees("Mended this way, does line 2 come off?");
        Assert.Empty(person.Axe(false));
        person.Type("Who answered", "The buyer");
        person.Tap("It comes off");
        person.Sees("Recorded.");
        var kept = (await site.AskAsync($"/api/jobs/{job}/reports"))["buyers"]!["lines"]![line]!;
        Assert.Contains("The buyer", (string)kept["answer"]!, StringComparison.Ordinal);
        // An answer mends nothing: the line is open and the box over-full until the work is done.
        Assert.Null(kept["closed"]);
        Assert.Contains((await site.AskAsync($"/api/jobs/{job}/verdicts")).AsArray(), v =>
            (string)v!["box"]! == "press-right" && (string)v["finding"]!["rule"]! == "fill"
        );
    }

    /// <summary>A device is replaced, the work is recorded as done, and what was used is a line to bill.</summary>
    [Fact]
    public async Task What_was_done_comes_as_lines_to_bill()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/ways?kind=ReplaceDevice&box=press-left");
        person.Sees("a GFCI receptacle in the place of the duplex receptacle");
        Assert.Empty(person.Axe(false));
        person.Touch("Take this way", "main ol > li:first-child");
        person.Sees("Changes", "h1");
        var change = (await site.AskAsync($"/api/jobs/{job}/changes"))
            .AsArray()
            .Single(c => ((string)c!["name"]!).StartsWith("Press, left:", StringComparison.Ordinal))!;
        var (id, step) = ((string)change["id"]!, (string)change["steps"]![0]!["id"]!);
        var empty = await site.TextAsync($"/api/jobs/{job}/changes/{id}/work.csv");
        Assert.DoesNotContain("device.protective", empty, StringComparison.Ordinal);
        var edit = await site.AskAsync($"/api/jobs/{job}/changes/{id}/steps/{step}");
        await EditAsync(
            job,
            new
            {
                @do = "recordDone",
                change = id,
                id = "d1",
                edit,
                planned = step,
                on = "2026-03-02",
            }
        );
        var lines = (await site.TextAsync($"/api/jobs/{job}/changes/{id}/work.csv")).Split('\n');
        Assert.Contains(lines, l => l.Contains(",part,device.protective,GFCI receptacle,1,pc,24,24", StringComparison.Ordinal));
        Assert.Contains(lines, l => l.Contains(",work,op.device,", StringComparison.Ordinal));
        person.Go($"{site.Address}/jobs/{job}/changes");
        person.Sees("What was used and done, as CSV");
    }

    /// <summary>Ways are shown as they are found, and a search that somebody leaves ends.</summary>
    [Fact]
    public async Task Each_way_is_a_line_as_it_is_found()
    {
        var job = await site.OwnJobAsync();
        using var client = new HttpClient();
        using var asked = new HttpRequestMessage(HttpMethod.Post, $"{site.Address}/api/jobs/{job}/ways/as-found")
        {
            Content = new StringContent("""{"kind":"MoreOutlets","place":"press"}""", System.Text.Encoding.UTF8, "application/json"),
        };
        using var reply = await client.SendAsync(asked, HttpCompletionOption.ResponseHeadersRead);
        using var read = new StreamReader(await reply.Content.ReadAsStreamAsync());
        var (ways, last) = (0, (System.Text.Json.Nodes.JsonNode?)null);
        while (await read.ReadLineAsync() is { } line)
        {
            last = System.Text.Json.Nodes.JsonNode.Parse(line)!;
            ways += last["way"] is null ? 0 : 1;
        }

        Assert.Equal(ways, last!["answer"]!["ways"]!.AsArray().Count);
        Assert.True(ways > 3);
    }

    private async Task EditAsync(string job, object edit) =>
        await Person.PostAsync(
            site.Address,
            $"/api/jobs/{job}/edits",
            new
            {
                id = Guid.NewGuid().ToString("N"),
                by = Person.Name,
                edit,
            }
        );

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
        person.Sees("capped until the shop opens", "[role='region'][aria-label$='stops']");
        person.Tap("Leave something energised for now");
        person.Type("What is left so", "one box, live until tomorrow", enter: false);
        person.Tap("Keep it on top");
        person.Sees("one box, live until tomorrow");
        person.Tap("It is finished: capped until the shop opens");
        person.Gone("capped until the shop opens");
        Assert.Single((await site.AskAsync($"/api/jobs/{job}/today"))["interims"]!.AsArray());
    }
}
