using JollyBarn.Store;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>The run sheet: the whole job as electricity sees it.</summary>
internal static class SheetEndpoints
{
    public static void MapSheet(this IEndpointRouteBuilder api) =>
        api.MapGet("/jobs/{job}/sheet", Results<Ok<SheetView>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(Sheets.View(open)) : TypedResults.NotFound()
            )
            .WithName("sheet")
            .WithSummary("Every circuit as a rail out of its panel, its stops in feed order, each with what stands there.");
}
