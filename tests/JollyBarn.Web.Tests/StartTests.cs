using System.Diagnostics;
using System.Runtime.Versioning;
using JollyBarn.Testing;

namespace JollyBarn.Web.Tests;

/// <summary>What <c>./start</c> says where a tool is missing or too old: run with a path that holds stand-ins for them.</summary>
[UnsupportedOSPlatform("windows")]
public sealed class StartTests : IDisposable
{
    private readonly string tools = Directory.CreateTempSubdirectory("jolly-barn-tools-").FullName;

    public StartTests()
    {
        foreach (var tool in new[] { "bash", "dirname", "grep", "sed" })
        {
            File.CreateSymbolicLink(Path.Combine(tools, tool), File.Exists($"/usr/bin/{tool}") ? $"/usr/bin/{tool}" : $"/bin/{tool}");
        }
    }

    [Fact]
    public async Task Without_dotnet_it_says_so() => await SaysAsync("The .NET 10 SDK is missing");

    [Fact]
    public async Task With_an_older_dotnet_it_says_which_it_found()
    {
        Tool("dotnet", "if [ \"$1\" = --list-sdks ]; then echo '8.0.100 [/x]'; else echo 8.0.100; fi");
        await SaysAsync("This needs the .NET 10 SDK; found: 8.0.100");
    }

    [Fact]
    public async Task Without_node_it_says_so()
    {
        Tool("dotnet", "echo '10.0.401 [/x]'");
        await SaysAsync("Node is missing");
    }

    [Theory]
    [InlineData("18.20.0")]
    [InlineData("20.18.9")]
    public async Task With_an_older_node_it_says_which_it_found(string version)
    {
        Tool("dotnet", "echo '10.0.401 [/x]'");
        Tool(
            "node",
            $"if [ \"$1\" = --version ]; then echo v{version}; else exec {Node()} -e \"Object.defineProperty(process, "
                + $"'versions', {{ value: {{ node: '{version}' }} }}); $2\"; fi"
        );
        await SaysAsync($"This needs Node 20.19 or newer; found v{version}");
    }

    public void Dispose() => Directory.Delete(tools, true);

    private static string Node() =>
        (Environment.GetEnvironmentVariable("PATH") ?? "").Split(':').Select(p => Path.Combine(p, "node")).First(File.Exists);

    private void Tool(string name, string script)
    {
        var path = Path.Combine(tools, name);
        File.WriteAllText(path, $"#!/bin/bash\n{script}\n");
        File.SetUnixFileMode(path, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
    }

    private async Task SaysAsync(string sentence)
    {
        var call = new ProcessStartInfo(Path.Combine(tools, "bash"), [Path.Combine(Checkout.Root, "start")])
        {
            RedirectStandardError = true,
        };
        call.Environment["PATH"] = tools;
        using var start = Process.Start(call)!;
        var said = await start.StandardError.ReadToEndAsync();
        await start.WaitForExitAsync();
        Assert.Contains(sentence, said, StringComparison.Ordinal);
        Assert.Equal(1, start.ExitCode);
    }
}
