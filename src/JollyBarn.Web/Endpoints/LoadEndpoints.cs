using JollyBarn.CodeBook;
using JollyBarn.Inspection.Supply;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>An outlet something can hang on.</summary>
/// <param name="Name">The device, with its box.</param>
/// <param name="Watts">What hangs there takes in all, W; null when nobody said.</param>
public sealed record OutletChoice(Id<Box> Box, Id<Device> Device, string Name, string? Place, decimal? Watts);

/// <summary>What somebody has that takes current, what is common, and where it can hang.</summary>
/// <param name="Own">By id.</param>
/// <param name="Common">What an own list starts from.</param>
public sealed record LoadsView(
    long Version,
    IReadOnlyDictionary<string, Appliance> Own,
    IReadOnlyList<CommonLoad> Common,
    IReadOnlyList<OutletChoice> Outlets
);

/// <summary>What takes current, and whether it may run somewhere.</summary>
internal static class LoadEndpoints
{
    public static void MapLoads(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/loads", Results<Ok<LoadsView>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(View(open.Now.Version, open.Now.Job)) : TypedResults.NotFound()
            )
            .WithName("loads")
            .WithSummary("What somebody has that takes current, a list of common things to start from, and the outlets of the job.");

        api.MapPost("/jobs/{job}/may-run", (JobStore store, string job, RunAsk ask) =>
            {
                if (store.Find(job) is not { } open || open.Now.Job is var now && !now.Boxes.Has(ask.Box))
                {
                    return Problems.Missing(What.Box);
                }

                if (MayRun.Check(now, ask) is { } refusal)
                {
                    return Problems.From(refusal);
                }

                var solved = open.Judged.Expected.Of(now, Views.Patience);
                return Results.Ok(
                    ToldRun.Tell(now, MayRun.Of(now, ask, id => Views.Verdicts(open.Judged, now, id, now.Boxes[id], solved)))
                );
            })
            .Produces<IReadOnlyList<ToldRun>>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("mayRun")
            .WithSummary("Whether something may run at an outlet with what else runs there, why not, and what the answer rests on.");
    }

    private static LoadsView View(long version, Job job)
    {
        var names = new Names(job);
        return new(
            version,
            job.Appliances.ToDictionary(a => a.Key, a => a.Value),
            CommonLoads.All,
            [
                .. from box in job.Boxes
                where !box.Value.Binned
                let look = new Inspection.BoxLook(job, box.Key, box.Value)
                from device in box.Value.Devices
                let kind = DeviceKinds.Find(device.Value.Kind)
                where kind is { Outlet: true }
                select new OutletChoice(
                    box.Key,
                    device.Key,
                    names.Of(Thing.Device(device.Key, box.Key)),
                    job.Places.Find(box.Value.Place ?? "")?.Name,
                    new CircuitOutlet(look, device.Key, kind).Watts
                ),
            ]
        );
    }
}
