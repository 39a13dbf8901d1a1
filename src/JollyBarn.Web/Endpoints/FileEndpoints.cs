using System.Globalization;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Store;
using JollyBarn.Telling.Filled;
using JollyBarn.Terms;
using JollyBarn.Web.Crew;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Endpoints;

/// <summary>What came of taking a file in.</summary>
public sealed record Imported(string Id, string Name, int Boxes);

/// <summary>The open file out and in, and lists as CSV.</summary>
internal static class FileEndpoints
{
    public static void MapFiles(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/export", (HttpContext context, JobStore store, string job, bool pictures = true) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                if (Caller.Of(context).Member is { } member)
                {
                    store.Crew.Note(AuditOf.Exported, member.Name, job, SignIn.From(context));
                }

                return Whole(store, open, pictures);
            })
            .WithName("export")
            .WithSummary("The whole job in the open format; with pictures, a zip of it and them, unless pictures=false.");

        api.MapPost("/import", async (JobStore store, HttpRequest request, string? replace, string? copyAs, string? by, string? step) =>
            {
                using var body = new MemoryStream();
                await request.Body.CopyToAsync(body, request.HttpContext.RequestAborted);
                var (file, photos, refusal) = Bundle.Read(body);
                if (file is null)
                {
                    return Problems.From(refusal!);
                }

                var (id, caller) = (copyAs ?? file.Id, Caller.Of(request.HttpContext));
                if (replace is not null && replace != file.Id)
                {
                    return Problems.From(new(Why.FileOfAnotherJob, "replace"));
                }

                if (replace is not null && !caller.MayWork(replace))
                {
                    return Problems.Says("Putting a file in the place of a job is for those who work on that job.", 403);
                }

                if (replace is null && store.Listed(id) is { } hidden && !caller.MayLook(id))
                {
                    return Problems.Says($"The id {hidden.Id} is taken. Take the file in as a copy under another.", 409);
                }

                if (replace is null && store.Listed(id) is { } there)
                {
                    return Results.Problem(
                        $"{there.Name} is here already{(there.Binned is null ? "" : ", in the bin")}. Replace it, or "
                            + $"take the file in as a copy.",
                        statusCode: 409,
                        title: "Here already",
                        extensions: new Dictionary<string, object?> { ["id"] = id, ["name"] = there.Name }
                    );
                }

                var made = new Imported(id, file.Present.Name, file.Present.Boxes.Count);
                if (
                    replace is not null
                    && store.Replace(id, file, new(step ?? $"replace-{Guid.NewGuid():n}", by ?? ""), photos) is { } done
                )
                {
                    return done switch
                    {
                        Refused refused => Problems.From(refused.Refusal),
                        Conflict conflict => Results.Json(conflict, statusCode: 409),
                        _ => Results.Ok(made),
                    };
                }

                if (store.Import(id, file, photos) is { } problem)
                {
                    return Problems.From(problem);
                }

                if (caller.Member is { } importer)
                {
                    store.Crew.LetInto(importer.Id, id);
                }

                return Results.Ok(made);
            })
            .Accepts<JobFile>("application/json", "application/zip")
            .Produces<Imported>()
            .ProducesProblem(409)
            .ProducesProblem(422)
            .WithName("import")
            .WithSummary("Takes a file in: as itself, in the place of a job, or as a copy under a new id.");

        api.MapGet("/jobs/{job}/boxes.csv", (JobStore store, string job) =>
                store.Find(job) is { } open
                    ? Lists.Csv(Lists.FileName(open.Now.Job.Name + " boxes", "csv"), BoxRows(open))
                    : Problems.Missing(What.Job)
            )
            .WithName("boxesCsv")
            .WithSummary("The list of boxes with their fill, as CSV.");

        api.MapGet("/jobs/{job}/boxes/{box}/fill.csv", (JobStore store, string job, Id<Box> box) =>
                store.Find(job) is { } open && open.Now.Job is var now && now.Boxes.Find(box) is { } found
                    ? Lists.Csv(Lists.FileName(found.Name + " fill", "csv"), FillRows(open, now, found))
                    : Problems.Missing(What.Box)
            )
            .WithName("fillCsv")
            .WithSummary("The fill sum of one box, as CSV.");
    }

    private static IResult Whole(JobStore store, OpenJob open, bool pictures)
    {
        var file = open.Export();
        return file.Present.Photos.Count == 0 || !pictures
            ? Results.File(JobFiles.Write(file), "application/json", Lists.FileName(file.Present.Name, "json"))
            : Results.File(
                Bundle.Write(file, sha => store.Photo(open.Id, sha)),
                "application/zip",
                Lists.FileName(file.Present.Name, "zip")
            );
    }

    private static IEnumerable<string[]> BoxRows(OpenJob open)
    {
        yield return ["place", "box", "kind", "contents", "cables", "devices", "needed in³", "available in³", "left in³", "fit"];
        foreach (var box in BoxEndpoints.Summaries(open, open.Now.Job).Where(b => !b.Binned))
        {
            yield return
            [
                box.Place ?? "",
                box.Name,
                box.KindName,
                box.Contents.ToString(),
                Number(box.Cables),
                Number(box.Devices),
                Span(box.Needed),
                Span(box.Available),
                Span(box.Left),
                box.Fit.ToString(),
            ];
        }
    }

    private static IEnumerable<string[]> FillRows(OpenJob open, Job job, Box box)
    {
        var fill = FillTeller.Tell(open.Reports.FillOf(job, box));
        yield return ["line", "gauge", "count", "allowance in³", "volume in³", "article"];
        foreach (var line in fill.Lines)
        {
            yield return
            [
                line.Name,
                line.Gauge?.ToString() ?? "",
                line.Low == line.High ? Number(line.Low) : $"{Number(line.Low)} to {Number(line.High)}",
                Span(line.Each),
                Span(line.Volume),
                line.Article,
            ];
        }

        yield return ["needed", "", "", "", Span(fill.Needed), ""];
        yield return ["available", "", "", "", Span(fill.Available), ""];
        yield return ["left", "", "", "", Span(fill.Left), $"NEC {(int)job.Profile.Edition}"];
    }

    private static string Span(Measures.VolumeSpan span) =>
        span.IsExact ? Number(span.Low.CubicInches)
        : span.High is { } high ? $"{Number(span.Low.CubicInches)} to {Number(high.CubicInches)}"
        : $"{Number(span.Low.CubicInches)} or more";

    private static string Number(decimal number) => number.ToString("0.######", CultureInfo.InvariantCulture);
}
