using System.Net;
using JollyBarn.Edits;
using JollyBarn.Store;

namespace JollyBarn.Web.Tests;

/// <content>What is done under one's own name, holds, and sessions that end.</content>
public sealed partial class CrewTests
{
    /// <summary>What is sent under another name is done under one's own, and what says another doer inside is refused.</summary>
    [Fact]
    public async Task Every_edit_carries_who_is_signed_in()
    {
        var house = await HouseAsync();
        var mara = await crew.ComeAsync("Mara", CrewRole.Works, house);
        var otto = await crew.ComeAsync("Otto", CrewRole.Works, house);
        var done = await Crewed.PostAsync(mara, $"/api/jobs/{house}/edits", Edit(new NoteBox("b", "mine"), "Otto"));
        Assert.Equal(200, done.Status);
        var log = await Crewed.GetAsync(otto, $"/api/jobs/{house}/log?by=Mara");
        Assert.Equal("Mara", (string?)log.Body!["lines"]!.AsArray()[0]!["by"]);
        // Otto asks for his own steps, whatever name he sends: there are none, and Mara's edit is not his to undo.
        Assert.Null((string?)log.Body["undo"]);
        var step = await Crewed.PostAsync(otto, $"/api/jobs/{house}/undo", new { id = "u1", by = "Mara" });
        Assert.Equal(422, step.Status);
        Assert.Equal("mine", crew.Store.Find(house)!.Now.Job.Boxes["b"].Note);

        var proof = new EndVisit("Otto", "2026-09-14T08:00:00Z");
        Assert.Equal(422, (await Crewed.PostAsync(mara, $"/api/jobs/{house}/edits", Edit(proof, "Otto"))).Status);
        Assert.Equal(200, (await Crewed.PostAsync(mara, $"/api/jobs/{house}/undo", new { id = "u2", by = "" })).Status);
    }

    /// <summary>Common practice: a lock is taken off by who put it on. Another's hold goes only where the holder says so, in
    /// person.</summary>
    [Fact]
    public async Task Nobody_lets_go_of_anothers_hold_alone()
    {
        var house = await HouseAsync();
        var (vera, ivar) = (await crew.ComeAsync("Vera", CrewRole.Works, house), await crew.ComeAsync("Ivar", CrewRole.Works, house));
        var panel = crew.Store.Find(house)!.Now.Job.Panels.First();
        var slot = panel.Value.Breakers[0].Slot;
        IReadOnlyList<string> Held() => crew.Store.Find(house)!.Now.Job.Panels.First().Value.Breakers[0].HeldBy;
        var off = new SwitchBreaker(panel.Key, slot, "Vera", "2026-09-14T08:00:00Z", false);
        Assert.Equal(200, (await Crewed.PostAsync(vera, $"/api/jobs/{house}/edits", Edit(off, "Vera"))).Status);
        Assert.Equal(["Vera"], Held());

        var on = off with { By = "Ivar", On = true };
        Assert.Equal(422, (await Crewed.PostAsync(ivar, $"/api/jobs/{house}/edits", Edit(on, "Ivar"))).Status);
        Assert.Equal(422, (await Crewed.PostAsync(ivar, $"/api/jobs/{house}/edits", Edit(on with { By = "Vera" }, "Vera"))).Status);
        var own = new LetGoTogether(panel.Key, slot, "Vera", "Ivar");
        Assert.Equal(422, (await Crewed.PostAsync(ivar, $"/api/jobs/{house}/edits", Edit(own, "Ivar"))).Status);
        // Nor does a file in which nobody holds it, put in the place of the job.
        var free = crew.Store.Find(house)!.Export();
        free = free with { Present = free.Start, History = [] };
        var over = await Crewed.PostAsync(
            ivar,
            $"/api/import?replace={house}",
            System.Text.Encoding.UTF8.GetString(OpenFile.JobFiles.Write(free))
        );
        Assert.Equal(422, over.Status);
        Assert.Equal(["Vera"], Held());
        object Asked(string? password) =>
            new
            {
                id = Guid.NewGuid().ToString("n"),
                by = "Vera",
                panel = panel.Key,
                slot,
                of = "Vera",
                password,
            };
        Assert.Equal(422, (await Crewed.PostAsync(ivar, $"/api/jobs/{house}/let-go", Asked("not her password"))).Status);
        Assert.Equal(["Vera"], Held());
        Assert.Equal(200, (await Crewed.PostAsync(ivar, $"/api/jobs/{house}/let-go", Asked(Crewed.Password))).Status);
        Assert.Empty(Held());
        Assert.False(crew.Store.Find(house)!.Now.Job.Panels.First().Value.Breakers[0].On);
        var log = crew.Store.Find(house)!.Log(null, 1)[0];
        Assert.Equal("Ivar", log.By);
        Assert.Contains("both said so: Vera and Ivar", log.Says, StringComparison.Ordinal);
        Assert.Contains(crew.Store.Crew.Audit(20), a => a is { What: AuditOf.HoldLetGo, By: "Ivar", Of: "Vera" });
    }

    /// <summary>One address that tries names and passwords is told to wait, whatever names it tries.</summary>
    [Fact]
    public async Task Many_tries_of_one_address_are_told_to_wait()
    {
        await using var own = new Crewed();
        await own.InitializeAsync();
        var browser = own.Browser();
        var statuses = new List<int>();
        for (var n = 0; n < 150 && !statuses.Contains(429); n++)
        {
            statuses.Add((await Crewed.PostAsync(browser, "/api/invited", new { word = $"w{n}" })).Status);
        }

        Assert.Equal(429, statuses[^1]);
        Assert.Equal(200, (await Crewed.GetAsync(browser, "/api/health")).Status);
    }

    /// <summary>A cookie that was copied is worth nothing once its device is signed out; the other device stays in.</summary>
    [Fact]
    public async Task A_session_ends_where_it_is_ended()
    {
        var jar = new CookieContainer();
        await crew.ComeAsync("Lene", CrewRole.Works);
        var (phone, desk) = (crew.Browser(cookies: jar), crew.Browser());
        Assert.Equal(200, (await Crewed.SignInAsync(phone, "Lene")).Status);
        Assert.Equal(200, (await Crewed.SignInAsync(desk, "lene")).Status);
        var stolen = new CookieContainer();
        stolen.Add(crew.At, jar.GetCookies(crew.At).Cast<Cookie>().Select(c => new Cookie(c.Name, c.Value) { Secure = true }).Single());
        var thief = crew.Browser(cookies: stolen);
        Assert.Equal(200, (await Crewed.GetAsync(thief, "/api/jobs")).Status);
        Assert.Equal(204, (await Crewed.PostAsync(phone, "/api/sign-out")).Status);
        Assert.Equal(401, (await Crewed.GetAsync(thief, "/api/jobs")).Status);
        Assert.Equal(200, (await Crewed.GetAsync(desk, "/api/jobs")).Status);

        // A lost phone is signed out from the desk.
        Assert.Equal(200, (await Crewed.SignInAsync(phone, "Lene")).Status);
        var devices = (await Crewed.GetAsync(desk, "/api/me/sessions")).Body!.AsArray();
        var lost = devices.First(d => !(bool)d!["this"]!)!["id"];
        Assert.Equal(204, (await Crewed.PostAsync(desk, "/api/me/sessions/end", new { session = (string)lost! })).Status);
        Assert.Contains("Lene", crew.Store.Crew.Audit(5).Select(a => a.By));
        Assert.Equal(204, (await Crewed.PostAsync(desk, "/api/me/sessions/end-all")).Status);
        Assert.Equal(401, (await Crewed.GetAsync(phone, "/api/jobs")).Status);
    }

    /// <summary>Rights count from the next request on, and a stream that is open ends with them.</summary>
    [Fact]
    public async Task Who_is_taken_out_is_out_at_once()
    {
        var house = await HouseAsync();
        var owner = await crew.ComeAsync("Signe", CrewRole.Owner);
        var (worker, other) = (await crew.ComeAsync("Jon", CrewRole.Works, house), await crew.ComeAsync("Jan", CrewRole.Works, house));
        var id = crew.Store.Crew.All.First(m => m.Name == "Jon").Id;
        using var reply = await worker.GetAsync(
            new Uri($"/api/jobs/{house}/events", UriKind.Relative),
            HttpCompletionOption.ResponseHeadersRead
        );
        using var stream = new StreamReader(await reply.Content.ReadAsStreamAsync());
        Assert.NotNull(await stream.ReadLineAsync());

        Assert.Equal(204, (await Crewed.PostAsync(owner, $"/api/people/{id}/role", new { role = "Looks" })).Status);
        var refused = await Crewed.PostAsync(worker, $"/api/jobs/{house}/edits", Edit(new NoteBox("b", "late"), "Jon"));
        Assert.Equal(403, refused.Status);
        Assert.Equal(200, (await Crewed.GetAsync(worker, $"/api/jobs/{house}")).Status);
        await Assert.ThrowsAnyAsync<Exception>(async () =>
        {
            while (await stream.ReadLineAsync() is not null) { }

            throw new EndOfStreamException();
        });

        Assert.Equal(204, (await Crewed.PostAsync(owner, $"/api/people/{id}/remove")).Status);
        Assert.Equal(401, (await Crewed.GetAsync(worker, $"/api/jobs/{house}")).Status);
        Assert.Equal(401, (await Crewed.SignInAsync(worker, "Jon")).Status);
        Assert.Equal(200, (await Crewed.GetAsync(other, $"/api/jobs/{house}")).Status);
        // The name stays theirs for good: the log says it.
        var again = await Crewed.PostAsync(
            crew.Browser(),
            "/api/join",
            new
            {
                word = crew.Invite(CrewRole.Works),
                name = "jon",
                password = Crewed.Password,
            }
        );
        Assert.Equal((422, "name"), (again.Status, (string?)again.Body!["field"]));
    }
}
