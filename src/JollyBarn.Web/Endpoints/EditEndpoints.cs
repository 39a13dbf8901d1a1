using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.History;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;
using Accepted = JollyBarn.Store.Accepted;
using Conflict = JollyBarn.Store.Conflict;

namespace JollyBarn.Web.Endpoints;

/// <summary>A described box that is to be put into a job; the id is the sender's.</summary>
/// <param name="Box">Id of the new box.</param>
/// <param name="Holds">What it is and holds.</param>
/// <param name="Place">Id of its place in the job, or null.</param>
/// <param name="Says">What the log calls it, or null.</param>
public sealed record KeptBoxPost(string Id, string By, Id<Box> Box, string Name, PlainBox Holds, string? Place = null, string? Says = null)
    : ISent
{
    public ISent As(string by) => this with { By = by };
}

/// <summary>Edits whose consequences are asked, each on its own. Nothing is kept.</summary>
/// <param name="Change">A Change to ask on top of, or null for the present.</param>
public sealed record PreviewPost(IReadOnlyList<Edit> Edits, string? Change = null, BoxState? State = null);

/// <summary>What would follow from one edit.</summary>
public sealed record Preview(ToldRefusal? Refusal, string? Says, IReadOnlyList<BoxView> Boxes);

/// <summary>History with what can be undone and redone.</summary>
public sealed record LogAnswer(long Version, IReadOnlyList<LogLine> Lines, string? Undo, string? Redo);

/// <summary>Edits: post, preview, undo, redo, history, and the stream of changes.</summary>
internal static class EditEndpoints
{
    public static void MapEdits(this IEndpointRouteBuilder api)
    {
        api.MapPost("/jobs/{job}/edits", (JobStore store, string job, EditPost post, CancellationToken stop) =>
                store.Find(job) is { } open ? Tell(open, post.By, open.Post(post, stop)) : Problems.Missing(What.Job)
            )
            .Produces<EditAnswer>()
            .Produces<Conflict>(409)
            .ProducesProblem(422)
            .WithName("edit")
            .WithSummary("Does an edit. In the log and on the disk when this answers.");

        api.MapPost("/jobs/{job}/boxes", (JobStore store, string job, KeptBoxPost kept) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                if (KeptBox.Check(kept.Holds) is { } refusal)
                {
                    return Problems.From(refusal);
                }

                var edits = KeptBox.Edits(kept.Holds, kept.Box, kept.Name, kept.Place);
                return Tell(open, kept.By, open.Post(new(kept.Id, kept.By, new Batch(edits, kept.Says))));
            })
            .Produces<EditAnswer>()
            .Produces<Conflict>(409)
            .ProducesProblem(422)
            .WithName("keepBox")
            .WithSummary("Puts a plainly described box into the job, as one edit.");

        api.MapPost("/jobs/{job}/undo", (JobStore store, string job, StepPost step, CancellationToken stop) =>
                store.Find(job) is { } open ? Tell(open, step.By, open.Step(step.Id, step.By, false, stop)) : Problems.Missing(What.Job)
            )
            .Produces<EditAnswer>()
            .Produces<Conflict>(409)
            .ProducesProblem(422)
            .WithName("undo")
            .WithSummary("Undoes the sender's latest standing edit.");

        api.MapPost("/jobs/{job}/redo", (JobStore store, string job, StepPost step, CancellationToken stop) =>
                store.Find(job) is { } open ? Tell(open, step.By, open.Step(step.Id, step.By, true, stop)) : Problems.Missing(What.Job)
            )
            .Produces<EditAnswer>()
            .Produces<Conflict>(409)
            .ProducesProblem(422)
            .WithName("redo")
            .WithSummary("Redoes what the sender undid last.");

        api.MapPost("/jobs/{job}/preview", (JobStore store, string job, PreviewPost asked) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                if (asked.Edits.Count > Limits.Previews || asked.Edits.Any(e => e is null || e.ByProgram))
                {
                    return Problems.From(new(Why.ManyPreviews, "edits", ("most", Limits.Previews)));
                }

                var (version, now) = open.Now;
                if (asked.Change is { } change && !now.Changes.Has(change))
                {
                    return Problems.From(new(Why.NoSuchChange, "change"));
                }

                var from = asked.Change is { } plan ? States.In(now, plan, asked.State ?? BoxState.Planned) : now;
                return Results.Ok(asked.Edits.Select(edit => Show(edit, from, version)).ToList());
            })
            .Produces<IReadOnlyList<Preview>>()
            .ProducesProblem(422)
            .WithName("preview")
            .WithSummary("What would follow, without doing it.");

        api.MapGet(
                "/jobs/{job}/log",
                Results<Ok<LogAnswer>, NotFound> (JobStore store, string job, string? by, long? before, int take = 50) =>
                {
                    if (store.Find(job) is not { } open)
                    {
                        return TypedResults.NotFound();
                    }

                    var (undo, redo) = open.Steps(by ?? "");
                    return TypedResults.Ok(new LogAnswer(open.Now.Version, open.Log(before, Math.Clamp(take, 1, 500)), undo, redo));
                }
            )
            .WithName("log")
            .WithSummary("History, newest first, with what the sender may undo and redo.");

        api.MapGet("/jobs/{job}/events", IResult (JobStore store, Events events, string job, CancellationToken stop) =>
                store.Find(job) is { } open
                    ? TypedResults.ServerSentEvents(events.Listen(job, () => open.Now.Version, stop), "changed")
                    : Problems.Missing(What.Job)
            )
            .WithName("events")
            .WithSummary("Server-sent events: what changed, as it does.");
    }

    internal static IResult Tell(OpenJob open, string by, PostResult result) =>
        result switch
        {
            Accepted accepted => Results.Ok(Views.Answer(open, accepted, by)),
            Refused refused => Problems.From(refused.Refusal),
            Conflict conflict => Results.Json(conflict, statusCode: 409),
            _ => throw new InvalidOperationException("A post came to nothing known."),
        };

    private static Preview Show(Edit edit, Job from, long version)
    {
        if (edit.Check(from) is { } refusal)
        {
            return new(refusal.Tell(), null, []);
        }

        var after = edit.Apply(from);
        var boxes = Touched
            .Boxes(from, after)
            .Where(after.Boxes.Has)
            .Take(12)
            .Select(id => Views.ViewOnce(after, version, id, after.Boxes[id]));
        return new(null, edit.Tell(from), [.. boxes]);
    }
}
