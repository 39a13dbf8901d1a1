using System.Diagnostics;
using System.Net.Http.Json;
using JollyBarn.Store;
using JollyBarn.Testing.Forced;

namespace JollyBarn.Web.Tests;

/// <content>Starting, being killed, and ending. <c>bench/run --long</c> kills more often.</content>
public sealed partial class DurabilityTests
{
    private const int StartsKilled = 8;
    private const int OthersKilled = 4;

    /// <summary>A program killed while it starts, wherever it was, leaves a file that the next one starts with.</summary>
    [Fact]
    public async Task A_kill_while_starting_never_keeps_the_next_start_out() =>
        Assert.True((await new Kills(folder, 7).StartingAsync(StartsKilled)).InTheMiddle > 0);

    [Fact]
    public async Task A_kill_while_an_older_file_is_copied_and_brought_up_loses_nothing() =>
        Assert.True((await new Kills(folder, 8).BringingUpAsync(OthersKilled, 120, 16)).Kills > 0);

    [Fact]
    public async Task A_kill_while_a_copy_is_put_back_leaves_the_one_or_the_other() =>
        Assert.True((await new Kills(folder, 9).PuttingBackAsync(OthersKilled, 16)).InTheMiddle > 0);

    [Fact]
    public async Task A_kill_while_files_and_pictures_come_in_loses_none_that_was_acknowledged() =>
        Assert.True((await new Kills(folder, 10).ArrivingAsync(2)).InTheMiddle > 0);

    [Fact]
    public async Task A_second_program_on_a_file_says_who_has_it_and_does_not_open_it()
    {
        using var program = await StartedProgram.OnAsync(Data);
        using var second = StartedProgram.Run("--data", Data, "--port", "0");
        await second.WaitForExitAsync();
        Assert.Equal(1, second.ExitCode);
        Assert.Contains($"process {program.Process.Id}", await second.StandardError.ReadToEndAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Told_to_end_it_ends_with_streams_open()
    {
        using var program = await StartedProgram.OnAsync(Data);
        await program.Client.PostAsJsonAsync(new Uri("/api/jobs", UriKind.Relative), new { id = "j", name = "Heard" });
        await using var stream = await program.Client.GetStreamAsync(new Uri("/api/jobs/j/events", UriKind.Relative));
        Assert.True(await stream.ReadAsync(new byte[16]) > 0);
        using var term = Process.Start("kill", ["-TERM", $"{program.Process.Id}"]);
        await program.Process.WaitForExitAsync(new CancellationTokenSource(TimeSpan.FromSeconds(25)).Token);
        Assert.Equal(0, program.Process.ExitCode);
        // The stream ends like a file, and nothing of it is a fault.
        while (await stream.ReadAsync(new byte[256]) > 0) { }
        Assert.Equal("", await program.Process.StandardError.ReadToEndAsync());
    }

    [Fact]
    public async Task Copies_are_listed_and_put_back_by_a_command()
    {
        using (var program = await StartedProgram.OnAsync(Data))
        {
            await program.Client.PostAsJsonAsync(new Uri("/api/jobs", UriKind.Relative), new { id = "j", name = "Copied" });
        }

        var copy = Copies.Make(Data, DateTimeOffset.UtcNow);
        using var list = StartedProgram.Run("--data", Data, "--copies");
        Assert.Contains(copy, await list.StandardOutput.ReadToEndAsync(), StringComparison.Ordinal);
        using var back = StartedProgram.Run("--data", Data, "--put-back", copy);
        Assert.Contains($"is {copy} now", await back.StandardOutput.ReadToEndAsync(), StringComparison.Ordinal);
        using var again = await StartedProgram.OnAsync(Data);
        Assert.Contains("Copied", await again.Client.GetStringAsync(new Uri("/api/jobs", UriKind.Relative)), StringComparison.Ordinal);
    }

    /// <summary>What was refused stands in the log as a line of its own, without what was sent; the log is its owner's alone.</summary>
    [Fact]
    public async Task A_refused_request_is_a_line_in_the_log_beside_the_data()
    {
        using (var program = await StartedProgram.OnAsync(Data))
        {
            using var reply = await program.Client.PostAsJsonAsync(new Uri("/api/fill", UriKind.Relative), new { kind = "shoe\nforged" });
            Assert.Equal(422, (int)reply.StatusCode);
            using var stop = Process.Start("kill", ["-TERM", $"{program.Process.Id}"]);
            await program.Process.WaitForExitAsync();
            Assert.Equal("", await program.Process.StandardError.ReadToEndAsync());
        }

        var lines = await File.ReadAllLinesAsync($"{Data}.log");
        Assert.Contains(lines, l => l.EndsWith("Refused with 422: POST /api/fill, field kind", StringComparison.Ordinal));
        Assert.DoesNotContain(lines, l => l.Contains("forged", StringComparison.Ordinal));
        Assert.EndsWith("Ended", lines[^1], StringComparison.Ordinal);
        if (!OperatingSystem.IsWindows())
        {
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode($"{Data}.log"));
        }
    }
}
