using System.Text.Json.Nodes;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace JollyBarn.Browser.Tests;

/// <summary>The open box as a picture one works on: by mouse, by finger, by keys, and as a list on a phone.</summary>
public sealed class BenchTests(Site site)
{
    private const string Picked = "to-window.a0";
    private const string Gfci = "bench-left";

    /// <summary>There when the edit is in the log: the picture shows an end where it was put a moment sooner.</summary>
    private const string CanUndo = "button[aria-label='Undo']:not(:disabled)";

    [Theory]
    [InlineData("mouse")]
    [InlineData("finger")]
    [InlineData("keys")]
    public async Task By_mouse_by_finger_and_by_keys_a_lead_ends_in_the_same_joint(string way)
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/{Gfci}?show=leads,fit");
        person.Sees("20.25 / 22.5");
        if (way == "keys")
        {
            person.Focus($"[data-walk='{Picked}']");
            person.Press(Keys.Enter);
            person.Sees("In hand: black, on to the window bench");
            person.WalkTo("joint:hots");
            person.Sees("no longer protected");
            person.Press(Keys.Enter);
        }
        else
        {
            person.Drag($"[data-end^='{Picked}']", "[data-walk='hots']", way == "mouse" ? PointerKind.Mouse : PointerKind.Touch);
        }

        person.Sees("black, on to the window bench: joint hots", "[data-says]");
        person.Focus(CanUndo);
        var lands = (await LeadAsync(job, Gfci, Picked))!["lands"]!;
        Assert.Equal(("Joint", "hots"), ((string)lands["at"]!, (string)lands["joint"]!));
        person.Chord(Keys.Control, "z");
        person.Sees("black, on to the window bench: load hot", "[data-says]");
    }

    [Fact]
    public async Task What_would_follow_is_shown_before_landing_and_one_call_answers_every_place()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/{Gfci}?show=leads,fit");
        person.Sees("20.25 / 22.5");
        person.Click($"[data-end^='{Picked}']");
        person.Sees("In hand: black, on to the window bench");
        person.Find("New joint");
        foreach (
            var (place, says) in new[]
            {
                ("at:g1:line-neutral/plate", "polarity is reversed"),
                ("joint:grounds", "where a hot belongs"),
                ("joint:hots", "no longer protected"),
                ("at:g1:load-hot/plate", "It lies here now"),
            }
        )
        {
            person.Hover($"[data-key='{place}']");
            person.Sees(says);
        }

        Assert.Single(person.Texts("return performance.getEntriesByType('resource').map(e => e.name)"), c =>
            c.EndsWith("/moves", StringComparison.Ordinal)
        );
        person.Press(Keys.Escape);
        person.Gone("In hand:");
        Assert.Equal("Terminal", (string)(await LeadAsync(job, Gfci, Picked))!["lands"]!["at"]!);
    }

    [Fact]
    public async Task Three_leads_are_bunched_and_joined_a_pigtail_pulled_and_a_connector_swapped_by_the_menu()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/stair-top");
        person.Panel("leads");
        foreach (var lead in new[] { "stair.b2", "stair-lamp.a1", "stair-2.a2" })
        {
            person.Click($"[data-strand='{lead}'] [data-walk]", Keys.Shift);
        }

        person.Tap("Join these 3");
        person.Sees("Joint neutrals");
        var joint = (string)person.Driver.ExecuteScript("return document.querySelector('[data-pull]').dataset.pull")!;
        person.Drag($"[data-pull='{joint}']", "[data-walk='d:s1']", PointerKind.Mouse, "[data-key='at:s1:ground/screw']");
        person.Sees("white pigtail: joint neutrals to ground of the four-way switch", "[data-says]");
        person.Sees("ground parts carry neutral current");
        person.Menu($"[data-walk='{joint}']");
        person.Tap("Make it a five-port lever connector", "[role=menu]");
        person.Sees("five-port lever connector, 4 conductors");
        person.Menu("[data-strand='stair-lamp.a0'] [data-walk]");
        person.Tap("Cap", "[role=menu]");
        person.Sees("black, to the stair lamp: capped", "[data-says]");
    }

    [Fact]
    public async Task Right_click_long_press_and_a_key_reach_the_same_actions()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/{Gfci}?show=leads,fit");
        person.Panel("leads");
        foreach (
            var thing in new[]
            {
                "[data-strand='to-window.a0'] [data-walk]",
                "[data-walk='d:g1']",
                "[data-walk='hots']",
                "[data-walk='c:to-glue/A']",
            }
        )
        {
            var ways = new Action[] { () => person.Menu(thing), () => person.LongPress(thing), () => Key(person, thing) };
            var menus = ways.Select(way => Items(person, way)).ToList();
            Assert.True(menus[0].Count > 1, thing);
            Assert.Equal(menus[0], menus[1]);
            Assert.Equal(menus[0], menus[2]);
        }
    }

    private static void Key(Person person, string thing)
    {
        person.Focus(thing);
        person.Press("m");
    }

    /// <summary>What a menu offers that is opened so; it is closed again.</summary>
    private static List<string> Items(Person person, Action open)
    {
        open();
        IReadOnlyList<string> items = [];
        Person.Wait(() =>
            (items = person.Texts("return [...document.querySelectorAll('[role=menu] [role=menuitem]')].map(e => e.textContent)")).Count > 0
        );
        person.Press(Keys.Escape);
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("[role=menu]")).Count == 0);
        return [.. items];
    }

    [Fact]
    public async Task A_device_turns_over_a_tab_breaks_a_ring_of_kinds_says_what_each_would_come_to()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/type-door");
        person.Sees("15.75 / 18");
        person.Click("[data-walk='d:r1']");
        person.Tap("hot tab: whole");
        person.Sees("hot tab: broken");
        person.Tap("Turn over");
        person.Tap("Swap: duplex receptacle");
        person.Sees("15.75 / 18.0 in³, fits");
        person.Tap("GFCI receptacle", "[role=dialog]");
        person.Sees("GFCI receptacle");
        person.Panel("box");
        person.Tap("Change", "[data-open='box']");
        person.Sees("one-gang nonmetallic, 14 in³");
        person.Sees("15.75 / 14.0 in³, over-full");
    }

    [Fact]
    public async Task A_band_of_the_sum_lights_its_leads_and_a_lead_its_band()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/{Gfci}?show=leads,fit");
        person.Sees("20.25 / 22.5");
        person.Panel("leads");
        person.Tap("conductors", "aside");
        Assert.Equal(6, person.Driver.FindElements(By.CssSelector("[data-strand] [aria-pressed=true]")).Count);
        Assert.Equal(
            6,
            person
                .Driver.FindElements(By.CssSelector("[data-line][aria-pressed=true]"))
                .Select(e => e.GetAttribute("data-line"))
                .Distinct()
                .Count()
        );
        person.Click("[data-line='to-window.a2']");
        person.Sees("are, on to the window bench: joint grounds", "[data-chosen]");
        Assert.Single(person.Driver.FindElements(By.CssSelector("[data-strand='to-window.a2'] [aria-pressed=true]")));
        Assert.Contains(
            "grounds",
            person.Driver.FindElement(By.CssSelector("aside li button.bg-slate-wash")).Text,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task The_picture_and_the_list_name_the_same_connections_for_every_box_of_the_demo()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(1400, 900);
        var boxes = (await site.AskAsync($"/api/jobs/{job}/boxes")).AsArray();
        Assert.True(boxes.Count >= 20);
        foreach (var id in boxes.Select(b => (string)b!["id"]!))
        {
            person.Go($"{site.Address}/jobs/{job}/boxes/{id}?show=leads");
            person.Sees("Cables and leads");
            var picture = person.Texts(
                "return [...document.querySelectorAll('[data-strand] [data-walk]')].map(e => e.getAttribute('aria-label'))"
            );
            var list = person.Texts("return [...document.querySelectorAll('[data-line]')].map(e => e.dataset.says)");
            var view = await site.AskAsync($"/api/jobs/{job}/boxes/{id}");
            Assert.Equal(list.Distinct().Order(StringComparer.Ordinal), picture.Distinct().Order(StringComparer.Ordinal));
            Assert.Equal(view["box"]!["leads"]!.AsObject().Count + view["box"]!["pigtails"]!.AsObject().Count, picture.Count);
        }
    }

    [Fact]
    public async Task On_a_phone_a_lead_is_picked_from_the_list_and_landed_from_the_list_of_places()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/{Gfci}?show=leads");
        person.Sees("Cables and leads");
        person.Touch("line hot: black pigtail");
        person.Touch("Pick up its end");
        person.Sees("In hand: black pigtail");
        person.Touch("Load hot of the protective receptacle");
        person.Sees("Tap again to land it");
        person.Touch("Load hot of the protective receptacle");
        person.Sees("load hot: black pigtail");
        person.Focus(CanUndo);
        person.Touch("Undo");
        person.Sees("line hot: black pigtail");
        Assert.Equal("line-hot/plate", (string)(await BoxAsync(job, Gfci))["pigtails"]!["tail-hot"]!["to"]!["place"]!);
    }

    [Fact]
    public async Task One_can_go_back_to_look_and_change_nothing_there()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/type-door");
        person.Sees("15.75 / 18");
        person.Panel("box");
        person.Type("Mark, in³", "20");
        person.Sees("15.75 / 20");
        person.Type("Mark, in³", "21");
        person.Sees("15.75 / 21");
        person.Panel("steps");
        person.Tap("Marked 20 in³", "[aria-label='Steps of this box'] ol");
        person.Sees("Looking only");
        person.Panel("fit");
        person.Sees("15.75 / 20");
        person.Panel("box");
        person.Type("Mark, in³", "16");
        person.Sees("15.75 / 20");
        person.Tap("Back to now");
        person.Sees("15.75 / 21");
    }

    [Fact]
    public async Task Moving_a_lead_leaves_cables_and_devices_where_they_are()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/press-door?show=leads,fit");
        person.Sees("43.3125 / 48");
        const string places =
            "return [...document.querySelectorAll(\"[data-walk^='c:'],[data-walk^='d:']\")].map(e => { const r = "
            + "e.getBoundingClientRect(), b = e.ownerSVGElement.getBoundingClientRect(); "
            + "return e.dataset.walk + ' ' + Math.round(r.top - b.top) + ' ' + Math.round(r.left - b.left) })";
        var before = person.Texts(places);
        person.Drag("[data-end^='door-lamps.a0']", "[data-walk='hots']", PointerKind.Mouse);
        person.Sees("black, to the work lamps: joint hots", "[data-says]");
        var after = person.Texts(places);
        Assert.Equal(before.Select(b => b.Split(' ')[..2]), after.Select(a => a.Split(' ')[..2]));
    }

    private async Task<JsonNode> BoxAsync(string job, string box) => (await site.AskAsync($"/api/jobs/{job}/boxes/{box}"))["box"]!;

    private async Task<JsonNode?> LeadAsync(string job, string box, string lead) => (await BoxAsync(job, box))["leads"]![lead];
}
