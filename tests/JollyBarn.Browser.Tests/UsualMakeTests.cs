using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>Boxes written down at the wall in few taps.</summary>
public sealed class UsualMakeTests(Site site)
{
    /// <summary>A switch box with three cables looped in, the feed notched: lead by lead in under 30 taps, from a usual make in under
    /// 15.</summary>
    [Theory]
    [InlineData(false, 30)]
    [InlineData(true, 15)]
    public async Task A_switch_box_with_three_cables_is_recorded_in_few_taps(bool usual, int most)
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey?step=cables");
        person.Touch("single-pole switch");
        person.Sees("single-pole switch", "ul");
        Bring(person, "14-2", 3);

        person.Touch("notch", "[aria-label='What does each cable do?'] > ul > li:nth-child(1)");
        person.Touch("Next: leads");
        if (usual)
        {
            person.Touch("Feed at the switch: the cable at the top, 2 leaves switched");
            IsSo(person, "joint grounds", "joint hots", "joint neutrals", "single-pole switch");
        }
        else
        {
            var places = new[]
            {
                "New joint, grounds",
                "Grounds",
                "Grounds",
                "New joint, neutrals",
                "Neutrals",
                "Neutrals",
                "New joint, hots",
                "Hots",
                "Switched, single-pole switch",
            };
            foreach (var (place, i) in places.Select((p, i) => (p, i)))
            {
                person.Sees($"{i} of 9");
                person.Touch(place, "[aria-label='Where does it go?']");
            }

            person.Sees("Every lead has its place");
            foreach (var tail in new[] { "Hots → feed", "Grounds → ground" })
            {
                person.Touch(tail, "[aria-label='Pigtails']");
                person.Gone(tail);
            }
        }

        person.Touch("That is all");
        person.Gone("That is all");
        Assert.True(person.Taps < most, $"{person.Taps} taps");
        var box = (await site.AskAsync($"/api/jobs/{job}/boxes/west-door"))["box"]!;
        Assert.Equal(("Complete", 3, 2), ((string)box["contents"]!, box["joints"]!.AsObject().Count, box["pigtails"]!.AsObject().Count));
        Assert.Contains("notch", box["noted"]!.ToJsonString(), StringComparison.Ordinal);
    }

    /// <summary>A trailer's thin box, written down by phone: three 14-2 and a receptacle are over-full in it. Its joints move to a
    /// junction box beside it in under 25 taps from there.</summary>
    [Fact]
    public async Task The_joints_of_a_thin_box_that_overfills_move_to_a_junction_box_in_few_taps()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey?step=cables");
        person.Touch("one-gang device box, kind not known");
        person.Touch("4 × 2 1/8 × 1 1/2 utility box", "[role=dialog]");
        person.Touch("duplex receptacle");
        person.Sees("duplex receptacle", "ul");
        Bring(person, "14-2", 3);
        person.Touch("Feeds in", "[aria-label='What does each cable do?'] > ul > li:nth-child(1)");
        person.Touch("Next: leads");
        person.Touch("Fed through: cables joined, a pigtail to each terminal");
        IsSo(person, "joint grounds", "joint hots", "joint neutrals");
        person.Touch("That is all");
        person.Gone("That is all");
        var before = person.Taps;
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door?show=fit");
        // By 314.16(B) and Table 314.16(A): six 14 AWG at 2.00, a ground allowance of 2.00 and a yoke of 4.00 in a box of 10.3.
        person.Sees("18.0 / 10.3");
        person.Panel("box");
        person.Touch("Move the joints to a junction box beside it");
        person.Panel("fit");
        // What stays is one 14-2: two conductors, one ground allowance and the yoke.
        person.Sees("10.0 / 10.3");
        Assert.True(person.Taps - before < 25, $"{person.Taps - before} taps");
        var view = await site.AskAsync($"/api/jobs/{job}/boxes/west-door");
        Assert.DoesNotContain(view["findings"]!.AsArray(), f => (string)f!["rule"]! == "fill");
        var found = (await site.AskAsync($"/api/jobs/{job}/boxes?find={Uri.EscapeDataString((string)view["box"]!["name"]!)}")).AsArray();
        Assert.Equal(2, found.Count);
        // One gesture, one undo.
        person.Touch("Undo");
        person.Sees("18.0 / 10.3");
    }

    /// <summary>A square of armoured cable: four cables, a ring and a device, its metal the ground; written down by phone.</summary>
    [Fact]
    public async Task An_armoured_square_of_four_cables_is_recorded_in_under_fifty_five_taps()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey?step=cables");
        person.Touch("one-gang device box, kind not known");
        person.Touch("4 square × 2 1/8", "[role=dialog]");
        person.Touch("AC");
        Bring(person, "12-2", 4);

        person.Touch("Feeds in", "[aria-label='What does each cable do?'] > ul > li:nth-child(1)");
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door?show=box");
        person.Touch("Put on a ring, extension or cover");
        person.Touch("one-gang ring, 1/2 in rise, for 4 square", "[role=dialog]");
        person.Sees("one-gang ring, 1/2 in rise, for 4 square", "ul");
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey?step=cables");
        person.Touch("duplex receptacle");
        person.Sees("duplex receptacle", "ul");
        person.Touch("Next: leads");
        person.Touch("Fed through: cables joined, a pigtail to each terminal");
        IsSo(person, "joint hots", "joint neutrals");

        person.Touch("That is all");
        person.Gone("That is all");
        Assert.True(person.Taps < 55, $"{person.Taps} taps");
        var box = (await site.AskAsync($"/api/jobs/{job}/boxes/west-door"))["box"]!;
        Assert.Equal(("Complete", 8), ((string)box["contents"]!, box["leads"]!.AsObject().Count));
        Assert.All(box["leads"]!.AsObject(), l => Assert.Equal("Joint", (string)l.Value!["lands"]!["at"]!));
    }

    /// <summary>Two taps in haste, the second before the first is answered: the last place seen, and what was just done undone. They are
    /// taken in the order they were done.</summary>
    [Fact]
    public async Task What_is_tapped_in_haste_is_taken_in_its_order()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey?step=cables");
        person.Touch("duplex receptacle");
        person.Sees("duplex receptacle", "ul");
        person.Touch("14-2");
        person.Touch("Next: leads");
        person.Touch("End of the run: one cable, all of it on the device");
        person.Find("It is so: duplex receptacle");
        person.Driver.ExecuteScript(
            """
            const press = (test) => [...document.querySelectorAll('button')].find(test).click();
            press((b) => b.getAttribute('aria-label') === 'It is so: duplex receptacle');
            press((b) => b.getAttribute('aria-label') === 'Undo');
            """
        );
        person.Sees("Undone.");
        person.Find("It is so: duplex receptacle");
        var box = (await site.AskAsync($"/api/jobs/{job}/boxes/west-door"))["box"]!;
        Assert.All(box["leads"]!.AsObject(), l => Assert.Equal("Unknown", (string)l.Value!["lands"]!["at"]!));
        Assert.Equal("EndOfRun", (string)box["make"]!["make"]!);
    }

    private static void Bring(Person person, string size, int count)
    {
        for (var i = 1; i <= count; i++)
        {
            person.Touch(size);
            Person.Wait(() => person.Driver.FindElements(By.CssSelector("[aria-label='What does each cable do?'] > ul > li")).Count == i);
        }
    }

    private static void IsSo(Person person, params string[] places)
    {
        foreach (var place in places)
        {
            person.Touch($"It is so: {place}");
            person.None($"It is so: {place}");
        }
    }
}
