using JollyBarn.Fill;
using JollyBarn.Planning.Ways;
using JollyBarn.Store;
using JollyBarn.Telling.Filled;
using JollyBarn.Terms;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>The answer to one plain description.</summary>
public sealed record PlainAnswer(ToldFill Fill, IReadOnlyList<ToldAddition> StillFits);

/// <summary>Fill with no job behind it.</summary>
internal static class FillEndpoints
{
    public static void MapFill(this IEndpointRouteBuilder api)
    {
        api.MapPost("/fill", Results<Ok<PlainAnswer>, ProblemHttpResult> (PlainBox box) =>
            {
                if (box.Check() is { } refusal)
                {
                    return Told(refusal);
                }

                var (input, profile, house) = (box.Read(), box.Profile(), box.House());
                return TypedResults.Ok(
                    new PlainAnswer(
                        FillTeller.Tell(BoxFill.Evaluate(input, profile, house)),
                        FillTeller.Tell(StillFits.Try(input, profile, house))
                    )
                );
            })
            .ProducesProblem(422)
            .WithName("fill")
            .WithSummary("Lines, sum, available, left and verdict of one plainly described box.");

        api.MapPost("/fill/instead", Results<Ok<ToldInstead>, ProblemHttpResult> (JobStore store, IShop shop, PlainBox box, string? job) =>
                box.Check() is { } refusal ? Told(refusal) : TypedResults.Ok(InsteadOf(box, Van(store, shop, job)))
            )
            .ProducesProblem(422)
            .WithName("fillInstead")
            .WithSummary("What would do instead of the described box; what the van of a job holds comes first.");
    }

    private static Stock? Van(JobStore store, IShop shop, string? job) =>
        job is not null && store.Find(job) is { } open ? new(open.Now.Job, shop) : null;

    private static ToldInstead InsteadOf(PlainBox box, Stock? van)
    {
        var answer = Instead.Find(InsteadQuestion.Ask(box, box.Read()), box.Profile(), box.House());
        return van is null ? FillTeller.Tell(answer) : FillTeller.Tell(van.VanFirst(answer), van.InVan);
    }

    private static ProblemHttpResult Told(Refusal refusal) => (ProblemHttpResult)Problems.From(refusal);
}
