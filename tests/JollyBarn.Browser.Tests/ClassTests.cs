using JollyBarn.CodeBook;
using JollyBarn.Practice.Sheets;
using JollyBarn.Telling.Practised;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>A teacher makes sheets for a class, looks at their answers, and asks one question on the wall.</summary>
public sealed class ClassTests(Site site)
{
    private static readonly SheetAsk Ask = new([SheetKind.Count, SheetKind.Heard], 1, 4, 77, Edition.Nec2023);

    [Fact]
    public void Sheets_are_made_with_own_numbers_and_their_answers()
    {
        using var person = new Person();
        person.Go($"{site.Address}/practice/class?kinds=Count,Heard&items=4&learners=3&seed=77");
        foreach (var learner in new[] { 1, 3 })
        {
            var sheet = SheetTeller.Tell(Ask, learner);
            person.Sees($"Learner {learner}", "article");
            Assert.All(sheet.Items, i => person.Sees(i.Asks, "article"));
            Assert.All(sheet.Items[0].Given, g => person.Sees(g, $"article:nth-of-type({learner})"));
        }

        Assert.Empty(person.Axe(true));
        person.Tap("Answers");
        var answer = SheetTeller.Tell(Ask, 2).Answers[1];
        person.Sees(answer.Why, "article:nth-of-type(2)");

        // By keys: another count of questions makes the sheets anew.
        person.TabTo("Questions");
        person.Press(Keys.Control + "a");
        person.Press("6" + Keys.Enter);
        person.Sees(SheetTeller.Tell(Ask with { Items = 6 }, 1).Answers[5].Why, "article");
    }

    [Fact]
    public void On_the_wall_hands_are_counted_and_the_answer_is_shown()
    {
        var sheet = SheetTeller.Tell(Ask, 0);
        using var person = new Person();
        person.Go($"{site.Address}/practice/projector?kinds=Count,Heard&items=4&seed=77&item=2");
        person.Sees(sheet.Items[1].Asks);
        var right = "abcdefghij"[sheet.Answers[1].Option!.Value];
        person.Tap($"One hand more for {right}");
        person.Tap($"One hand more for {right}");
        person.Tap($"One hand more for {(right == 'a' ? 'b' : 'a')}");
        Assert.DoesNotContain(sheet.Answers[1].Why, person.Text, StringComparison.Ordinal);
        person.Tap("Show the answer");
        person.Sees(sheet.Answers[1].Why);
        person.Sees("2 of 3 hands were right.");
        person.Tap("Next question");
        person.Sees(sheet.Items[2].Asks);
        person.Sees("Question 3 of 4");
    }

    /// <summary>A box to look over is drawn on the wall, and one to be made up on paper, apart, with its answer made; nothing of it can be
    /// touched.</summary>
    [Fact]
    public void Boxes_are_drawn_on_the_wall_and_on_paper()
    {
        var wall = SheetTeller.Tell(new([SheetKind.Spot], 1, 1, 9, Edition.Nec2023), 0);
        using var person = new Person();
        person.Go($"{site.Address}/practice/projector?kinds=Spot&items=1&seed=9");
        person.Sees("What is wrong in this box?");
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("[data-picture] [data-strand]")).Count > 2);
        Assert.DoesNotContain(wall.Answers[0].Sum[0], person.Text, StringComparison.Ordinal);
        person.Tap("Show the answer");
        person.Sees(wall.Answers[0].Sum[0]);

        person.Go($"{site.Address}/practice/class?kinds=Make&items=1&learners=1&seed=9");
        person.Sees("Draw the leads to where they belong.");
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("article [data-picture] [data-strand]")).Count > 2);
        Assert.Empty(person.Axe(true));
        person.Tap("Answers");
        person.Sees("One way of several", "article");
        Person.Wait(() => person.Driver.FindElements(By.CssSelector("article [data-picture]")).Count == 1);
    }

    /// <summary>At most five places stand on the bar; practice keeps the bar of the job one came from, and its pages that take the whole
    /// screen have none.</summary>
    [Fact]
    public void Practice_keeps_the_bar_of_the_job()
    {
        using var person = new Person(390, 844, phone: true);
        person.Go(site.DemoJob);
        person.Touch("Practice", "nav");
        person.Sees("Spot it");
        Assert.Equal(
            ["Today", "Run sheet", "Work", "Practice", "Book"],
            person.Texts("return [...document.querySelectorAll('nav a')].map(a => a.innerText)")
        );
        Assert.Equal(["Practice"], person.Texts("return [...document.querySelectorAll('nav [aria-current=page]')].map(a => a.innerText)"));
        person.Touch("Work", "nav");
        person.Sees("Changes", "h1");
        person.Go($"{site.Address}/practice/projector?kinds=Heard&items=1&seed=9");
        person.Sees("Show the answer");
        Assert.Empty(person.Driver.FindElements(By.CssSelector("nav")));
    }
}
