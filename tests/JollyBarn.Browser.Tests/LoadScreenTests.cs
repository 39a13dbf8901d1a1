using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <summary>What may run where, and labels for the covers, as a person asks for them.</summary>
public sealed class LoadScreenTests(Site site)
{
    /// <summary>The demo's press room: 15.4 A run on 20 A; a space heater of 12.5 A more is too much, and with the proofing press off
    /// (1100 W, 9.2 A) it is not, for two hours.</summary>
    [Fact]
    public async Task A_heater_may_not_run_beside_the_press_and_may_once_the_press_is_off()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/sheet?at=panel/1|b:press-right");
        person.Tap("May this run here?");
        person.Sees("27.9 of 20 A");
        person.Sees("Not here, not with that on");
        person.Click("fieldset li:first-child input");
        person.Sees("18.8 of 20 A");
        // Six hours on end count at 125 %, NEC 210.20(A): 15.6 A beside 6.3 A; two hours do not.
        person.Sees("21.9 A of 20 A (210.20(A))");
        person.Type("Hours on end", "2");
        // Nobody said what runs at three outlets of the demo's circuit: that is no yes.
        person.Sees("Cannot be told yet");
        person.Click("fieldset > label input");
        person.Sees("It may, by what is recorded");
        Assert.Empty(person.Axe(false));
        person.Tap("Keep it: space heater hangs on duplex receptacle of Press, right");
        person.Sees("space heater", "section[aria-label='What you have'] *");
        var noted = (await site.AskAsync($"/api/jobs/{job}/boxes/press-right"))["box"]!["noted"]!["r1"]!["facts"]!;
        Assert.Equal("2250", (string)noted["load"]!["value"]!);
    }

    [Fact]
    public async Task Labels_come_out_of_the_printer_as_pictures()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/sheet");
        person.Tap("Labels");
        person.Tap("Print: Window bench");
        person.Sees("One label in the tray");
        var picture = (IWebElement)
            person.Driver.ExecuteScript("return document.querySelector('section[aria-label] img[alt=\"Window bench\"]')")!;
        Person.Wait(() => (long)person.Driver.ExecuteScript("return arguments[0].naturalWidth", picture)! > 0);
        Assert.Empty(person.Axe(false));
        person.Tap("Take them out");
        person.Sees("Nothing in the printer's tray");
    }
}
