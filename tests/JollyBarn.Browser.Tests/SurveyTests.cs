using JollyBarn.Testing;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>The survey at the wall: phone, touch, few taps, nothing lost when the program is stopped in the middle.</summary>
public sealed class SurveyTests(Site site)
{
    /// <summary>Three 14-2, a protective receptacle and a metal box in at most 40 taps apart from the proof of dead.</summary>
    [Fact]
    public async Task Three_cables_and_a_protective_receptacle_take_at_most_forty_taps()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        await Person.PostAsync(
            site.Address,
            $"/api/jobs/{job}/edits",
            new
            {
                id = "metal",
                by = Person.Name,
                edit = new
                {
                    @do = "setBoxKind",
                    box = "west-door",
                    kind = "device-3x2x3-1/2",
                },
            }
        );
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey");
        person.Sees("Not proved dead by you");
        var before = person.Taps;
        person.Touch("Next: cables");
        person.Touch("GFCI receptacle");
        person.Sees("GFCI receptacle", "ul");
        for (var i = 1; i <= 3; i++)
        {
            person.Touch("14-2");
            Person.Wait(() => person.Driver.FindElements(By.CssSelector("[aria-label='What does each cable do?'] > ul > li")).Count == i);
        }

        foreach (var (index, feeds) in new[] { (1, "Feeds in"), (2, "Feeds on"), (3, "Protected") })
        {
            person.Touch(feeds, $"[aria-label='What does each cable do?'] > ul > li:nth-child({index})");
        }

        person.Touch("Next: leads");
        foreach (
            var (lead, place) in new[]
            {
                ("0 of 9", "New joint, grounds"),
                ("1 of 9", "Grounds"),
                ("2 of 9", "Grounds"),
                ("3 of 9", "New joint, neutrals"),
                ("4 of 9", "Neutrals"),
                ("5 of 9", "Load neutral, GFCI receptacle"),
                ("6 of 9", "New joint, hots"),
                ("7 of 9", "Hots"),
                ("8 of 9", "Load hot, GFCI receptacle"),
            }
        )
        {
            person.Sees(lead);
            // What is asked about is lit in the small picture, and nothing else.
            var asked = person.Driver.FindElement(By.CssSelector("[aria-label='Where does it go?'] .font-bold")).Text;
            Person.Wait(() => Lit(person).Equals($"The box, lit: {asked}", StringComparison.OrdinalIgnoreCase));
            person.Touch(place, "[aria-label='Where does it go?']");
        }

        person.Sees("Every lead has its place");
        foreach (var tail in new[] { "Hots → line hot", "Neutrals → line neutral", "Grounds → ground", "Grounds → bonding screw" })
        {
            person.Touch(tail, "[aria-label='Pigtails']");
            person.Gone(tail);
        }

        person.Touch("That is all");
        person.Gone("That is all");
        var taps = person.Taps - before;
        Assert.True(taps <= 40, $"{taps} taps");
        var box = await site.AskAsync($"/api/jobs/{job}/boxes/west-door");
        Assert.Equal(
            ("Complete", 9, 4),
            (
                (string)box["box"]!["contents"]!,
                box["box"]!["leads"]!.AsObject().Count(l => l.Value!["run"] is not null),
                box["box"]!["pigtails"]!.AsObject().Count
            )
        );
        Assert.DoesNotContain(box["findings"]!.AsArray(), f =>
            (string)f!["rule"]! is "box-bonded" or "grounds-joined" or "line-load" or "device-bonded"
        );
    }

    [Fact]
    public void Stopped_and_started_in_the_middle_it_goes_on_where_it_was()
    {
        using var wall = Site.FirstRun();
        using var person = new Person(390, 844, phone: true);
        var page = $"{wall.DemoJob}/boxes/fan-switch/survey?step=leads";
        person.Go(page);
        person.Sees("0 of 3");
        person.Touch("Ground, single-pole switch", "[aria-label='Where does it go?']");
        person.Sees("1 of 3");
        wall.Stop();
        person.Touch("Cap", "[aria-label='Where does it go?']");
        person.Sees("does not answer");
        wall.Start();
        person.Go(page.Replace(wall.FirstAddress, wall.Address, StringComparison.Ordinal));
        person.Sees("1 of 3");
        person.Touch("New joint, neutrals", "[aria-label='Where does it go?']");
        person.Sees("2 of 3");
    }

    [Fact]
    public async Task A_proof_of_dead_is_entered_reading_by_reading_and_lapses_when_a_breaker_is_switched()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/coal-hole/survey");
        person.Type("Known live source", "galley receptacle", enter: false);
        person.Type("Independent ground", "cord from the type store", enter: false);
        person.Touch("Begin to prove it dead");
        // One act a reading: something at the known source, nothing at each pair, a figure where the tester shows one.
        person.Sees("Known source, before");
        person.Touch("Something");
        for (var left = 6; left > 1; left--)
        {
            person.Sees($"{left} readings to go");
            person.Touch("Nothing");
        }

        person.Sees("1 readings to go");
        person.Type("Or its figure, V", "0.0");
        person.Sees("Known source again, after");
        person.Type("Or its figure, V", "121");
        person.Sees("Proved dead with the two-pole tester");
        await Person.PostAsync(
            site.Address,
            $"/api/jobs/{job}/edits",
            new
            {
                id = "sw",
                by = "Tomas",
                edit = new
                {
                    @do = "switchBreaker",
                    panel = "panel",
                    slot = 10,
                    by = "Tomas",
                    at = "2026-11-25T10:00:00Z",
                    on = true,
                },
            }
        );
        person.Sees("The proof no longer holds");
    }

    [Fact]
    public async Task A_length_is_taken_by_tape_fractions_or_typing_and_decides_its_verdict()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/press-left");
        person.Panel("measure");
        person.Click("[data-all='questions']");
        person.Tap("Measure: How far behind the finished face is its rim?");
        person.Tap("1", "[aria-label='Whole inches']");
        person.Tap("3/8", "[aria-label='Fractions']");
        Assert.Equal("1 3/8 in", person.Driver.FindElement(By.CssSelector("[role=slider]")).GetAttribute("aria-valuetext"));
        person.Press(Keys.Enter);
        person.Tap("Write it down", "[role=dialog]");
        person.Panel("verdicts");
        person.Sees("1 3/8 in; 1/4 in at most", "[aria-label='Verdicts']");
        person.Tap("Behind a face that does not burn", "[aria-label='Verdicts']");
        person.Sees("1 1/8 in too much");
        person.Tap("Done, look again: Bring the opening to the face with an extender. By 1 3/8 in.");
        Person.Wait(() =>
            !person
                .Texts("return [...document.querySelectorAll(\"[aria-label='Verdicts']\")].map(e => e.textContent)")[0]
                .Contains("1/4 in at most", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task The_book_shows_what_a_setting_would_change_before_it_is_kept()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/book");
        person.Tap("6 in", "[aria-label='Pigtails are cut']");
        person.Sees("What this would change");
        person.Tap("Leave it", "[role=dialog]");
        person.Gone("What this would change");
        person.Tap("NEC 2017", "[aria-label='Edition']");
        person.Sees("What this would change");
        person.Tap("Keep it", "[role=dialog]");
        person.Gone("What this would change");
        person.Sees("Numbers in force, NEC 2017");
    }

    [Fact]
    public async Task A_Change_is_recorded_as_left_and_what_differs_reads_as_sentences()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/east-bed?plan=upstairs&state=AsLeft");
        person.Sees("Every lead lies where it was found");
        person.Tap("Done as planned: East bedroom, by the bed: duplex receptacle swapped for a GFCI receptacle");
        person.Sees("leads are not back where they were found");
        person.Tap("What changes");
        person.Sees("duplex receptacle: now a GFCI receptacle");
        person.Tap("As found");
        person.Sees("You are correcting what was found");
    }

    [Fact]
    public async Task A_line_of_somebodys_list_is_pasted_tied_answered_and_closed()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/lists");
        person.Tap("Take in another list");
        person.Type("What list is it?", "Insurer");
        var area = person.Driver.FindElement(By.CssSelector("textarea"));
        area.SendKeys("1. Box over-full at the press\n2. Loose plate");
        person.Tap("Take in 2 lines");
        person.Sees("Insurer");
        person.Sees("Box over-full at the press");
        person.Tap("Close it", "[aria-label='Insurer']");
        person.Sees("1 line open");
    }

    [Fact]
    public async Task A_picture_taken_while_a_Change_is_open_is_kept_at_once()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/east-bed?plan=upstairs&show=box");
        person.Sees("Add a picture");
        person
            .Driver.FindElement(By.CssSelector("input[type=file]"))
            .SendKeys(Path.Combine(Checkout.Root, "demo", "pictures", "drying.jpg"));
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("[aria-label='Pictures'] img")).Count == 2);
        var photos = (await site.AskAsync($"/api/jobs/{job}/boxes/east-bed/photos")).AsArray();
        Assert.Equal((2, 960), (photos.Count, (int)photos[^1]!["width"]!));
    }

    private static string Lit(Person person) =>
        person.Driver.FindElement(By.CssSelector("svg[aria-label^='The box']")).GetAttribute("aria-label") ?? "";
}
