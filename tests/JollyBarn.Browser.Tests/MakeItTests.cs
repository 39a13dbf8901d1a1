using JollyBarn.CodeBook;
using JollyBarn.Planning;
using JollyBarn.Practice.Made;
using JollyBarn.Telling;
using JollyBarn.Telling.Practised;
using JollyBarn.Wiring;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>A box that lies apart made up on the Bench, by keys and on a phone, and marked by what works then.</summary>
public sealed class MakeItTests(Site site)
{
    private static readonly string[] Order = ["ground", "neutral-upper", "hot-upper"];

    /// <summary>The first whose receptacle hangs on one cable in a plastic box: three leads, three screws.</summary>
    private static readonly (int Seed, MakeDrill Drill) Plain = Enumerable
        .Range(1, 200)
        .Select(s => (s, MakeDrill.Make(s, 1, Edition.Nec2023)))
        .First(x => x.Item2.Job.Boxes[x.Item2.Box] is { Material: BoxMaterial.Nonmetallic, Leads.Count: 3 });

    private static IEnumerable<(string Lead, string Place)> Steps() =>
        Order.Select(terminal =>
            (Plain.Drill.Sound.Boxes[Plain.Drill.Box].Leads.First(l => Role(l.Value) == terminal).Key.Text, $"at:r:{terminal}/screw")
        );

    private static string Role(Lead lead) =>
        lead.IsGround ? "ground"
        : lead.Colour == "white" ? "neutral-upper"
        : "hot-upper";

    [Fact]
    public async Task By_keys_a_box_is_made_up_and_works()
    {
        using var person = new Person();
        var (job, box) = await site.PractiseAsync("Make", Plain.Seed, 1);
        person.Go($"{site.Address}/practice/make/{job}/{box}");
        person.Sees(MakeTeller.Tell(Plain.Drill).Wishes[0]);
        foreach (var (lead, place) in Steps())
        {
            person.Focus($"[data-walk='{lead}']");
            person.Press(Keys.Enter);
            person.Sees("In hand:");
            person.WalkTo(place);
            person.Press(Keys.Enter);
            person.Gone("In hand:");
        }

        Assert.DoesNotContain("Fix", person.Text, StringComparison.Ordinal);
        person.TabTo("Done. Switch it on");
        person.Press(Keys.Enter);
        person.Sees("Everything works as wished");
        person.Sees("In the order of the house.");
        Assert.Empty(person.Axe(true));
    }

    [Fact]
    public async Task On_a_phone_what_was_left_off_is_told()
    {
        using var person = new Person(390, 844, phone: true);
        var (job, box) = await site.PractiseAsync("Make", Plain.Seed, 1);
        person.Go($"{site.Address}/practice/make/{job}/{box}");
        person.Sees("When it is done");
        person.Click($"[data-line='{Steps().Last().Lead}']");
        person.Touch("Pick up its end");
        person.Sees("In hand:");
        var place = MoveTeller
            .Tell(Plain.Drill.Job, box, Moves.Find(Plain.Drill.Job, box, new Held([Steps().Last().Lead], null, false, null, "x")))
            .First(m => m.Key == Steps().Last().Place)
            .Says;
        place = $"{char.ToUpperInvariant(place[0])}{place[1..]}";
        person.Touch(place);
        person.Sees("Tap again to land it");
        person.Touch(place);
        person.Gone("In hand:");
        person.Sees("hot, upper: black");
        person.Tap("Done. Switch it on");
        person.Sees("Not right yet");
        person.Sees("It does not work.");
        person.Sees("Not every lead lies somewhere yet");
        person.Touch("Look at it with its verdicts");
        person.Sees("Fix");
    }
}
