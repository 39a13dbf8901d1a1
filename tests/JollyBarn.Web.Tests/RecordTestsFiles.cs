using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Testing;
using Microsoft.Data.Sqlite;

namespace JollyBarn.Web.Tests;

/// <content>Older, newer and damaged files, and copies.</content>
public sealed partial class RecordTests
{
    private const int Flips = 60;

    /// <summary>A file of the program before this one, with what a killed start left in it: the lock row of the migrations tool.</summary>
    [Fact]
    public async Task An_older_file_is_copied_brought_up_and_as_it_was_even_with_a_lock_left_over()
    {
        var before = await GrownAsync(Data, 260, 4);
        await DataFiles.MakeOlderAsync(Data);
        DataFiles.Run(Data, "UPDATE Boxes SET Stop = 77");
        DataFiles.Run(
            Data,
            "CREATE TABLE IF NOT EXISTS __EFMigrationsLock (Id INTEGER PRIMARY KEY, Timestamp TEXT NOT NULL);"
                + "INSERT OR REPLACE INTO __EFMigrationsLock VALUES (1, '2026-01-01');"
        );
        var heard = new List<string>();
        await using var store = new JobStore(Data, says: heard.Add);
        Assert.Contains(heard, h => h.Contains("A copy is made first", StringComparison.Ordinal));
        Assert.Equal(0, DataFiles.Count(Copies.Newest(Data)!, "SELECT count(*) FROM pragma_integrity_check WHERE integrity_check <> 'ok'"));
        await store.SettledAsync();
        Assert.Equal(before, Text(store.Find("j")!.Export()));
        Assert.True(store.ProjectionsHold("j"));
        Assert.Equal(
            260,
            DataFiles.Count(Data, "SELECT count(*) FROM Edits WHERE Sum <> ''") + DataFiles.Count(Data, "SELECT 260 - count(*) FROM Edits")
        );
    }

    [Fact]
    public async Task A_file_of_a_newer_program_is_refused_and_left_as_it_is()
    {
        _ = await GrownAsync(Data, 5, 1);
        SqliteConnection.ClearAllPools();
        DataFiles.Run(Data, "INSERT INTO __EFMigrationsHistory VALUES ('29990101000000_Later', '99.0')");
        var told = Assert.Throws<StoreException>(() => new JobStore(Data));
        Assert.Contains("newer Jolly Barn", told.Message, StringComparison.Ordinal);
        Assert.Equal(5, DataFiles.Count(Data, "SELECT count(*) FROM Edits"));
    }

    /// <summary>Bytes that changed where they lie: a clear sentence, or everything as it was; never a part of it.</summary>
    [Fact]
    public async Task A_damaged_file_gives_a_sentence_or_all_of_it_and_never_a_part()
    {
        var whole = await GrownAsync(Data, 40, 2);
        SqliteConnection.ClearAllPools();
        DataFiles.Run(Data, "PRAGMA wal_checkpoint(TRUNCATE)");
        var bytes = await File.ReadAllBytesAsync(Data);
        var names = await NamesAsync(Data);
        var random = new Random(11);
        var (told, same) = (0, 0);
        for (var i = 0; i < Flips; i++)
        {
            var path = Path.Combine(folder, $"flip{i}.db");
            var flipped = (byte[])bytes.Clone();
            for (var n = random.Next(1, 5); n > 0; n--)
            {
                flipped[random.Next(flipped.Length)] ^= (byte)(1 << random.Next(8));
            }

            await File.WriteAllBytesAsync(path, flipped);
            try
            {
                await using var store = new JobStore(path);
                Assert.Equal(whole, Text(store.Find("j")!.Export()));
                await store.SettledAsync();
                Assert.Equal(names, Names(store));
                same++;
            }
            catch (Exception problem) when (StoreException.From(problem) is not null)
            {
                Assert.Matches("damaged|newer Jolly Barn|none of this program", StoreException.From(problem)!.Message);
                told++;
            }

            SqliteConnection.ClearAllPools();
        }

        Assert.True(told > 5 && same > 5, $"{told} told, {same} as they were: the flips do not lie where they tell anything");
    }

    private static async Task<string> NamesAsync(string path)
    {
        await using var store = new JobStore(path);
        await store.SettledAsync();
        return Names(store);
    }

    private static string Names(JobStore store) =>
        string.Join('|', store.List(false).Select(j => $"{j.Id}:{j.Name}:{j.Version}"))
        + string.Join('|', store.Boxes("j").Select(b => $"{b.Name}:{b.Fit}:{b.Stop}:{b.Fix}"));

    [Fact]
    public async Task A_copy_put_back_is_the_file_as_it_was_and_what_was_there_is_kept_beside_it()
    {
        var first = await GrownAsync(Data, 20, 3);
        SqliteConnection.ClearAllPools();
        var copy = Copies.Make(Data, DateTimeOffset.UtcNow);
        await using (var store = new JobStore(Data))
        {
            Done(store.Find("j")!.Post(new("later", "ann", new RenameJob("Later"))));
        }

        SqliteConnection.ClearAllPools();
        var aside = Copies.PutBack(Data, copy, DateTimeOffset.UtcNow)!;
        await using (var back = new JobStore(Data))
        {
            Assert.Equal(first, Text(back.Find("j")!.Export()));
        }

        // Killed when it was decided and not yet done: the next start does it, and nothing of the file before gets in.
        SqliteConnection.ClearAllPools();
        await using (var store = new JobStore(Data))
        {
            Done(store.Find("j")!.Post(new("later", "ann", new RenameJob("Again"))));
            File.Copy(Data + "-wal", Data + ".wal-of-before");
        }

        SqliteConnection.ClearAllPools();
        File.Move(Data + ".wal-of-before", Data + "-wal", true);
        File.Copy(copy, Data + ".coming");
        await using (var ended = new JobStore(Data))
        {
            Assert.Equal(first, Text(ended.Find("j")!.Export()));
        }

        await using var kept = new JobStore(aside);
        Assert.Equal("Later", kept.Find("j")!.Now.Job.Name);
        Assert.Throws<StoreException>(() => Copies.PutBack(Data, Path.Combine(folder, "none"), DateTimeOffset.UtcNow));
    }
}
