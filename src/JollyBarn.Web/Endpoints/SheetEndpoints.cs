using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Tracing;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>What the card of a panel says, as somebody typed it.</summary>
public sealed record CardPost(string Card, int Slots);

/// <summary>The breakers of a card.</summary>
public sealed record ReadCard(IReadOnlyList<Breaker> Breakers);

/// <summary>The run sheet: the whole job as electricity sees it.</summary>
internal static class SheetEndpoints
{
    public static void MapSheet(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/sheet", Results<Ok<SheetView>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(Sheets.View(open)) : TypedResults.NotFound()
            )
            .WithName("sheet")
            .WithSummary("Every circuit as a rail out of its panel, its stops in feed order, each with what stands there.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/breaker",
                Results<Ok<ToldSearch>, NotFound> (JobStore store, string job, Id<Box> box, string by = "", bool helped = false) =>
                    store.Find(job) is { } open && open.Now.Job is var now && now.Boxes.Has(box)
                        ? TypedResults.Ok(ToldSearch.Tell(now, box, BreakerSearch.Of(now, box, by, helped)))
                        : TypedResults.NotFound()
            )
            .WithName("breaker")
            .WithSummary("Which breaker feeds this box: how likely each is, and which to switch off for the next look.");

        api.MapGet("/jobs/{job}/walk", Results<Ok<ToldWalk>, NotFound> (JobStore store, string job, string by = "", string skip = "") =>
                store.Find(job) is { } open
                    ? TypedResults.Ok(ToldWalk.Tell(open.Now.Job, BreakerWalk.Of(open.Now.Job, by, Boxes(skip))))
                    : TypedResults.NotFound()
            )
            .WithName("walk")
            .WithSummary(
                "A walk through the whole house: what to switch off next, which outlets to look at, and what is known; skip leaves out "
                    + "boxes, by their ids with commas between."
            );

        api.MapGet("/jobs/{job}/order", Results<Ok<IReadOnlyList<ToldOrder>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(ToldOrder.All(open.Now.Job)) : TypedResults.NotFound()
            )
            .WithName("order")
            .WithSummary("Which outlet of a breaker feeds which, by what went dead with something opened, and which box to open next.");

        api.MapGet(
                "/jobs/{job}/panels/{panel}/directory",
                Results<Ok<ToldDirectory>, NotFound> (JobStore store, string job, string panel) =>
                    store.Find(job) is { } open && open.Now.Job is var now && now.Panels.Has(panel)
                        ? TypedResults.Ok(ToldDirectory.Tell(now, panel))
                        : TypedResults.NotFound()
            )
            .WithName("directory")
            .WithSummary("A panel's directory as it should be written by what is recorded, beside what is, and the room left in it.");

        api.MapPost("/jobs/{job}/sheet/draw", (JobStore store, string job, SheetDraw draw) =>
                store.Find(job) is { } open
                    ? Results.Ok(ToldSheetWay.Tell(open.Now.Job, SheetMoves.Of(open.Now.Job, draw)))
                    : Problems.Missing(What.Job)
            )
            .Produces<IReadOnlyList<ToldSheetWay>>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("drawOnSheet")
            .WithSummary(
                "What drawing from one thing of the run sheet to another may mean, each as one edit, with what it would do to boxes, "
                    + "circuits and protection. Nothing is kept."
            );

        api.MapPost("/read-card", (CardPost post) =>
                post.Card.Length > 20_000
                    ? Problems.From(new(Why.ListTooLong))
                    : Results.Ok(new ReadCard(PanelCard.Read(post.Card, post.Slots)))
            )
            .Produces<ReadCard>()
            .ProducesProblem(422)
            .WithName("readCard")
            .WithSummary("Reads the card of a panel into breakers, a line each. Nothing is kept.");
    }

    private static HashSet<Id<Box>> Boxes(string ids) =>
        [.. ids.Split(',', StringSplitOptions.RemoveEmptyEntries).Where(Ids.IsGood).Select(i => (Id<Box>)i)];
}
