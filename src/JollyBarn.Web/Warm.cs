using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Wiring;
using Accepted = JollyBarn.Store.Accepted;

namespace JollyBarn.Web;

/// <summary>Goes once through what a gesture asks, on a box of its own, so that the first person does not wait for the program to be made
/// ready.</summary>
internal static class Warm
{
    private const int Rounds = 40;
    private const string Somebody = "Jolly Barn";

    /// <param name="options">How answers are written.</param>
    /// <param name="stop">The program ends: nobody will ask any more, and nobody waits for this.</param>
    public static async Task UpAsync(JsonSerializerOptions options, CancellationToken stop)
    {
        var cable = new CableSpec(CableType.NmB, 2, GroundKind.Bare, Gauge.Awg(14));
        Edit[] edits =
        [
            new AddBox("b", "Box", "device-3x2x3-1/2", null, null, Contents.Complete),
            new AddCable("b", "r0", "k0", cable, EntrySide.Top, null, null, Feeds.FeedsIn),
            new AddCable("b", "r1", "k1", cable, EntrySide.Bottom, null, null, Feeds.FeedsOn),
            new AddDevice("b", "d", "receptacle", 1),
            new JoinLeads("b", "hots", "twist-on-medium", ["r0.a0", "r1.a0"], "hots"),
            new JoinLeads("b", "neutrals", "twist-on-medium", ["r0.a1", "r1.a1"], "neutrals"),
            new AddPigtail("b", "t", new Landing(LandingAt.Joint, "hots"), new Landing(LandingAt.Terminal, null, "d", "hot-upper/screw")),
        ];
        var job = edits.Aggregate(Job.Blank("warm"), (j, e) => e.Apply(j));
        for (var i = 0; i < Rounds && !stop.IsCancellationRequested; i++)
        {
            _ = Moves.Find(job, "b", new Held(["r0.a2"], null, false, null, "n"));
        }

        if (!stop.IsCancellationRequested)
        {
            await RecordAsync(edits, options, stop);
        }
    }

    /// <summary>An edit and its undo, kept and answered, in a file that is thrown away.</summary>
    private static async Task RecordAsync(IEnumerable<Edit> edits, JsonSerializerOptions options, CancellationToken stop)
    {
        var folder = Directory.CreateTempSubdirectory("jolly-barn-warm-").FullName;
        try
        {
            await using var store = new JobStore(Path.Combine(folder, "warm.db"));
            _ = store.Create("warm", "Warm");
            if (store.Find("warm") is { } open && open.Post(new("e", Somebody, new Batch([.. edits])), stop) is Accepted accepted)
            {
                _ = JsonSerializer.SerializeToUtf8Bytes(Views.Answer(open, accepted, Somebody), options);
                _ = open.Step("u", Somebody, false, stop);
            }

            await store.SettledAsync().WaitAsync(stop);
        }
        finally
        {
            Directory.Delete(folder, true);
        }
    }
}
