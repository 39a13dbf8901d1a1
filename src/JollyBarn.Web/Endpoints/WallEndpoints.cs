using JollyBarn.Store;
using JollyBarn.Telling.Walls;
using JollyBarn.Terms;
using JollyBarn.Web.Printed;

namespace JollyBarn.Web.Endpoints;

/// <summary>Walls laid out, and their sheets.</summary>
internal static class WallEndpoints
{
    public static void MapWalls(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/walls/{wall}", (JobStore store, string job, string wall, string? by, string? change) =>
                Find(store, job, wall, by, change) is { } told ? Results.Ok(told) : Problems.Missing(What.Wall)
            )
            .Produces<ToldWall>()
            .ProducesProblem(404)
            .WithName("wall")
            .WithSummary("A wall laid out: what is in it and on it, every number of its boxes, and what each cut meets.");

        api.MapGet(
                "/jobs/{job}/walls/{wall}/sheet.{kind}",
                (JobStore store, string job, string wall, string kind, string? change, bool? metric) =>
                    Sheet(Find(store, job, wall, null, change), kind, told => WallSheet.Of(told, metric ?? false))
            )
            .Produces<byte[]>(200, "application/pdf")
            .Produces<string>(200, "image/svg+xml")
            .ProducesProblem(404)
            .WithName("wallSheet")
            .WithSummary("The wall on paper, to scale, with a ruler to check the printer by: pdf or svg.");

        api.MapGet(
                "/jobs/{job}/walls/{wall}/boxes/{box}/template.{kind}",
                (JobStore store, string job, string wall, string box, string kind, string? change, bool? metric) =>
                    Find(store, job, wall, null, change)?.Boxes.FirstOrDefault(b => b.Id.Text == box)?.Cut is { } cut
                        ? Sheet(cut, kind, c => HoleSheet.Of(c, metric ?? false))
                        : Problems.Missing(What.Box)
            )
            .Produces<byte[]>(200, "application/pdf")
            .Produces<string>(200, "image/svg+xml")
            .ProducesProblem(404)
            .WithName("holeSheet")
            .WithSummary("The hole of a box in its own size, with a ruler to check the printer by: pdf or svg.");
    }

    private static ToldWall? Find(JobStore store, string job, string wall, string? by, string? change) =>
        store.Find(job) is { } open && States.Read(open, null, change) is { } state
            ? WallTeller.Tell(state, wall, by ?? "", Clock.Now())
            : null;

    private static IResult Sheet<T>(T? told, string kind, Func<T, Page> draw)
        where T : class =>
        (told, kind) switch
        {
            (null, _) => Problems.Missing(What.Wall),
            (_, "pdf") => Results.File(draw(told).Pdf(), "application/pdf"),
            (_, "svg") => Results.Text(draw(told).Svg(), "image/svg+xml"),
            _ => Problems.From(new(Why.Missing, "kind", ("what", What.Picture), ("id", kind))),
        };
}
