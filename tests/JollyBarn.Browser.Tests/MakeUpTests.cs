namespace JollyBarn.Browser.Tests;

/// <summary>Doing it: a whole box on a phone by touch, the proof lapsing in the middle, something done otherwise; and what is handed over
/// opened from disk with the program stopped.</summary>
public sealed class MakeUpTests(Site site)
{
    [Fact]
    public async Task A_box_is_made_up_by_touch_and_hidden_again_when_its_proof_lapses()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/changes/bench-row/boxes/type-door");
        person.Sees("Off, tagged, held");
        person.Touch("They are off, tagged and mine");
        person.Sees("Plate off", "h1");
        person.Touch("Done");
        Prove(person, 6, "Begin to prove it dead");
        person.Sees("Pull out the duplex receptacle");

        // The work goes to somebody else and comes back: what was proved was proved by nobody who is here now.
        await Edit(
            job,
            "lapse",
            new
            {
                @do = "handOver",
                box = "type-door",
                from = Person.Name,
                to = "Tomas",
                at = "2026-10-05T09:00:00Z",
            }
        );
        person.Sees("Prove it dead", "h1");
        person.Gone("Pull out the duplex receptacle");
        Prove(person, 6, "Begin again");
        person.Sees("Pull out the duplex receptacle");
        person.Touch("Done");
        person.Sees("Mark what comes off");

        // One step back: when it was done, and that it was not after all.
        person.Touch("Back");
        person.Touch("Not done after all");
        person.Sees("Pull out the duplex receptacle", "h1");
        person.Touch("Done");
        person.Sees("Mark what comes off", "h1");
        person.Touch("Done");
        person.Sees("Leads off the duplex receptacle", "h1");
        person.Touch("Done");
        person.Sees("Open joint grounds", "h1");

        // Done otherwise: the joint opened on the Bench, and the card goes on from there.
        person.Touch("Did it otherwise");
        person.Sees("as left");
        var opened = new
        {
            @do = "removeJoint",
            box = "type-door",
            id = "grounds",
        };
        await Edit(
            job,
            "other",
            new
            {
                @do = "recordDone",
                change = "bench-row",
                id = "o1",
                edit = opened,
            }
        );
        person.Go($"{site.Address}/jobs/{job}/changes/bench-row/boxes/type-door");
        person.Sees("A joint came apart");
        person.Gone("Open joint grounds");
    }

    /// <summary>A new box whose cable is connected to nothing yet reads nothing anywhere: what reads a voltage is said at once, and a card
    /// that was marked to its end is not proved by that.</summary>
    [Fact]
    public async Task A_box_that_was_made_up_is_proved_by_what_was_read()
    {
        var job = await site.OwnJobAsync();
        await Plan(
            job,
            new
            {
                @do = "openChange",
                id = "loft",
                name = "Loft",
            }
        );
        object[] planned =
        [
            new
            {
                @do = "addBox",
                id = "loft",
                name = "Loft",
                kind = "nm-1g-22.5",
                contents = "Complete",
            },
            new
            {
                @do = "addCable",
                box = "loft",
                run = "up",
                entry = "k1",
                cable = new
                {
                    type = "NmB",
                    conductors = 2,
                    ground = "Bare",
                    gauge = "14",
                },
            },
            new
            {
                @do = "addDevice",
                box = "loft",
                id = "r1",
                kind = "receptacle",
                gang = 1,
            },
        ];
        foreach (var (edit, i) in planned.Select((e, i) => (e, i)))
        {
            await Plan(
                job,
                new
                {
                    @do = "planEdit",
                    change = "loft",
                    id = $"p{i}",
                    edit,
                }
            );
        }

        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/changes/loft/boxes/loft");
        To(person, "Test it");
        person.Sees("Go on, 6 not read");
        person.Touch("Something: Hot slot, upper of the duplex receptacle, neutral slot, upper of the duplex receptacle");
        person.Sees("something: not what the wiring gives: off, prove it dead, and look.");
        person.Touch("Go on, one reads otherwise");
        To(person, "Made up, not proved");
        person.Sees("One reading is not what the wiring gives.");
        person.Sees("5 of 6 readings were not taken.");
    }

    /// <summary>Marks steps as done until one of that title is on the screen.</summary>
    private static void To(Person person, string title)
    {
        string Title() => person.Driver.FindElements(OpenQA.Selenium.By.CssSelector("h1")).FirstOrDefault()?.Text ?? "";
        for (var n = 0; n < 60; n++)
        {
            var now = "";
            Person.Wait(() => (now = Title()).Length > 0);
            if (now == title)
            {
                return;
            }

            person.Touch(now == "Power on" ? "All have let go: switch on" : "Done");
            Person.Wait(() => Title() != now);
        }

        Assert.Fail($"{title} never came.");
    }

    private Task Plan(string job, object edit) => Edit(job, Guid.NewGuid().ToString("n"), edit);

    [Fact]
    public async Task What_is_handed_over_opens_from_disk_with_the_program_stopped()
    {
        using var alone = Site.FirstRun();
        var pack = await alone.TextAsync("/api/jobs/ferry-keepers-house/changes/upstairs/handover.html");
        var file = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid():n}.html");
        await File.WriteAllTextAsync(file, pack, TestContext.Current.CancellationToken);
        using var person = new Person();
        alone.Stop();
        person.Driver.Navigate().GoToUrl(new Uri(file).AbsoluteUri);
        person.Sees("Protection for the two-slot receptacles upstairs", "h1");
        person.Sees("East bedroom, by the bed");
        person.Sees("Not looked at");
    }

    /// <summary>Today says by stage what is next and what waits; the outage is asked for from the Changes.</summary>
    [Fact]
    public void Today_by_stage_and_the_notice_to_the_household()
    {
        using var person = new Person();
        person.Go(site.DemoJob);
        person.Sees("A part: the fan, from the shop", "[aria-label='By stage']");
        person.Go(site.DemoJob + "/changes");
        person.Tap("What goes off, and when");
        person.Sees("Notice to the household");
        person.Sees("Off with it: bench lamp, glue pot.", "[aria-label='Notice to the household']");
    }

    /// <summary>Known source, every pair, known source again.</summary>
    private static void Prove(Person person, int pairs, string begin)
    {
        person.Sees("Prove it dead", "h1");
        person.Type("Known live source", "panel lug", false);
        person.Type("Independent ground", "cellar ground", false);
        person.Touch(begin);
        person.Sees("Known source, before");
        person.Touch("Something");
        for (var i = 0; i < pairs; i++)
        {
            person.Gone("Known source, before");
            var left = pairs - i;
            Person.Wait(() => person.Driver.FindElements(OpenQA.Selenium.By.CssSelector("form ul > li")).Count == 1 + pairs - left);
            person.Touch("Nothing");
        }

        person.Sees("Known source again, after");
        person.Touch("Something");
        person.Gone("Known source again, after");
    }

    private Task Edit(string job, string id, object edit) =>
        Person.PostAsync(
            site.Address,
            $"/api/jobs/{job}/edits",
            new
            {
                id,
                by = Person.Name,
                edit,
            }
        );
}
