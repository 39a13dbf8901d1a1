using System.Collections.Concurrent;
using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Testing.Forced;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Web.Tests;

public sealed partial class DurabilityTests : IDisposable
{
    private const int Enough = 120;
    private const int Most = 5000;
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-durable-").FullName;

    private string Data => Path.Combine(folder, "data.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(folder, true);
    }

    [Fact]
    public async Task Every_acknowledged_edit_survives_a_kill_and_none_is_there_twice()
    {
        var acknowledged = new ConcurrentBag<(string Id, string Run)>();
        using (var program = await StartedProgram.OnAsync(Data))
        {
            var client = program.Client;
            await client.PostAsJsonAsync(new Uri("/api/jobs", UriKind.Relative), new { id = "j", name = "Kill" });
            await PostAsync(client, "first", new AddBox("b", "Bench", "nm-1g-18"));
            var clients = Enumerable
                .Range(0, 4)
                .Select(async c =>
                {
                    for (var i = 0; i < Most; i++)
                    {
                        var (id, run) = ($"e{c}.{i}", $"r{c}.{i}");
                        try
                        {
                            if (
                                await PostAsync(client, id, i % 20 == 19 ? new NoteBox("b", id) : new AddBox(run, $"Box {run}", "nm-1g-18"))
                            )
                            {
                                acknowledged.Add((id, run));
                            }
                        }
                        catch (HttpRequestException)
                        {
                            return;
                        }
                    }
                })
                .ToList();
            while (acknowledged.Count < Enough && clients.Exists(c => !c.IsCompleted))
            {
                await Task.Delay(20);
            }

            await program.KillAsync();
            await Task.WhenAll(clients);
        }

        Assert.True(
            acknowledged.Count is >= Enough and < 4 * Most,
            $"{acknowledged.Count} edits were acknowledged: the kill did not come in the middle"
        );
        await using var store = new JobStore(Data);
        await store.SettledAsync();
        Assert.Equal("ok", store.Integrity());
        var log = store.Find("j")!.Log(null, int.MaxValue);
        Assert.Equal(log.Count, log.Select(l => l.Id).Distinct().Count());
        Assert.Equal(Enumerable.Range(1, log.Count).Select(v => (long)v), log.Select(l => l.Version).Order());
        Assert.Empty(acknowledged.Select(a => a.Id).Except(log.Select(l => l.Id)));
        Assert.True(store.ProjectionsHold("j"));
    }

    [Fact]
    public async Task Every_pooled_connection_keeps_a_full_write_ahead_log()
    {
        await using var store = new JobStore(Data);
        var contexts = Enumerable.Range(0, 6).Select(_ => store.Db()).ToList();
        foreach (var db in contexts.Concat(contexts))
        {
            db.Database.OpenConnection();
            Assert.Equal("wal", Scalar(db, "PRAGMA journal_mode"));
            Assert.Equal("2", Scalar(db, "PRAGMA synchronous")); // 2 is FULL
            db.Database.CloseConnection();
        }

        contexts.ForEach(db => db.Dispose());
    }

    [Fact]
    public async Task A_full_disk_is_a_sentence_and_changes_nothing()
    {
        var store = new JobStore(Data);
        Assert.Null(store.Create("j", "Full"));
        var job = store.Find("j")!;
        job.Post(new EditPost("e0", "ann", new AddBox("b", "Bench", "nm-1g-18")));
        var limit = new Limit(Data);
        var told = Assert.ThrowsAny<Exception>(() =>
        {
            for (var i = 0; i < 3000; i++)
            {
                limit.Apply();
                job.Post(new EditPost($"e1.{i}", "ann", new NoteBox("b", new string('x', 3500))));
            }
        });
        Assert.Contains("full", StoreException.From(told)!.Message, StringComparison.Ordinal);
        var (version, now) = job.Now;
        await store.DisposeAsync();
        SqliteConnection.ClearAllPools();
        await using var later = new JobStore(Data);
        var again = later.Find("j")!.Now;
        Assert.Equal((version, JobJson.Text(now)), (again.Version, JobJson.Text(again.Job)));
    }

    [Fact]
    public async Task A_locked_file_is_a_sentence_and_changes_nothing()
    {
        await using var store = new JobStore(Data);
        Assert.Null(store.Create("j", "Locked"));
        await store.SettledAsync();
        var job = store.Find("j")!;
        using var other = new SqliteConnection($"Data Source={Data};Pooling=False");
        other.Open();
        using (var hold = other.CreateCommand())
        {
            hold.CommandText = "BEGIN EXCLUSIVE";
            hold.ExecuteNonQuery();
        }

        var told = Assert.ThrowsAny<Exception>(() => job.Post(new EditPost("e", "ann", new AddBox("b", "Bench", "nm-1g-18"))));
        Assert.Contains("Another program holds", StoreException.From(told)!.Message, StringComparison.Ordinal);
        Assert.Equal(0, job.Now.Version);
        using (var release = other.CreateCommand())
        {
            release.CommandText = "ROLLBACK";
            release.ExecuteNonQuery();
        }

        Assert.IsType<Accepted>(job.Post(new EditPost("e", "ann", new AddBox("b", "Bench", "nm-1g-18"))));
    }

    [Theory]
    [InlineData("this is a shopping list, not a data file, and long enough to be read as one")]
    public void A_foreign_file_is_refused_with_a_sentence(string text)
    {
        File.WriteAllText(Data, string.Concat(Enumerable.Repeat(text, 40)));
        Assert.Contains("none of this program", Assert.Throws<StoreException>(() => new JobStore(Data)).Message, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_taken_port_is_a_sentence()
    {
        using var program = await StartedProgram.OnAsync(Data);
        var port = program.Client.BaseAddress!.Port.ToString(System.Globalization.CultureInfo.InvariantCulture);
        using var second = StartedProgram.Run("--demo", "--port", port);
        await second.WaitForExitAsync();
        Assert.Equal(1, second.ExitCode);
        Assert.Contains("is taken", await second.StandardError.ReadToEndAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Words_that_do_not_read_are_a_sentence()
    {
        using var program = StartedProgram.Run("--prot", "1");
        await program.WaitForExitAsync();
        Assert.Equal(2, program.ExitCode);
        Assert.Contains("--port N", await program.StandardError.ReadToEndAsync(), StringComparison.Ordinal);
    }

    private static string? Scalar(JobDb db, string sql)
    {
        using var command = db.Database.GetDbConnection().CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar()?.ToString();
    }

    private static async Task<bool> PostAsync(HttpClient client, string id, Edit edit)
    {
        var body = new JsonObject
        {
            ["id"] = id,
            ["by"] = "ann",
            ["edit"] = JsonSerializer.SerializeToNode(edit, JobJson.Default.Edit),
        };
        using var reply = await client.PostAsJsonAsync(new Uri("/api/jobs/j/edits", UriKind.Relative), body);
        return reply.IsSuccessStatusCode;
    }

    /// <summary>Holds the pooled connection to few pages, as a full disk would.</summary>
    private sealed class Limit(string path)
    {
        public void Apply()
        {
            using var connection = new SqliteConnection(
                new SqliteConnectionStringBuilder
                {
                    DataSource = path,
                    DefaultTimeout = 5,
                    Pooling = true,
                }.ToString()
            );
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA max_page_count=60";
            command.ExecuteScalar();
        }
    }
}
