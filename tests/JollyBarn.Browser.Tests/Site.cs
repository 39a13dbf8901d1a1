using System.Diagnostics;

[assembly: CollectionBehavior(DisableTestParallelization = true)]

namespace JollyBarn.Browser.Tests;

/// <summary>The built program, as <c>./start</c> runs it, on a data file of its own.</summary>
public sealed class Site : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-site-").FullName;
    private readonly Process program;

    public Site(bool demo = true)
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

    public string Address { get; }

    public string DemoJob => Address + "/jobs/ferry-keepers-house";

    public void Dispose()
    {
        program.Kill();
        program.WaitForExit();
        program.Dispose();
        Directory.Delete(folder, true);
    }
}
