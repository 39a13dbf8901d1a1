using System.Collections.ObjectModel;
using System.Text.Json;
using OpenQA.Selenium;

namespace JollyBarn.Browser.Tests;

/// <content>What somebody reads on the page.</content>
public sealed partial class Person
{
    /// <summary>As somebody finds the page who has scrolled through it: what is out of sight is not laid out before.</summary>
    private const string Scrolled = "document.querySelectorAll('.when-seen').forEach(e => { e.style.contentVisibility = 'visible'; });";

    public IReadOnlyList<string> Texts(string script) => [.. ((IEnumerable<object>)Driver.ExecuteScript(script)!).Select(t => (string)t)];

    /// <summary>Waits until a text is on the page no longer.</summary>
    public void Gone(string text) => Until(() => !Says(text), $"\"{text}\" stayed");

    /// <summary>Waits until nothing of this name, its label or its text, is left to press.</summary>
    public void None(string name, string within = "body") => Until(() => All(name, within).Count == 0, $"\"{name}\" stayed");

    /// <summary>Waits until something a selector finds says so in its text or its data-says.</summary>
    public void Sees(string text, string selector) =>
        Until(
            () =>
                Texts("return [...document.querySelectorAll(\"" + selector + "\")].map(e => e.dataset.says ?? e.textContent)")
                    .Any(t => t.Contains(text, StringComparison.OrdinalIgnoreCase)),
            $"\"{text}\" never came in {selector}"
        );

    public void Sees(string text) => Until(() => Says(text), () => $"\"{text}\" never came; the page says: {Text}");

    public string Text => (string?)Driver.ExecuteScript(Scrolled + "return document.body.innerText") ?? "";

    private bool Says(string text) =>
        Driver.ExecuteScript(Scrolled + "return document.body?.innerText.toLowerCase().includes(arguments[0].toLowerCase()) ?? false", text)
            is true;

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
}
