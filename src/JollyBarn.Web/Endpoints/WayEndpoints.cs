using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Planning.Ways;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Phrases;
using JollyBarn.Telling.Ways;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>What van and shop have of a part.</summary>
/// <param name="Own">True where this house said so; the shop's own line otherwise.</param>
public sealed record StockView(string Part, string Name, bool Feet, StockLine Line, bool Own);

/// <summary>What ways are ranked by and what each counts for.</summary>
public sealed record WeightView(string Key, string Name, decimal Value, decimal Default, string Unit);

/// <summary>A box that an edit would touch, before and after.</summary>
/// <param name="Was">Null for a box that is not there yet.</param>
/// <param name="Says">What differs, as sentences.</param>
public sealed record TouchedView(BoxView? Was, BoxView Is, IReadOnlyList<ToldDifference> Says);

/// <summary>An edit that is asked about and not done.</summary>
public sealed record OutcomeAsk(Edit Edit);

/// <summary>What an edit would do, with the boxes it touches.</summary>
public sealed record DoneView(ToldOutcome Outcome, IReadOnlyList<TouchedView> Boxes);

/// <summary>A line of the answer while ways are looked for: a way that was found, or at the end all of them.</summary>
public sealed record WayProgress(ToldWay? Way, ToldWays? Answer);

/// <summary>A place where a cable is hurt.</summary>
public sealed record HurtView(Id<Run> Run, string Hurt, string Name, HurtKind Kind, Fact<Length>? SlackToA, Fact<Length>? SlackToB);

/// <summary>Wishes, the ways to them, parts and stock.</summary>
internal static class WayEndpoints
{
    private const int MostCsv = 500_000;
    private const int MostTouched = 6;

    public static void MapWays(this IEndpointRouteBuilder api)
    {
        api.MapGet("/wishes", Ok<IReadOnlyList<WishKind>> (string? words) => TypedResults.Ok(WishWords.Find(words ?? "")))
            .WithName("wishes")
            .WithSummary("What free words may wish for, likeliest first.");

        api.MapPost("/jobs/{job}/ways", (JobStore store, IShop shop, HttpContext context, string job, Wish wish) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                var now = open.Now.Job;
                return WishCheck.Of(now, wish) is { } refusal
                    ? Problems.From(refusal)
                    : Results.Ok(
                        ToldWays.Tell(
                            now,
                            wish,
                            WaySearch.Find(now, wish, shop, () => context.RequestAborted.IsCancellationRequested),
                            shop
                        )
                    );
            })
            .Produces<ToldWays>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("ways")
            .WithSummary("The ways to a wish, best first, and those that do not work, with why. Nothing is changed.");

        api.MapPost("/jobs/{job}/ways/as-found", (JobStore store, IShop shop, HttpContext context, string job, Wish wish) => store.Find(job)
                    is not { } open
                    ? Problems.Missing(What.Job)
                : WishCheck.Of(open.Now.Job, wish) is { } refusal ? Problems.From(refusal)
                : AsFound(open.Now.Job, wish, shop))
            .Produces<WayProgress>(200, LineStream<WayProgress>.Type)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("waysAsFound")
            .WithSummary("The same, each way on a line of its own as it is found, and all of them on the last line. Nothing is changed.");

        api.MapPost("/jobs/{job}/outcome", (JobStore store, string job, OutcomeAsk ask) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                var now = open.Now.Job;
                return ask.Edit.Check(now) is { } refusal
                    ? Problems.From(refusal)
                    : Results.Ok(Done(now, open.Now.Version, ask.Edit.Apply(now)));
            })
            .Produces<DoneView>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("outcomeOf")
            .WithSummary("What an edit would do to boxes, circuits and what hangs where. Nothing is changed.");

        api.MapGet("/jobs/{job}/stock", Results<Ok<IReadOnlyList<StockView>>, NotFound> (JobStore store, IShop shop, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(View(open.Now.Job, shop)) : TypedResults.NotFound()
            )
            .WithName("stock")
            .WithSummary("What van and shop have, part by part.");

        api.MapGet("/jobs/{job}/stock.csv", (JobStore store, IShop shop, string job) =>
                store.Find(job) is { } open
                    ? Lists.Csv(Lists.FileName(open.Now.Job.Name + " stock", "csv"), StockCsv.Rows(View(open.Now.Job, shop)))
                    : Problems.Missing(What.Job)
            )
            .Produces<string>(200, "text/csv")
            .ProducesProblem(404)
            .WithName("stockCsv")
            .WithSummary("The same as CSV.");

        api.MapPost("/read-stock", async (HttpRequest request) =>
            {
                using var reader = new StreamReader(request.Body);
                var text = await reader.ReadToEndAsync(request.HttpContext.RequestAborted);
                return text.Length > MostCsv ? Problems.From(new(Why.ListTooLong))
                    : StockCsv.Read(text) is var (edit, refusal) && refusal is not null ? Problems.From(refusal)
                    : Results.Ok<Edit>(edit!);
            })
            .Accepts<string>("text/plain", "text/csv")
            .Produces<Edit>()
            .ProducesProblem(422)
            .WithName("readStock")
            .WithSummary("Reads a CSV of stock into the edit that records it. Nothing is kept.");

        api.MapGet("/jobs/{job}/shopping", Results<Ok<ToldShopping>, NotFound> (JobStore store, IShop shop, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(ToldShopping.Tell(open.Now.Job, shop)) : TypedResults.NotFound()
            )
            .WithName("shopping")
            .WithSummary("One list of what all open Changes use together, and what is cut from which coil.");

        api.MapGet("/jobs/{job}/shopping.csv", (JobStore store, IShop shop, string job) =>
                store.Find(job) is { } open
                    ? Lists.Csv(
                        Lists.FileName(open.Now.Job.Name + " shopping", "csv"),
                        StockCsv.Rows(ToldShopping.Tell(open.Now.Job, shop))
                    )
                    : Problems.Missing(What.Job)
            )
            .Produces<string>(200, "text/csv")
            .ProducesProblem(404)
            .WithName("shoppingCsv")
            .WithSummary("The same as CSV.");

        api.MapGet("/jobs/{job}/changes/{change}/work.csv", (JobStore store, IShop shop, string job, string change) => store.Find(job)
                    is not { } open
                    ? Problems.Missing(What.Job)
                : open.Now.Job.Changes.Find(change) is not { } found ? Problems.Missing(What.Change)
                : Lists.Csv(
                    Lists.FileName($"{open.Now.Job.Name} {found.Name} work", "csv"),
                    StockCsv.Rows(found, ToldDone.Lines(open.Now.Job, change, shop))
                ))
            .Produces<string>(200, "text/csv")
            .ProducesProblem(404)
            .WithName("workCsv")
            .WithSummary("What is recorded as done in a Change, as lines to bill.");

        api.MapGet("/jobs/{job}/hurts", Results<Ok<IReadOnlyList<HurtView>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(Hurts(open.Now.Job)) : TypedResults.NotFound()
            )
            .WithName("hurts")
            .WithSummary("Every place where a cable is recorded as hurt.");

        api.MapGet("/jobs/{job}/weights", Results<Ok<IReadOnlyList<WeightView>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open
                    ? TypedResults.Ok<IReadOnlyList<WeightView>>([
                        .. WayBook.Weights.Select(w => new WeightView(w.Key, w.Name, w.Of(open.Now.Job.Practice), w.Default, w.Unit)),
                    ])
                    : TypedResults.NotFound()
            )
            .WithName("weights")
            .WithSummary("What ways are ranked by, and what each thing is worth to this house.");
    }

    private static LineStream<WayProgress> AsFound(Job job, Wish wish, IShop shop) =>
        new(
            (tell, gone) =>
            {
                void Found(FoundWay way) => tell(new(ToldWays.Way(job, wish, way, shop), null));
                var answer = WaySearch.Find(job, wish, shop, () => gone.IsCancellationRequested, Found);
                return new(null, ToldWays.Tell(job, wish, answer, shop));
            }
        );

    private static DoneView Done(Job before, long version, Job after) =>
        new(
            ToldOutcome.Between(before, after),
            [
                .. Touched
                    .Boxes(before, after)
                    .Where(after.Boxes.Has)
                    .OrderBy(id => before.Boxes.Has(id))
                    .ThenBy(id => id)
                    .Take(MostTouched)
                    .Select(id => new TouchedView(
                        before.Boxes.TryFind(id, out var box) ? Views.ViewOnce(before, version, id, box) : null,
                        Views.ViewOnce(after, version, id, after.Boxes[id]),
                        DifferenceTeller.Tell(before, after, id, BoxDifference.Between(before, after, id))
                    )),
            ]
        );

    private static IReadOnlyList<HurtView> Hurts(Job job)
    {
        var names = new Names(job);
        return
        [
            .. job.Runs.SelectMany(r =>
                r.Value.Hurts.Select(h => new HurtView(
                    r.Key,
                    h.Key,
                    names.Of(Thing.Run(r.Key)),
                    h.Value.Kind,
                    h.Value.SlackToA,
                    h.Value.SlackToB
                ))
            ),
        ];
    }

    private static IReadOnlyList<StockView> View(Job job, IShop shop)
    {
        var stock = new Stock(job, shop);
        var parts = job.Stock.Ids.Select(PartId.Read).OfType<PartId>().Union(shop.Carries);
        return
        [
            .. parts
                .OrderBy(p => p.Sort)
                .ThenBy(PartWords.Of, StringComparer.Ordinal)
                .Select(p => new StockView(
                    p.ToString(),
                    PartWords.Of(p),
                    PartWords.InFeet(p),
                    stock.Find(p)!,
                    job.Stock.Has(p.ToString())
                )),
        ];
    }
}
