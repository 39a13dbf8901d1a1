using JollyBarn.CodeBook;
using JollyBarn.Practice.Hunted;
using JollyBarn.Telling.Practised;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>A hidden fault looked for on a phone and by keys, said and marked beside the program's own way.</summary>
public sealed class HuntTests(Site site)
{
    private const int Seed = 5;

    private static readonly HuntDrill Drill = HuntDrill.Make(Seed, 1, Edition.Nec2023);

    private static readonly ToldHunt Told = HuntTeller.Tell(Drill, [], null);

    private static readonly ToldHuntFault Truth = Told.Faults.First(f => f.Key == Drill.Hidden.Fault.Key);

    private async Task<string> AddressAsync() => $"{site.Address}/practice/hunt/{(await site.PractiseAsync("Hunt", Seed, 1)).Job}";

    private static string Name(int box) => Told.Boxes[box].Name;

    [Fact]
    public async Task On_a_phone_a_fault_is_tested_for_said_and_found()
    {
        using var person = new Person(390, 844, phone: true);
        person.Go(await AddressAsync());
        person.Sees(Told.Noticed);
        var test = Told.Tests.First(t => t is { Inside: false, Danger: null } && t.At.Contains(Told.Boxes[1].Id));
        person.Click("[data-run] li:nth-child(3) button");
        person.Sees($"Tests at {Name(1)}");
        person.Click($"[data-test='{test.Key}']");
        var step = Drill.Next([], Drill.Trials.First(t => t.Key == test.Key));
        person.Sees($"{HuntTeller.Tell(Drill, [step], null).Made[0].Says}: {HuntTeller.Tell(Drill, [step], null).Made[0].Shows}");
        person.Tap("Where: Choose");
        person.Tap(Box(Truth), "[role=listbox]");
        person.Tap("What is wrong there: Choose");
        person.Tap(Truth.Says, "[role=listbox]");
        person.Touch("That is it");
        person.Sees("Found.");
        person.Sees($"It was: {Truth.Says}");
        person.Sees("The program's way");
        person.Sees("Next fault");
        Assert.Empty(person.Axe(true));
    }

    [Fact]
    public async Task By_keys_a_wrong_word_is_told_what_would_have_told()
    {
        var wrong = Told.Faults.First(f => !f.At.Intersect(Truth.At).Any());
        var claim = Drill.Faults.First(f => f.Key == wrong.Key);
        using var person = new Person();
        person.Go(await AddressAsync());
        person.Sees(Told.Noticed);
        person.TabTo("Panel");
        person.Press(Keys.Enter);
        person.Sees("Tests at the panel");
        foreach (var (list, what) in new[] { ("Where: Choose", Box(wrong)), ("What is wrong there: Choose", wrong.Says) })
        {
            person.TabTo(list);
            person.Press(Keys.Space);
            person.Sees(what, "[role=listbox]");
            person.Press(what);
            person.Press(Keys.Enter);
        }

        person.TabTo("That is it");
        person.Press(Keys.Enter);
        person.Sees("It was elsewhere.");
        person.Sees($"You said: {wrong.Says}");
        person.Sees($"This would have told the two apart: {HuntTeller.Tell(Drill, [], HuntMarked.Of(Drill, [], claim)).Mark!.Apart}");
    }

    private static string Box(ToldHuntFault fault) => Told.Boxes.First(b => fault.At.Contains(b.Id)).Name;
}
