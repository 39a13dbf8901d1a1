using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Builder;

namespace JollyBarn.Web.Tests;

/// <summary>The program in this process, on a file of its own and a free port.</summary>
public sealed class Running : IAsyncLifetime
{
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-tests-").FullName;
    private WebApplication? app;

    public HttpClient Client { get; private set; } = new();

    public JobStore Store { get; private set; } = null!;

    public string File => Path.Combine(folder, "test.db");

    public async ValueTask InitializeAsync()
    {
        Store = new JobStore(File, catchUp: JollyBarn.Telling.OldRulings.Named);
        app = Server.Build([], Store, 0, Task.CompletedTask);
        await app.StartAsync();
        // No test is about time: the description of everything the program answers takes minutes to make on a machine with much to do.
        Client = new HttpClient { BaseAddress = new Uri(app.Urls.First()), Timeout = TimeSpan.FromMinutes(10) };
    }

    /// <summary>Ends it and starts it again on the same file.</summary>
    public async Task RestartAsync()
    {
        await app!.DisposeAsync();
        await Store.DisposeAsync();
        await InitializeAsync();
    }

    public async ValueTask DisposeAsync()
    {
        Client.Dispose();
        await app!.DisposeAsync();
        await Store.DisposeAsync();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, true);
    }

    public async Task<(int Status, JsonNode? Body)> PostAsync(string path, object body)
    {
        using var content = new StringContent(body as string ?? JsonSerializer.Serialize(body), Encoding.UTF8, "application/json");
        using var reply = await Client.PostAsync(new Uri(path, UriKind.Relative), content);
        var text = await reply.Content.ReadAsStringAsync();
        return ((int)reply.StatusCode, text.StartsWith('{') || text.StartsWith('[') ? JsonNode.Parse(text) : null);
    }

    public Task<JsonNode?> GetAsync(string path) => Client.GetFromJsonAsync<JsonNode>(new Uri(path, UriKind.Relative));

    /// <summary>Makes a job with one 18 in³ box <c>b</c>.</summary>
    public async Task<string> JobAsync()
    {
        var id = "j" + Guid.NewGuid().ToString("n")[..10];
        Assert.Equal(200, (await PostAsync("/api/jobs", new { id, name = "Test house" })).Status);
        Assert.Equal(200, (await EditAsync(id, new AddBox("b", "Bench", "nm-1g-18", null, null, Wiring.Contents.Complete))).Status);
        return id;
    }

    /// <summary>A job as it is given, kept under an id of its own.</summary>
    public async Task<string> MakeAsync(Job made)
    {
        var id = "m" + Guid.NewGuid().ToString("n")[..10];
        Assert.Null(Store.Import(id, new(Edits.JobFile.FormatName, 1, id, made, made, [])));
        return id;
    }

    public Task<string> TextAsync(string path) => Client.GetStringAsync(new Uri(path, UriKind.Relative));

    public Task<(int Status, JsonNode? Body)> EditAsync(
        string job,
        Edit edit,
        string? id = null,
        string by = "ann",
        long? version = null
    ) =>
        PostAsync(
            $"/api/jobs/{job}/edits",
            new JsonObject
            {
                ["id"] = id ?? Guid.NewGuid().ToString("n"),
                ["by"] = by,
                ["base"] = version,
                ["edit"] = JsonSerializer.SerializeToNode(edit, JobJson.Default.Edit),
            }
        );

    public Task<(int Status, JsonNode? Body)> StepAsync(string job, string step, string by = "ann") =>
        PostAsync($"/api/jobs/{job}/{step}", new { id = Guid.NewGuid().ToString("n"), by });
}
