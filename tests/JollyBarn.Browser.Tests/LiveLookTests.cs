namespace JollyBarn.Browser.Tests;

/// <summary>The box with the power on: a breaker thrown as a what-if, a probe, a feed crossed in a copy, the live box and the content
/// tester.</summary>
public sealed class LiveLookTests(Site site)
{
    [Fact]
    public void A_thrown_breaker_a_probe_and_a_crossed_feed_are_seen_and_nothing_is_recorded()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/press-left");
        person.Panel("live");
        var version = person.Texts("return [document.querySelector('[data-version]').dataset.version]")[0];
        Person.Wait(() => Count(person, "Live") > 0);
        person.Tap("1 Press room, south");
        Person.Wait(() => Count(person, "Live") == 0 && Count(person, "Dead") > 0);
        person.Sees("expected dead, not proved");
        person.Tap("1 Press room, south");
        Person.Wait(() => Count(person, "Live") > 0);

        person.Tap("From:");
        person.Tap("hot slot, upper of the duplex receptacle", "[role=listbox]");
        person.Tap("To:");
        person.Tap("neutral slot, upper of the duplex receptacle", "[role=listbox]");
        person.Tap("Read");
        person.Sees("Live between these two");

        person.Tap("Plant a fault in this copy");
        person.Tap("a lesson: the feed crossed", "[role=listbox]");
        person.Sees("at the latest after 9 ms");
        person.Sees("tripped");
        Assert.Equal(version, person.Texts("return [document.querySelector('[data-version]').dataset.version]")[0]);
        Assert.Empty(person.Axe(true));
    }

    [Fact]
    public void Where_no_ground_reaches_the_crossed_feed_leaves_the_box_live_and_the_tester_content()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/east-bed");
        person.Panel("live");
        person.Tap("7 Bedrooms, old two-wire");
        person.Sees("The metal box is at");
        person.Sees("nothing opens");
        person.Sees("The tester misleads here");
    }

    [Fact]
    public void Sources_are_thrown_the_button_pressed_and_a_fault_comes_and_goes()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/bench-left");
        person.Panel("live");
        person.Tap("Press the tester's button here");
        person.Sees("8 mA missing on the way back");
        person.Tap("Service", "section[aria-label='What feeds the house']");
        Person.Wait(() => Count(person, "Live") == 0 && Count(person, "Dead") > 0);
        person.Tap("Standby generator inlet", "section[aria-label='What feeds the house']");
        Person.Wait(() => Count(person, "Live") > 0);
        var live = Count(person, "Live");
        person.Tap("Plant a fault in this copy");
        person.Tap("black of the cable from the type store comes off now and then", "[role=listbox]");
        Person.Wait(() => Count(person, "Live") < live);
        person.Tap("What comes and goes is there just now");
        Person.Wait(() => Count(person, "Live") == live);
    }

    /// <summary>On a phone the strands are a list; the list says the same as the badges of the picture.</summary>
    [Fact]
    public void The_list_of_strands_says_what_is_expected_live()
    {
        using var person = new Person(390, 844);
        person.Go(site.DemoJob + "/boxes/bench-left");
        person.Panel("live");
        Person.Wait(() => Count(person, "Live") > 0);
        person.Panel("leads");
        var picture = person
            .Texts(
                "return [...document.querySelectorAll('svg [data-strand]')].filter(e => "
                    + "e.querySelector('[data-expected=Live]')).map(e => e.dataset.strand)"
            )
            .Order(StringComparer.Ordinal);
        var list = person
            .Texts(
                "return [...new Set([...document.querySelectorAll('[data-line]')].filter(e => "
                    + "e.querySelector('[data-expected=Live]')).map(e => e.dataset.line))]"
            )
            .Order(StringComparer.Ordinal);
        Assert.Equal(picture, list);
    }

    private static int Count(Person person, string expected) =>
        person.Texts($"return [...document.querySelectorAll('svg [data-strand] [data-expected={expected}]')].map(e => 'x')").Count;
}
