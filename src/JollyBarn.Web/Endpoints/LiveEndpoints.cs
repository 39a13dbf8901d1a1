using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Telling.Live;
using JollyBarn.Terms;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Endpoints;

/// <summary>How things are set, and of which state it is asked.</summary>
/// <param name="Edit">An edit whose consequences with the power on are asked too.</param>
public sealed record LivePost(Situation? Situation = null, string? Change = null, BoxState? State = null, Edit? Edit = null);

/// <param name="Would">What the edit asked about would do with the power on.</param>
public sealed record LiveAnswer(long Version, ToldLive Live, IReadOnlyList<string> Would);

/// <summary>An instrument laid between two points.</summary>
public sealed record ProbePost(
    string Instrument,
    string From,
    string To,
    Situation? Situation = null,
    string? Change = null,
    BoxState? State = null
);

/// <summary>What a real instrument showed at a box, to be held against what is expected.</summary>
public sealed record ComparePost(RealReading Real, Situation? Situation = null, string? Change = null, BoxState? State = null);

/// <summary>The job as electricity. All of it is what-if: nothing asked here is recorded.</summary>
internal static class LiveEndpoints
{
    /// <summary>What an edit would do with the power on.</summary>
    private static IReadOnlyList<string> Would(Job seen, Edit edit, Id<Box> box, Situation now, BoxLive before)
    {
        var after = edit.Apply(seen);
        return after.Boxes.TryFind(box, out var then)
            ? new LiveTeller(after, box).Tell(LiveChange.Between(before, BoxLive.Read(Live.After(seen, after, now), box, then)))
            : [];
    }

    public static void MapLive(this IEndpointRouteBuilder api)
    {
        api.MapPost("/jobs/{job}/boxes/{box}/live", (JobStore store, string job, Id<Box> box, LivePost asked) =>
            {
                if (
                    store.Find(job) is not { } open
                    || States.Read(open, null, asked.Change, asked.State) is not { } seen
                    || !seen.Boxes.TryFind(box, out var found)
                )
                {
                    return Problems.Missing(What.Box);
                }

                var now = asked.Situation ?? Situation.AsRecorded;
                if (now.Check() is { } refusal || (asked.Edit is { } edit && (refusal = edit.Check(seen)) is not null))
                {
                    return Problems.From(refusal);
                }

                var live = BoxLive.Read(open.Judged.Live.Of(seen, now), box, found);
                return Results.Ok(
                    new LiveAnswer(
                        open.Now.Version,
                        new LiveTeller(seen, box).Tell(live),
                        asked.Edit is { } would ? Would(seen, would, box, now, live) : []
                    )
                );
            })
            .Produces<LiveAnswer>()
            .ProducesProblem(422)
            .WithName("live")
            .WithSummary("A box as electricity in a situation: live, dead or unknown, what opens, what a tester says and how it is.");

        api.MapPost("/jobs/{job}/probe", (JobStore store, string job, ProbePost asked) =>
            {
                if (store.Find(job) is not { } open || States.Read(open, null, asked.Change, asked.State) is not { } seen)
                {
                    return Problems.Missing(What.Job);
                }

                var now = asked.Situation ?? Situation.AsRecorded;
                if (now.Check() is { } refusal)
                {
                    return Problems.From(refusal);
                }

                var live = Story.Unfold(open.Judged.Live.Of(seen, now)).End;
                return !live.Has(asked.From) || !live.Has(asked.To)
                        ? Problems.From(new(Why.ChooseTwoPoints, live.Has(asked.From) ? "to" : "from"))
                    : Instruments.Between(live, asked.Instrument, asked.From, asked.To) is { } shown
                        ? Results.Ok(new LiveTeller(seen, "").Tell(shown))
                    : Problems.From(new Refusal(Why.NotLaidThere, "instrument"));
            })
            .Produces<ToldShown>()
            .ProducesProblem(422)
            .WithName("probe")
            .WithSummary("What an instrument would show between two points, as the load it is.");

        api.MapPost(
                "/jobs/{job}/boxes/{box}/compare",
                IResult (JobStore store, string job, Id<Box> box, ComparePost asked, CancellationToken stop) =>
                {
                    if (
                        store.Find(job) is not { } open
                        || States.Read(open, null, asked.Change, asked.State) is not { } seen
                        || !seen.Boxes.Has(box)
                    )
                    {
                        return Problems.Missing(What.Box);
                    }

                    var now = asked.Situation ?? Situation.AsRecorded;
                    return now.Check() is { } refusal ? Problems.From(refusal)
                        : Explaining.Of(seen, now, box, asked.Real, stop) is { } compared
                            ? Results.Ok(ToldCompared.Tell(seen, box, compared))
                        : Problems.From(new(Why.ChooseTwoPoints, "real"));
                }
            )
            .Produces<ToldCompared>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("compare")
            .WithSummary("A real reading beside what is expected, and what single assumption or fault would explain it where they differ.");

        api.MapGet(
                "/jobs/{job}/meter",
                IResult (
                    JobStore store,
                    string job,
                    string instrument,
                    string from,
                    string to,
                    int hidden,
                    string? change,
                    BoxState? state,
                    CancellationToken stop
                ) =>
                {
                    if (store.Find(job) is not { } open || States.Read(open, null, change, state) is not { } seen)
                    {
                        return Problems.Missing(What.Job);
                    }

                    var live = open.Judged.Live.Of(seen, Situation.AsRecorded);
                    return !live.Has(from) || !live.Has(to) ? Problems.From(new(Why.ChooseTwoPoints, live.Has(from) ? "to" : "from"))
                        : Instruments.Between(live, instrument, from, to) is null
                            ? Problems.From(new Refusal(Why.NotLaidThere, "instrument"))
                        : TypedResults.ServerSentEvents(new StandInMeter(seen, hidden, instrument, from, to).Read(stop), "reading");
                }
            )
            .WithName("meter")
            .WithSummary(
                "Server-sent events: readings of the stand-in meter, laid in a copy of the job with one fault hidden by a number."
            );
    }
}
