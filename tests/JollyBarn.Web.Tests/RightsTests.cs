using System.Text;
using JollyBarn.Store;
using JollyBarn.Testing.Forced;

namespace JollyBarn.Web.Tests;

/// <summary>Each role asks everything the program's own document lists. What they may is told by what comes of it: who only looks leaves
/// nothing changed, whoever was not let in learns of no job.</summary>
public sealed class RightsTests(RightsTests.House house) : IClassFixture<RightsTests.House>
{
    public sealed class House : IAsyncLifetime
    {
        public Crewed Crew { get; } = new();

        public Dictionary<string, string> Names { get; } = new(StringComparer.Ordinal);

        public async ValueTask InitializeAsync()
        {
            await Crew.InitializeAsync();
            foreach (var id in new[] { QuestionedHouse.Id, QuestionedHouse.Spare })
            {
                Assert.Null(Crew.Store.Import(id, QuestionedHouse.AsFile(id)));
            }

            QuestionedHouse.Practise(Names, Crew.Store.Practise);
            QuestionedHouse.Open(Names, Crew.Store.Classes);
            foreach (
                var (name, value) in new Dictionary<string, string>
                {
                    ["job"] = QuestionedHouse.Id,
                    ["box"] = "b",
                    ["edition"] = "Nec2023",
                    ["change"] = "bench-row",
                    ["step"] = "u1",
                    ["pattern"] = "feed-through",
                    ["run"] = "r",
                    ["panel"] = "p",
                    ["wall"] = "north",
                    ["kind"] = "svg",
                    ["label"] = "99",
                    ["trouble"] = "hum",
                    ["rule"] = "fill",
                    ["of"] = "box",
                    ["lead"] = "x",
                    ["hot"] = "leg:p/0",
                    ["neutral"] = "neutral:p",
                    ["sha"] = new('a', 64),
                    ["file"] = "{}",
                }
            )
            {
                Names.TryAdd(name, value);
            }

            await Crew.Store.SettledAsync();
        }

        public ValueTask DisposeAsync() => Crew.DisposeAsync();
    }

    /// <summary>Every operation of the document but the streams, with something to send.</summary>
    private static IEnumerable<(string Operation, string Query, string? Body)> Everything() =>
        ApiQuestions
            .All.Select(q => (q.Operation, q.Query, q.Body))
            .Concat(ApiQuestions.WithoutJson)
            .Where(q => !q.Operation.EndsWith("/events", StringComparison.Ordinal))
            // What ends one's own session would end the asking.
            .Where(q => q.Operation is not ("post /api/sign-out" or "post /api/me/password"));

    private async Task<List<(string Operation, int Status)>> AskAsync(HttpClient browser, string prefix = "", House? of = null)
    {
        var answers = new List<(string, int)>();
        foreach (var (operation, query, body) in Everything())
        {
            var (verb, template) = (operation[..operation.IndexOf(' ')], operation[(operation.IndexOf(' ') + 1)..]);
            if (!template.StartsWith(prefix, StringComparison.Ordinal))
            {
                continue;
            }

            using var asked = new HttpRequestMessage(
                new(verb),
                new Uri(ApiQuestions.Filled(template + query, (of ?? house).Names), UriKind.Relative)
            );
            if (body is not null)
            {
                asked.Content = new StringContent(ApiQuestions.Filled(body, (of ?? house).Names), Encoding.UTF8, "application/json");
            }

            using var reply = await browser.SendAsync(asked, HttpCompletionOption.ResponseHeadersRead);
            answers.Add((operation, (int)reply.StatusCode));
        }

        return answers;
    }

    private string State()
    {
        var store = house.Crew.Store;
        var jobs = store.List(false).Concat(store.List(true)).Select(j => $"{j.Id} {j.Version}").Order(StringComparer.Ordinal);
        var people = store.Crew.All.Select(m => $"{m.Name} {m.Role} {string.Join(',', m.Jobs.Keys)}");
        var classes = store.Classes.List().Select(c => $"{c.Id} {c.Closed}");
        return string.Join('\n', [.. jobs, .. people, .. classes, $"{store.Crew.Invitations().Count} invitations"]);
    }

    [Fact]
    public async Task Nobody_learns_anything_but_how_to_come_in()
    {
        var answers = await AskAsync(house.Crew.Browser());
        Assert.All(
            answers.Where(a =>
                a.Operation.StartsWith("get /api/", StringComparison.Ordinal) || a.Operation.StartsWith("post ", StringComparison.Ordinal)
            ),
            a =>
                Assert.True(
                    a.Status == 401
                        || a.Operation
                            is "get /api/me"
                                or "get /api/health"
                                or "post /api/sign-in"
                                or "post /api/join"
                                or "post /api/invited"
                        || a.Operation.Contains("/api/rooms/", StringComparison.Ordinal),
                    $"{a.Operation}: {a.Status}"
                )
        );
    }

    [Fact]
    public async Task Who_looks_changes_nothing_and_sees_the_job()
    {
        var browser = await house.Crew.ComeAsync("Inspector", CrewRole.Looks, QuestionedHouse.Id);
        var before = State();
        var answers = await AskAsync(browser);
        Assert.Equal(before, State());
        Assert.All(answers.Where(a => a.Operation.StartsWith($"get {ApiQuestions.Job}", StringComparison.Ordinal)), a =>
            Assert.True(a.Status is not (401 or 403), $"{a.Operation}: {a.Status}")
        );
        Assert.All(
            answers.Where(a =>
                a.Operation.Contains("/classes", StringComparison.Ordinal) || a.Operation.Contains("/people", StringComparison.Ordinal)
            ),
            a => Assert.True(a.Status is 403 or 415, $"{a.Operation}: {a.Status}")
        );
        Assert.Equal(403, answers.First(a => a.Operation == $"post {ApiQuestions.Job}/edits").Status);
    }

    [Fact]
    public async Task Who_was_not_let_in_learns_of_no_job()
    {
        foreach (var role in new[] { CrewRole.Works, CrewRole.Looks, CrewRole.Class })
        {
            var browser = await house.Crew.ComeAsync($"Outside {role}", role);
            var before = State();
            var answers = await AskAsync(browser, "/api/jobs");
            Assert.All(answers.Where(a => a.Operation.Contains("{job}", StringComparison.Ordinal)), a =>
                Assert.True(a.Status is 404 or 415, $"{a.Operation} by {role}: {a.Status}")
            );
            var seen = (await Crewed.GetAsync(browser, "/api/jobs")).Body!.AsArray().Select(j => (string)j!["id"]!);
            Assert.DoesNotContain(seen, id => QuestionedHouse.Ids.Contains(id));
            // Whoever works here may make a job, and is let into it.
            Assert.Equal(role == CrewRole.Works, before != State());
        }
    }

    [Fact]
    public async Task Who_works_changes_the_jobs_they_were_let_into_and_no_rights()
    {
        var browser = await house.Crew.ComeAsync("Worker", CrewRole.Works, QuestionedHouse.Spare);
        var (spare, asked) = (Version(QuestionedHouse.Spare), Version(QuestionedHouse.Id));
        var body = new
        {
            id = Guid.NewGuid().ToString("n"),
            by = "x",
            edit = new Dictionary<string, object>
            {
                ["do"] = "noteBox",
                ["box"] = "b",
                ["note"] = "seen",
            },
        };
        Assert.Equal(200, (await Crewed.PostAsync(browser, $"/api/jobs/{QuestionedHouse.Spare}/edits", body)).Status);
        Assert.Equal(404, (await Crewed.PostAsync(browser, $"/api/jobs/{QuestionedHouse.Id}/edits", body)).Status);
        Assert.Equal((spare + 1, asked), (Version(QuestionedHouse.Spare), Version(QuestionedHouse.Id)));
        Assert.All(await AskAsync(browser, "/api/people"), a => Assert.Equal(403, a.Status));
        Assert.All(await AskAsync(browser, "/api/audit"), a => Assert.Equal(403, a.Status));
        var over = await Crewed.PostAsync(
            browser,
            $"/api/import?replace={QuestionedHouse.Id}",
            Encoding.UTF8.GetString(OpenFile.JobFiles.Write(QuestionedHouse.AsFile()))
        );
        Assert.Equal(403, over.Status);
        Assert.Equal(asked, Version(QuestionedHouse.Id));
    }

    [Fact]
    public async Task The_owner_is_turned_back_nowhere()
    {
        // In a house of its own: what the owner asks for is done, and the others look for what was there.
        await using var own = new House();
        await own.InitializeAsync();
        var browser = await own.Crew.ComeAsync("Owner", CrewRole.Owner);
        var answers = await AskAsync(browser, of: own);
        Assert.Null(own.Crew.Store.Classes.Find(own.Names["class"]));
        // A wrong password and a learner without a word are turned back whoever asks.
        Assert.All(
            answers.Where(a => a.Operation != "post /api/sign-in" && !a.Operation.Contains("/api/rooms/", StringComparison.Ordinal)),
            a => Assert.True(a.Status is not (401 or 403), $"{a.Operation}: {a.Status}")
        );
        Assert.All(answers, a => Assert.True(a.Status < 500, $"{a.Operation}: {a.Status}"));
    }

    /// <summary>The plain door of a class answers rooms and practice, and no job; the plain door of trust answers the certificate
    /// alone.</summary>
    [Fact]
    public async Task The_plain_doors_answer_what_they_are_for()
    {
        var learner = house.Crew.Browser(house.Crew.Classes);
        var before = State();
        var answers = await AskAsync(learner);
        Assert.Equal(before, State());
        Assert.All(
            answers.Where(a =>
                a.Operation.Contains("{job}", StringComparison.Ordinal)
                || a.Operation.Contains("/people", StringComparison.Ordinal)
                || a.Operation.Contains("/classes", StringComparison.Ordinal)
                || a.Operation is "get /api/jobs" or "post /api/sign-in"
            ),
            a => Assert.True(a.Status is 401 or 403 or 422, $"{a.Operation}: {a.Status}")
        );
        Assert.Equal(200, answers.First(a => a.Operation == "get /api/rooms/{code}").Status);
        Assert.Equal(200, answers.First(a => a.Operation == "get /api/practice/asked").Status);

        var trust = house.Crew.Browser(house.Crew.Trust);
        Assert.All(await AskAsync(trust), a => Assert.Equal(404, a.Status));
        Assert.Contains(
            house.Crew.Served.Certificates!.Fingerprint!,
            await trust.GetStringAsync(new Uri("/", UriKind.Relative)),
            StringComparison.Ordinal
        );
        var given = await trust.GetByteArrayAsync(new Uri("/jolly-barn.crt", UriKind.Relative));
        Assert.Equal(house.Crew.Root.RawData, given);
    }

    /// <summary>A learner works on the job of an exercise and makes nothing else of it; a job lent to a question of the trade is one the
    /// asker may see; what is sent by who is not in is small.</summary>
    [Fact]
    public async Task What_is_beside_the_address_is_looked_at_too()
    {
        var learner = house.Crew.Browser(house.Crew.Classes);
        var exercise = $"/api/jobs/{house.Names["exercise"]}";
        Assert.Equal(200, (await Crewed.GetAsync(learner, exercise)).Status);
        Assert.Equal(403, (await Crewed.PostAsync(learner, $"{exercise}/copy", new { id = "stolen", name = "Copy" })).Status);
        Assert.Equal(403, (await Crewed.PostAsync(learner, $"{exercise}/bin", new { id = "b1", by = "x" })).Status);
        Assert.Equal(403, (await Crewed.PostAsync(learner, $"/api/trench?job={QuestionedHouse.Id}")).Status);
        var outside = await house.Crew.ComeAsync("Beside", CrewRole.Works);
        Assert.Equal(404, (await Crewed.PostAsync(outside, $"/api/trench?job={QuestionedHouse.Id}")).Status);
        Assert.NotEqual(404, (await Crewed.PostAsync(outside, "/api/trench")).Status);
        Assert.Null(house.Crew.Store.Find("stolen"));

        var large = await Crewed.PostAsync(house.Crew.Browser(), "/api/sign-in", new { name = new string('x', 200_000), password = "x" });
        Assert.Equal(413, large.Status);
        Assert.Contains("128 kB", (string)large.Body!["detail"]!, StringComparison.Ordinal);
    }

    /// <summary>Another name of the host, and a page from elsewhere, are refused.</summary>
    [Theory]
    [InlineData("Host", "barn.example")]
    [InlineData("Host", "127.0.0.1.barn.example")]
    [InlineData("Origin", "https://barn.example")]
    [InlineData("Origin", "null")]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    public async Task A_page_from_elsewhere_reaches_nothing(string header, string value)
    {
        // By TLS another name of the host is refused by the client already: the plain door shows what the program does.
        var browser = house.Crew.Browser(header == "Host" ? house.Crew.Classes : house.Crew.At);
        var address = header == "Host" ? $"/api/rooms/{house.Names["code"]}/learners" : "/api/sign-in";
        using var asked = new HttpRequestMessage(HttpMethod.Post, new Uri(address, UriKind.Relative))
        {
            Content = new StringContent("""{"name":"Owner","password":"x"}""", Encoding.UTF8, "application/json"),
        };
        asked.Headers.TryAddWithoutValidation(header, value);
        using var reply = await browser.SendAsync(asked);
        Assert.Equal(403, (int)reply.StatusCode);
    }

    private long Version(string job) => house.Crew.Store.Find(job)!.Now.Version;
}
