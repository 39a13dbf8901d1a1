using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Endpoints;

/// <summary>A new box that is wanted in a cable; the ids are the sender's.</summary>
/// <param name="Box">Id of the new box.</param>
/// <param name="Further">Id of the run that goes on from it.</param>
/// <param name="Place">Id of its place in the job, or null.</param>
/// <param name="Along">How far from end A of the cable, along it.</param>
/// <param name="Change">A Change to ask on top of, or null for the present.</param>
public sealed record IntoCablePost(
    Id<Box> Box,
    Id<Run> Further,
    string Name,
    string? Place = null,
    Fact<Length>? Along = null,
    string? Change = null,
    BoxState? State = null
);

/// <summary>One kind of box for it: how it would fit, what would be wrong in it, and all of it as one edit.</summary>
public sealed record IntoCableView(
    string Kind,
    string Name,
    Fit Fit,
    VolumeSpan Needed,
    VolumeSpan Available,
    IReadOnlyList<ToldFinding> Bad,
    Edit Edit
);

/// <summary>What is done to cables between boxes.</summary>
internal static class RunEndpoints
{
    public static void MapRuns(this IEndpointRouteBuilder api) =>
        api.MapPost("/jobs/{job}/runs/{run}/into", (JobStore store, string job, Id<Run> run, IntoCablePost asked) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                if (States.Read(open, null, asked.Change, asked.State) is not { } now)
                {
                    return Problems.Missing(What.Change, "change");
                }

                var ask = new IntoCableAsk(run, asked.Box, asked.Further, asked.Name, asked.Place, asked.Along);
                if (!now.Runs.Has(run))
                {
                    return Problems.Missing(What.Cable);
                }

                return IntoCable.Check(now, ask) is { } refusal
                    ? Problems.From(refusal)
                    : Results.Ok(IntoCable.Find(now, ask).Select(way => View(now, asked.Box, way)).ToList());
            })
            .Produces<IReadOnlyList<IntoCableView>>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("intoCable")
            .WithSummary("Kinds of box to put into a cable, least wrong first, each with the edit that does it. Nothing is kept.");

    private static IntoCableView View(Job now, Id<Box> box, IntoCableWay way) =>
        new(
            way.Kind.Id,
            way.Kind.Name,
            way.Fill.Fit,
            way.Fill.Needed,
            way.Fill.Available,
            new Teller(way.Edit.Apply(now), box).Tell(way.Bad),
            way.Edit
        );
}
