using System.Text.Json;
using JollyBarn.Store;
using JollyBarn.Web;

namespace JollyBarn.Bench;

/// <summary>Managed heap that the running program holds for the large job, over what it holds with none.</summary>
internal static class Heap
{
    public static async Task PrintAsync()
    {
        var folder = Directory.CreateTempSubdirectory("jolly-barn-bench-");
        var store = new JobStore(Path.Combine(folder.FullName, "bench.db"));
        await using var app = Server.Build([], store, 0, Task.CompletedTask);
        await app.StartAsync();
        using var client = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
        await client.GetStringAsync(new Uri("/api/jobs", UriKind.Relative));
        var before = GC.GetTotalMemory(true);
        store.Import("large", Inputs.Large());
        await client.GetStringAsync(new Uri("/api/jobs/large/today", UriKind.Relative));
        using var boxes = JsonDocument.Parse(await client.GetStringAsync(new Uri("/api/jobs/large/boxes", UriKind.Relative)));
        foreach (var box in boxes.RootElement.EnumerateArray())
        {
            await client.GetStringAsync(new Uri($"/api/jobs/large/boxes/{box.GetProperty("id").GetString()}", UriKind.Relative));
        }

        var after = GC.GetTotalMemory(true);
        Console.WriteLine(
            $"HEAP {(after - before) / 1048576.0:0.0} MB more than with no job, in the running program, after a job "
                + $"of {boxes.RootElement.GetArrayLength()} boxes was taken in and every box looked at"
        );
        await app.StopAsync();
    }
}
