namespace JollyBarn.Browser.Tests;

/// <summary>The question at the wall by finger: what is on the box counts without leaving it.</summary>
public sealed class QuickFitTests(Site site)
{
    /// <summary>Two 14-2 and a luminaire in an octagon of 15.5 in³ with an extension of 15.5: four conductors and one ground allowance of
    /// 2.00 in³ each by 314.16(B), the canopy's wires left out by (B)(1), exception.</summary>
    [Fact]
    public void With_an_extension_and_a_luminaire_it_takes_under_twelve_taps()
    {
        using var person = new Person(390, 844, phone: true);
        person.Go(site.Address + "/quick");
        person.Sees("Tap what comes into the box");
        person.Touch("14-2");
        person.Touch("14-2");
        person.Touch("More cables and devices");
        person.Touch("luminaire");
        person.Touch("Outside or none");
        person.Touch("other box…");
        person.Touch("4 × 1 1/2 octagon", "[role=dialog]");
        person.Touch("Rings, covers, studs, measured size");
        person.Touch("Put on a ring, extension or cover");
        person.Touch("octagon extension, 1 1/2 deep", "[role=dialog]");
        person.Sees("21.0 in³ left");
        Assert.True(person.Taps < 12, $"{person.Taps} taps");
        // All of it is in the address.
        person.Driver.Navigate().Refresh();
        person.Sees("21.0 in³ left");
    }

    /// <summary>One hole by an edge both faces share: 21⅝ in inside and a jamb ⅝ in wider outside are 22¼ there; with ¾ in of floor to come
    /// a box 12 in up begins 12 11/16 over the floor there is, 1/16 of play in it.</summary>
    [Fact]
    public void A_hole_is_marked_on_both_faces_in_ten_taps()
    {
        using var person = new Person(390, 844, phone: true);
        person.Go(site.Address + "/quick");
        person.Touch("Quick mark");
        person.Type("From the edge to the middle, inside", "21 5/8");
        person.Type("The edge outside is wider by", "5/8");
        person.Type("Floor still to come", "3/4");
        person.Touch("12 to its bottom");
        person.Sees("22 1/4 in");
        person.Sees("Over the floor as it is now: bottom 12 11/16 in");
        person.Touch("two gangs");
        person.Sees("Cut 4 3/16 in wide and 3 5/8 in high.");
        Assert.True(person.Taps <= 10, $"{person.Taps} taps");
        Assert.Empty(person.Axe(false));
        Assert.True((bool)person.Driver.ExecuteScript("return document.documentElement.scrollWidth <= window.innerWidth")!);
        person.Driver.Navigate().Refresh();
        person.Sees("22 1/4 in");
        person.Type("Height above the finished floor", "a mile");
        person.Sees("A length is text such as");
    }
}
