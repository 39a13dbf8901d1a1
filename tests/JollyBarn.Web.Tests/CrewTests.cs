using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Testing.Forced;

namespace JollyBarn.Web.Tests;

/// <summary>Signing in, invitations, devices, and edits under one's own name, over HTTPS as phones come.</summary>
public sealed partial class CrewTests(Crewed crew) : IClassFixture<Crewed>
{
    private async Task<string> HouseAsync()
    {
        var id = "h" + Guid.NewGuid().ToString("n")[..10];
        var job = QuestionedHouse.Made();
        Assert.Null(crew.Store.Import(id, new(JobFile.FormatName, 1, id, job, job, [])));
        await crew.Store.SettledAsync();
        return id;
    }

    private static JsonObject Edit(Edit edit, string by, string? id = null) =>
        new JsonObject
        {
            ["id"] = id ?? Guid.NewGuid().ToString("n"),
            ["by"] = by,
            ["edit"] = JsonSerializer.SerializeToNode(edit, JobJson.Default.Edit),
        };

    /// <summary>An invitation lets one in, once, as what it says, into the jobs it names and no others.</summary>
    [Fact]
    public async Task An_invitation_is_good_once_and_for_what_it_says()
    {
        var (house, other) = (await HouseAsync(), await HouseAsync());
        var word = crew.Invite(CrewRole.Works, house);
        var first = crew.Browser();
        var told = await Crewed.PostAsync(first, "/api/invited", new { word });
        Assert.Equal("Works", (string?)told.Body!["role"]);
        var joined = await Crewed.PostAsync(
            first,
            "/api/join",
            new
            {
                word,
                name = "Ines",
                password = Crewed.Password,
            }
        );
        Assert.Equal((200, "Ines"), (joined.Status, (string?)joined.Body!["name"]));
        var second = await Crewed.PostAsync(
            crew.Browser(),
            "/api/join",
            new
            {
                word,
                name = "Otto",
                password = Crewed.Password,
            }
        );
        Assert.Equal(404, second.Status);
        var jobs = await Crewed.GetAsync(first, "/api/jobs");
        Assert.Equal([house], jobs.Body!.AsArray().Select(j => (string)j!["id"]!));
        Assert.Equal(404, (await Crewed.GetAsync(first, $"/api/jobs/{other}")).Status);
        Assert.Equal(403, (await Crewed.GetAsync(first, "/api/people")).Status);
    }

    [Fact]
    public async Task Of_ten_who_come_by_one_word_at_once_one_is_let_in()
    {
        var word = crew.Invite(CrewRole.Works);
        var came = await Task.WhenAll(
            Enumerable
                .Range(0, 10)
                .Select(n =>
                    Crewed.PostAsync(
                        crew.Browser(),
                        "/api/join",
                        new
                        {
                            word,
                            name = $"Twin {n}",
                            password = Crewed.Password,
                        }
                    )
                )
        );
        Assert.Equal(1, came.Count(c => c.Status == 200));
        Assert.Equal(9, came.Count(c => c.Status == 404));
        Assert.Single(crew.Store.Crew.All, m => m.Name.StartsWith("Twin", StringComparison.Ordinal));
    }

    /// <summary>A word past its time, taken back or made up lets nobody in.</summary>
    [Fact]
    public async Task An_invitation_past_its_time_or_taken_back_lets_nobody_in()
    {
        var (row, path) = Crew.Invitations.Make(
            crew.Store,
            TimeProvider.System,
            CrewRole.Owner,
            [],
            TimeSpan.FromSeconds(-1),
            "Jolly Barn"
        );
        Assert.Null(crew.Store.Crew.Invited(row.Id));
        var owner = await crew.ComeAsync("Ruth", CrewRole.Owner);
        var made = await Crewed.PostAsync(owner, "/api/people/invitations", new { role = "Works", jobs = new[] { "*" } });
        Assert.Equal(200, made.Status);
        Assert.Equal(204, (await Crewed.PostAsync(owner, $"/api/people/invitations/{made.Body!["id"]}/take-back")).Status);
        foreach (var word in new[] { path.Split('#')[1], ((string)made.Body!["link"]!).Split('#')[1], "made-up", "" })
        {
            var came = await Crewed.PostAsync(
                crew.Browser(),
                "/api/join",
                new
                {
                    word,
                    name = "Nobody",
                    password = Crewed.Password,
                }
            );
            Assert.Equal(404, came.Status);
        }

        Assert.DoesNotContain(crew.Store.Crew.All, m => m.Name == "Nobody");
    }

    /// <summary>OWASP ASVS 4, 2.1.1, 2.1.7, 2.1.9: at least twelve letters, none of those tried first, no kinds of letters asked
    /// for.</summary>
    [Theory]
    [InlineData("short", false)]
    [InlineData("password1234", false)]
    [InlineData("aaaaaaaaaaaaaa", false)]
    [InlineData("abcdefghijklmnop", false)]
    [InlineData("the lamp of Pia is lit", false)]
    [InlineData("all lower and long", true)]
    [InlineData("åsen over fjorden", true)]
    public async Task A_password_is_long_and_not_among_those_tried_first(string password, bool does)
    {
        var came = await Crewed.PostAsync(
            crew.Browser(),
            "/api/join",
            new
            {
                word = crew.Invite(CrewRole.Class),
                name = does ? $"Pia {password.Length}" : "Pia",
                password,
            }
        );
        Assert.Equal(does ? 200 : 422, came.Status);
        Assert.Equal(does ? null : "password", (string?)came.Body!["field"]);
    }

    /// <summary>A wrong name and a wrong password are answered alike; after five wrong ones the right one does not help for a while, and
    /// the audit has it.</summary>
    [Fact]
    public async Task Guessing_is_slowed_and_kept_in_the_audit()
    {
        await crew.ComeAsync("Guessed", CrewRole.Works);
        var browser = crew.Browser();
        var nobody = await Crewed.SignInAsync(browser, "No such name");
        for (var n = 0; n < 5; n++)
        {
            var wrong = await Crewed.SignInAsync(browser, "guessed", $"wrong password {n}");
            Assert.Equal(401, wrong.Status);
            Assert.Equal((string?)nobody.Body!["detail"], (string?)wrong.Body!["detail"]);
        }

        Assert.Equal(401, (await Crewed.SignInAsync(browser, "Guessed")).Status);
        var kept = crew.Store.Crew.Audit(40).Where(a => a.By is "Guessed").Select(a => a.What).ToList();
        Assert.Equal(AuditOf.LockedOut, kept[0]);
        Assert.Equal(5, kept.Count(k => k == AuditOf.Refused));
        Assert.DoesNotContain(crew.Store.Crew.Audit(2000), a => $"{a.By} {a.Of}".Contains("password", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_crew_keeps_an_owner_and_a_forgotten_password_is_made_anew_by_invitation()
    {
        var owner = await crew.ComeAsync("Frida", CrewRole.Owner);
        foreach (var other in crew.Store.Crew.All.Where(m => m is { Role: CrewRole.Owner, Gone: null } && m.Name != "Frida"))
        {
            Assert.Equal(204, (await Crewed.PostAsync(owner, $"/api/people/{other.Id}/role", new { role = "Works" })).Status);
        }

        var self = crew.Store.Crew.All.First(m => m.Name == "Frida").Id;
        Assert.Equal(422, (await Crewed.PostAsync(owner, $"/api/people/{self}/remove")).Status);
        Assert.Equal(422, (await Crewed.PostAsync(owner, $"/api/people/{self}/role", new { role = "Looks" })).Status);

        var forgetful = await crew.ComeAsync("Knut", CrewRole.Works);
        var knut = crew.Store.Crew.All.First(m => m.Name == "Knut").Id;
        var made = await Crewed.PostAsync(
            owner,
            "/api/people/invitations",
            new
            {
                role = "Owner",
                jobs = Array.Empty<string>(),
                person = knut,
            }
        );
        var came = await Crewed.PostAsync(
            crew.Browser(),
            "/api/join",
            new { word = ((string)made.Body!["link"]!).Split('#')[1], password = "nine geese over the ice" }
        );
        // What the invitation says of a role does not make somebody more than they are.
        Assert.Equal((200, "Knut", "Works"), (came.Status, (string?)came.Body!["name"], (string?)came.Body["role"]));
        Assert.Equal(401, (await Crewed.GetAsync(forgetful, "/api/jobs")).Status);
        Assert.Equal(401, (await Crewed.SignInAsync(crew.Browser(), "Knut")).Status);
        Assert.Equal(200, (await Crewed.SignInAsync(crew.Browser(), "Knut", "nine geese over the ice")).Status);
    }

    /// <summary>Sessions, people and rights are in the data file: a start later everybody is who they were.</summary>
    [Fact]
    public async Task A_start_later_everybody_is_who_they_were()
    {
        await using var own = new Crewed();
        await own.InitializeAsync();
        var jar = new CookieContainer();
        await own.ComeAsync("Tora", CrewRole.Owner);
        var browser = own.Browser(cookies: jar);
        Assert.Equal(200, (await Crewed.SignInAsync(browser, "Tora")).Status);
        var root = own.Root.Thumbprint;
        await own.RestartAsync();
        Assert.Equal(root, own.Root.Thumbprint);
        var me = await Crewed.GetAsync(own.Browser(cookies: jar), "/api/me");
        Assert.Equal(("Tora", "Owner"), ((string?)me.Body!["name"], (string?)me.Body["role"]));
    }
}
