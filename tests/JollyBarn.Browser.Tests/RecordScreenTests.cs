using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace JollyBarn.Browser.Tests;

/// <summary>The record as a screen keeps it: who does it, what is typed when the program is gone, and pages elsewhere.</summary>
public sealed class RecordScreenTests(Site site)
{
    private const string Forget = "localStorage.setItem('jolly-barn', JSON.stringify({ who: '' }))";

    [Fact]
    public async Task Somebody_new_says_who_they_are_at_the_first_thing_they_change_and_the_log_has_their_name()
    {
        var job = await site.OwnJobAsync();
        using var person = new Person();
        person.Go($"{site.Address}/jobs/{job}/boxes/bench-left");
        person.Driver.ExecuteScript(Forget);
        person.Driver.Navigate().Refresh();
        person.Sees("20.25 / 22.5");
        person.Panel("box");
        // Closed without a name: nothing is done, and the page says so.
        person.Tap("Put in the bin");
        person.Sees("Who is doing this?");
        person.Press(OpenQA.Selenium.Keys.Escape);
        person.Sees("Nothing was changed. Say who you are first.");
        Assert.False((bool)(await BoxAsync(site, job))["box"]!["binned"]!);
        person.Tap("Put in the bin");
        person.Type("Your name", "Sela");
        person.Sees("This box is in the bin");
        // Asked once: the next thing goes through.
        person.Tap("Bring back from the bin");
        person.Gone("This box is in the bin");
        var log = await site.AskAsync($"/api/jobs/{job}/log?take=2");
        Assert.Equal(["Sela", "Sela"], log["lines"]!.AsArray().Select(l => (string)l!["by"]!));
    }

    [Fact]
    public void A_page_whose_program_is_gone_says_so_and_keeps_what_was_typed()
    {
        using var alone = Site.FirstRun();
        using var person = new Person();
        person.Go(alone.DemoJob + "/boxes/bench-left");
        person.Sees("20.25 / 22.5");
        person.Panel("box");
        alone.Stop();
        person.Type("Mark, in³", "24");
        person.Sees("The program does not answer");
        Assert.Equal(
            "24",
            (string?)person.Driver.ExecuteScript("return [...document.querySelectorAll('input')].find(i => i.value === '24')?.value")
        );
        // Another place of it, never fetched: the program does not answer there either, rather than "nothing at this address".
        person.Driver.ExecuteScript(
            "history.pushState(null, '', location.pathname.replace(/boxes.*/, 'sheet')); dispatchEvent(new PopStateEvent('popstate'))"
        );
        person.Sees("The program does not answer");
        person.Gone("There is nothing at this address");
    }

    /// <summary>A page from elsewhere, in the same browser, tries what a browser lets it try without asking.</summary>
    [Fact]
    public async Task A_page_of_another_origin_posts_and_nothing_changes_and_shows_no_picture()
    {
        using var alone = Site.FirstRun();
        var job = await alone.OwnJobAsync();
        var photos = await alone.AskAsync($"/api/jobs/{job}/boxes/coal-hole/photos");
        var sha = (string)photos.AsArray()[0]!["sha"]!;
        var version = (long)(await BoxAsync(alone, job))["version"]!;
        using var elsewhere = new HttpListener();
        var address = $"http://localhost:{Free()}/";
        elsewhere.Prefixes.Add(address);
        elsewhere.Start();
        var page = $$"""
            <img id=p src="{{alone.Address}}/api/jobs/{{job}}/photos/{{sha}}" onload="document.title='shown'"
              onerror="document.title='kept'">
            <iframe name=f></iframe>
            <form id=g target=f method=post enctype=text/plain action="{{alone.Address}}/api/jobs/{{job}}/bin">
            <input name='{"id":"x","by":"mallory","more":"' value='"}'></form>
            <script>
            const say = t => document.body.append(t);
            const post = (path, type, body) => fetch('{{alone.Address}}' + path, { method: 'POST', mode: 'no-cors', body,
              headers: { 'content-type': type } }).catch(() => {});
            document.getElementById('g').submit();
            Promise.all([post('/api/jobs/{{job}}/bin', 'text/plain', '{"id":"y","by":"mallory"}'),
              post('/api/jobs/{{job}}/undo', 'text/plain', ''), post('/api/jobs', 'text/plain', '{"id":"own","name":"Own"}'),
              post('/api/import?copyAs=own', 'text/plain', '{}')]).then(() => say(' all done'));
            </script>
            """;
        var serving = Task.Run(async () =>
        {
            while (elsewhere.IsListening)
            {
                var asked = await elsewhere.GetContextAsync();
                asked.Response.ContentType = "text/html";
                await asked.Response.OutputStream.WriteAsync(Encoding.UTF8.GetBytes(asked.Request.Url!.AbsolutePath == "/" ? page : ""));
                asked.Response.Close();
            }
        });
        using (var person = new Person())
        {
            person.Go(address);
            person.Sees("all done");
            Person.Wait(() => person.Driver.Title.Length > 0);
            Assert.Equal("kept", person.Driver.Title);
            Person.Wait(() => alone.Log().Any(l => l.Contains("Refused with 403: POST", StringComparison.Ordinal)));
        }

        elsewhere.Close();
        await serving.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing | ConfigureAwaitOptions.ContinueOnCapturedContext);
        // The requests came, and were refused: a form, and four the page may send without asking first.
        Assert.Equal(5, alone.Log().Count(l => l.Contains("Refused with 403: POST", StringComparison.Ordinal)));
        Assert.Equal(version, (long)(await BoxAsync(alone, job))["version"]!);
        Assert.DoesNotContain("\"own\"", (await alone.AskAsync("/api/jobs")).ToJsonString(), StringComparison.Ordinal);
    }

    private static Task<JsonNode> BoxAsync(Site at, string job) => at.AskAsync($"/api/jobs/{job}/boxes/bench-left");

    private static int Free()
    {
        using var listener = new System.Net.Sockets.TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
