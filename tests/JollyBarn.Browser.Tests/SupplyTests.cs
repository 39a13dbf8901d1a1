namespace JollyBarn.Browser.Tests;

/// <summary>Circuits and the panel in the house.</summary>
public sealed class SupplyTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_breaker_that_held_on_a_short_is_a_stop_on_top_of_every_screen()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/house");
        person.Sees("2 stops");
        person.Click("[data-slot='3']");
        person.Sees("Was it seen not to trip on a short?");
        person.Tap("Yes", "[role=group][aria-label^='Was it seen not to trip']");
        person.Sees("3 stops");
        person.Tap("Close", "[role=dialog]");
        person.Sees("Of Cellar panel, breaker 3, Bindery benches was seen not to trip on a short");
        person.Go(job);
        person.Sees("3 stops");
        person.Tap("3 stops");
        person.Sees("have a licensed electrician replace it");
        person.Tap("Cellar panel", "[role=region]");
        person.Sees("The house", "h1");
    }

    [Fact]
    public async Task What_hangs_on_a_circuit_is_said_there_and_its_load_judged()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/house#galley-counter");
        person.Sees("12.5 of 20 A");
        person.Sees("3.6 % lost");
        person.Type("Watts at the duplex receptacle, Galley, sink side", "1800");
        person.Sees("Loads of Galley counter come to 27.5 A on a 20 A breaker");
        person.Tap("Undo");
        person.Sees("12.5 of 20 A");
    }

    /// <summary>What nobody measured is asked, and answered at the circuit: then the voltage lost is told.</summary>
    [Fact]
    public async Task A_cable_is_given_its_length_at_the_circuit_and_the_drop_is_judged()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/house#porch-jetty");
        person.Sees("cannot be told: how long is the cable from inside, in Ferry porch?");
        person.Tap("Its cables, and how long they are");
        person.Type("Length of the cable from inside, in Ferry porch", "90'");
        person.Sees("loses at least");
    }

    /// <summary>A cable whose other end nobody had followed is said to come from the panel, at the cable itself.</summary>
    [Fact]
    public async Task A_home_run_is_followed_to_the_panel_at_the_cable()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/boxes/porch");
        person.Click("[data-walk='c:porch-feed/A']");
        person.Sees("not followed yet");
        person.Tap("Where its other end is");
        person.Tap("at Cellar panel");
        person.Sees("Cellar panel", "section");
    }
}
