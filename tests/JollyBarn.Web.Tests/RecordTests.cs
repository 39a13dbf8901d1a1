using System.Text;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Store;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using Microsoft.Data.Sqlite;

namespace JollyBarn.Web.Tests;

/// <summary>What the record must bear, forced on the store itself: each case broke it once, or would.</summary>
public sealed partial class RecordTests : IDisposable
{
    private const int Lives = 12;
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-record-").FullName;

    private string Data => Path.Combine(folder, "data.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(folder, true);
    }

    private static string Text(JobFile file) => Encoding.UTF8.GetString(JobFiles.Write(file));

    private static Accepted Done(PostResult? result) => Assert.IsType<Accepted>(result);

    /// <summary>A store with a job that two people grew.</summary>
    private static async Task<string> GrownAsync(string path, int edits, int seed)
    {
        await using var store = new JobStore(path);
        Assert.Null(store.Create("j", "Grown"));
        var job = store.Find("j")!;
        var random = new RandomEdits(seed);
        for (var i = 0; i < edits; i++)
        {
            job.Post(new($"e{i}", i % 3 == 0 ? "ann" : "ben", random.Next(job.Now.Job), job.Now.Version));
        }

        await store.SettledAsync();
        return Text(job.Export());
    }

    [Fact]
    public async Task A_second_store_on_the_same_file_is_told_who_has_it()
    {
        await using var first = new JobStore(Data);
        var heard = new List<string>();
        var told = Assert.Throws<StoreException>(() => new JobStore(Data, says: heard.Add));
        Assert.Contains($"process {Environment.ProcessId}", told.Message, StringComparison.Ordinal);
        Assert.Contains(heard, h => h.Contains("Waiting for process", StringComparison.Ordinal));
        await first.DisposeAsync();
        await using var second = new JobStore(Data);
        Assert.True(second.IsEmpty);
    }

    /// <summary>Whatever a job went through, what goes out comes in again and goes out the same.</summary>
    [Fact]
    public async Task What_goes_out_of_a_job_with_any_life_comes_in_and_goes_out_the_same()
    {
        await using var store = new JobStore(Data);
        for (var life = 0; life < Lives; life++)
        {
            var id = $"j{life}";
            Assert.Null(store.Create(id, $"Life {life}"));
            var job = store.Find(id)!;
            var (random, dice) = (new RandomEdits(life), new Random(life));
            var older = job.Export();
            for (var i = 0; i < 60; i++)
            {
                var by = dice.Next(2) == 0 ? "ann" : "ben";
                _ = dice.Next(14) switch
                {
                    0 => job.Step($"s{i}", by, false),
                    1 => job.Step($"s{i}", by, true),
                    2 => store.Bin(id, new($"s{i}", by), true),
                    3 => store.Bin(id, new($"s{i}", by), false),
                    4 when dice.Next(3) == 0 => store.Replace(id, older, new($"s{i}", by)),
                    _ => job.Post(new($"e{i}", by, random.Next(job.Now.Job), job.Now.Version)),
                };
                older = dice.Next(10) == 0 ? job.Export() : older;
            }

            _ = store.Bin(id, new("back", "ann"), false);
            var (read, refusal) = JobFiles.Read(JobFiles.Write(job.Export()));
            Assert.Null(refusal);
            Assert.Null(store.Import($"{id}-in", read!));
            Assert.Equal(Text(job.Export()), Text(store.Find($"{id}-in")!.Export() with { Id = id }));
        }
    }

    [Fact]
    public async Task Replacing_while_others_edit_leaves_a_log_without_gaps_that_undoes_it()
    {
        await using var store = new JobStore(Data);
        Assert.Null(store.Create("j", "Crossed"));
        var job = store.Find("j")!;
        Done(job.Post(new("b", "ann", new AddBox("b", "Bench", "nm-1g-18"))));
        var file = job.Export();
        await Task.WhenAll(
            Enumerable
                .Range(0, 4)
                .Select(who =>
                    Task.Run(() =>
                    {
                        for (var i = 0; i < 40; i++)
                        {
                            _ =
                                who == 0
                                    ? store.Replace("j", file, new($"r{i}", "rae"))
                                    : store.Find("j")?.Post(new($"n{who}.{i}", $"p{who}", new NoteBox("b", $"{who} {i}")));
                        }
                    })
                )
        );
        var log = job.Log(null, int.MaxValue);
        Assert.Equal(161, log.Count);
        Assert.Equal(Enumerable.Range(1, 161).Select(v => (long)v), log.Select(l => l.Version).Order());
        Done(store.Replace("j", file, new("last", "rae")));
        Assert.Null(job.Now.Job.Boxes["b"].Note);
        var note = job.JobAt(161)!.Boxes["b"].Note;
        Done(job.Step("undo", "rae", false));
        Assert.Equal(note, job.Now.Job.Boxes["b"].Note);
        await store.DisposeAsync();
        await using var again = new JobStore(Data);
        Assert.Equal(Text(job.Export()), Text(again.Find("j")!.Export()));
    }

    [Fact]
    public async Task An_id_used_again_for_something_else_is_a_conflict_and_the_same_again_is_done_once()
    {
        await using var store = new JobStore(Data);
        Assert.Null(store.Create("j", "Twice"));
        var job = store.Find("j")!;
        var post = new EditPost("e", "ann", new AddBox("b", "Bench", "nm-1g-18"));
        Assert.False(Done(job.Post(post)).Again);
        Assert.True(Done(job.Post(post)).Again);
        Assert.IsType<Conflict>(job.Post(post with { Edit = new RenameJob("Else") }));
        Assert.IsType<Conflict>(job.Post(post with { By = "ben" }));
        Assert.IsType<Conflict>(job.Step("e", "ann", false));
        Assert.Equal(1, job.Now.Version);
    }

    [Fact]
    public async Task What_only_the_program_makes_is_refused_from_a_person_at_any_depth()
    {
        await using var store = new JobStore(Data);
        Assert.Null(store.Create("j", "Deep"));
        var job = store.Find("j")!;
        Done(job.Post(new("c", "ann", new OpenChange("plan", "Plan"))));
        var restore = new Restore("c", [], false, "x");
        Edit[] deep =
        [
            restore,
            new BinJob(),
            new ReplaceJob(Job.Blank("x"), []),
            new Batch([new RenameJob("y"), restore]),
            new PlanEdit("plan", "p", new Batch([restore])),
        ];
        Assert.All(deep.Select((e, i) => job.Post(new($"d{i}", "ann", e))), r => Assert.IsType<Refused>(r));
        Assert.Equal("edit.edits[1].do", Assert.IsType<Refused>(job.Post(new("d", "ann", deep[3]))).Refusal.Field);
        Assert.Equal(1, job.Now.Version);
    }

    /// <summary>A log as long as years of work: looking back over it goes through what touched the same things, not through all of
    /// it.</summary>
    [Fact]
    public async Task Undo_and_an_edit_on_a_very_old_version_are_right_in_a_long_log_after_a_restart()
    {
        const int steps = 1500;
        await using (var store = new JobStore(Data))
        {
            Assert.Null(store.Create("j", "Long"));
            var job = store.Find("j")!;
            Done(job.Post(new("a", "ann", new AddBox("a", "Ann's", "nm-1g-18"))));
            Done(job.Post(new("n", "ann", new NoteBox("a", "first"))));
            Done(job.Post(new("b", "ben", new AddBox("b", "Ben's", "nm-1g-18"))));
            for (var i = 0; i < steps; i++)
            {
                Done(job.Post(new($"b{i}", "ben", new NoteBox("b", $"{i}"))));
            }
        }

        SqliteConnection.ClearAllPools();
        await using var later = new JobStore(Data);
        var long_ = later.Find("j")!;
        // On version 3, of what nobody touched since: goes through. Of what somebody did: in conflict, with them named.
        Done(long_.Post(new("old", "cleo", new RenameBox("a", "Cleo's"), 3)));
        var conflict = Assert.IsType<Conflict>(long_.Post(new("old2", "cleo", new NoteBox("b", "mine"), 3)));
        // Nobody reads 1,500 lines: the newest of them.
        Assert.Equal(500, conflict.Theirs.Count);
        Assert.Equal(steps + 3, conflict.Theirs[^1].Version);
        Assert.Equal(["boxes/b/note"], conflict.Places);
        // Ann's note, put back 1,500 steps later.
        Done(long_.Step("u", "ann", false));
        Assert.Null(long_.Now.Job.Boxes["a"].Note);
        // Changed and changed back is nobody's.
        Done(long_.Post(new("x1", "ben", new NoteBox("a", "x"))));
        Done(long_.Post(new("x2", "ben", new NoteBox("a", ""))));
        Done(long_.Post(new("old3", "cleo", new NoteBox("a", "mine"), steps + 5)));
    }

    [Fact]
    public async Task A_job_nobody_uses_leaves_memory_and_comes_back_the_same()
    {
        await using var store = new JobStore(Data);
        Assert.Null(store.Create("j", "Idle"));
        var first = store.Find("j")!;
        Done(first.Post(new("e", "ann", new AddBox("b", "Bench", "nm-1g-18"))));
        await store.SettledAsync();
        store.LetGo(TimeSpan.FromHours(1));
        Assert.Equal(1, store.Open);
        store.LetGo(TimeSpan.Zero);
        Assert.Equal(0, store.Open);
        // Whoever still holds the old one is told to look again, and nothing is written beside the log.
        Assert.IsType<Refused>(first.Post(new("late", "ann", new RenameJob("Late"))));
        Assert.Equal(1, store.Find("j")!.Now.Version);
    }

    [Fact]
    public async Task Pictures_nothing_names_are_let_go_of_when_room_is_needed()
    {
        var clock = new Later();
        await using var store = new JobStore(Data, clock);
        Assert.Null(store.Create("j", "Pictures"));
        var big = new byte[100 * 1024 * 1024];
        string Keep(byte mark)
        {
            big[0] = mark;
            var sha = Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(big));
            return store.KeepPhoto("j", sha, big) is null ? sha : "refused";
        }

        var (one, two) = (Keep(1), Keep(2));
        Assert.Equal("refused", Keep(3));
        clock.Now += TimeSpan.FromHours(2);
        var three = Keep(3);
        Assert.Null(store.Photo("j", one));
        Assert.Null(store.Photo("j", two));
        Assert.NotNull(store.Photo("j", three));
    }

    private sealed class Later : TimeProvider
    {
        public DateTimeOffset Now { get; set; } = DateTimeOffset.UtcNow;

        public override DateTimeOffset GetUtcNow() => Now;
    }
}
