using System.Diagnostics;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using JollyBarn.Testing;

[assembly: AssemblyFixture(typeof(JollyBarn.Browser.Tests.Site))]
[assembly: AssemblyFixture(typeof(JollyBarn.Browser.Tests.Browsers))]
[assembly: Xunit.v3.Parallelization(Mode = Xunit.Sdk.ParallelMode.All, MaxThreads = 3)]

namespace JollyBarn.Browser.Tests;

/// <summary>The built program, as <c>./start</c> runs it, on a data file of its own.</summary>
public sealed class Site : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-site-").FullName;
    private readonly string[] arguments;
    private Process program;

    public Site()
        : this(true) { }

    private Site(bool demo)
    {
        string[] data = demo ? ["--demo"] : ["--data", Path.Combine(folder, "data.db")];
        arguments = [Checkout.Program, .. data, "--port", "0"];
        program = Run();
        FirstAddress = Address;
    }

    /// <summary>The address before it was ever stopped.</summary>
    public string FirstAddress { get; }

    /// <summary>On a data file as a first run leaves it: with the demo, kept.</summary>
    public static Site FirstRun() => new(false);

    public string Address { get; private set; } = "";

    public string DemoJob => Address + "/jobs/ferry-keepers-house";

    /// <summary>Lines of its own log so far; only what is kept has one.</summary>
    public IReadOnlyList<string> Log()
    {
        using var file = new FileStream(Path.Combine(folder, "data.db.log"), FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        using var reader = new StreamReader(file);
        return reader.ReadToEnd().Split('\n');
    }

    /// <summary>What the program answers at an address, asked beside the browser.</summary>
    public async Task<JsonNode> AskAsync(string path)
    {
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        return (await client.GetFromJsonAsync<JsonNode>(new Uri(path, UriKind.Relative)))!;
    }

    /// <summary>A file the program gives, asked beside the browser.</summary>
    public async Task<string> TextAsync(string path)
    {
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        return await client.GetStringAsync(new Uri(path, UriKind.Relative));
    }

    /// <summary>A copy of the demo job for one test to work on: its id.</summary>
    public async Task<string> OwnJobAsync()
    {
        var id = "t" + Guid.NewGuid().ToString("n")[..12];
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        using var reply = await client.PostAsJsonAsync(
            new Uri("/api/jobs/ferry-keepers-house/copy", UriKind.Relative),
            new { id, name = "Ferry keeper's house" }
        );
        reply.EnsureSuccessStatusCode();
        return id;
    }

    /// <summary>A job made to learn by, and the box it is about.</summary>
    public async Task<(string Job, string Box)> PractiseAsync(string kind, int seed, int level)
    {
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        using var reply = await client.PostAsJsonAsync(
            new Uri("/api/practice/bench", UriKind.Relative),
            new
            {
                kind,
                seed,
                level,
                edition = "Nec2023",
            }
        );
        var made = JsonNode.Parse(await reply.Content.ReadAsStringAsync())!;
        return ((string)made["job"]!, (string)made["box"]!);
    }

    /// <summary>Ends the program as a power cut does.</summary>
    public void Stop()
    {
        program.Kill();
        program.WaitForExit();
    }

    /// <summary>Starts it again on the same data, at another port.</summary>
    public void Start()
    {
        program.Dispose();
        program = Run();
    }

    private Process Run()
    {
        var started = Process.Start(new ProcessStartInfo("dotnet", arguments) { RedirectStandardOutput = true })!;
        var line = started.StandardOutput.ReadLine();
        Assert.Contains("Jolly Barn is at", line, StringComparison.Ordinal);
        Address = line!.Split(' ')[4];
        return started;
    }

    public void Dispose()
    {
        Stop();
        program.Dispose();
        Directory.Delete(folder, true);
    }
}
