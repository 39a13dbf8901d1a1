using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Telling.Making;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>Boxes a standard make is to be tried in.</summary>
/// <param name="Change">A Change it is planned in: its boxes are taken as planned so far.</param>
/// <param name="Boxes">Null for every box of the job.</param>
public sealed record TryMake(string? Change = null, IReadOnlyList<Id<Box>>? Boxes = null);

/// <summary>Standard makes of the shop.</summary>
internal static class PatternEndpoints
{
    public static void MapPatterns(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/patterns", Results<Ok<IReadOnlyList<ToldPattern>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(ToldPattern.All(open.Now.Job)) : TypedResults.NotFound()
            )
            .WithName("patterns")
            .WithSummary("Standard makes of the shop.");

        api.MapPost("/jobs/{job}/patterns/{pattern}/try", IResult (JobStore store, string job, string pattern, TryMake post) =>
            {
                if (store.Find(job)?.Now.Job is not { } now || now.Patterns.Find(pattern) is not { } make)
                {
                    return Problems.Missing(What.Pattern);
                }

                if (post.Change is { } change && now.Changes.Find(change) is not { Closed: null })
                {
                    return Problems.Missing(What.Change, "change");
                }

                var on = post.Change is { } id ? ChangeWork.Planned(now, id) : now;
                var boxes = post.Boxes ?? [.. on.Boxes.Where(b => !b.Value.Binned).Select(b => b.Key)];
                return boxes.Any(b => !on.Boxes.Has(b))
                    ? Problems.Missing(What.Box, "boxes")
                    : Results.Ok(boxes.Select(b => ToldPatternFit.Tell(on, make, b)).OrderBy(f => f.Edit is null).ToList());
            })
            .Produces<IReadOnlyList<ToldPatternFit>>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("tryPattern")
            .WithSummary("A standard make tried in boxes: the edits, adapted to each, and what would fail then; or why it does not go.");
    }
}
