using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Practice.Asked;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling;
using JollyBarn.Telling.Practised;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>A box with a mistake looked over on the Bench, by touch and by keys, then mended; questions answered on a phone and by
/// keys.</summary>
public sealed class SpotTests(Site site)
{
    /// <summary>The first seed whose one mistake of the first level is about a part of this kind.</summary>
    private static (int Seed, SpotDrill Drill, SpotSaid Said) Drill(PartIs kind)
    {
        for (var seed = 1; ; seed++)
        {
            var drill = SpotDrill.Make(seed, 1, Edition.Nec2023);
            var worst = drill.Planted[0].Findings.First(f => f.Verdict == drill.Planted[0].Worst);
            var box = drill.Job.Boxes[drill.Box];
            if (SpotParts.About(box, worst).FirstOrDefault(p => SpotParts.Of(box, p) == kind) is { } part)
            {
                return (seed, drill, new(part, worst.Rule, worst.Verdict));
            }
        }
    }

    private async Task<string> AddressAsync(int seed)
    {
        var (job, box) = await site.PractiseAsync("Spot", seed, 1);
        return $"{site.Address}/practice/bench/{job}/{box}";
    }

    [Fact]
    public async Task On_a_phone_a_mistake_is_pointed_at_named_and_mended()
    {
        var (seed, drill, said) = Drill(PartIs.Joint);
        using var person = new Person(390, 844, phone: true);
        person.Go(await AddressAsync(seed));
        person.Sees("What is wrong here?");
        person.Click($"[data-walk='{said.Part}']");
        Say(person, said);
        person.Touch("That is all: 1 thing. Mark it");
        person.Sees("1 of 1 found");
        person.Touch("Mend it");

        // The real Bench, with what the rules say.
        person.Sees(new Teller(drill.Job, drill.Box).Tell(drill.Planted[0].Findings[0]).Says);
    }

    [Fact]
    public async Task By_keys_a_part_that_holds_is_a_false_alarm_and_what_was_missed_is_told()
    {
        var (seed, drill, said) = Drill(PartIs.Wire);
        using var person = new Person();
        person.Go(await AddressAsync(seed));
        person.Sees("What is wrong here?");
        person.TabTo("The box itself");
        person.Press(Keys.Enter);
        Say(person, said with { Part = "box", Rule = "fill" });
        person.TabTo("That is all: 1 thing. Mark it");
        person.Press(Keys.Enter);
        person.Sees("0 of 1 found, 1 that is not so");
        person.Sees("Missed.");
        person.Sees(new Teller(drill.Job, drill.Box).Tell(drill.Planted[0].Findings[0]).Says);
    }

    private static void Say(Person person, SpotSaid said)
    {
        person.TabTo("What is wrong with it");
        person.Press(Teller.RuleName(said.Rule));
        person.Touch(said.Severity == Verdict.Stop ? "Can hurt somebody now" : "To be fixed");
        person.Touch("Say it");
    }

    [Fact]
    public void A_question_is_answered_on_a_phone_and_by_keys()
    {
        var item = AskedItems.Size(4, 1, Edition.Nec2023);
        using (var person = new Person(390, 844, phone: true))
        {
            person.Go($"{site.Address}/practice/asked/sizes?seed=4&level=1");
            person.Sees(AskedTeller.Tell(item).Asks);
            person.Touch(AskedTeller.Tell(item).Options[item.Right]);
            person.Touch("Mark it");
            person.Sees(AskedTeller.Tell(item, item.Right).Why);
        }

        var heard = AskedItems.Heard(9, 1, Edition.Nec2023);
        using var keys = new Person();
        keys.Go($"{site.Address}/practice/asked/heard?seed=9&level=1");
        keys.Sees(AskedTeller.Tell(heard).Asks);
        keys.TabTo(AskedTeller.Tell(heard).Options[0]);
        keys.Press(Keys.Space);
        for (var i = 0; i < heard.Right; i++)
        {
            keys.Press(Keys.ArrowDown);
        }

        keys.TabTo("Mark it");
        keys.Press(Keys.Enter);
        keys.Sees(AskedTeller.Tell(heard, heard.Right).Shows!);
    }

    [Fact]
    public void A_tester_that_lies_is_told()
    {
        var seed = Enumerable
            .Range(1, 200)
            .First(s => TesterItems.Make(s, 3, Edition.Nec2023) is { Kind: AskedKind.TesterShows, Tested.Blind: true });
        var told = AskedTeller.Tell(TesterItems.Make(seed, 3, Edition.Nec2023));
        using var person = new Person();
        person.Go($"{site.Address}/practice/asked/tester?seed={seed}&level=3");
        person.Sees(told.Asks);
        person.Tap(told.Options[0]);
        person.Tap("Mark it");
        person.Sees("this tester does not see it");
    }

    /// <summary>From a verdict of a real box to a box that teaches its rule, by the edition of the job.</summary>
    [Fact]
    public void A_verdict_leads_to_its_drill()
    {
        using var person = new Person();
        person.Go($"{site.Address}/practice?about=setback&edition=Nec2020");
        person.Tap("Begin: Setback");
        person.Sees("What is wrong here?");
        person.Tap("The box itself");
        person.Sees("How far behind the finished face is its rim? 3/8 in");
    }
}
