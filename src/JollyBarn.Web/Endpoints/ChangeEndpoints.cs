using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.History;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A correction to as found, as a list shows it.</summary>
public sealed record CorrectionView(string Id, string On, string Says);

/// <summary>A planned or done edit as a sentence.</summary>
/// <param name="Refusal">Why it no longer goes on the job as it is now, or null.</param>
/// <param name="Done">Id of the record that it was done, or null.</param>
/// <param name="Carried">What was done, step by step or otherwise, brought it about: nothing of it is left.</param>
public sealed record ToldStep(string Id, string Says, ToldRefusal? Refusal = null, string? Done = null, bool Carried = false);

/// <summary>A Change as a list shows it.</summary>
/// <param name="Boxes">Boxes it touches, by id, with their names.</param>
/// <param name="Overlaps">Boxes that another open Change touches too.</param>
/// <param name="Done">What was recorded as done, in order.</param>
public sealed record ChangeView(
    string Id,
    string Name,
    string? Opened,
    string? Closed,
    IReadOnlyList<ToldStep> Steps,
    IReadOnlyDictionary<string, string> Boxes,
    IReadOnlyList<string> Overlaps,
    IReadOnlyList<ToldStep> Done,
    IReadOnlyList<CorrectionView> Corrections
);

/// <summary>What differs between two states of a box, and what is not back as it was found.</summary>
/// <param name="PutBack">The edit that puts back what can be; null when nothing has to be or can.</param>
public sealed record DifferenceAnswer(IReadOnlyList<ToldDifference> Differences, Edit? PutBack);

/// <summary>Changes: plans on top of the present.</summary>
internal static class ChangeEndpoints
{
    public static void MapChanges(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/changes", Results<Ok<IEnumerable<ChangeView>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(All(open.Now.Job)) : TypedResults.NotFound()
            )
            .WithName("changes")
            .WithSummary("Changes with what each plans and what was done, as sentences.");

        api.MapGet(
                "/jobs/{job}/changes/{change}/steps/{step}",
                Results<Ok<Edit>, NotFound> (JobStore store, string job, string change, string step) =>
                    store.Find(job) is { } open && open.Now.Job.Changes.Find(change)?.Edits.FirstOrDefault(e => e.Id == step) is { } planned
                        ? TypedResults.Ok(ChangeWork.Read(planned.Edit))
                        : TypedResults.NotFound()
            )
            .WithName("plannedStep")
            .WithSummary("One planned edit, to be recorded as done.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/difference",
                Results<Ok<DifferenceAnswer>, NotFound> (
                    JobStore store,
                    string job,
                    Id<Box> box,
                    string change,
                    BoxState from,
                    BoxState to
                ) =>
                {
                    if (store.Find(job) is not { } open || open.Now.Job is var now && !now.Changes.Has(change))
                    {
                        return TypedResults.NotFound();
                    }

                    var (a, b) = (States.In(now, change, from), States.In(now, change, to));
                    return a.Boxes.Has(box) || b.Boxes.Has(box)
                        ? TypedResults.Ok(
                            new DifferenceAnswer(
                                DifferenceTeller.Tell(a, b, box, BoxDifference.Between(a, b, box)),
                                from == BoxState.AsFound ? PutBack.Edit(a, b, box) : null
                            )
                        )
                        : TypedResults.NotFound();
                }
            )
            .WithName("difference")
            .WithSummary("What differs between two states of a box in a Change, as sentences.");

        api.MapGet("/jobs/{job}/changes/{change}/outcome", Results<Ok<ToldOutcome>, NotFound> (JobStore store, string job, string change) =>
                store.Find(job) is { } open && open.Now.Job is var now && now.Changes.TryFind(change, out var plan)
                    ? TypedResults.Ok(
                        plan.Closed is null ? ToldOutcome.Between(now, ChangeWork.Planned(now, change)) : new ToldOutcome([], [], [], [])
                    )
                    : TypedResults.NotFound()
            )
            .WithName("outcome")
            .WithSummary("What an open Change does to boxes, to the load, drop and protection of circuits, and to what hangs where.");
    }

    private static ToldStep Told(PlannedStep step) =>
        new(step.Id, step.Edit.Tell(step.Before), step.Refusal?.Tell(), step.Done, step.Carried);

    private static IEnumerable<ToldStep> Steps(Job job, string change)
    {
        var carried = Carried.Of(job, change).ToHashSet(StringComparer.Ordinal);
        return ChangeWork.Steps(job, change).Select(Told).Select(s => carried.Contains(s.Id) ? s with { Carried = true } : s);
    }

    /// <summary>Boxes it works on, and those it sets, by their names.</summary>
    private static Dictionary<string, string> Boxes(Job job, string id, Change change)
    {
        var planned = change.Closed is null ? ChangeWork.Planned(job, id) : job;
        var fresh = planned.Boxes.Where(b => !job.Boxes.Has(b.Key));
        return change
            .AsFound.Ids.Where(job.Boxes.Has)
            .Select(b => (b.Text, job.Boxes[b].Name))
            .Concat(fresh.Select(b => (b.Key.Text, b.Value.Name)))
            .ToDictionary(b => b.Item1, b => b.Name);
    }

    private static IEnumerable<ChangeView> All(Job job) =>
        job.Changes.Select(c => new ChangeView(
            c.Key,
            c.Value.Name,
            c.Value.Opened,
            c.Value.Closed,
            [.. c.Value.Closed is null ? Steps(job, c.Key) : c.Value.Edits.Select(e => new ToldStep(e.Id, "done"))],
            Boxes(job, c.Key, c.Value),
            c.Value.Closed is not null
                ? []
                :
                [
                    .. c.Value.AsFound.Ids.Where(id =>
                        job.Changes.Any(o => o.Key != c.Key && o.Value.Closed is null && o.Value.AsFound.Has(id))
                    ),
                ],
            [.. c.Value.Closed is null ? ChangeWork.DoneSteps(job, c.Key).Select(Told) : []],
            [.. c.Value.Corrections.Select(x => new CorrectionView(x.Id, x.On, ChangeWork.Read(x.Edit).Tell(job)))]
        ));
}
