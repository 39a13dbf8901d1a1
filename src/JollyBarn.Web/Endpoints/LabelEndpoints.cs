using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Web.Labels;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>Boxes whose labels are to be printed.</summary>
public sealed record PrintPost(IReadOnlyList<Id<Box>> Boxes);

/// <summary>Labels for the inside of covers, and the tray they come out into.</summary>
internal static class LabelEndpoints
{
    private const int Most = 400;

    public static void MapLabels(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/labels", Results<Ok<IReadOnlyList<ToldLabel>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(All(open.Now.Job)) : TypedResults.NotFound()
            )
            .WithName("labels")
            .WithSummary("The label inside each box's cover: the panel, the breakers, with several the colours of their hots.");

        api.MapGet("/jobs/{job}/boxes/{box}/label", IResult (JobStore store, string job, Id<Box> box) =>
                store.Find(job) is { } open && open.Now.Job is var now && now.Boxes.Has(box)
                    ? Picture(LabelPicture.Of(ToldLabel.Tell(now, box).Lines).Svg)
                    : Problems.Missing(What.Box)
            )
            .Produces<string>(200, "image/svg+xml")
            .ProducesProblem(404)
            .WithName("label")
            .WithSummary("The label of one box as a picture.");

        api.MapPost("/jobs/{job}/labels/print", (JobStore store, ILabelPrinter printer, LabelTray tray, string job, PrintPost post) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                var now = open.Now.Job;
                if (post.Boxes.Count > Most)
                {
                    return Problems.From(new(Why.ListTooLong, "boxes"));
                }

                if (post.Boxes.Any(b => !now.Boxes.Has(b)))
                {
                    return Problems.Missing(What.Box, "boxes");
                }

                foreach (var label in post.Boxes.Select(b => ToldLabel.Tell(now, b)))
                {
                    printer.Print(label.Name, LabelPicture.Of(label.Lines));
                }

                return Results.Ok(tray.Lies());
            })
            .Produces<IReadOnlyList<PrintedLabel>>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("printLabels")
            .WithSummary("Prints the labels of boxes; what lies in the tray then.");

        api.MapGet("/label-tray", (LabelTray tray) => TypedResults.Ok(tray.Lies()))
            .WithName("labelTray")
            .WithSummary("Labels that came out of the printer, newest first.");

        api.MapGet("/label-tray/{label}", IResult (LabelTray tray, int label) =>
                tray.Picture(label) is { } svg ? Picture(svg) : Problems.Missing(What.Picture)
            )
            .Produces<string>(200, "image/svg+xml")
            .ProducesProblem(404)
            .WithName("printedLabel")
            .WithSummary("A printed label as a picture.");

        api.MapPost("/label-tray/empty", (LabelTray tray) =>
            {
                tray.Empty();
                return Results.NoContent();
            })
            .Produces(204)
            .WithName("emptyTray")
            .WithSummary("Takes all labels out of the tray.");
    }

    private static IReadOnlyList<ToldLabel> All(Job job) =>
        [.. job.Boxes.Where(b => !b.Value.Binned).Select(b => ToldLabel.Tell(job, b.Key))];

    private static IResult Picture(string svg) => Results.Text(svg, "image/svg+xml", System.Text.Encoding.UTF8);
}
