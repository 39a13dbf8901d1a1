using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Testing;
using JollyBarn.Web;
using JollyBarn.Wiring;
using Microsoft.Data.Sqlite;

namespace JollyBarn.Bench;

/// <summary>The record under load: how long looking back takes in a long log, and how long an edit waits.</summary>
internal static class RecordTable
{
    private const int Steps = 20_000;
    private const int Old = 3_000;
    private const int Times = 20;

    public static async Task PrintAsync()
    {
        var folder = Directory.CreateTempSubdirectory("jolly-barn-bench-");
        Console.WriteLine("| The record | Median | Slowest |");
        Console.WriteLine("|---|---|---|");
        await LongAsync(Path.Combine(folder.FullName, "long.db"));
        await BreakerAsync(Path.Combine(folder.FullName, "wide.db"));
        SqliteConnection.ClearAllPools();
        folder.Delete(true);
    }

    private static async Task LongAsync(string path)
    {
        await using (var store = new JobStore(path))
        {
            _ = store.Create("j", "Long");
            var job = store.Find("j")!;
            job.Post(new("a", "ann", new AddBox("a", "Ann's", "nm-1g-18")));
            for (var i = 0; i < Times; i++)
            {
                job.Post(new($"a{i}", "ann", new RenameBox("a", $"Ann's {i}")));
            }

            job.Post(new("b", "ben", new AddBox("b", "Ben's", "nm-1g-18")));
            for (var i = 0; i < Steps; i++)
            {
                job.Post(new($"b{i}", "ben", i % 7 == 0 ? new RenameJob($"Long {i}") : new NoteBox("b", $"{i}")));
            }

            await store.SettledAsync();
        }

        await using var later = new JobStore(path);
        var opened = Stopwatch.StartNew();
        var open = later.Find("j")!;
        Row($"opening a job of {Steps:n0} steps", [opened.Elapsed.TotalMilliseconds]);
        Row("undo of a step that many steps ago", Timed(i => open.Step($"u{i}", "ann", false)));
        var version = open.Now.Version;
        Row(
            $"an edit made on a version {Old:n0} ago, of what nobody touched",
            Timed(i =>
                open.Post(new($"o{i}", "cleo", new SetContents("a", i % 2 == 0 ? Contents.Partial : Contents.Complete), version - Old))
            )
        );
        Row(
            $"the same of what was changed in most of them",
            Timed(i => open.Post(new($"c{i}", "cleo", new NoteBox("b", "mine"), version - Old)))
        );
    }

    private static async Task BreakerAsync(string path)
    {
        await using var store = new JobStore(path);
        var made = SmallHouse.Rows(30, 10);
        _ = store.Import("wide", new JobFile(JobFile.FormatName, JobFile.CurrentVersion, "wide", made, made, []));
        await using var app = Server.Build([], store, 0, Task.CompletedTask);
        await app.StartAsync();
        using var client = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
        await client.GetStringAsync(new Uri("/api/jobs/wide/today", UriKind.Relative));
        var (panel, breaker) = made.Panels.Select(p => (p.Key, p.Value.Breakers[0])).First();
        var read = new List<double>();
        var set = new List<double>();
        for (var i = 0; i < Times; i++)
        {
            var edit = new SwitchBreaker(panel, breaker.Slot, "ann", "2026-01-01T00:00:00Z", i % 2 == 1, breaker.Lower);
            var body = new JsonObject
            {
                ["id"] = $"s{i}",
                ["by"] = "ann",
                ["edit"] = JsonSerializer.SerializeToNode<Edit>(edit, JobJson.Default.Edit),
            };
            using var content = new StringContent(body.ToJsonString(), Encoding.UTF8, "application/json");
            var clock = Stopwatch.StartNew();
            var answer = client.PostAsync(new Uri("/api/jobs/wide/edits", UriKind.Relative), content);
            var reading = Stopwatch.StartNew();
            await client.GetStringAsync(new Uri("/api/jobs/wide", UriKind.Relative));
            read.Add(reading.Elapsed.TotalMilliseconds);
            (await answer).EnsureSuccessStatusCode();
            set.Add(clock.Elapsed.TotalMilliseconds);
        }

        Row("300 boxes: a breaker switched, until it is acknowledged, over HTTP", set);
        Row("300 boxes: reading the job meanwhile", read);
    }

    private static List<double> Timed(Func<int, PostResult> work)
    {
        var times = new List<double>();
        for (var i = 0; i < Times; i++)
        {
            var clock = Stopwatch.StartNew();
            _ = work(i);
            times.Add(clock.Elapsed.TotalMilliseconds);
        }

        return times;
    }

    private static void Row(string what, IReadOnlyList<double> times)
    {
        var sorted = times.Order().ToList();
        string Ms(double ms) => ms.ToString("0.0", CultureInfo.InvariantCulture) + " ms";
        Console.WriteLine($"| {what} | {Ms(sorted[sorted.Count / 2])} | {Ms(sorted[^1])} |");
    }
}
