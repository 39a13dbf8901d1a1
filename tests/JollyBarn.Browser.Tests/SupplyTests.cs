using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>Circuits and the panel in the house.</summary>
public sealed class SupplyTests(Site site)
{
    [Fact]
    public async Task A_breaker_that_held_on_a_short_is_a_stop_on_top_of_every_screen()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/sheet?open=panels");
        person.Sees("4 stops");
        person.Click("[data-slot='3']");
        person.Sees("Was it seen not to trip on a short?");
        person.Tap("Yes", "[role=group][aria-label^='Was it seen not to trip']");
        person.Sees("5 stops");
        person.Tap("Close", "[role=dialog]");
        person.Sees("Of Cellar panel, breaker 3, Bindery benches was seen not to trip on a short");
        person.Go(job);
        person.Sees("5 stops");
        person.Tap("5 stops");
        person.Sees("have a licensed electrician replace it");
        person.Tap("Cellar panel", "[role=region]");
        person.Sees("Run sheet", "h1");
    }

    [Fact]
    public async Task What_hangs_on_a_circuit_is_said_there_and_its_load_judged()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/sheet?open=galley-counter");
        person.Sees("12.5 of 20 A");
        person.Sees("the duplex receptacle of Galley, sink side loses 3.6 %");
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
        person.Go(job + "/sheet?open=porch-jetty");
        person.Sees("cannot be told: how long is the cable from inside (Ferry porch)?");
        person.Tap("Its cables, and how long they are");
        person.Type("Length of the cable from inside (Ferry porch)", "90'");
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

    /// <summary>Two breakers in one slot, each with a circuit and a handle of its own.</summary>
    [Fact]
    public async Task Both_halves_of_a_tandem_are_recorded_and_switched_apart()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/sheet?open=panels");
        person.Click("[data-slot='10']");
        person.Tap("Tandem", "[role=dialog]");
        person.Tap("Keep", "[role=dialog]");
        person.Sees("lower half: not recorded");
        person.Sees("Slot 10 holds a tandem breaker: does the panel take one there?");
        person.Click("[data-slot='10b']");
        person.Sees("Slot 10, lower half");
        person.Type("Written beside it", "shelf lamps");
        person.Tap("Keep", "[role=dialog]");
        person.Sees("shelf lamps", "[data-slot='10b']");
        person.Sees("Cellar lights", "[data-slot='10']");
        person.Click("[data-slot='10b']");
        person.Tap("I switched it off", "[role=dialog]");
        person.Sees("off, held off by", "[data-slot='10b']");
        person.Sees("A on", "[data-slot='10']");
        // What somebody holds off is not written away: they let go of it first.
        person.Click("[data-slot='10']");
        person.Tap("Standard", "[role=dialog]");
        person.Tap("Keep", "[role=dialog]");
        person.Sees($"Breaker 10 lower is held off by {Person.Name}");
        person.Click("[data-slot='10b']");
        person.Tap("I switched it on", "[role=dialog]");
        person.Sees("A on", "[data-slot='10b']");
        person.Click("[data-slot='10']");
        person.Tap("Standard", "[role=dialog]");
        person.Tap("Keep", "[role=dialog]");
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("[data-slot='10b']")).Count == 0);
    }

    [Fact]
    public async Task Something_fixed_at_a_cables_end_counts_with_its_circuit()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/boxes/heater-joint");
        person.Click("[data-walk='c:heater-on/A']");
        person.Sees("What hangs there");
        person.Type("Takes, W", "6000");
        person.Go(job + "/sheet?open=heater");
        person.Sees("25.0 of 30 A");
        person.Sees("Loads of Water heater come to 31.3 A on a 30 A breaker");
        person.Go(job + "/boxes/heater-joint");
        person.Click("[data-walk='c:heater-on/A']");
        person.Tap("Not there");
        person.Sees("not followed yet");
        person.Tap("Where its other end is");
        person.Tap("at something fixed: a heater, a range, a pump");
        person.Type("What hangs there", "drying oven");
        person.Go(job + "/sheet?open=heater");
        person.Sees("Drying oven, from Cellar, over the water heater");
    }

    [Fact]
    public async Task What_is_fed_straight_from_the_panel_counts_too()
    {
        var job = $"{site.Address}/jobs/{await site.OwnJobAsync()}";
        using var person = new Person();
        person.Go(job + "/sheet?open=type-case");
        person.Tap("Fed straight from the panel, with no box on the way");
        person.Type("What does it feed straight from the panel, in watts?", "2500");
        person.Sees("20.8 of 20 A");
        person.Sees("Loads of Type store heater come to 20.8 A on a 20 A breaker");
    }
}
