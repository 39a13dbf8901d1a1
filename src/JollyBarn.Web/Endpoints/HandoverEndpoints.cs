using System.Text;
using JollyBarn.Store;
using JollyBarn.Telling.Making;
using JollyBarn.Terms;
using JollyBarn.Web.Printed;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>What stays: a sheet for each box, and the pack of a Change for householder and inspector.</summary>
internal static class HandoverEndpoints
{
    public static void MapHandover(this IEndpointRouteBuilder api)
    {
        api.MapGet(
                "/jobs/{job}/changes/{change}/handover",
                Results<Ok<ToldHandover>, NotFound> (JobStore store, string job, string change) =>
                    Told(store, job, change) is { } told ? TypedResults.Ok(told) : TypedResults.NotFound()
            )
            .WithName("handover")
            .WithSummary("What a Change leaves behind: logbook, as found beside as left, readings, verdicts, what was not looked at.");

        api.MapGet("/jobs/{job}/changes/{change}/handover.{kind}", IResult (JobStore store, string job, string change, string kind) =>
                (Told(store, job, change), kind) switch
                {
                    (null, _) => Problems.Missing(What.Change),
                    ({ } told, "pdf") => Results.File(Page.Pdf(told.Change, HandoverPages.Of(told)), "application/pdf"),
                    ({ } told, "html") => Results.File(Encoding.UTF8.GetBytes(HandoverPack.Of(told)), "text/html", $"{change}.html"),
                    _ => Problems.From(new(Why.Missing, "kind", ("what", What.Picture), ("id", kind))),
                }
            )
            .Produces(200, contentType: "application/pdf")
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("handoverFile")
            .WithSummary("The same as one PDF, or as one HTML file that needs no program and no network.");

        api.MapGet("/jobs/{job}/boxes/{box}/card.{kind}", IResult (JobStore store, string job, Id<Box> box, string kind) =>
                (Card(store, job, box), kind) switch
                {
                    (null, _) => Problems.Missing(What.Box),
                    ({ } card, "pdf") => Results.File(BoxSheet.Of(card, []).Pdf(), "application/pdf"),
                    ({ } card, "svg") => Results.Text(BoxSheet.Of(card, []).Svg(), "image/svg+xml", Encoding.UTF8),
                    ({ } card, "qr") => Results.Text(QrCode.Label(card.Name, card.AsText()).Svg(), "image/svg+xml", Encoding.UTF8),
                    _ => Problems.From(new(Why.Missing, "kind", ("what", What.Picture), ("id", kind))),
                }
            )
            .Produces(200, contentType: "application/pdf")
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("boxCard")
            .WithSummary("A box on one sheet as PDF or SVG; or its text as a code for a label.");
    }

    private static ToldHandover? Told(JobStore store, string job, string change) =>
        store.Find(job)?.Now.Job is { } now && now.Changes.Has(change) ? ToldHandover.Tell(now, change) : null;

    private static ToldBoxCard? Card(JobStore store, string job, Id<Box> box) =>
        store.Find(job)?.Now.Job is { } now && now.Boxes.Has(box) ? ToldBoxCard.Tell(now, box) : null;
}
