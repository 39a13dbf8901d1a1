using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A Change as a list shows it.</summary>
/// <param name="Boxes">Boxes it touches, by id, with their names.</param>
/// <param name="Overlaps">Boxes that another open Change touches too.</param>
public sealed record ChangeView(string Id, string Name, string? Opened, string? Closed, IReadOnlyList<PlannedStep> Steps, IReadOnlyDictionary<string, string> Boxes, IReadOnlyList<string> Overlaps);

/// <summary>Changes: plans on top of the present.</summary>
internal static class ChangeEndpoints
{
    public static void MapChanges(this IEndpointRouteBuilder api) =>
        api.MapGet("/jobs/{job}/changes", Results<Ok<IEnumerable<ChangeView>>, NotFound> (JobStore store, string job) =>
            store.Find(job) is { } open ? TypedResults.Ok(All(open.Now.Job)) : TypedResults.NotFound())
            .WithName("changes").WithSummary("Changes with what each plans, as sentences.");

    private static IEnumerable<ChangeView> All(Job job) => job.Changes.Select(c => new ChangeView(
        c.Key, c.Value.Name, c.Value.Opened, c.Value.Closed,
        [.. c.Value.Closed is null ? Plans.Steps(job, c.Key) : c.Value.Edits.Select(e => new PlannedStep(e.Id, "done", null))],
        c.Value.AsFound.Ids.Where(job.Boxes.Has).ToDictionary(id => id, id => job.Boxes[id].Name),
        [.. c.Value.AsFound.Ids.Where(id => job.Changes.Any(o => o.Key != c.Key && o.Value.Closed is null && o.Value.AsFound.Has(id)))]));
}
