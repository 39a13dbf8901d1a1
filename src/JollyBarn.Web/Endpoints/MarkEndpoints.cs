using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Store;
using JollyBarn.Telling.Walls;
using JollyBarn.Terms;
using JollyBarn.Walls;

namespace JollyBarn.Web.Endpoints;

/// <summary>One hole, described plainly.</summary>
/// <param name="Inside">From the shared edge inside to the middle of the box.</param>
/// <param name="Kind">Kind of the box.</param>
/// <param name="Wider">How much farther out the edge stands outside.</param>
/// <param name="ToCome">Floor that is still to come.</param>
public sealed record PlainMark(
    Length Inside,
    Length Height,
    string Kind,
    Length? Wider = null,
    HeightTo To = HeightTo.Bottom,
    Length? ToCome = null
);

/// <summary>A trench, described plainly.</summary>
/// <param name="Raceway">What the raceway is; none for cable made for burial.</param>
/// <param name="Post">How high the box stands over the ground; 18 in where not said.</param>
public sealed record PlainTrench(
    Length Along,
    BuriedUnder Over = BuriedUnder.Soil,
    RacewayKind? Raceway = null,
    bool Guarded = false,
    Length? Post = null,
    Length? Frost = null
);

/// <summary>Marking out with no job behind it.</summary>
internal static class MarkEndpoints
{
    private static readonly Length Most = Length.Inches(12 * 100);

    public static void MapMark(this IEndpointRouteBuilder api)
    {
        api.MapPost("/trench", (JobStore store, PlainTrench trench, string? job) =>
                Check(trench) is { } refusal
                    ? Problems.From(refusal)
                    : Results.Ok(ToldTrench.Tell(Ask(trench), Profile(store, job), House(store, job)))
            )
            .Produces<ToldTrench>()
            .ProducesProblem(422)
            .WithName("trench")
            .WithSummary("How deep a trench to a post is dug and what is cut for it, by the code of a named job.");

        api.MapPost("/mark", (JobStore store, PlainMark mark, string? job) => Check(mark) is { } refusal ? Problems.From(refusal)
                : Ask(mark) is var ask && Marked.Of(ask, House(store, job)) is { } marked ? Results.Ok(ToldHole.Tell(ask, marked))
                : Problems.From(new(Why.NoBoxSize, "kind")))
            .Produces<ToldHole>()
            .ProducesProblem(422)
            .WithName("mark")
            .WithSummary(
                "Where the hole of a box is marked on both faces of a wall, by an edge both share, with the tape and play of a named job."
            );
    }

    private static CodeProfile Profile(JobStore store, string? job) =>
        job is not null && store.Find(job) is { } open ? open.Now.Job.Profile : CodeProfile.Default;

    private static TrenchAsk Ask(PlainTrench trench) =>
        new(trench.Along, trench.Over, trench.Raceway, trench.Guarded, trench.Post ?? Length.Inches(18), trench.Frost);

    private static Refusal? Check(PlainTrench trench) =>
        Far(trench.Along) ? new(Why.MarkTooFar, "along")
        : trench.Post is { } post && Far(post) ? new(Why.MarkTooFar, "post")
        : trench.Frost is { } frost && Far(frost) ? new(Why.MarkTooFar, "frost")
        : null;

    private static HousePractice House(JobStore store, string? job) =>
        job is not null && store.Find(job) is { } open ? open.Now.Job.Practice : HousePractice.Default;

    private static MarkAsk Ask(PlainMark mark) =>
        new(mark.Inside, mark.Wider ?? Length.Zero, mark.Height, mark.To, mark.ToCome ?? Length.Zero, BoxKinds.Find(mark.Kind)!);

    private static Refusal? Check(PlainMark mark) =>
        BoxKinds.Find(mark.Kind) is null ? new(Why.Missing, "kind", ("what", What.BoxKind), ("id", mark.Kind))
        : Far(mark.Inside) ? new(Why.MarkTooFar, "inside")
        : Far(mark.Height) ? new(Why.MarkTooFar, "height")
        : mark.Wider is { } wider && (wider > Most || Length.Zero - wider > Most) ? new(Why.MarkTooFar, "wider")
        : mark.ToCome is { } floor && Far(floor) ? new(Why.MarkTooFar, "toCome")
        : null;

    private static bool Far(Length length) => length < Length.Zero || length > Most;
}
