using System.Diagnostics;
using System.Net.Http.Json;

[assembly: CollectionBehavior(MaxParallelThreads = 2)]

namespace JollyBarn.Browser.Tests;

/// <summary>The built program, as <c>./start</c> runs it, on a data file of its own.</summary>
public sealed class Site : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-site-").FullName;
    private readonly Process program;

    public Site()
        : this(true)
    {
    }

    private Site(bool demo)
    {
        var root = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(root!.FullName, "JollyBarn.slnx")))
        {
            root = root.Parent;
        }

        var dll = Path.Combine(root.FullName, ".build", "app", "JollyBarn.Web.dll");
        string[] data = demo ? ["--demo"] : ["--data", Path.Combine(folder, "data.db")];
        program = Process.Start(new ProcessStartInfo("dotnet", [dll, .. data, "--port", "0"]) { RedirectStandardOutput = true })!;
        var line = program.StandardOutput.ReadLine();
        Assert.Contains("Jolly Barn is at", line, StringComparison.Ordinal);
        Address = line!.Split(' ')[4];
    }

    /// <summary>On a data file as a first run leaves it: with the demo, kept.</summary>
    public static Site FirstRun() => new(false);

    public string Address { get; }

    public string DemoJob => Address + "/jobs/ferry-keepers-house";

    /// <summary>A copy of the demo job for one test to work on: its id.</summary>
    public async Task<string> OwnJobAsync()
    {
        var id = "t" + Guid.NewGuid().ToString("n")[..12];
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        using var reply = await client.PostAsJsonAsync(new Uri("/api/jobs/ferry-keepers-house/copy", UriKind.Relative), new { id, name = "Ferry keeper's house" });
        reply.EnsureSuccessStatusCode();
        return id;
    }

    public void Dispose()
    {
        program.Kill();
        program.WaitForExit();
        program.Dispose();
        Directory.Delete(folder, true);
    }
}
