using System.Globalization;
using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Store;
using JollyBarn.Telling.Making;
using JollyBarn.Terms;
using JollyBarn.Web.Printed;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>Stages of Changes, and the outage over all of them.</summary>
internal static class StageEndpoints
{
    private const int MostHands = 12;

    public static void MapStages(this IEndpointRouteBuilder api)
    {
        api.MapGet(
                "/jobs/{job}/changes/{change}/stages",
                Results<Ok<ToldStages>, NotFound> (JobStore store, string job, string change, string? by = null) =>
                    store.Find(job)?.Now.Job is { } now && now.Changes.Find(change) is { Closed: null }
                        ? TypedResults.Ok(Stages(now, change, by ?? ""))
                        : TypedResults.NotFound()
            )
            .WithName("stages")
            .WithSummary("The stages of an open Change, and what each lacks or waits for.");

        api.MapGet("/jobs/{job}/outage", IResult (JobStore store, string job, string? start = null, int hands = 1) =>
                Asked(store, job, start, hands)
            )
            .Produces<ToldOutage>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("outage")
            .WithSummary("What is switched off when over all open Changes, who does what, and the notice to the household.");

        api.MapGet("/jobs/{job}/outage.ics", IResult (JobStore store, string job, string? start = null, int hands = 1) =>
                Asked(store, job, start, hands) switch
                {
                    Ok<ToldOutage> { Value: { } told } => Results.Text(OutageCalendar.Of(told), "text/calendar", System.Text.Encoding.UTF8),
                    var refused => refused,
                }
            )
            .Produces<string>(200, "text/calendar")
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("outageCalendar")
            .WithSummary("The same as a calendar: each breaker that is off, and who works where.");
    }

    /// <summary>The stages of an open Change in words.</summary>
    public static ToldStages Stages(Job job, string change, string by) =>
        ToldStages.Tell(job, change, StagePlan.Of(job, change, by, Clock.Now()), ChangeWork.Planned(job, change));

    private static IResult Asked(JobStore store, string job, string? start, int hands) =>
        store.Find(job)?.Now.Job is not { } now ? Problems.Missing(What.Job)
        : !DateTimeOffset.TryParse(start, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var at)
            ? Problems.From(new(Why.NotATime, "start"))
        : hands is < 1 or > MostHands ? Problems.From(new(Why.Hands, "hands", ("most", MostHands)))
        : TypedResults.Ok(ToldOutage.Tell(now, Outage.Of(now, hands, "", Clock.Now()), hands, at));
}
