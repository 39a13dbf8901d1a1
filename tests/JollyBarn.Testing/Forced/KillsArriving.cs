using System.Globalization;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;

namespace JollyBarn.Testing.Forced;

/// <content>What comes in from others.</content>
public sealed partial class Kills
{
    /// <summary>Killed while files and pictures come in from four at once.</summary>
    public async Task<KillsDone> ArrivingAsync(int kills)
    {
        var path = Path("arriving");
        var file = Text(QuestionedHouse.AsFile());
        var (files, pictures, middle) = (0, 0, 0);
        for (var i = 0; i < kills; i++)
        {
            var (jobs, shas) = (new List<string>(), new List<string>());
            using (var program = await StartedProgram.OnAsync(path))
            {
                // Not before the demo is there: until then everybody waits for it.
                _ = await program.Client.GetStringAsync(new Uri("/api/jobs", UriKind.Relative));
                var all = Enumerable
                    .Range(0, 4)
                    .Select(c =>
                        c % 2 == 0
                            ? FilesAsync(program.Client, file, $"i{i}-{c}", jobs)
                            : PicturesAsync(program.Client, random.Next(), shas)
                    )
                    .ToList();
                // Into the middle of it: once something of each was acknowledged.
                for (var wait = 0; wait < 1000 && (Count(jobs) == 0 || Count(shas) == 0); wait++)
                {
                    await Task.Delay(20);
                }

                await Task.Delay(random.Next(400));
                await program.KillAsync();
                await Task.WhenAll(all);
            }

            middle += jobs.Count > 0 && shas.Count > 0 ? 1 : 0;
            (files, pictures) = (files + jobs.Count, pictures + shas.Count);
            await using (var store = Opened(path))
            {
                await store.SettledAsync();
                Hold(jobs.TrueForAll(j => store.Listed(j) is not null), $"arriving {i}: a file that was acknowledged is lost");
                Hold(store.List(false).All(j => store.ProjectionsHold(j.Id)), $"arriving {i}: a job is there in part");
                Hold(shas.TrueForAll(s => store.Photo(Demo, s) is not null), $"arriving {i}: a picture that was acknowledged is lost");
            }

            SqliteConnection.ClearAllPools();
        }

        return new($"files and pictures coming in ({files} and {pictures} acknowledged)", kills, middle);
    }

    private static async Task FilesAsync(HttpClient client, string file, string name, List<string> acknowledged) =>
        await UntilKilledAsync(async i =>
        {
            using var content = new StringContent(file, Encoding.UTF8, "application/json");
            var id = $"{name}-{i}";
            using var reply = await client.PostAsync(new Uri($"/api/import?copyAs={id}", UriKind.Relative), content);
            Take(reply.IsSuccessStatusCode, acknowledged, id);
        });

    private static async Task PicturesAsync(HttpClient client, int first, List<string> acknowledged) =>
        await UntilKilledAsync(async i =>
        {
            var mark = Encoding.ASCII.GetBytes((first + i).ToString(CultureInfo.InvariantCulture));
            using var content = new ByteArrayContent(Jpegs.Make(scan: [.. mark, .. new byte[200_000]]));
            content.Headers.ContentType = new MediaTypeHeaderValue("image/jpeg");
            using var reply = await client.PostAsync(new Uri($"/api/jobs/{Demo}/photos", UriKind.Relative), content);
            Take(reply.IsSuccessStatusCode, acknowledged, (string?)(await reply.Content.ReadFromJsonAsync<JsonNode>())?["sha"] ?? "");
        });

    private static async Task UntilKilledAsync(Func<int, Task> ask)
    {
        try
        {
            for (var i = 0; ; i++)
            {
                await ask(i);
            }
        }
        catch (Exception ended) when (ended is HttpRequestException or IOException)
        {
            // It was killed.
        }
    }

    private static int Count(List<string> acknowledged)
    {
        lock (acknowledged)
        {
            return acknowledged.Count;
        }
    }

    private static void Take(bool done, List<string> acknowledged, string what)
    {
        if (done)
        {
            lock (acknowledged)
            {
                acknowledged.Add(what);
            }
        }
    }
}
