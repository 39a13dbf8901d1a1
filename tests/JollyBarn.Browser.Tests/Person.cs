using System.Collections.ObjectModel;
using System.Globalization;
using System.Text.Json;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;

namespace JollyBarn.Browser.Tests;

/// <summary>Somebody at a screen, in a browser driven as a person would.</summary>
public sealed class Person : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(30);
    private readonly HashSet<string> addresses = [];

    /// <summary>As somebody finds the page who has scrolled through it: what is out of sight is not laid out before.</summary>
    private const string Scrolled = "document.querySelectorAll('.when-seen').forEach(e => { e.style.contentVisibility = 'visible'; });";

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
        var element = Able(name, within);
        Driver.ExecuteScript("arguments[0].scrollIntoView({block:'center'})", element);
        Until(
            () =>
            {
                try
                {
                    element.Click();
                    return true;
                }
                catch (StaleElementReferenceException)
                {
                    element = Able(name, within);
                    return false;
                }
                catch (ElementClickInterceptedException)
                {
                    return false;
                }
            },
            $"\"{name}\" cannot be tapped"
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

    /// <summary>Walks by arrow keys until a stop of the picture has the focus.</summary>
    public void WalkTo(string stop)
    {
        string[] ways = [Keys.ArrowLeft, Keys.ArrowUp, Keys.ArrowUp, Keys.ArrowDown, Keys.ArrowDown, Keys.ArrowRight];
        for (var i = 0; i < 60; i++)
        {
            if (Driver.SwitchTo().ActiveElement().GetAttribute("data-walk") == stop)
            {
                return;
            }

            Press(ways[i % ways.Length]);
        }

        Assert.Fail($"Arrow keys never reached {stop}.");
    }

    public IReadOnlyList<string> Texts(string script) => [.. ((IEnumerable<object>)Driver.ExecuteScript(script)!).Select(t => (string)t)];

    /// <summary>Waits until a text is on the page no longer.</summary>
    public void Gone(string text) => Until(() => !Says(text), $"\"{text}\" stayed");

    /// <summary>Waits until something a selector finds says so in its text or its data-says.</summary>
    public void Sees(string text, string selector) =>
        Until(
            () =>
                Texts("return [...document.querySelectorAll(\"" + selector + "\")].map(e => e.dataset.says ?? e.textContent)")
                    .Any(t => t.Contains(text, StringComparison.OrdinalIgnoreCase)),
            $"\"{text}\" never came in {selector}"
        );

    public void Type(string label, string text, bool enter = true)
    {
        var field = Until(
            () => Driver.FindElements(By.CssSelector("input")).FirstOrDefault(e => Label(e) == label),
            $"no field \"{label}\""
        );
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text + (enter ? Keys.Enter : ""));
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

    public void Sees(string text) => Until(() => Says(text), () => $"\"{text}\" never came; the page says: {Text}");

    public string Text => (string?)Driver.ExecuteScript(Scrolled + "return document.body.innerText") ?? "";

    private bool Says(string text) =>
        Driver.ExecuteScript(Scrolled + "return document.body?.innerText.toLowerCase().includes(arguments[0].toLowerCase()) ?? false", text)
            is true;

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

    /// <summary>Serious and critical findings of axe with the tags of WCAG 2.2 AA.</summary>
    /// <param name="all">False for those on colours alone.</param>
    public IReadOnlyList<string> Axe(bool all)
    {
        Driver.ExecuteScript(Scrolled + File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "axe.min.js")) + ";window.axe=axe;");
        var found = (string?)
            Driver.ExecuteAsyncScript(
                """
                const [all, done] = arguments;
                const asked = all ? { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }
                  : { type: 'rule', values: ['color-contrast', 'link-in-text-block'] };
                const bad = r => r.violations.filter(v => ['serious', 'critical'].includes(v.impact));
                const where = n => n.target.join(' ') + ' ' + n.failureSummary.replace(/\s+/g, ' ');
                axe.run(document, { runOnly: asked })
                  .then(r => done(JSON.stringify(bad(r).map(v => v.id + ': ' + v.nodes.slice(0, 3).map(where).join(' | ')))));
                """,
                all
            );
        return JsonSerializer.Deserialize<List<string>>(found!)!;
    }

    /// <summary>The same, once it can be tapped: nobody taps what is greyed out.</summary>
    private IWebElement Able(string name, string within) =>
        Until(() => All(name, within).FirstOrDefault() is { Enabled: true } able ? able : null, $"nothing called \"{name}\" can be tapped");

    private IWebElement At(string selector)
    {
        var element = Until(() => Driver.FindElements(By.CssSelector(selector)).FirstOrDefault(), $"nothing is at {selector}");
        Driver.ExecuteScript(
            "const r = arguments[0].getBoundingClientRect(); if (r.top < 0 || r.bottom > innerHeight) "
                + "arguments[0].scrollIntoView({block:'center'})",
            element
        );
        return element;
    }

    private bool Called(IWebElement element, string name) =>
        (Label(element) ?? "").Equals(name, StringComparison.Ordinal) || element.Text.Trim().Equals(name, StringComparison.Ordinal);

    private string? Label(IWebElement element) =>
        Retry(() =>
            (string?)
                Driver.ExecuteScript(
                    "const e = arguments[0]; return e.getAttribute('aria-label') ?? "
                        + "e.labels?.[0]?.querySelector('span')?.textContent.trim() ?? null",
                    element
                )
        );

    private ReadOnlyCollection<IWebElement> All(string name, string within)
    {
        const string script = """
            const [name, within] = arguments, root = document.querySelector(within);
            if (!root) return [];
            const texts = e => [e.getAttribute('aria-label'), ...(e.innerText ?? '').split('\n'), e.innerText];
            const words = e => texts(e).filter(Boolean).map(w => w.trim());
            const kinds = 'button,a,[role=radio],[role=option],[role=menuitem],input[type=checkbox],summary';
            const able = [...root.querySelectorAll(kinds)].filter(e => e.checkVisibility());
            return [...able.filter(e => words(e).includes(name)), ...able.filter(e => words(e).some(w => w.startsWith(name)))];
            """;
        return Driver.ExecuteScript(Scrolled + script, name, within) as ReadOnlyCollection<IWebElement>
            ?? new ReadOnlyCollection<IWebElement>([]);
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
