using System.Globalization;
using System.Text;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Store;
using JollyBarn.Telling;
using Microsoft.Data.Sqlite;

namespace JollyBarn.Testing.Forced;

/// <summary>What came of killing the program again and again.</summary>
/// <param name="InTheMiddle">How many of the kills came while the work was under way.</param>
public sealed record KillsDone(string What, int Kills, int InTheMiddle);

/// <summary>Kills the program while it does something to its file, and looks at what is left: nothing that was acknowledged is lost, what
/// was not is there whole or not at all, and the next start takes the file.</summary>
/// <remarks>What does not hold is an exception with the round in it.</remarks>
public sealed partial class Kills(string folder, int seed)
{
    private const string Demo = "ferry-keepers-house";
    private readonly Random random = new(seed);
    private int made;

    /// <summary>Killed while it starts: every second time on a new file, else on one that earlier kills left.</summary>
    public async Task<KillsDone> StartingAsync(int kills)
    {
        var middle = 0;
        var path = Path("start");
        for (var i = 0; i < kills; i++)
        {
            path = i % 2 == 0 ? Path("start") : path;
            using var program = StartedProgram.Run("--data", path, "--port", "0");
            var listens = program.StandardOutput.ReadLineAsync();
            await Task.Delay(random.Next(30, 1100));
            middle += listens.IsCompleted ? 0 : 1;
            program.Kill();
            await program.WaitForExitAsync();
            await using var store = Opened(path);
            await store.SettledAsync();
            Hold(store.IsEmpty || store.ProjectionsHold(Demo), $"start {i}: the demo is there in part");
        }

        return new("a start", kills, middle);
    }

    /// <summary>Killed while it brings a file of an older program up: copying, migrating, filling in, making the lists anew.</summary>
    public async Task<KillsDone> BringingUpAsync(int kills, int steps, int megabytes)
    {
        var old = Path("old");
        var whole = await OldAsync(old, steps, megabytes);
        var clock = System.Diagnostics.Stopwatch.StartNew();
        File.Copy(old, Path("timed"));
        using (await StartedProgram.OnAsync(Path("timed", false)))
        {
            clock.Stop();
        }

        var middle = 0;
        for (var i = 0; i < kills; i++)
        {
            var path = Path("up");
            File.Copy(old, path);
            using var program = StartedProgram.Run("--data", path, "--port", "0");
            await Task.Delay(random.Next(30, (int)clock.ElapsedMilliseconds));
            program.Kill();
            await program.WaitForExitAsync();
            var begun = Directory.EnumerateFiles(folder, $"{System.IO.Path.GetFileName(path)}.copy-*").Any();
            var upToDate =
                DataFiles.Count(path, "SELECT count(*) FROM sqlite_master WHERE sql LIKE '%Asked%'") > 0
                && DataFiles.Count(path, "SELECT count(*) FROM Edits WHERE Sum = ''") == 0;
            middle += begun && !upToDate ? 1 : 0;
            await using (var store = Opened(path))
            {
                await store.SettledAsync();
                Hold(Text(store.Find("j")!.Export()) == whole, $"bringing up {i}: the log is another");
                Hold(store.ProjectionsHold("j"), $"bringing up {i}: the lists are not what the log gives");
            }

            SqliteConnection.ClearAllPools();
            foreach (var copy in Copies.Of(path))
            {
                Hold(
                    DataFiles.Count(copy, "SELECT count(*) FROM Edits") == DataFiles.Count(old, "SELECT count(*) FROM Edits"),
                    $"bringing up {i}: a copy is not whole"
                );
                File.Delete(copy);
            }

            File.Delete(path);
        }

        return new("bringing an older file up", kills, middle);
    }

    /// <summary>Killed while it puts a copy back: the file is the one or the other.</summary>
    public async Task<KillsDone> PuttingBackAsync(int kills, int megabytes)
    {
        var path = Path("back");
        await GrownAsync(path, 30, megabytes);
        SqliteConnection.ClearAllPools();
        var copy = Copies.Make(path, DateTimeOffset.UtcNow);
        var middle = 0;
        for (var i = 0; i < kills; i++)
        {
            string before,
                after;
            await using (var store = Opened(path))
            {
                store.Find("j")!.Post(new($"more{i}", "ann", new RenameJob($"More {i}")));
                before = Text(store.Find("j")!.Export());
            }

            SqliteConnection.ClearAllPools();
            await using (var store = Opened(copy))
            {
                after = Text(store.Find("j")!.Export());
            }

            SqliteConnection.ClearAllPools();
            using var program = StartedProgram.Run("--data", path, "--put-back", copy);
            await Task.Delay(random.Next(40, 450));
            middle += program.HasExited ? 0 : 1;
            program.Kill();
            await program.WaitForExitAsync();
            await using (var store = Opened(path))
            {
                var now = Text(store.Find("j")!.Export());
                Hold(now == before || now == after, $"putting back {i}: the file is neither");
            }

            SqliteConnection.ClearAllPools();
            foreach (var aside in Directory.EnumerateFiles(folder, $"{System.IO.Path.GetFileName(path)}.replaced-*"))
            {
                File.Delete(aside);
            }
        }

        return new("putting a copy back", kills, middle);
    }

    /// <summary>A file as the program before this one kept it, with a picture of some size in it; the job <c>j</c> as text.</summary>
    private static async Task<string> OldAsync(string path, int steps, int megabytes)
    {
        var whole = await GrownAsync(path, steps, megabytes);
        await DataFiles.MakeOlderAsync(path);
        return whole;
    }

    private static async Task<string> GrownAsync(string path, int steps, int megabytes)
    {
        await using var store = Opened(path);
        _ = store.Create("j", "Grown");
        var job = store.Find("j")!;
        var edits = new RandomEdits(5);
        for (var i = 0; i < steps; i++)
        {
            job.Post(new($"e{i}", "ann", edits.Next(job.Now.Job), job.Now.Version));
        }

        var picture = new byte[megabytes * 1024 * 1024];
        Random.Shared.NextBytes(picture);
        _ = store.KeepPhoto("j", Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(picture)), picture);
        await store.SettledAsync();
        return Text(job.Export());
    }

    private static JobStore Opened(string path) => new(path, catchUp: OldRulings.Named);

    private static string Text(JobFile file) => Encoding.UTF8.GetString(JobFiles.Write(file));

    private static void Hold(bool holds, string what)
    {
        if (!holds)
        {
            throw new InvalidOperationException(what);
        }
    }

    /// <summary>A path of its own, or the last one of its name.</summary>
    private string Path(string name, bool another = true) =>
        System.IO.Path.Combine(folder, string.Create(CultureInfo.InvariantCulture, $"{name}{(another ? ++made : made)}.db"));
}
