namespace JollyBarn.Browser.Tests;

/// <summary>axe with the tags of WCAG 2.2 AA: no serious or critical finding, in three themes, and on a phone, dialogs open.</summary>
public sealed class AccessTests(Site site)
{
    public static TheoryData<string, int, int> Looks()
    {
        var data = new TheoryData<string, int, int>();
        foreach (var theme in new[] { "light", "dark", "contrast" })
        {
            data.Add(theme, 1280, 800);
        }

        // Colours are the same at every width, and only colours differ between the themes.
        data.Add("light", 390, 844);
        return data;
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void No_serious_or_critical_finding(string theme, int width, int height)
    {
        using var person = new Person(width, height, width < 600);
        person.Go(site.Address);
        person.Driver.ExecuteScript($"localStorage.setItem('jolly-barn', JSON.stringify({{theme:'{theme}'}}))");
        var found = new List<string>();
        void Look(string address, string sees, Action? then = null)
        {
            person.Go(address);
            person.Sees(sees);
            then?.Invoke();
            found.AddRange(person.Axe(theme == "light").Select(f => $"{address}: {f}"));
            Assert.False(Wide(person), $"{address} is wider than the screen at {width}");
        }

        Look(site.Address, "Ferry keeper's house");
        Look(site.Address + "/quick?cables=14-2*3&front=receptacle*1&clamps=internal&mark=18", "over");
        Look(site.Address + "/quick?cables=14-2*3&front=receptacle*1&clamps=internal&mark=18", "over", () => person.Tap("Keep as a box"));
        Look(site.DemoJob, "Over-full");
        Look(site.DemoJob, "Over-full", () => person.Tap("Set for a whole room…"));
        Look(site.DemoJob + "/boxes/bench-left?show=verdicts,leads", "Cables and leads");
        Look(site.DemoJob + "/boxes/east-bed?show=live,box", "Pictures");
        Look(site.DemoJob + "/boxes/bench-left?show=steps,fit", "What would still fit");
        Look(site.DemoJob + "/boxes/press-right", "Bring in a cable", () => person.Tap("Bring in a cable"));
        Look(site.DemoJob + "/boxes/bench-left?show=fit", "20.25 / 22.5", () => person.Click("[data-walk='d:g1']"));
        Look(site.DemoJob + "/boxes/press-door?show=leads", "Cables and leads", () =>
            person.Tap(
                width < 600 ? "line hot: black pigtail" : "neutral: white of the drying fan switch".Split(':')[1].Trim(),
                "[aria-label='Cables and leads']"
            )
        );
        Look(site.DemoJob + "/walls/type-porch?change=porch-outlet&box=porch-door", "Both sides of the same edge");
        Look(site.DemoJob + "/walls/galley-south", "Receptacles along it", () => person.Tap("Add…"));
        Look(site.Address + "/practice?about=setback", "What comes back");
        Look(site.Address + "/practice/asked/tester?seed=5&level=3", "Mark it");
        Look(site.Address + "/practice/count?seed=7&level=4", "In the box");
        Look(site.Address + "/trench?along=40%27&raceway=Plastic", "Warning tape");
        Look(site.DemoJob + "/changes", "Changes");
        Look(site.DemoJob + "/sheet?open=panels", "What can make it live");
        Look(site.DemoJob + "/sheet?open=panels", "What can make it live", () => person.Click("[aria-label='Cellar panel'] button"));
        Look(site.DemoJob + "/book", "House practice");
        Look(site.DemoJob + "/log", "Log a reading");
        Look(site.DemoJob + "/lists", "Surveyor's list");
        Look(site.DemoJob + "/boxes/fan-switch/survey", "Not proved dead");
        Look(site.DemoJob + "/boxes/fan-switch/survey?step=leads", "Where does it go?");
        Look(site.DemoJob + "/boxes/east-bed?plan=upstairs&state=AsLeft", "Done as planned");
        Look(site.DemoJob + "/boxes/press-left?show=measure", "Decides", () =>
        {
            person.Click("[data-all='questions']");
            person.Tap("Measure: How far behind the finished face is its rim?");
        });
        Look(site.DemoJob, "Over-full", () => person.Tap("Find or do…"));
        Assert.True(found.Count == 0, string.Join("\n", found));
    }

    [Fact]
    public void At_twice_the_text_size_nothing_runs_off_the_side()
    {
        using var person = new Person();
        foreach (var path in new[] { "", "/boxes/bench-left", "/book" })
        {
            person.Go(site.DemoJob + path);
            person.Sees("Ferry keeper's house");
            person.Driver.ExecuteScript("document.documentElement.style.fontSize='200%'");
            Thread.Sleep(200);
            Assert.False(Wide(person), path);
        }
    }

    /// <summary>What a page waits for, as it comes over the line, under 200 kB with room to spare: what is loaded for later begins with the
    /// sheet.</summary>
    [Theory]
    [InlineData("/quick", "Tap what comes into the box", 130_000)]
    [InlineData("/jobs/ferry-keepers-house/boxes/bench-left", "20.25 / 22.5", 196_000)]
    public void A_page_waits_for_little_script(string page, string sees, int most)
    {
        using var person = new Person();
        person.Go(site.Address + page);
        person.Sees(sees);
        const string scripts =
            "const all = performance.getEntriesByType('resource').filter(e => e.name.endsWith('.js'));"
            + "const later = all.find(e => e.name.includes('SheetBody'))?.startTime;"
            + "return later === undefined ? 0 : all.filter(e => e.startTime < later).reduce((s, e) => s + e.encodedBodySize, 0);";
        var bytes = 0L;
        Person.Wait(() => (bytes = (long)person.Driver.ExecuteScript(scripts)!) > 0);
        Assert.InRange(bytes, 50_000, most);
    }

    private static bool Wide(Person person) =>
        (bool)person.Driver.ExecuteScript("return document.documentElement.scrollWidth > innerWidth + 1")!;
}
