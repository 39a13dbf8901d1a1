using JollyBarn.Fill;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>The answer to one plain description.</summary>
public sealed record PlainAnswer(FillAnswer Fill, IReadOnlyList<Addition> StillFits);

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
                return TypedResults.Ok(new PlainAnswer(BoxFill.Evaluate(input, profile, house), StillFits.Of(input, profile, house)));
            })
            .WithName("fill")
            .WithSummary("Lines, sum, available, left and verdict of one plainly described box.");

        api.MapPost("/fill/instead", Results<Ok<InsteadAnswer>, ProblemHttpResult> (PlainBox box) =>
                box.Check() is { } refusal
                    ? Told(refusal)
                    : TypedResults.Ok(Instead.Find(InsteadQuestion.Of(box, box.Read()), box.Profile(), box.House()))
            )
            .WithName("fillInstead")
            .WithSummary("What would do instead of the described box.");
    }

    private static ProblemHttpResult Told(Measures.Refusal refusal) => (ProblemHttpResult)Problems.From(refusal);
}
