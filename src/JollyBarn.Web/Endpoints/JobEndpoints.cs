using System.Globalization;
using JollyBarn.Fill;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Making;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Web.Crew;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;
using Conflict = JollyBarn.Store.Conflict;

namespace JollyBarn.Web.Endpoints;

/// <summary>A job to be made; the id is the sender's.</summary>
public sealed record NewJob(string Id, string Name);

/// <summary>Where the job stands as far as fill can tell: over-full, just fitting, unknown, and the rest.</summary>
/// <param name="Next">What each open Change waits for before its next stage.</param>
/// <param name="Stages">Stages of open Changes that plan something.</param>
public sealed record TodayAnswer(
    JobHead Job,
    IReadOnlyList<BoxSummary> Over,
    IReadOnlyList<BoxSummary> Full,
    IReadOnlyList<BoxSummary> Unknown,
    IReadOnlyList<BoxSummary> Fine,
    int Binned,
    IReadOnlyList<ToldWaits> Next,
    IReadOnlyList<InterimView> Interims,
    IReadOnlyList<ToldStages> Stages
);

/// <summary>What is energised and not finished.</summary>
/// <param name="Where">The box or the cable it is at.</param>
/// <param name="Overdue">True when its time is past.</param>
/// <param name="Why">Why it could not wait.</param>
public sealed record InterimView(
    string Id,
    InterimKind Kind,
    string Says,
    string? Why,
    string? Where,
    Id<Box>? Box,
    string Until,
    string By,
    bool Overdue
);

/// <summary>Jobs: list, make, copy, bin, bring back.</summary>
internal static class JobEndpoints
{
    public static void MapJobs(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs", (HttpContext context, JobStore store, bool binned = false) =>
                TypedResults.Ok(store.List(binned).Where(j => Caller.Of(context).MayLook(j.Id)).Select(j => Summary(store, j)))
            )
            .WithName("jobs")
            .WithSummary("Jobs, latest changed first; with binned=true those in the bin.");

        api.MapPost("/jobs", (HttpContext context, JobStore store, NewJob job) =>
                store.Create(job.Id, job.Name) is { } refusal ? Problems.From(refusal) : Made(context, store, job.Id)
            )
            .Produces<JobHead>()
            .ProducesProblem(422)
            .WithName("createJob");

        api.MapGet("/jobs/{job}", Results<Ok<JobHead>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(Head(open)) : TypedResults.NotFound()
            )
            .WithName("job")
            .WithSummary("The job without its boxes.");

        api.MapPost("/jobs/{job}/copy", (HttpContext context, JobStore store, string job, NewJob copy) => store.Find(job) is null
                    ? Problems.Missing(What.Job)
                : store.Copy(job, copy.Id, copy.Name) is { } refusal ? Problems.From(refusal)
                : Made(context, store, copy.Id))
            .Produces<JobHead>()
            .ProducesProblem(422)
            .WithName("copyJob");

        api.MapPost("/jobs/{job}/bin", (JobStore store, string job, StepPost step) => Told(store.Bin(job, step, true)))
            .Produces(204)
            .Produces<Conflict>(409)
            .ProducesProblem(422)
            .WithName("binJob")
            .WithSummary("Puts a job in the bin, from where it can be brought back.");

        api.MapPost("/jobs/{job}/bring-back", (JobStore store, string job, StepPost step) => Told(store.Bin(job, step, false)))
            .Produces(204)
            .Produces<Conflict>(409)
            .ProducesProblem(422)
            .WithName("bringBackJob");

        api.MapGet("/jobs/{job}/today", Results<Ok<TodayAnswer>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(Today(open)) : TypedResults.NotFound()
            )
            .WithName("today")
            .WithSummary("Over-full first, then just full, then unknown.");
    }

    /// <summary>The job that was made; somebody may have put it in the bin since.</summary>
    private static IResult Made(HttpContext context, JobStore store, string id)
    {
        if (store.Find(id) is not { } made)
        {
            return Problems.Missing(What.Job);
        }

        if (Caller.Of(context).Member is { } member)
        {
            store.Crew.LetInto(member.Id, id);
        }

        return Results.Ok(Head(made));
    }

    private static IResult Told(PostResult? result) =>
        result switch
        {
            null => Problems.Missing(What.Job),
            Refused refused => Problems.From(refused.Refusal),
            Conflict conflict => Results.Json(conflict, statusCode: 409),
            _ => Results.NoContent(),
        };

    private static JobSummary Summary(JobStore store, JobRow row)
    {
        var boxes = store.Boxes(row.Id);
        var fits = boxes.Select(b => b.Fit).ToList();
        return new(
            row.Id,
            row.Name,
            row.Version,
            row.Created,
            row.Changed,
            row.Binned,
            fits.Count,
            fits.Count(f => f == nameof(Fit.Over)),
            fits.Count(f => f == nameof(Fit.ExactlyFull)),
            fits.Count(f => f is nameof(Fit.CannotTell) or nameof(Fit.NotOpened)),
            boxes.Sum(b => b.Stop),
            boxes.Sum(b => b.Fix),
            row.Projected != row.Version
        );
    }

    private static JobHead Head(OpenJob open)
    {
        var (version, job) = open.Now;
        return Views.Head(open.Id, version, job);
    }

    private static TodayAnswer Today(OpenJob open)
    {
        var (version, job) = open.Now;
        var boxes = BoxEndpoints.Summaries(open, job).Where(b => !b.Binned).ToList();
        var solved = open.Judged.Expected.Of(job, Views.Patience);
        return new(
            Views.Head(open.Id, version, job),
            [.. boxes.Where(b => b.Fit == Fit.Over).OrderBy(b => b.Left.High?.CubicInches ?? 0)],
            [.. boxes.Where(b => b.Fit == Fit.ExactlyFull)],
            [.. boxes.Where(b => b.Fit is Fit.CannotTell or Fit.NotOpened or Fit.OutOfScope or Fit.ByListing).OrderBy(b => b.Fit)],
            [.. boxes.Where(b => b.Fit == Fit.Fits)],
            job.Boxes.Values.Count(b => b.Binned),
            [.. NextStages.Of(job, id => Views.Verdicts(open.Judged, job, id, job.Boxes[id], solved)).Select(n => ToldWaits.Tell(job, n))],
            [.. job.Interims.OrderBy(i => i.Value.Until, StringComparer.Ordinal).Select(i => Interim(job, i.Key, i.Value))],
            [.. job.Changes.Where(c => c.Value is { Closed: null, Edits.Count: > 0 }).Select(c => StageEndpoints.Stages(job, c.Key, ""))]
        );
    }

    /// <summary>What was left energised until a time that is past.</summary>
    public static IReadOnlyList<InterimView> Overdue(Job job) =>
        [
            .. job
                .Interims.OrderBy(i => i.Value.Until, StringComparer.Ordinal)
                .Select(i => Interim(job, i.Key, i.Value))
                .Where(i => i.Overdue),
        ];

    private static InterimView Interim(Job job, string id, Interim interim) =>
        new(
            id,
            interim.Kind,
            interim.Says,
            interim.Why,
            interim.Box is { } box ? job.Boxes.Find(box)?.Name
                : interim.Run is { } run ? new Names(job).Of(Thing.Run(run))
                : null,
            interim.Box,
            interim.Until,
            interim.By,
            DateTimeOffset.TryParse(interim.Until, CultureInfo.InvariantCulture, out var until) && until < DateTimeOffset.UtcNow
        );
}
