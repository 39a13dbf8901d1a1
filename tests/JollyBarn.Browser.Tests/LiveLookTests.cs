namespace JollyBarn.Browser.Tests;

/// <summary>The box with the power on: a breaker thrown as a what-if, a probe, a feed crossed in a copy, the live box and the content tester.</summary>
public sealed class LiveLookTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public void A_thrown_breaker_a_probe_and_a_crossed_feed_are_seen_and_nothing_is_recorded()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/press-left");
        person.Tap("Live or dead");
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
        Assert.Empty(person.Axe());
    }

    [Fact]
    public void Where_no_ground_reaches_the_crossed_feed_leaves_the_box_live_and_the_tester_content()
    {
        using var person = new Person();
        person.Go(site.DemoJob + "/boxes/east-bed");
        person.Tap("Live or dead");
        person.Tap("7 Bedrooms, old two-wire");
        person.Sees("The metal box is at");
        person.Sees("nothing opens");
        person.Sees("The tester misleads here");
    }

    private static int Count(Person person, string expected) => person.Texts($"return [...document.querySelectorAll('svg [data-strand] [data-expected={expected}]')].map(e => 'x')").Count;
}
