using JollyBarn.Fill;
using JollyBarn.Store;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>An end of a cable that nobody has followed yet.</summary>
/// <param name="Says">Where its other end is, and what it is called there.</param>
public sealed record OpenEnd(string Run, RunSide Side, string Size, string Says, string? NearBox);

/// <summary>Boxes of a job.</summary>
internal static class BoxEndpoints
{
    public static void MapBoxes(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/boxes", Results<Ok<IEnumerable<BoxSummary>>, NotFound> (JobStore store, string job, string? find) =>
        {
            if (store.Find(job) is not { } open)
            {
                return TypedResults.NotFound();
            }

            var words = (find ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries);
            return TypedResults.Ok(Summaries(open, open.Now.Job).Where(b => words.All(w => $"{b.Name} {b.Place} {b.KindName}".Contains(w, StringComparison.OrdinalIgnoreCase))));
        }).WithName("boxes").WithSummary("Boxes by room and name; find keeps those whose name, room or kind has every word.");

        api.MapGet("/jobs/{job}/boxes/{box}", Results<Ok<BoxView>, NotFound> (JobStore store, string job, string box, long? version) =>
        {
            if (store.Find(job) is not { } open)
            {
                return TypedResults.NotFound();
            }

            var now = open.Now;
            var state = version is { } asked ? open.JobAt(asked) : now.Job;
            return state?.Boxes.Find(box) is { } found
                ? TypedResults.Ok(Answers.View(state, version ?? now.Version, box, found, open.Reports.ReportOf(state, found)))
                : TypedResults.NotFound();
        }).WithName("box").WithSummary("One box with its cables and everything fill says; of an earlier version when asked.");

        api.MapGet("/jobs/{job}/boxes/{box}/instead", Results<Ok<InsteadAnswer>, NotFound> (JobStore store, string job, string box) =>
            store.Find(job) is { } open && open.Now.Job is var state && state.Boxes.Find(box) is { } found
                ? TypedResults.Ok(Instead.Find(InsteadQuestion.Of(found, FillOfBox.Read(found, state.Profile)), state.Profile, state.Practice))
                : TypedResults.NotFound())
            .WithName("instead").WithSummary("What would do instead of this box.");

        api.MapGet("/jobs/{job}/open-ends", Results<Ok<IEnumerable<OpenEnd>>, NotFound> (JobStore store, string job) =>
            store.Find(job) is { } open ? TypedResults.Ok(OpenEnds(open.Now.Job)) : TypedResults.NotFound())
            .WithName("openEnds").WithSummary("Cables with an end nobody has followed yet.");
    }

    private static IEnumerable<OpenEnd> OpenEnds(Job job) =>
        from run in job.Runs
        from side in new[] { RunSide.A, RunSide.B }
        let near = run.Value.End(side == RunSide.A ? RunSide.B : RunSide.A)
        where run.Value.End(side).At == EndAt.Unknown
        let box = near.At == EndAt.Box ? job.Boxes.Find(near.Id) : null
        select new OpenEnd(run.Key, side, Answers.Size(run.Value), $"{box?.Name ?? "somewhere"}{(near.Says is null ? "" : ", " + near.Says)}", near.At == EndAt.Box ? near.Id : null);

    public static IEnumerable<BoxSummary> Summaries(OpenJob open, Job job) =>
        job.Boxes.Select(b => Answers.Summary(job, b.Key, b.Value, open.Reports)).OrderBy(b => b.Place ?? "~", StringComparer.OrdinalIgnoreCase).ThenBy(b => b.Name, StringComparer.OrdinalIgnoreCase);
}
