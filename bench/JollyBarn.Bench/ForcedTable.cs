using System.Collections.Concurrent;
using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text;
using JollyBarn.OpenFile;
using JollyBarn.Testing.Forced;
using Microsoft.Data.Sqlite;

namespace JollyBarn.Bench;

/// <summary>The built program killed, asked badly and asked much: what it lost, what it answered, and what it held of memory. The seeds are
/// fixed.</summary>
internal static class ForcedTable
{
    private const int Starts = 210;
    private const int Others = 60;
    private const int Requests = 100_000;
    private const int Clients = 4;
    private const int Jobs = 500;

    /// <summary>Housekeeping lets go of idle jobs and of memory within three of its rounds.</summary>
    private static readonly TimeSpan Quiet = TimeSpan.FromSeconds(100);

    public static async Task PrintAsync()
    {
        var folder = Directory.CreateTempSubdirectory("jolly-barn-forced-");
        await KillsAsync(folder.FullName);
        await BadRequestsAsync(Path.Combine(folder.FullName, "bad.db"));
        await ManyJobsAsync(Path.Combine(folder.FullName, "many.db"));
        SqliteConnection.ClearAllPools();
        folder.Delete(true);
    }

    private static async Task KillsAsync(string folder)
    {
        Console.WriteLine(
            "Each round looked at what was left; one that lost something, doubled it or left a part would have ended the run."
        );
        Console.WriteLine();
        Console.WriteLine("| Killed during | Kills | In the middle of it |");
        Console.WriteLine("|---|---|---|");
        var kills = new Kills(folder, 12);
        await SayAsync(kills.StartingAsync(Starts));
        await SayAsync(kills.BringingUpAsync(Others, 400, 32));
        await SayAsync(kills.PuttingBackAsync(Others, 32));
        await SayAsync(kills.ArrivingAsync(Others));
        Console.WriteLine();

        static async Task SayAsync(Task<KillsDone> work)
        {
            var done = await work;
            Console.WriteLine($"| {done.What} | {done.Kills} | {done.InTheMiddle} |");
        }
    }

    private static async Task BadRequestsAsync(string path)
    {
        using var program = await StartedProgram.OnAsync(path);
        foreach (var id in QuestionedHouse.Ids)
        {
            var file = Encoding.UTF8.GetString(JobFiles.Write(QuestionedHouse.AsFile(id)));
            using var content = new StringContent(file, Encoding.UTF8, "application/json");
            (await program.Client.PostAsync(new Uri("/api/import", UriKind.Relative), content)).EnsureSuccessStatusCode();
        }

        var requests = new BadRequests(QuestionedHouse.Names(), 22);
        var statuses = new ConcurrentDictionary<int, int>();
        var faulty = new ConcurrentBag<string>();
        var resident = new List<long>();
        var clock = Stopwatch.StartNew();
        for (var tenth = 0; tenth < 10; tenth++)
        {
            await Parallel.ForAsync(0, Requests / 10, new ParallelOptions { MaxDegreeOfParallelism = Clients }, async (_, stop) =>
            {
                var (_, request, sent) = requests.Next();
                using (request)
                {
                    using var reply = await program.Client.SendAsync(request, stop);
                    var status = (int)reply.StatusCode;
                    statuses.AddOrUpdate(status, 1, (_, n) => n + 1);
                    if (BadRequests.WrongWith(status, await reply.Content.ReadAsStringAsync(stop)) is { } wrong)
                    {
                        faulty.Add($"{sent}: {wrong}");
                    }
                }
            });
            resident.Add(program.Resident());
        }

        var took = clock.Elapsed;
        await Task.Delay(Quiet);
        Console.WriteLine("| Bad requests | |");
        Console.WriteLine("|---|---|");
        Row("sent, over every operation", $"{Requests:n0} in {took.TotalSeconds:0} s by {Clients} clients");
        Row("answered", string.Join(", ", statuses.OrderBy(s => s.Key).Select(s => $"{s.Key}: {s.Value:n0}")));
        Row("without a sentence or a field, or with a 500", $"{faulty.Count}");
        Row("resident after each tenth", string.Join(", ", resident.Select(Mb)));
        Row("resident when nobody asked any more", Mb(program.Resident()));
        Row(
            "its log, all files of it",
            Mb(Directory.EnumerateFiles(Path.GetDirectoryName(path)!, $"{Path.GetFileName(path)}*.log").Sum(f => new FileInfo(f).Length))
        );
        Console.WriteLine();
        foreach (var one in faulty.Take(5))
        {
            await Console.Error.WriteLineAsync(one);
        }
    }

    private static async Task ManyJobsAsync(string path)
    {
        using var program = await StartedProgram.OnAsync(path);
        var file = Encoding.UTF8.GetString(JobFiles.Write(QuestionedHouse.AsFile()));
        var house = await program.Client.GetStringAsync(new Uri("/api/jobs/ferry-keepers-house/export?pictures=false", UriKind.Relative));
        await Task.Delay(Quiet);
        var before = program.Resident();
        for (var i = 0; i < Jobs; i++)
        {
            // Every tenth is a whole house with its history.
            using var content = new StringContent(i % 10 == 0 ? house : file, Encoding.UTF8, "application/json");
            (await program.Client.PostAsync(new Uri($"/api/import?copyAs=j{i}", UriKind.Relative), content)).EnsureSuccessStatusCode();
            _ = await program.Client.GetFromJsonAsync<object>(new Uri($"/api/jobs/j{i}/today", UriKind.Relative));
        }

        var all = program.Resident();
        await Task.Delay(Quiet + Quiet);
        Console.WriteLine("| Many jobs | |");
        Console.WriteLine("|---|---|");
        Row("resident with the demo", Mb(before));
        Row($"after {Jobs} jobs were taken in and looked at", Mb(all));
        Row("when nobody asked any more", Mb(program.Resident()));
        Console.WriteLine();
    }

    private static void Row(string what, string came) => Console.WriteLine($"| {what} | {came} |");

    private static string Mb(long bytes) => (bytes / 1e6).ToString("0.0", CultureInfo.InvariantCulture) + " MB";
}
