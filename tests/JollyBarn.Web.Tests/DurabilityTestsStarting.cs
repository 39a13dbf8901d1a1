using System.Diagnostics;
using System.Net.Http.Json;
using JollyBarn.Store;

namespace JollyBarn.Web.Tests;

/// <content>Starting and ending.</content>
public sealed partial class DurabilityTests
{
    private const int StartsKilled = 8;

    /// <summary>A program killed while it starts, wherever it was, leaves a file that the next one starts with.</summary>
    [Fact]
    public async Task A_kill_while_starting_never_keeps_the_next_start_out()
    {
        var random = new Random(7);
        for (var i = 0; i < StartsKilled; i++)
        {
            using var killed = Program(["--data", Data, "--port", "0"]);
            await Task.Delay(random.Next(30, 900));
            killed.Kill();
            await killed.WaitForExitAsync();
        }

        var (program, client) = await StartAsync();
        Assert.Contains("Ferry keeper", await client.GetStringAsync(new Uri("/api/jobs", UriKind.Relative)), StringComparison.Ordinal);
        await EndAsync(program, client);
    }

    [Fact]
    public async Task A_second_program_on_a_file_says_who_has_it_and_does_not_open_it()
    {
        var (program, client) = await StartAsync();
        using var second = Program(["--data", Data, "--port", "0"]);
        await second.WaitForExitAsync();
        Assert.Equal(1, second.ExitCode);
        Assert.Contains($"process {program.Id}", await second.StandardError.ReadToEndAsync(), StringComparison.Ordinal);
        await EndAsync(program, client);
    }

    [Fact]
    public async Task Told_to_end_it_ends_with_streams_open()
    {
        var (program, client) = await StartAsync();
        await client.PostAsJsonAsync(new Uri("/api/jobs", UriKind.Relative), new { id = "j", name = "Heard" });
        await using var stream = await client.GetStreamAsync(new Uri("/api/jobs/j/events", UriKind.Relative));
        Assert.True(await stream.ReadAsync(new byte[16]) > 0);
        using var term = Process.Start("kill", ["-TERM", $"{program.Id}"]);
        await program.WaitForExitAsync(new CancellationTokenSource(TimeSpan.FromSeconds(25)).Token);
        Assert.Equal(0, program.ExitCode);
        program.Dispose();
        client.Dispose();
    }

    [Fact]
    public async Task Copies_are_listed_and_put_back_by_a_command()
    {
        var (program, client) = await StartAsync();
        await client.PostAsJsonAsync(new Uri("/api/jobs", UriKind.Relative), new { id = "j", name = "Copied" });
        await EndAsync(program, client);
        var copy = Copies.Make(Data, DateTimeOffset.UtcNow);
        using var list = Program(["--data", Data, "--copies"]);
        Assert.Contains(copy, await list.StandardOutput.ReadToEndAsync(), StringComparison.Ordinal);
        using var back = Program(["--data", Data, "--put-back", copy]);
        Assert.Contains($"is {copy} now", await back.StandardOutput.ReadToEndAsync(), StringComparison.Ordinal);
        (program, client) = await StartAsync();
        Assert.Contains("Copied", await client.GetStringAsync(new Uri("/api/jobs", UriKind.Relative)), StringComparison.Ordinal);
        await EndAsync(program, client);
    }

    private static async Task EndAsync(Process program, HttpClient client)
    {
        program.Kill();
        await program.WaitForExitAsync();
        program.Dispose();
        client.Dispose();
    }
}
