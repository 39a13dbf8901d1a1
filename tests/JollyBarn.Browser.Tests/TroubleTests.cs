namespace JollyBarn.Browser.Tests;

/// <summary>From a complaint to what mends it, on a phone and at a desk; and a finished job proved.</summary>
public sealed class TroubleTests(Site site)
{
    [Fact]
    public async Task A_trip_is_complained_of_halved_found_and_asked_again_once_it_is_mended()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}");
        person.Tap("Something is wrong…");
        person.Type("What is wrong, in a few words", "The kettle end trips");
        person.Sees("Say what is wrong");
        Choose(person, "At which box?", "Galley, sink side");
        Choose(person, "What?", "The protective receptacle of Galley, kettle end");
        person.Tap("trips at once");

        // What tells most for least: everything unplugged before anything is opened; before it is made it says what each outcome leaves.
        person.Sees("Unplug everything, then reset");
        person.Sees("what is plugged in at the lower half of the duplex receptacle leaks");
        person.Sees("leaves");
        person.Tap("trips at once", "[data-trial=Unplug]");
        person.Sees("Take a pair off, then reset");

        // A pair is not taken off before the box is proved dead.
        person.Sees("Prove it dead first");
        person.None("holds", "[data-trial=LiftPair]");

        // It was seen: whose hand, and the same look again.
        person.Click("[data-suspect] summary");
        person.Tap("I saw it: this is it");
        person.Sees("should show now: holds");
        person.Type("Whose hand made it?", "Jonas");
        person.Sees("Jonas");
        person.Tap("holds", "section");
        person.Sees("as it should");
        person.Tap("Plan the mend as a Change");
        person.Sees("The Change that mends it");
        person.Tap("Close it");
        person.Sees("It is back: open again");
    }

    [Fact]
    public async Task On_a_phone_a_hidden_fault_is_hunted_with_the_stand_in()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/trouble");
        person.Touch("Hunt a hidden fault");
        person.Sees("A fault is hidden for practice");

        // What is noticed stands there; the stand-in looks where one is told to.
        person.Touch("Let the stand-in look");
        Person.Wait(() =>
            person.Texts("return [...document.querySelectorAll('[aria-label=\"What was observed\"] ol > li')].map(e => '')").Count == 2
        );
        person.Sees("Where it may be");
    }

    [Fact]
    public async Task A_job_is_proved_by_the_fewest_tests_and_says_what_they_do_not_see()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/prove?change=upstairs");
        person.Sees("Not proved yet");
        person.Sees("What these tests cannot see");
        person.Click("[data-test] button");
        person.Sees("Not proved");
        Person.Wait(() =>
            person.Texts("return [...document.querySelectorAll('[data-test] b:is(.text-moss, .text-barn)')].map(e => e.textContent)").Count
            == 1
        );
    }

    private static void Choose(Person person, string list, string what)
    {
        person.Click($"[aria-label^='{list}']");
        person.Tap(what, "[role=listbox]");
    }
}
