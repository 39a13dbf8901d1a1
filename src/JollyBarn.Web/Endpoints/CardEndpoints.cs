using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Store;
using JollyBarn.Telling.Making;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>Make-up cards: a box of a Change, step by step.</summary>
internal static class CardEndpoints
{
    public static void MapCards(this IEndpointRouteBuilder api)
    {
        api.MapGet(
                "/jobs/{job}/changes/{change}/boxes/{box}/card",
                Results<Ok<ToldCard>, NotFound> (JobStore store, string job, string change, Id<Box> box, string? by = null) =>
                    Open(store, job, change, box) is { } now
                        ? TypedResults.Ok(ToldCard.Tell(now, change, MakeUpCard.Of(now, change, box, by ?? "", Clock.Now())))
                        : TypedResults.NotFound()
            )
            .WithName("card")
            .WithSummary("The make-up card of a box in an open Change: what is left to do, in order; behind the proof of dead, how many.");

        api.MapGet(
                "/jobs/{job}/changes/{change}/boxes/{box}/tests",
                Results<Ok<ToldTests>, NotFound> (JobStore store, string job, string change, Id<Box> box) =>
                    Open(store, job, change, box) is { } now ? TypedResults.Ok(ToldTests.Tell(now, change, box)) : TypedResults.NotFound()
            )
            .WithName("expectedTests")
            .WithSummary(
                "Readings asked of the finished box, what each is by the wiring as planned, and what the likeliest slips would show."
            );
    }

    /// <summary>The job, where it has such an open Change with such a box.</summary>
    private static Job? Open(JobStore store, string job, string change, Id<Box> box) =>
        store.Find(job)?.Now.Job is { } now
        && now.Changes.Find(change) is { Closed: null }
        && ChangeWork.Planned(now, change).Boxes.Has(box)
            ? now
            : null;
}
