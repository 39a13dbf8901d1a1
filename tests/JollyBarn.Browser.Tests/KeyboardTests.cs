using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>Everything without a pointer.</summary>
public sealed class KeyboardTests(Site site)
{
    [Fact]
    public void Quick_fit_palette_box_and_undo_by_keys_alone()
    {
        using var person = new Person();
        person.Go(site.Address);
        person.Sees("Ferry keeper's house");
        person.Press("g");
        person.Press("q");
        person.Sees("Tap what comes into the box");
        person.TabTo("14-2");
        person.Press(Keys.Space);
        person.Press(Keys.Space);
        person.TabTo("receptacle");
        person.Press(Keys.Enter);
        person.TabTo("20");
        person.Press(Keys.Enter);
        person.Sees("in³ left");

        person.Go(site.DemoJob);
        person.Sees("Over-full");
        person.Press("?");
        person.Sees("Redo it");
        person.Press(Keys.Escape);
        person.Press("/");
        person.Find("Theme: Dark", "[role=dialog]");
        person.Press("cellar head");
        person.Press(Keys.Enter);
        person.Sees("18.0 / 15.5");
        person.TabTo("Bring in a cable");
        person.Press(Keys.Enter);
        person.Find("Bring it in", "[role=dialog]");
        person.Press(Keys.Escape);
        // A panel beside the picture opens by its number.
        person.Press("7");
        person.TabTo("Put on a ring, extension or cover");
        person.Press(Keys.Enter);
        person.Find("octagon extension, 1 1/2 deep", "[role=dialog]");
        person.Press("octagon extension 1 1/2");
        person.Press(Keys.Tab);
        person.Press(Keys.Enter);
        person.Sees("18.0 / 31");
        person.Chord(Keys.Control, "z");
        person.Sees("18.0 / 15.5");
    }
}
