using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>Boxes written down at the wall in few taps.</summary>
public sealed class UsualMakeTests(Site site)
{
    /// <summary>A switch box with three cables looped in, the feed notched: lead by lead in under 30 taps, from a usual make in under
    /// 15.</summary>
    [Theory]
    [InlineData(false, 30)]
    [InlineData(true, 15)]
    public async Task A_switch_box_with_three_cables_is_recorded_in_few_taps(bool usual, int most)
    {
        var job = await site.OwnJobAsync();
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/west-door/survey?step=cables");
        person.Touch("single-pole switch");
        person.Sees("single-pole switch", "ul");
        for (var i = 1; i <= 3; i++)
        {
            person.Touch("14-2");
            Person.Wait(() => person.Driver.FindElements(By.CssSelector("[aria-label='What does each cable do?'] > ul > li")).Count == i);
        }

        person.Touch("notch", "[aria-label='What does each cable do?'] > ul > li:nth-child(1)");
        person.Touch("Next: leads");
        if (usual)
        {
            person.Touch("Feed at the switch: the cable at the top, 2 leaves switched");
            foreach (var place in new[] { "joint grounds", "joint hots", "joint neutrals", "single-pole switch" })
            {
                person.Touch($"It is so: {place}");
                person.Gone($"It is so: {place}");
            }
        }
        else
        {
            var places = new[]
            {
                "New joint, grounds",
                "Grounds",
                "Grounds",
                "New joint, neutrals",
                "Neutrals",
                "Neutrals",
                "New joint, hots",
                "Hots",
                "Switched, single-pole switch",
            };
            foreach (var (place, i) in places.Select((p, i) => (p, i)))
            {
                person.Sees($"{i} of 9");
                person.Touch(place, "[aria-label='Where does it go?']");
            }

            person.Sees("Every lead has its place");
            foreach (var tail in new[] { "Hots → feed", "Grounds → ground" })
            {
                person.Touch(tail, "[aria-label='Pigtails']");
                person.Gone(tail);
            }
        }

        person.Touch("That is all");
        person.Gone("That is all");
        Assert.True(person.Taps < most, $"{person.Taps} taps");
        var box = (await site.AskAsync($"/api/jobs/{job}/boxes/west-door"))["box"]!;
        Assert.Equal(
            ("Complete", 3, 2, 0),
            ((string)box["contents"]!, box["joints"]!.AsObject().Count, box["pigtails"]!.AsObject().Count, box["assumed"]!.AsObject().Count)
        );
        Assert.Contains("notch", box["noted"]!.ToJsonString(), StringComparison.Ordinal);
    }
}
