using System.Diagnostics;

namespace JollyBarn.Testing.Forced;

/// <summary>The built program as a process of its own, with what asks it.</summary>
public sealed class StartedProgram : IDisposable
{
    private StartedProgram(Process process, HttpClient client) => (Process, Client) = (process, client);

    public Process Process { get; }

    public HttpClient Client { get; }

    /// <summary>Runs it with these words, without waiting for it.</summary>
    public static Process Run(params string[] args) =>
        Process.Start(
            new ProcessStartInfo("dotnet", [Checkout.Program, .. args]) { RedirectStandardOutput = true, RedirectStandardError = true }
        )!;

    /// <summary>Runs it on a data file and a free port, until it listens.</summary>
    /// <exception cref="InvalidOperationException">It does not listen; the message is what it says.</exception>
    public static async Task<StartedProgram> OnAsync(string data)
    {
        var process = Run("--data", data, "--port", "0");
        var line = await process.StandardOutput.ReadLineAsync() ?? await process.StandardError.ReadToEndAsync();
        return line.StartsWith("Jolly Barn is at", StringComparison.Ordinal)
            ? new(process, new HttpClient { BaseAddress = new Uri(line.Split(' ')[4]) })
            : throw new InvalidOperationException(line);
    }

    /// <summary>Ends it as a fallen plug would, and waits until it is gone.</summary>
    public async Task KillAsync()
    {
        Process.Kill();
        await Process.WaitForExitAsync();
    }

    /// <summary>What of it is in memory, bytes.</summary>
    public long Resident()
    {
        Process.Refresh();
        return Process.WorkingSet64;
    }

    public void Dispose()
    {
        if (!Process.HasExited)
        {
            Process.Kill();
            Process.WaitForExit();
        }

        Process.Dispose();
        Client.Dispose();
    }
}
