using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace JollyBarn.Browser.Tests;

/// <content>What somebody does by keys alone.</content>
public sealed partial class Person
{
    /// <summary>Walks by arrow keys towards a stop of the picture, as somebody does who looks where it lies, until it has the
    /// focus.</summary>
    public void WalkTo(string stop)
    {
        const string way = """
            const from = document.activeElement.getBoundingClientRect();
            const to = document.querySelector(`[data-walk='${arguments[0]}']`).getBoundingClientRect();
            return [to.left - from.left, to.top - from.top];
            """;
        At($"[data-walk='{stop}']");
        string? aside = null;
        for (var i = 0; i < 60; i++)
        {
            var here = Driver.SwitchTo().ActiveElement().GetAttribute("data-walk");
            if (here == stop)
            {
                return;
            }

            var off = ((IEnumerable<object>)Driver.ExecuteScript(way, stop)!).Select(o =>
                Convert.ToDouble(o, CultureInfo.InvariantCulture)
            );
            var (x, y) = (off.First(), off.Last());
            var (flat, upright) = (x < 0 ? Keys.ArrowLeft : Keys.ArrowRight, y < 0 ? Keys.ArrowUp : Keys.ArrowDown);
            Press(aside ?? (Math.Abs(x) > Math.Abs(y) ? flat : upright));
            // Where nothing lies that way, and after a step that led nowhere nearer, one goes the other way round.
            aside =
                Driver.SwitchTo().ActiveElement().GetAttribute("data-walk") != here ? null
                : aside is null ? flat
                : upright;
        }

        Assert.Fail($"Arrow keys never reached {stop}.");
    }

    public void Press(string keys) => new Actions(Driver).SendKeys(keys).Perform();

    public void Chord(string hold, string key) => new Actions(Driver).KeyDown(hold).SendKeys(key).KeyUp(hold).Perform();

    /// <summary>Moves on by Tab until something of this name has the focus.</summary>
    public void TabTo(string name)
    {
        for (var i = 0; i < 200; i++)
        {
            Press(Keys.Tab);
            if (Called(Driver.SwitchTo().ActiveElement(), name))
            {
                return;
            }
        }

        Assert.Fail($"Tab never reached \"{name}\".");
    }
}
