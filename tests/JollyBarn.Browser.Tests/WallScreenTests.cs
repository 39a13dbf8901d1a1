using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace JollyBarn.Browser.Tests;

/// <summary>A wall laid out: a hole marked from the inside by touch, boxes dragged, numbers typed.</summary>
public sealed class WallScreenTests(Site site)
{
    /// <summary>The porch receptacle: 60⅜ in from the left corner inside is 21⅝ from the jamb at 82, which stands ⅝ farther out on the
    /// porch: 22¼ there. Nobody looked into the wall from either face.</summary>
    [Fact]
    public async Task The_porch_receptacle_is_marked_out_from_the_inside_by_touch()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/walls/type-porch");
        person.Touch("Put a box on it");
        person.Type("What it is called", "Porch, new");
        person.Touch("From the ferry porch", "section[aria-label='Put a box on it']");
        person.Type("Left corner to its middle", "60 3/8");
        person.Touch("Put it here");
        person.Sees("Both sides of the same edge");
        person.Sees("21 ⅝ in", "section[aria-label='Both sides of the same edge']");
        person.Sees("22 ¼ in", "section[aria-label='Both sides of the same edge']");
        person.Sees("off by at most ⅛ in");
        person.Sees("nobody looked into it");
        person.Sees("depth stop at 1 5/8 in");
        Assert.Empty(person.Axe(false));
        Assert.True((bool)person.Driver.ExecuteScript("return document.documentElement.scrollWidth <= window.innerWidth")!);
        // It stands on the record as it was measured.
        var told = await site.AskAsync($"/api/jobs/{job}/walls/type-porch");
        var box = told["boxes"]!.AsArray().Single(b => (string)b!["name"]! == "Porch, new")!;
        Assert.Equal(60.375, ((double)box["at"]!["left"]! + (double)box["at"]!["right"]!) / 2 / 8128, 6);
    }

    /// <summary>Typing moves the box, holding the tape elsewhere does not; dragged, its numbers are somebody's guess until they are
    /// kept.</summary>
    [Fact]
    public async Task Numbers_move_a_box_and_a_drag_changes_numbers()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/walls/type-porch?box=type-door");
        const string Across = "section[aria-label='Across']";
        const string First = "section[aria-label='Across'] li:first-child input";
        Person.Wait(() => Value(person, First) == "29 ½ in");
        var was = await At(job);
        person.Click($"{Across} button[aria-expanded='false']");
        person.Tap("Measure from here", Across);
        person.Sees("middle, from the left corner", Across);
        Person.Wait(() => Value(person, First) == "52 ½ in");
        Assert.Equal(was, await At(job));
        person.Type("middle, from the left corner", "40");
        Person.Wait(() => At(job).Result.Left == 38.875);
        person.Sees("40 in", "svg[aria-label='Type store, wall to the porch']");

        person.Driver.ExecuteScript("window.scrollTo(0, 0)");
        var pressed = person.Driver.FindElement(By.CssSelector("rect[aria-label='Type store, by the door']"));
        new Actions(person.Driver).ClickAndHold(pressed).MoveByOffset(40, 0).MoveByOffset(37, -20).Release().Perform();
        person.Sees("Set by hand on the drawing, not measured.");
        var now = await At(job);
        Assert.True(now.Left > 45 && now.Bottom > was.Bottom, $"{now}");
        // What is read off comes out in sixteenths.
        Assert.Equal(0, (now.Left + 1.125) * 16 % 1, 6);
        person.Tap("These numbers hold");
        person.Gone("Set by hand on the drawing");
        Assert.Equal(now, await At(job));

        person.Driver.ExecuteScript("document.querySelector(\"rect[aria-label='Type store, by the door']\").focus()");
        person.Press(Keys.ArrowRight);
        Person.Wait(() => At(job).Result.Left == now.Left + 0.0625);
    }

    /// <summary>What stands in the wall is written down with what it is measured from; what others are measured from stays.</summary>
    [Fact]
    public async Task A_stud_is_written_down_and_stops_a_hole()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/walls/type-porch");
        person.Tap("Add…");
        person.Type("Length", "52");
        person.Tap("Put it here");
        person.Sees("middle 52 in from the left corner");
        person.Click("rect[aria-label='Type store, by the door']");
        person.Sees("The stud stands in the hole by");
        person.Tap("All of the wall");
        person.Tap("Remove: door");
        person.Sees("Other things are measured from it");
    }

    /// <summary>From the wall to the planner: the way goes along the studs, and knows how many.</summary>
    [Fact]
    public async Task An_outlet_wished_for_on_a_wall_goes_through_its_studs()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/walls/type-porch");
        person.Tap("Put a box on it");
        person.Type("Left corner to its middle", "70");
        person.Tap("Find ways to an outlet there");
        person.Sees("along the wall, through");
    }

    private static string Value(Person person, string selector) =>
        (string)person.Driver.ExecuteScript($"return document.querySelector(\"{selector}\")?.value ?? ''")!;

    private async Task<(double Left, double Bottom)> At(string job)
    {
        var told = await site.AskAsync($"/api/jobs/{job}/walls/type-porch");
        var at = told["boxes"]!.AsArray().Single(b => (string)b!["id"]! == "type-door")!["at"]!;
        return ((double)at["left"]! / 8128, (double)at["bottom"]! / 8128);
    }
}
