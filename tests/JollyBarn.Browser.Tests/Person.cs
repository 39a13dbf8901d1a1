using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;

namespace JollyBarn.Browser.Tests;

/// <summary>Somebody at a screen, in a browser driven as a person would.</summary>
public sealed partial class Person : IDisposable
{
    /// <summary>What they are called.</summary>
    public const string Name = "Mara";

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(30);
    private readonly HashSet<string> addresses = [];

    public Person(int width = 1280, int height = 800, bool phone = false) => Driver = Browsers.Take(width, height, phone);

    public ChromeDriver Driver { get; }

    /// <summary>Taps or clicks so far.</summary>
    public int Taps { get; private set; }

    public void Dispose() => Browsers.GiveBack(Driver, addresses);

    public void Go(string address)
    {
        var at = new Uri(address);
        addresses.Add(at.GetLeftPart(UriPartial.Authority));
        Driver.Navigate().GoToUrl(at);
    }

    /// <summary>Something a person could read or tap under this name: its label or its text.</summary>
    public IWebElement Find(string name, string within = "body") =>
        Until(() => All(name, within).FirstOrDefault(), $"nothing called \"{name}\" is on the page");

    public void Tap(string name, string within = "body")
    {
        var over = "";
        Until(
            () =>
            {
                // What comes in above it a moment later moves it away: it is brought into view at each try.
                var element = Able(name, within);
                Driver.ExecuteScript("arguments[0].scrollIntoView({block:'center'})", element);
                try
                {
                    element.Click();
                    return true;
                }
                catch (StaleElementReferenceException)
                {
                    return false;
                }
                catch (ElementClickInterceptedException covered)
                {
                    over = covered.Message;
                    return false;
                }
            },
            () => $"\"{name}\" cannot be tapped: {over}"
        );
        Taps++;
    }

    /// <summary>A tap by finger: touch events, not a mouse.</summary>
    public void Touch(string name, string within = "body")
    {
        var element = Able(name, within);
        Driver.ExecuteScript("arguments[0].scrollIntoView({block:'center'})", element);
        var finger = new PointerInputDevice(PointerKind.Touch, "finger");
        var tap = new ActionSequence(finger)
            .AddAction(finger.CreatePointerMove(element, 0, 0, TimeSpan.Zero))
            .AddAction(finger.CreatePointerDown(MouseButton.Touch))
            .AddAction(finger.CreatePointerUp(MouseButton.Touch));
        Driver.PerformActions([tap]);
        Taps++;
    }

    /// <summary>A click on what a selector finds, with a key held if one is given.</summary>
    public void Click(string selector, string? hold = null)
    {
        var actions = new Actions(Driver).MoveToElement(At(selector));
        (hold is null ? actions.Click() : actions.KeyDown(hold).Click().KeyUp(hold)).Perform();
        Taps++;
    }

    public void Hover(string selector) => new Actions(Driver).MoveToElement(At(selector)).Perform();

    public void Menu(string selector) => new Actions(Driver).ContextClick(At(selector)).Perform();

    /// <summary>A finger that stays on what a selector finds.</summary>
    public void LongPress(string selector)
    {
        var finger = new PointerInputDevice(PointerKind.Touch, "finger");
        Driver.PerformActions([
            new ActionSequence(finger)
                .AddAction(finger.CreatePointerMove(At(selector), 0, 0, TimeSpan.Zero))
                .AddAction(finger.CreatePointerDown(MouseButton.Touch))
                .AddAction(finger.CreatePause(TimeSpan.FromMilliseconds(900)))
                .AddAction(finger.CreatePointerUp(MouseButton.Touch)),
        ]);
    }

    public void Focus(string selector) => Driver.ExecuteScript("arguments[0].focus()", At(selector));

    /// <summary>Presses on one thing, moves to another in steps as a hand does, and lets go there; over a last place that shows only while
    /// something is held, when one is given.</summary>
    public void Drag(string from, string to, PointerKind kind, string? onTo = null)
    {
        var pointer = new PointerInputDevice(kind, kind == PointerKind.Touch ? "finger" : "mouse");
        var button = kind == PointerKind.Touch ? MouseButton.Touch : MouseButton.Left;
        var start = At(from);
        var press = new ActionSequence(pointer)
            .AddAction(pointer.CreatePointerMove(start, 0, 0, TimeSpan.Zero))
            .AddAction(pointer.CreatePointerDown(button))
            .AddAction(pointer.CreatePointerMove(At(to), 0, 0, TimeSpan.FromMilliseconds(200)));
        if (onTo is null)
        {
            Driver.PerformActions([press.AddAction(pointer.CreatePointerUp(button))]);
            return;
        }

        Driver.PerformActions([press]);
        Sees("In hand:");
        Driver.PerformActions([
            new ActionSequence(pointer)
                .AddAction(pointer.CreatePointerMove(At(onTo), 0, 0, TimeSpan.FromMilliseconds(120)))
                .AddAction(pointer.CreatePointerUp(button)),
        ]);
    }

    public void Type(string label, string text, bool enter = true)
    {
        var field = Until(
            () => Driver.FindElements(By.CssSelector("input")).FirstOrDefault(e => Label(e) == label),
            $"no field \"{label}\""
        );
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text + (enter ? Keys.Enter : ""));
    }

    /// <summary>Opens a panel beside the picture of a box, where it is not open.</summary>
    /// <param name="name">Its name in the address: verdicts, fit, measure, live, leads, steps or box.</param>
    public void Panel(string name)
    {
        var key = $"[data-panel='{name}']";
        // What comes in above it a moment later moves it away from under the finger.
        Until(
            () =>
            {
                if (At(key).GetAttribute("aria-expanded") == "true")
                {
                    return true;
                }

                Click(key);
                return false;
            },
            $"the panel {name} does not open"
        );
    }

    /// <summary>What the network is like from now on: as it is, slow, or gone.</summary>
    /// <param name="latency">Least time until an answer, ms.</param>
    public void Network(int latency = 0, bool offline = false)
    {
        Driver.ExecuteCdpCommand("Network.enable", []);
        Driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new()
            {
                ["offline"] = offline,
                ["latency"] = latency,
                ["downloadThroughput"] = -1,
                ["uploadThroughput"] = -1,
            }
        );
    }

    /// <summary>Waits until something holds.</summary>
    public static void Wait(Func<bool> holds) => Until(() => holds(), "what was waited for never came");

    /// <summary>What somebody at another screen sends.</summary>
    public static async Task PostAsync(string site, string path, object body)
    {
        using var client = new HttpClient { BaseAddress = new Uri(site) };
        using var reply = await System.Net.Http.Json.HttpClientJsonExtensions.PostAsJsonAsync(
            client,
            new Uri(path, UriKind.Relative),
            body
        );
        reply.EnsureSuccessStatusCode();
    }

    /// <summary>The same, once it can be tapped: nobody taps what is greyed out.</summary>
    private IWebElement Able(string name, string within) =>
        Until(() => All(name, within).FirstOrDefault() is { Enabled: true } able ? able : null, $"nothing called \"{name}\" can be tapped");

    private IWebElement At(string selector) => Retry(() => Shown(selector));

    /// <summary>What a selector finds, brought into view; what is drawn anew meanwhile is found again.</summary>
    private IWebElement Shown(string selector)
    {
        var element = Until(() => Driver.FindElements(By.CssSelector(selector)).FirstOrDefault(), $"nothing is at {selector}");
        Driver.ExecuteScript(
            """
            const e = arguments[0], r = e.getBoundingClientRect();
            const there = document.elementFromPoint(r.left + r.width / 2, r.top + r.height / 2);
            if (!there || !(e.contains(there) || there.contains(e))) e.scrollIntoView({block:'center'});
            """,
            element
        );
        return element;
    }

    private static T Retry<T>(Func<T> read)
    {
        for (var i = 0; ; i++)
        {
            try
            {
                return read();
            }
            catch (StaleElementReferenceException) when (i < 20)
            {
                Thread.Sleep(50);
            }
        }
    }

    private static T Until<T>(Func<T?> read, string otherwise) => Until(read, () => otherwise);

    private static T Until<T>(Func<T?> read, Func<string> otherwise)
    {
        var end = DateTime.UtcNow + Patience;
        while (DateTime.UtcNow < end)
        {
            if (Retry(read) is { } found && found is not false)
            {
                return found;
            }

            Thread.Sleep(80);
        }

        throw new TimeoutException(string.Create(CultureInfo.InvariantCulture, $"{otherwise()} (waited {Patience.TotalSeconds} s)"));
    }
}
