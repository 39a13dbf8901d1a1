using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Practice;

namespace JollyBarn.Browser.Tests;

/// <summary>A box counted on a phone and by keys alone; a count that goes wrong says where and why, and what it was about comes
/// back.</summary>
public sealed class PracticeTests(Site site)
{
    private const int Seed = 11;

    private static FillDrill Drill { get; } = FillDrills.Make(Seed, 2, Edition.Nec2023);

    [Fact]
    public void On_a_phone_a_wrong_line_is_named_and_comes_back_and_the_right_one_is_right()
    {
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/practice/count?seed={Seed}&level=2");
        person.Sees("Nothing practised yet");
        var grounds = Drill.Right(new(FillKind.Grounds));
        foreach (var row in Drill.Rows)
        {
            var right = Drill.Right(row);
            Fill(person, row, row.Kind == FillKind.Grounds ? right with { Count = Drill.Box.Cables.Sum(c => c.Count) } : right);
        }

        Sums(person);
        person.Touch("Mark it");
        person.Sees("Grounds do not count one each");
        person.Sees("314.16(B)(5)");
        person.Sees("tomorrow");
        person.Type("Grounds, allowances", Text(grounds.Count), enter: false);
        person.Touch("Try it again");
        person.Sees("Right, all of it");

        // What one is weak at is still there after the page was left.
        person.Driver.Navigate().Refresh();
        person.Sees("tomorrow");
        person.Sees("Counting conductors");
    }

    [Fact]
    public void By_keys_alone_a_box_is_counted()
    {
        using var person = new Person();
        person.Go($"{site.Address}/practice/count?seed={Seed}&level=2");
        person.Sees("In the box");
        person.TabTo($"{Name(Drill.Rows[0])}, allowances");
        foreach (var row in Drill.Rows)
        {
            var right = Drill.Right(row);
            person.TabTo($"{Name(row)}, allowances");
            person.Press(Text(right.Count) + OpenQA.Selenium.Keys.Tab + Text(right.Each) + OpenQA.Selenium.Keys.Tab);
        }

        person.Press(Text(Drill.Needed) + OpenQA.Selenium.Keys.Tab + Text(Drill.Available) + OpenQA.Selenium.Keys.Tab);
        person.Press(OpenQA.Selenium.Keys.Space);
        for (var choice = Fit.Fits; choice < Drill.Answer.Fit; choice++)
        {
            person.Press(OpenQA.Selenium.Keys.ArrowRight);
        }

        person.TabTo("Mark it");
        person.Press(OpenQA.Selenium.Keys.Enter);
        person.Sees("Right, all of it");
    }

    private static void Fill(Person person, FillRow row, LineCount counted)
    {
        person.Type($"{Name(row)}, allowances", Text(counted.Count), enter: false);
        person.Type($"{Name(row)}, in³ each", Text(counted.Each), enter: false);
    }

    private static void Sums(Person person)
    {
        person.Type("Together, in³", Text(Drill.Needed), enter: false);
        person.Type("There is, in³", Text(Drill.Available), enter: false);
        person.Touch(
            Drill.Answer.Fit switch
            {
                Fit.Fits => "It fits",
                Fit.ExactlyFull => "Exactly full",
                _ => "Over",
            }
        );
    }

    private static string Name(FillRow row) => Telling.Practised.DrillWords.Name(Drill, row);

    private static string Text(decimal number) => number.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture);
}
