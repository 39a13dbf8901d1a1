namespace JollyBarn.Browser.Tests;

/// <summary>Screens around the Bench: two people at once, what does not read, Changes, the house, Quick fit in metric.</summary>
public sealed class ScreenTests(Site site)
{
    [Fact]
    public async Task A_ring_put_on_a_square_box_adds_its_volume_and_comes_off_again()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/boxes/press-left");
        person.Sees("15.75 / 21");
        person.Panel("box");
        person.Tap("Put on a ring, extension or cover");
        person.Tap("4 square extension, 1 1/2 deep", "[role=dialog]");
        person.Sees("15.75 / 42");
        person.Tap("Undo");
        person.Sees("Undone");
        person.Sees("15.75 / 21");
        person.Tap("Redo");
        person.Sees("15.75 / 42");
    }

    [Fact]
    public async Task Two_screens_see_each_others_edits()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var ann = new Person();
        using var bob = new Person();
        ann.Go(job + "/boxes/press-right");
        bob.Go(job + "/boxes/press-right");
        ann.Sees("18.0 / 12.5");
        bob.Sees("18.0 / 12.5");
        ann.Panel("box");
        ann.Type("Mark, in³", "14");
        ann.Sees("18.0 / 14");
        bob.Sees("18.0 / 14");
    }

    [Fact]
    public async Task Somebody_elses_edit_of_the_same_thing_is_named_and_nothing_of_ones_own_is_done()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var ann = new Person();
        using var client = new HttpClient { BaseAddress = new Uri(site.Address) };
        ann.Driver.ExecuteCdpCommand("Network.enable", []);
        ann.Driver.ExecuteCdpCommand("Network.setBlockedURLs", new() { ["urls"] = new[] { "*/events" } });
        ann.Go(job + "/boxes/press-right");
        ann.Sees("18.0 / 12.5");
        using (
            var theirs = new StringContent(
                """
                {"id":"bob1","by":"Bob","edit":{"do":"setBoxMark","box":"press-right","mark":{"how":"Marked","value":"14","entered":"14"}}}
                """,
                System.Text.Encoding.UTF8,
                "application/json"
            )
        )
        using (
            var reply = await client.PostAsync(
                new Uri($"{job.Replace("/jobs/", "/api/jobs/", StringComparison.Ordinal)}/edits", UriKind.Absolute),
                theirs
            )
        )
        {
            reply.EnsureSuccessStatusCode();
        }

        ann.Panel("box");
        ann.Type("Mark, in³", "16");
        ann.Sees("Somebody changed the same thing first");
        ann.Sees("Bob: Press, right");
        ann.Sees("18.0 / 14");
    }

    [Fact]
    public async Task A_Change_is_opened_planned_at_a_box_and_recorded_when_it_is_done()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/changes");
        person.Sees("Nothing in it is done until you close it");
        person.Type("Open a Change", "A deeper box at the press");
        person.Sees("A deeper box at the press");
        person.Go(job + "/boxes/press-right");
        person.Sees("18.0 / 12.5");
        person.Tap("Record or plan");
        person.Tap("Plan in: A deeper box at the press");
        person.Sees("Nothing of this is done yet");
        person.Panel("box");
        person.Type("Mark, in³", "20");
        person.Sees("18.0 / 20");
        person.Tap("Record or plan");
        person.Tap("Record what is there");
        person.Sees("18.0 / 12.5");
        person.Go(job + "/changes");
        person.Sees("Press, right: marked 20 in³");
        person.Tap("It is all done: record it", "main li:last-child, main li");
        person.Sees("done 20");
    }

    [Fact]
    public async Task Rooms_walls_sources_breakers_and_circuits_are_edited_in_place()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/sheet?open=panels");
        person.Sees("What can make it live");
        person.Tap("Rooms");
        person.Type("Another room", "Boat shed");
        person.Sees("Boat shed", "input[aria-label], label span");
        person.Type("Another wall", "Shed, west wall");
        person.Sees("Wall: Shed, west wall", "label span");
        person.Tap("Panel");
        person.Type("Another source", "Inverter in the loft");
        person.Sees("Source: Inverter in the loft", "label span");
        person.Type("Another circuit", "Boat shed");
        person.Sees("Circuit: Boat shed", "label span");
        person.Click("[aria-label='Cellar panel'] div.grid-flow-col button:last-of-type");
        person.Sees("Work inside a panel is for a licensed electrician");
        person.Tap("30", "[role=dialog]");
        person.Tap("Keep", "[role=dialog]");
        person.Sees("30", "[aria-label='Cellar panel'] div.grid-flow-col button:last-of-type");
        person.Tap("Undo");
        person.Sees("empty", "[aria-label='Cellar panel'] div.grid-flow-col button:last-of-type");
    }

    [Fact]
    public void Quick_fit_takes_a_mark_in_cubic_centimetres_where_metric_is_shown()
    {
        using var person = new Person();
        person.Go(site.Address);
        person.Driver.ExecuteScript("localStorage.setItem('jolly-barn', JSON.stringify({units:'metric'}))");
        person.Go(site.Address + "/quick?cables=14-2*2&front=receptacle*1&clamps=internal");
        person.Type("Box mark, cm³", "295", enter: false);

        // 295 cm³ is a little over 18.0 in³; two 14-2, a clamp and a receptacle ask 16.0.
        person.Sees("32.8 cm³ left");
    }

    [Fact]
    public async Task What_does_not_read_is_said_and_what_was_there_stays()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/boxes/press-right");
        person.Sees("18.0 / 12.5");
        person.Panel("box");
        person.Type("Depth", "a good bit");
        person.Sees("A length is text such as");
        person.Type("Depth", "63,5 mm");
        person.Sees("2 ½ in");
    }
}
