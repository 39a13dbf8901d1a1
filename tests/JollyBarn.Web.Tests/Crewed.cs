using System.Net;
using System.Net.Security;
using System.Security.Cryptography.X509Certificates;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Store;
using JollyBarn.Web.Crew;
using JollyBarn.Web.Serving;
using Microsoft.AspNetCore.Builder;

namespace JollyBarn.Web.Tests;

/// <summary>The program served to others: HTTPS by its own authority, people signed in, the house of questions in it.</summary>
public sealed class Crewed : IAsyncLifetime
{
    public const string Password = "seven herons at dawn";

    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-crew-").FullName;
    private readonly List<HttpClient> clients = [];
    private WebApplication? app;
    private Certificates certificates = null!;

    public JobStore Store { get; private set; } = null!;

    internal Served Served { get; private set; } = null!;

    public X509Certificate2 Root => certificates.Root!;

    public string Folder => folder;

    public Uri Trust => new($"http://127.0.0.1:{Served.TrustPort}");

    public Uri Classes => new($"http://127.0.0.1:{Served.ClassPort}");

    public Uri At => new($"https://127.0.0.1:{Served.Port}");

    public async ValueTask InitializeAsync()
    {
        Store = new JobStore(Path.Combine(folder, "test.db"));
        certificates = new(Path.Combine(folder, "serving"), () => ["localhost", "127.0.0.1"], TimeProvider.System);
        Served = Listening.Served(Options.Parse(["--serve"]), certificates, System.Net.IPAddress.Loopback);
        app = Server.Build([], Store, 0, Task.CompletedTask, others: Served);
        await app.StartAsync();
        Listening.Settle(Served, app.Urls);
    }

    public async Task RestartAsync()
    {
        await app!.DisposeAsync();
        await Store.DisposeAsync();
        certificates.Dispose();
        await InitializeAsync();
    }

    public async ValueTask DisposeAsync()
    {
        clients.ForEach(c => c.Dispose());
        await app!.DisposeAsync();
        await Store.DisposeAsync();
        certificates.Dispose();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, true);
    }

    /// <summary>A browser that trusts the authority and keeps cookies, signed in nowhere.</summary>
    public HttpClient Browser(Uri? at = null, CookieContainer? cookies = null)
    {
        var client = new HttpClient(
            new SocketsHttpHandler
            {
                CookieContainer = cookies ?? new(),
                SslOptions = new SslClientAuthenticationOptions
                {
                    CertificateChainPolicy = new X509ChainPolicy
                    {
                        TrustMode = X509ChainTrustMode.CustomRootTrust,
                        CustomTrustStore = { Root },
                        RevocationMode = X509RevocationMode.NoCheck,
                    },
                },
            }
        )
        {
            BaseAddress = at ?? At,
            Timeout = TimeSpan.FromMinutes(5),
        };
        clients.Add(client);
        return client;
    }

    /// <summary>The word of an invitation.</summary>
    public string Invite(CrewRole role, params string[] jobs) =>
        Invitations.Make(Store, TimeProvider.System, role, jobs, TimeSpan.FromHours(1), "Jolly Barn").Path.Split('#')[1];

    /// <summary>Somebody who came by an invitation, at their browser.</summary>
    public async Task<HttpClient> ComeAsync(string name, CrewRole role, params string[] jobs)
    {
        var browser = Browser();
        var (status, _) = await PostAsync(
            browser,
            "/api/join",
            new
            {
                word = Invite(role, jobs),
                name,
                password = Password,
            }
        );
        Assert.Equal(200, status);
        return browser;
    }

    public static async Task<(int Status, JsonNode? Body)> PostAsync(HttpClient browser, string path, object? body = null)
    {
        ArgumentNullException.ThrowIfNull(browser);
        using var content = new StringContent(
            body as string ?? JsonSerializer.Serialize(body ?? new { }),
            Encoding.UTF8,
            "application/json"
        );
        using var reply = await browser.PostAsync(new Uri(path, UriKind.Relative), content);
        return await ReadAsync(reply);
    }

    public static async Task<(int Status, JsonNode? Body)> GetAsync(HttpClient browser, string path)
    {
        ArgumentNullException.ThrowIfNull(browser);
        using var reply = await browser.GetAsync(new Uri(path, UriKind.Relative));
        return await ReadAsync(reply);
    }

    private static async Task<(int Status, JsonNode? Body)> ReadAsync(HttpResponseMessage reply)
    {
        var text = await reply.Content.ReadAsStringAsync();
        return ((int)reply.StatusCode, text.StartsWith('{') || text.StartsWith('[') ? JsonNode.Parse(text) : null);
    }

    public static Task<(int Status, JsonNode? Body)> SignInAsync(HttpClient browser, string name, string password = Password) =>
        PostAsync(browser, "/api/sign-in", new { name, password });
}
