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
        Look(site.DemoJob + "/boxes/bench-left", "Cables and leads");
        Look(site.DemoJob + "/boxes/press-right", "Cables and leads", () => person.Tap("Bring in a cable"));
        Look(site.DemoJob + "/boxes/bench-left", "20.25 / 22.5", () => person.Click("[data-walk='d:g1']"));
        Look(site.DemoJob + "/boxes/press-door", "43.3125 / 48", () =>
            person.Tap(
                width < 600 ? "line hot: black pigtail" : "neutral: white of the drying fan switch".Split(':')[1].Trim(),
                "[aria-label='Cables and leads']"
            )
        );
        Look(site.DemoJob + "/changes", "Changes");
        Look(site.DemoJob + "/house", "What can make it live");
        Look(site.DemoJob + "/house", "What can make it live", () => person.Click("[aria-label='Cellar panel'] button"));
        Look(site.DemoJob + "/book", "House practice");
        Look(site.DemoJob + "/log", "Log a reading");
        Look(site.DemoJob + "/lists", "Surveyor's list");
        Look(site.DemoJob + "/boxes/fan-switch/survey", "Not proved dead");
        Look(site.DemoJob + "/boxes/fan-switch/survey?step=leads", "Where does it go?");
        Look(site.DemoJob + "/boxes/east-bed?plan=upstairs&state=AsLeft", "Done as planned");
        Look(site.DemoJob + "/boxes/press-left", "Measure", () => person.Tap("Measure: How far behind the finished face is its rim?"));
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

    [Fact]
    public void The_first_load_is_under_200_kilobytes_of_compressed_script()
    {
        using var person = new Person();
        person.Go(site.Address);
        person.Sees("Ferry keeper's house");
        var bytes = (long)
            person.Driver.ExecuteScript(
                "return performance.getEntriesByType('resource').filter(e=>e.name.endsWith('.js')).reduce((s,e)=>s+e.encodedBodySize,0)"
            )!;
        Assert.InRange(bytes, 1, 200_000);
    }

    private static bool Wide(Person person) =>
        (bool)person.Driver.ExecuteScript("return document.documentElement.scrollWidth > innerWidth + 1")!;
}
