namespace JollyBarn.Browser.Tests;

/// <summary>A picture with several pins: each tells what is seen there and lights it in the open box, and the other way round.</summary>
public sealed class PinTests(Site site)
{
    [Fact]
    public async Task Two_pins_are_put_tell_what_they_are_and_light_it_both_ways()
    {
        var job = await site.OwnJobAsync();
        var photo = (await site.AskAsync($"/api/jobs/{job}/boxes/coal-hole/photos")).AsArray()[0]!;
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/coal-hole?show=box");
        person.Tap("Put a pin");
        foreach (var (share, thing) in new[] { (0.25, "bare, from the foot of the stair"), (0.75, "luminaire on a canopy") })
        {
            person.Driver.ExecuteScript(
                """
                const a = document.querySelector('[data-pinning]'), r = a.getBoundingClientRect();
                a.dispatchEvent(new MouseEvent('click',
                  { bubbles: true, cancelable: true, clientX: r.left + r.width * arguments[0], clientY: r.top + r.height / 2 }));
                """,
                share
            );
            person.Tap("What is there?");
            person.Tap(thing, "[role=listbox]");
            person.Sees(thing);
        }

        person.Tap("No more pins");
        person.Sees("2", "ol li:last-child .figure");
        var after = (await site.AskAsync($"/api/jobs/{job}/boxes/coal-hole/photos")).AsArray();
        var pins = after.Single(p => (string)p!["id"]! == (string)photo["id"]!)!["pins"]!;
        Assert.Equal(["foot-on.b2", "l1"], pins.AsArray().Select(p => (string)p!["of"]!));
        Assert.Equal([250, 750], pins.AsArray().Select(p => (int)Math.Round((double)p!["x"]! / 10) * 10));
        // A pin lights its lead in the picture, and a lead that is chosen its pin.
        person.Tap("Pin 1: bare, from the foot of the stair");
        person.Sees("bare, from the foot of the stair", "[data-chosen]");
        Assert.Equal("true", person.Find("Pin 1: bare, from the foot of the stair").GetAttribute("aria-pressed"));
        Assert.Equal("false", person.Find("Pin 2: luminaire on a canopy").GetAttribute("aria-pressed"));
        Assert.Empty(person.Axe(false));
        // The page is as high as the screen, whatever is open and chosen in it: only panels scroll.
        person.Tap("How its end looks");
        Assert.Equal(0L, person.Driver.ExecuteScript("return document.documentElement.scrollHeight - innerHeight"));
        person.Tap("Take the pin out: luminaire on a canopy");
        person.None("Pin 2: luminaire on a canopy");
    }
}
