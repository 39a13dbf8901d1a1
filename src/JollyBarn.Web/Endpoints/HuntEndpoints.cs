using JollyBarn.Edits;
using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Hunted;
using JollyBarn.Store;
using JollyBarn.Telling.Practised;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A test a learner makes.</summary>
/// <param name="Test">Its key.</param>
public sealed record HuntTest(string Test, string By) : ISent
{
    public ISent As(string by) => this with { By = by };
}

/// <summary>What a learner says it is.</summary>
/// <param name="Fault">Its key.</param>
public sealed record HuntClaim(string Fault, string By) : ISent
{
    public ISent As(string by) => this with { By = by };
}

/// <summary>Hunts for hidden faults: the tests stand in the job's own complaint, the solved network answers them.</summary>
internal static class HuntEndpoints
{
    public static void MapHunts(this IEndpointRouteBuilder api)
    {
        var begun = api.MapGroup("").AddEndpointFilter<SameExercise>();
        begun
            .MapGet("/practice/hunts/{hunt}", Results<Ok<ToldHunt>, NotFound> (JobStore store, string hunt) =>
                Find(store, hunt) is { } found ? TypedResults.Ok(Tell(found)) : TypedResults.NotFound()
            )
            .ProducesProblem(422)
            .WithName("hunt")
            .WithSummary("A hunt for a hidden fault: what was noticed, what can be tested, what was, and once it was ended its marks.");

        begun
            .MapPost(
                "/practice/hunts/{hunt}/tests",
                Results<Ok<ToldHunt>, NotFound, ProblemHttpResult> (JobStore store, string hunt, HuntTest ask) =>
                    Find(store, hunt) is not { } found ? TypedResults.NotFound()
                    : Check(found, ask) is { } refusal ? (ProblemHttpResult)Problems.From(refusal)
                    : Done(store, hunt, ask.By, Observe(found, ask))
            )
            .ProducesProblem(422)
            .WithName("testHunt")
            .WithSummary("Makes a test of a hunt; what it shows is what the network with the hidden fault does.");

        begun
            .MapPost(
                "/practice/hunts/{hunt}/claim",
                Results<Ok<ToldHunt>, NotFound, ProblemHttpResult> (JobStore store, string hunt, HuntClaim claim) =>
                {
                    if (Find(store, hunt) is not { } found)
                    {
                        return TypedResults.NotFound();
                    }

                    if (found.Drill.Faults.FirstOrDefault(f => f.Key == claim.Fault) is not { } said || found.Claim is not null)
                    {
                        return (ProblemHttpResult)Problems.From(new(found.Claim is null ? Why.NotAChoice : Why.HuntEnded, "fault"));
                    }

                    var fault = said.Faults[0];
                    var cause = new FoundFault(fault.Box, fault.Offer.Case.ToString(), fault.Offer.About.ToString(), claim.By, Clock.Now());
                    var done = Done(store, hunt, claim.By, new FindCause(HuntDrill.Complaint, "claim", cause));
                    if (done.Result is Ok<ToldHunt> { Value.Mark: { } mark })
                    {
                        store.Classes.Marked(hunt, ClassMark.Of(mark.Skills));
                    }

                    return done;
                }
            )
            .ProducesProblem(422)
            .WithName("claimHunt")
            .WithSummary("Says what it is and ends the hunt; it is marked beside the program's own way.");
    }

    private static Refusal? Check(Hunt hunt, HuntTest ask) =>
        hunt.Claim is not null ? new(Why.HuntEnded, "test")
        : Trial(hunt, ask) is not { } trial ? new(Why.NotAChoice, "test")
        : hunt.Drill.Bears(hunt.Made, trial) ? null
        : new(Why.OverBudget, "test");

    private static Tracing.Hunting.Trial? Trial(Hunt hunt, HuntTest ask) => hunt.Drill.Trials.FirstOrDefault(t => t.Key == ask.Test);

    private static Observe Observe(Hunt hunt, HuntTest ask) =>
        new(HuntDrill.Complaint, HuntDrill.Id(hunt.Made.Count), hunt.Drill.Seen(Trial(hunt, ask)!, hunt.Made, ask.By));

    private static Results<Ok<ToldHunt>, NotFound, ProblemHttpResult> Done(JobStore store, string hunt, string by, Edit edit) =>
        store.DoExercise(hunt, by, edit) is Refused refused ? (ProblemHttpResult)Problems.From(refused.Refusal)
        : Find(store, hunt) is { } found ? TypedResults.Ok(Tell(found))
        : TypedResults.NotFound();

    private static ToldHunt Tell(Hunt hunt) =>
        HuntTeller.Tell(hunt.Drill, hunt.Made, hunt.Claim is { } claim ? HuntMarked.Of(hunt.Drill, hunt.Made, claim) : null);

    private static Hunt? Find(JobStore store, string hunt)
    {
        if (
            store.Find(hunt)?.Now.Job is not { Exercise: { Kind: ExerciseKind.Hunt } made } job
            || job.Complaints.Find(HuntDrill.Complaint) is not { } complaint
        )
        {
            return null;
        }

        var drill = HuntDrill.Make(made.Seed, made.Level, job.Profile.Edition);
        var said = complaint.Found.Values.FirstOrDefault();
        return new(
            drill,
            drill.Made(complaint),
            said is null ? null : drill.Faults.FirstOrDefault(f => f.Key == $"{said.Box}|{said.Case}|{said.Details}")
        );
    }

    /// <param name="Claim">What the learner said it is; null while it goes on.</param>
    private sealed record Hunt(HuntDrill Drill, IReadOnlyList<HuntStep> Made, Tracing.Hunting.Suspect? Claim);
}
