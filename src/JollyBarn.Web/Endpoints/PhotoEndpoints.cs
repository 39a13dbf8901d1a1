using JollyBarn.Store;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>What came of handing a picture in: what an edit names it by.</summary>
public sealed record PhotoTaken(string Sha, int Width, int Height, int Bytes);

/// <summary>A picture of a box.</summary>
/// <param name="Pins">From left to right.</param>
/// <param name="Missing">True where its bytes did not come with the file the job came in by.</param>
public sealed record PhotoView(
    string Id,
    string Sha,
    int Width,
    int Height,
    Id<Lead>? Lead,
    string? Caption,
    string? When,
    bool Missing,
    IReadOnlyList<PinView> Pins
);

/// <summary>A pin in a picture.</summary>
/// <param name="X">Thousandths of its width.</param>
/// <param name="Y">Thousandths of its height.</param>
/// <param name="Of">The lead, pigtail, joint or device seen there.</param>
public sealed record PinView(string Id, int X, int Y, string Of);

/// <summary>Pictures: bytes in and out; what they belong to is in the job.</summary>
internal static class PhotoEndpoints
{
    public static void MapPhotos(this IEndpointRouteBuilder api)
    {
        api.MapPost("/jobs/{job}/photos", async (JobStore store, string job, HttpRequest request) =>
                store.Find(job) is null ? Problems.Missing(What.Job) : await TakeAsync(store, job, request)
            )
            .Accepts<Stream>("image/jpeg")
            .Produces<PhotoTaken>()
            .ProducesProblem(422)
            .WithName("handInPhoto")
            .WithSummary("Takes a JPEG in, without its metadata. An addPhoto edit then says what it belongs to.");

        api.MapGet("/jobs/{job}/photos/{sha}", (JobStore store, string job, string sha) =>
                store.Find(job) is not null && store.Photo(job, sha) is { } bytes
                    ? Results.File(bytes, "image/jpeg")
                    : Problems.Missing(What.Picture)
            )
            .WithName("photo");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/photos",
                Results<Ok<IEnumerable<PhotoView>>, NotFound> (JobStore store, string job, Id<Box> box) =>
                    store.Find(job) is { } open
                        ? TypedResults.Ok(
                            open.Now.Job.Photos.Where(p => p.Value.Box == box)
                                .OrderBy(p => p.Value.When, StringComparer.Ordinal)
                                .Select(p => new PhotoView(
                                    p.Key,
                                    p.Value.Sha,
                                    p.Value.Width,
                                    p.Value.Height,
                                    p.Value.Lead,
                                    p.Value.Caption,
                                    p.Value.When,
                                    !store.HasPhoto(job, p.Value.Sha),
                                    [
                                        .. p
                                            .Value.Pins.OrderBy(n => n.Value.X)
                                            .ThenBy(n => n.Value.Y)
                                            .Select(n => new PinView(n.Key, n.Value.X, n.Value.Y, n.Value.Of)),
                                    ]
                                ))
                        )
                        : TypedResults.NotFound()
            )
            .WithName("photosOf")
            .WithSummary("Pictures of a box.");
    }

    /// <summary>Takes a JPEG in: checked, and without its metadata.</summary>
    /// <param name="owner">Id of the job, or what the pictures of a class are kept with.</param>
    internal static async Task<IResult> TakeAsync(JobStore store, string owner, HttpRequest request)
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, request.HttpContext.RequestAborted);
        var (photo, why) = PhotoCheck.Read(body.GetBuffer().AsSpan(0, (int)body.Length));
        if (photo is null)
        {
            return Problems.From(why!);
        }

        return store.KeepPhoto(owner, photo.Sha, photo.Bytes) is { } refusal
            ? Problems.From(refusal)
            : Results.Ok(new PhotoTaken(photo.Sha, photo.Width, photo.Height, photo.Bytes.Length));
    }
}
