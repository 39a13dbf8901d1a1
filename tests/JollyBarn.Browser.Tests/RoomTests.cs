using JollyBarn.CodeBook;
using JollyBarn.Practice.Sheets;
using JollyBarn.Telling.Practised;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>A class from the making of its sheet to its results: the teacher at a desk, a learner on a phone.</summary>
public sealed class RoomTests(Site site)
{
    private static readonly SheetAsk Ask = new([SheetKind.Heard], 1, 2, 78, Edition.Nec2023);

    private static string Sheet => "?kinds=Heard&items=2&learners=1&seed=78";

    /// <summary>Opens a class by its form.</summary>
    private string Open(Person teacher, string name)
    {
        teacher.Go($"{site.Address}/practice/class{Sheet}");
        teacher.Type("The class is called", name, enter: false);
        teacher.Tap("Open the class");
        teacher.Sees("Nobody sits here yet.");
        return (string)teacher.Driver.ExecuteScript("return document.querySelector('b.tracking-widest').textContent")!;
    }

    [Fact]
    public async Task From_making_a_sheet_to_the_results_as_csv()
    {
        using var teacher = new Person();
        var code = Open(teacher, "Slip evening");
        Assert.Empty(teacher.Axe(true));

        teacher.Tap("Own questions");
        teacher.Tap("Another question");
        teacher.Type("The question", "Where does the ladder stand?", enter: false);
        teacher.Type("Answer 1", "In the loft", enter: false);
        teacher.Type("Answer 2", "By the slip", enter: false);
        teacher.Click("input[aria-label='Answer 2 is right']");
        teacher.Tap("Keep the question");
        teacher.Sees("after question 2");
        teacher.Tap("Results");

        // On a phone: by the code and a name, own numbers, marked at once.
        using var learner = new Person(390, 844, phone: true);
        learner.Go($"{site.Address}/room");
        learner.Type("Code", code.ToUpperInvariant(), enter: false);
        learner.Type("Your name", "Tove", enter: false);
        learner.Tap("Come in");
        var told = SheetTeller.Tell(Ask, 1);
        learner.Sees(told.Items[0].Asks);
        learner.Tap(told.Items[0].Options[told.Answers[0].Option!.Value]);
        learner.Tap("That is my answer");
        learner.Sees("Right");
        learner.Sees(told.Answers[0].Why);
        Assert.Empty(learner.Axe(true));
        learner.Tap("Next");
        learner.Sees(told.Items[1].Asks);
        learner.Tap(told.Items[1].Options[(told.Answers[1].Option!.Value + 1) % told.Items[1].Options.Count]);
        learner.Tap("That is my answer");
        learner.Sees("Not so");
        learner.Tap("Next");
        learner.Tap("By the slip");
        learner.Tap("That is my answer");
        learner.Sees("3 of 3 done");
        learner.Sees("2 of 3 right");

        // The teacher saw it come in, without looking again.
        teacher.Sees("2 of 3", "table");
        teacher.Sees("What sayings are worth");
        var id = teacher.Driver.Url[(teacher.Driver.Url.LastIndexOf('/') + 1)..];
        var csv = await site.TextAsync($"/api/classes/{id}/results.csv");
        Assert.Contains("1,Tove,1,Heard on the job,answered,yes,1,1,", csv, StringComparison.Ordinal);
        Assert.Contains("1,Tove,2,Heard on the job,answered,no,0,1,", csv, StringComparison.Ordinal);
        Assert.Contains("1,Tove,3,Where does the ladder stand?,answered,yes,1,1,", csv, StringComparison.Ordinal);

        teacher.Tap("Close the class");
        teacher.Sees("closed");
        learner.Go($"{site.Address}/room/{code}");
        learner.Sees("The class is closed.");
        learner.Sees("Tove, place 1");
    }

    /// <summary>A box of real wire is set from the demo job and looked over at the bench; all that is not a fault in one touch.</summary>
    [Fact]
    public async Task A_box_of_real_wire_is_set_and_looked_over()
    {
        using var teacher = new Person();
        var code = Open(teacher, "Bench evening");
        await Person.PostAsync(site.Address, $"/api/rooms/{code}/learners", new { name = "Oskar", token = new string('k', 24) });
        teacher.Sees("Oskar", "table");
        teacher.Tap("Boxes of real wire");
        teacher.Tap("Set a box");
        teacher.Tap("Drawn in: Choose");
        teacher.Tap("Ferry keeper's house");
        teacher.Tap("The box: Choose");
        teacher.Press("Press" + Keys.Enter);
        teacher.Sees("Sheath inside");
        teacher.Tap("Set this box");
        teacher.Tap("Oskar");
        teacher.Sees("At the bench of Oskar");
        Assert.Empty(teacher.Axe(true));
        teacher.Type("Sheath inside: measured", "a thumb");
        teacher.Sees("A length: write 2 7/8");
        teacher.Type("Sheath inside: measured", "1/8");
        teacher.Sees("1 fault");
        teacher.Click("main [role=status] + button");
        teacher.Sees("Everything was looked at, 1 fault");
        teacher.Go(teacher.Driver.Url);
        teacher.Sees("Everything was looked at, 1 fault");
    }

    /// <summary>By keys alone: in, an answer, the next question.</summary>
    [Fact]
    public void A_learner_needs_no_pointer()
    {
        using var teacher = new Person();
        var code = Open(teacher, "Keys evening");
        using var learner = new Person();
        learner.Go($"{site.Address}/room/{code}");
        learner.TabTo("Your name");
        learner.Press("Freya" + Keys.Enter);
        var told = SheetTeller.Tell(Ask, 1);
        learner.Sees(told.Items[0].Asks);
        learner.TabTo(told.Items[0].Options[0]);
        learner.Press(Keys.Space);
        learner.TabTo("That is my answer");
        learner.Press(Keys.Enter);
        learner.Sees("1 of 2 done");
        learner.TabTo("Next");
        learner.Press(Keys.Enter);
        learner.Sees(told.Items[1].Asks);
    }
}
