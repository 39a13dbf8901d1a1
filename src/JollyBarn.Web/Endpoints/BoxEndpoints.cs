using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Planning;
using JollyBarn.Planning.Remedies;
using JollyBarn.Planning.Ways;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Filled;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <param name="Change">A Change to ask on top of, or null for the present.</param>
public sealed record MovesAsked(Held Held, string? Change = null, BoxState? State = null);

/// <param name="Leads">Leads that are picked.</param>
/// <param name="Joint">A joint that is picked; with neither, what can be done with the whole box.</param>
public sealed record GesturesAsked(IReadOnlyList<Id<Lead>> Leads, Id<Joint>? Joint = null, string? Change = null, BoxState? State = null);

/// <summary>What would do instead, and for each option the edit that does it.</summary>
public sealed record BoxInstead(ToldInstead Answer, IReadOnlyList<Edit> Edits);

/// <summary>Places with their consequences, and the version they were asked of.</summary>
public sealed record MovesAnswer(long Version, IReadOnlyList<ToldMove> Moves);

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
                return TypedResults.Ok(
                    Summaries(open, open.Now.Job)
                        .Where(b => words.All(w => $"{b.Name} {b.Place} {b.KindName}".Contains(w, StringComparison.OrdinalIgnoreCase)))
                );
            })
            .WithName("boxes")
            .WithSummary("Boxes by room and name; find keeps those whose name, room or kind has every word.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}",
                Results<Ok<BoxView>, NotFound> (JobStore store, string job, Id<Box> box, long? version, string? change, BoxState? state) =>
                {
                    if (store.Find(job) is not { } open)
                    {
                        return TypedResults.NotFound();
                    }

                    var now = open.Now;
                    var seen = States.Read(open, version, change, state);
                    return seen?.Boxes.Find(box) is { } found
                        ? TypedResults.Ok(Views.View(seen, version ?? now.Version, box, found, open.Judged))
                        : TypedResults.NotFound();
                }
            )
            .WithName("box")
            .WithSummary("One box with its cables and everything fill says; of an earlier version, or as a Change plans it, when asked.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/instead",
                Results<Ok<BoxInstead>, NotFound> (
                    JobStore store,
                    IShop shop,
                    string job,
                    Id<Box> box,
                    long? version,
                    string? change,
                    BoxState? state
                ) =>
                    store.Find(job) is { } open
                    && States.Read(open, version, change, state) is { } seen
                    && seen.Boxes.Find(box) is { } found
                        ? TypedResults.Ok(InsteadOf(seen, shop, box, found))
                        : TypedResults.NotFound()
            )
            .WithName("instead")
            .WithSummary("What would do instead of this box.");

        api.MapPost("/jobs/{job}/boxes/{box}/moves", (JobStore store, string job, Id<Box> box, MovesAsked asked) =>
            {
                if (store.Find(job) is not { } open || open.Now is var now && !now.Job.Boxes.Has(box))
                {
                    return Problems.Missing(What.Box);
                }

                if (asked.Held.Leads.Count > Limits.Held || !Ids.IsGood(asked.Held.NewId))
                {
                    return Problems.From(new(Why.ManyHeld, "held", ("most", Limits.Held)));
                }

                if (States.Read(open, null, asked.Change, asked.State) is not { } seen)
                {
                    return Problems.Missing(What.Change, "change");
                }

                return Results.Ok(new MovesAnswer(now.Version, MoveTeller.Tell(seen, box, Moves.Find(seen, box, asked.Held))));
            })
            .Produces<MovesAnswer>()
            .ProducesProblem(422)
            .WithName("moves")
            .WithSummary("Every place a picked end may go, each with what would follow. Nothing is kept.");

        api.MapPost("/jobs/{job}/boxes/{box}/gestures", (JobStore store, string job, Id<Box> box, GesturesAsked asked) =>
            {
                if (store.Find(job) is not { } open || States.Read(open, null, asked.Change, asked.State) is not { } seen)
                {
                    return Problems.Missing(What.Job);
                }

                return !seen.Boxes.Has(box) ? Problems.Missing(What.Box)
                    : asked.Leads.Count > Limits.Held ? Problems.From(new(Why.ManyHeld, "leads", ("most", Limits.Held)))
                    : Results.Ok(Gestures.Find(seen, box, asked.Leads, asked.Joint).Select(ToldGesture.Tell));
            })
            .Produces<IEnumerable<ToldGesture>>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("gestures")
            .WithSummary("What can be done in one go with these leads, this joint, or the whole box. Nothing is kept.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/steps",
                Results<Ok<IReadOnlyList<LogLine>>, NotFound> (JobStore store, string job, Id<Box> box, int take = 40) =>
                    store.Find(job) is { } open ? TypedResults.Ok(open.LogOf(box, Math.Clamp(take, 1, 200))) : TypedResults.NotFound()
            )
            .WithName("steps")
            .WithSummary("Steps of the log that changed this box, newest first.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/survey",
                Results<Ok<ToldSurvey>, NotFound> (JobStore store, string job, Id<Box> box, string newId) =>
                    store.Find(job) is { } open && open.Now.Job is var now && now.Boxes.Find(box) is { } found
                        ? TypedResults.Ok(ToldSurvey.Tell(now, box, found, SurveySteps.Read(now, box, found, newId)))
                        : TypedResults.NotFound()
            )
            .WithName("survey")
            .WithSummary("The lead to be written down next, with the places it may lie, likeliest first.");

        api.MapGet("/jobs/{job}/open-ends", Results<Ok<IEnumerable<ToldOpenRun>>, NotFound> (JobStore store, string job, bool? decides) =>
                store.Find(job) is { } open && open.Now.Job is var now
                    ? TypedResults.Ok(
                        (decides == true ? open.Judged.OpenRuns.Of(now) : OpenRuns.Find(now)).Select(o => ToldOpenRun.Tell(now, o))
                    )
                    : TypedResults.NotFound()
            )
            .WithName("openEnds")
            .WithSummary("Cables with an end nobody has followed yet, weighed by the verdicts that wait for it where that is asked.");
    }

    private static BoxInstead InsteadOf(Job job, IShop shop, Id<Box> id, Box box)
    {
        var look = new BoxLook(job, id, box);
        var stock = new Stock(job, shop);
        var answer = stock.VanFirst(Instead.Find(InsteadQuestion.Ask(box, look.Input, look.Right), job.Profile, job.Practice));
        return new(FillTeller.Tell(answer, stock.InVan), [.. answer.Options.Select(o => AnotherBox.Edit(id, box, o))]);
    }

    public static IEnumerable<BoxSummary> Summaries(OpenJob open, Job job)
    {
        var solved = open.Judged.Expected.Of(job, Views.Patience);
        return job
            .Boxes.Select(b => Views.Summary(job, b.Key, b.Value, open.Judged, solved))
            .OrderBy(b => b.Place ?? "~", StringComparer.OrdinalIgnoreCase)
            .ThenBy(b => b.Name, StringComparer.OrdinalIgnoreCase);
    }
}
