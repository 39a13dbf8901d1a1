using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>Around the boxes of a job: finding, adding from a template, copying, the bin, the palette, and paper.</summary>
public sealed class TodayTests(Site site)
{
    [Fact]
    public async Task A_box_from_a_template_is_copied_binned_and_brought_back()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "?add=1");
        person.Tap("switch with neutral, 14-2 in and out");
        person.Panel("box");
        person.Sees("single-pole switch");
        person.Tap("Copy this box");
        person.Sees(", copy", "h1");
        person.Tap("Put in the bin");
        person.Sees("This box is in the bin");
        person.Type("Mark, in³", "30");
        person.Sees("Bring it back first");
        person.Tap("Bring back from the bin");
        person.Gone("This box is in the bin");
    }

    [Fact]
    public void Boxes_are_found_by_name_room_or_kind_and_the_palette_goes_there()
    {
        using var person = new Person();
        person.Go(site.DemoJob);
        person.Sees("Over-full");
        person.Type("Find by name, room or kind", "galley", enter: false);
        person.Sees("Galley, sink side");
        person.Gone("Press, right");
        person.Press(Keys.Escape);
        person.Tap("Find or do…");
        person.Find("Theme: Dark", "[role=dialog]");
        person.Press("jetty");
        person.Press(Keys.Enter);
        person.Sees("Jetty post", "h1");
    }

    /// <summary>What a Change waits for stands on Today, and leads to where it is done.</summary>
    [Fact]
    public void What_is_in_the_way_of_a_plan_leads_to_its_box()
    {
        using var person = new Person();
        person.Go(site.DemoJob);
        person.Sees("Not everything in Wash room, fan and light is recorded.", "[aria-label='What comes next']");
        person.Click("[aria-label='What comes next'] a[href$='/survey']");
        person.Sees("Survey", "h1");
    }

    [Fact]
    public void On_paper_there_are_no_buttons_and_black_stands_on_white()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/bench-left");
        person.Sees("20.25 / 22.5");
        person.Driver.ExecuteScript("localStorage.setItem('jolly-barn', JSON.stringify({theme:'dark'}))");
        person.Driver.Navigate().Refresh();
        person.Sees("20.25 / 22.5");
        person.Driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new() { ["media"] = "print" });
        Assert.Equal(
            "rgb(255, 255, 255)",
            (string)person.Driver.ExecuteScript("return getComputedStyle(document.documentElement).backgroundColor")!
        );
        Assert.Equal("rgb(0, 0, 0)", (string)person.Driver.ExecuteScript("return getComputedStyle(document.documentElement).color")!);
        Assert.False((bool)person.Driver.ExecuteScript("return document.querySelector('header').checkVisibility()")!);
        Assert.True((bool)person.Driver.ExecuteScript("return document.querySelector('[data-strand]').checkVisibility()")!);
    }

    [Fact]
    public void The_left_hand_finds_the_sum_at_its_side()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/bench-left");
        person.Sees("20.25 / 22.5");
        double Left(string selector) =>
            Convert.ToDouble(
                person.Driver.ExecuteScript($"return document.querySelector(\"{selector}\").getBoundingClientRect().left"),
                System.Globalization.CultureInfo.InvariantCulture
            );
        Assert.True(Left("aside") > Left("[data-strand]"));
        person.Tap("More");
        person.Tap("Look and units");
        person.Tap("Left", "[role=dialog]");
        person.Press(Keys.Escape);
        Assert.True(Left("aside") < Left("[data-strand]"));
    }

    [Fact]
    public void The_picture_grows_with_the_text()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/bench-left");
        person.Sees("20.25 / 22.5");
        double Height() =>
            Convert.ToDouble(
                person.Driver.ExecuteScript("return document.querySelector('[data-strand] text').getBoundingClientRect().height"),
                System.Globalization.CultureInfo.InvariantCulture
            );
        var before = Height();
        person.Driver.ExecuteScript("document.documentElement.style.fontSize='200%'");
        Thread.Sleep(400);
        Assert.InRange(Height() / before, 1.5, 2.4);
        Assert.False((bool)person.Driver.ExecuteScript("return document.documentElement.scrollWidth > innerWidth + 1")!);
    }
}
