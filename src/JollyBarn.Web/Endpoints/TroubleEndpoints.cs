using JollyBarn.Store;
using JollyBarn.Telling.Hunting;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A complaint in a list.</summary>
/// <param name="Boxes">Names of the boxes it was seen at.</param>
/// <param name="LookToo">Boxes the hand that made it worked in too, and nobody looked into since, likeliest first.</param>
/// <param name="Hidden">A fault hidden for practice: nothing of it is real.</param>
/// <param name="Known">Whether a cause was found.</param>
public sealed record TroubleRow(
    string Id,
    string Says,
    string By,
    string At,
    string? Closed,
    int Observed,
    IReadOnlyList<string> Boxes,
    IReadOnlyList<ToldBoxName> LookToo,
    bool Hidden,
    bool Known
);

/// <summary>A trouble while it is weighed.</summary>
/// <param name="Share">How far it is, 0 to 1.</param>
/// <param name="Told">All of it, on the last line.</param>
public sealed record TroubleProgress(double Share, ToldTrouble? Told);

/// <summary>A look that the stand-in is asked for.</summary>
public sealed record StandInLook(Look Look, Setup? Setup = null);

/// <summary>What the stand-in saw.</summary>
public sealed record StandInSees(SeenCase Shows, decimal? Value);

/// <summary>What is noticed first of a hidden fault.</summary>
/// <param name="Setup">How things lay: a switch may have been thrown.</param>
public sealed record StandInNotices(Look Look, Setup Setup, StandInSees Sees);

/// <summary>What is wrong, what may be behind it, and which test tells most; a finished job proved by the fewest tests.</summary>
internal static class TroubleEndpoints
{
    public static void MapTroubles(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/troubles", Results<Ok<IEnumerable<TroubleRow>>, NotFound> (JobStore store, string job) =>
                store.Find(job)?.Now.Job is { } now
                    ? TypedResults.Ok(
                        now.Complaints.OrderBy(c => c.Value.Closed is not null)
                            .ThenByDescending(c => c.Value.At, StringComparer.Ordinal)
                            .Select(c => Row(now, c.Key, c.Value))
                    )
                    : TypedResults.NotFound()
            )
            .WithName("troubles")
            .WithSummary("What is or was wrong, open ones first, newest first.");

        api.MapGet(
                "/jobs/{job}/troubles/{trouble}",
                Results<Ok<ToldTrouble>, NotFound> (
                    JobStore store,
                    string job,
                    string trouble,
                    string? by = null,
                    string? instruments = null,
                    bool opens = true,
                    CancellationToken stop = default
                ) =>
                    store.Find(job)?.Now.Job is { } now && now.Complaints.Has(trouble)
                        ? TypedResults.Ok(new TroubleTeller(now, trouble, by ?? "", With(instruments, opens), Clock.Now()).Tell(stop: stop))
                        : TypedResults.NotFound()
            )
            .WithName("trouble")
            .WithSummary("What was observed, what may be behind it, likeliest first, and the tests that tell most for what they cost.");

        api.MapGet(
                "/jobs/{job}/troubles/{trouble}/weighing",
                (JobStore store, string job, string trouble, string? by = null, string? instruments = null, bool opens = true) =>
                    store.Find(job)?.Now.Job is { } now && now.Complaints.Has(trouble)
                        ? new LineStream<TroubleProgress>(
                            (tell, gone) =>
                                new(
                                    1,
                                    new TroubleTeller(now, trouble, by ?? "", With(instruments, opens), Clock.Now()).Tell(
                                        Shares(tell),
                                        gone
                                    )
                                )
                        )
                        : Results.NotFound()
            )
            .Produces<TroubleProgress>(200, LineStream<TroubleProgress>.Type)
            .ProducesProblem(404)
            .WithName("troubleWeighing")
            .WithSummary("The same with how far it is, a line for each step, and all of it on the last line.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/looks",
                Results<Ok<IReadOnlyList<ToldLook>>, NotFound> (JobStore store, string job, Id<Box> box) =>
                    store.Find(job)?.Now.Job is { } now && now.Boxes.Has(box)
                        ? TypedResults.Ok(LookTeller.At(now, box))
                        : TypedResults.NotFound()
            )
            .WithName("looks")
            .WithSummary("What of a box can be complained of: its outlets, what opens by itself, its metal, whether it is warm.");

        api.MapPost(
                "/jobs/{job}/troubles/{trouble}/stand-in",
                Results<Ok<StandInSees>, NotFound> (JobStore store, string job, string trouble, StandInLook asked) =>
                    store.Find(job)?.Now.Job is { } now
                    && now.Complaints.Find(trouble) is { } complaint
                    && Hidden(now, complaint) is { } hidden
                        ? TypedResults.Ok(Sees(now, complaint, hidden, asked))
                        : TypedResults.NotFound()
            )
            .WithName("standIn")
            .WithSummary("What somebody would see who looked: the fault that is hidden for practice, solved. None for a real trouble.");

        api.MapGet(
                "/jobs/{job}/troubles/{trouble}/noticed",
                Results<Ok<StandInNotices>, NotFound> (JobStore store, string job, string trouble) =>
                    store.Find(job)?.Now.Job is { } now
                    && now.Complaints.Find(trouble) is { } complaint
                    && Hidden(now, complaint) is { } hidden
                        ? TypedResults.Ok(new StandInNotices(hidden.Noticed.Look, hidden.Noticed.Setup, Sees(hidden.Shows)))
                        : TypedResults.NotFound()
            )
            .WithName("noticed")
            .WithSummary("What somebody would notice first of the fault that is hidden for practice. None for a real trouble.");

        api.MapGet(
                "/jobs/{job}/acceptance",
                Results<Ok<ToldAcceptance>, NotFound> (JobStore store, string job, string? change = null, string? instruments = null) =>
                    store.Find(job)?.Now.Job is { } now && (change is null || now.Changes.Has(change))
                        ? TypedResults.Ok(AcceptanceTeller.Tell(now, change, With(instruments, false)))
                        : TypedResults.NotFound()
            )
            .WithName("acceptance")
            .WithSummary("The fewest tests that reveal every single fault the program knows, in walking order, and what they cannot see.");
    }

    /// <summary>Steps of a hundredth: many lines would only hold it up.</summary>
    private static Action<double> Shares(Action<TroubleProgress> tell)
    {
        var (said, gate) = (0, new Lock());
        return share =>
        {
            // From many threads, and no step after a higher one.
            lock (gate)
            {
                var now = (int)(100 * share);
                if (now > said)
                {
                    said = now;
                    tell(new(now / 100.0, null));
                }
            }
        };
    }

    private static HiddenFault? Hidden(Job job, Complaint complaint) => complaint.Hidden is { } number ? HiddenFault.Of(job, number) : null;

    private static Means With(string? instruments, bool opens) =>
        instruments is null
            ? Means.Usual with
            {
                Opens = opens,
            }
            : new(instruments.Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries), opens);

    private static TroubleRow Row(Job job, string id, Complaint complaint) =>
        new(
            id,
            complaint.Says,
            complaint.By,
            complaint.At,
            complaint.Closed,
            complaint.Observed.Count,
            [
                .. complaint
                    .Observed.Values.SelectMany(o => Places.Of(job, o.Look))
                    .Distinct()
                    .Take(3)
                    .Select(b => job.Boxes.Find(b)?.Name)
                    .OfType<string>(),
            ],
            [
                .. (complaint.Hidden is null ? complaint.Found.Values : [])
                    .SelectMany(f => SameHand.Of(job, f))
                    .Distinct()
                    .Select(b => new ToldBoxName(b, job.Boxes[b].Name)),
            ],
            complaint.Hidden is not null,
            complaint.Found.Count > 0
        );

    private static StandInSees Sees(Job job, Complaint complaint, HiddenFault hidden, StandInLook asked)
    {
        var scene = Scene.Of(job, complaint);
        return Sees(Predicting.Of(scene, hidden.Fault, [new AskedLook(asked.Setup ?? Setup.AsItIs, asked.Look)])[0].Likeliest);
    }

    private static StandInSees Sees(Sight sight) =>
        new(sight.Case, sight.Case == SeenCase.Figure ? Math.Round((decimal)sight.Value, 1) : null);
}
