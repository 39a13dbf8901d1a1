using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Hunted;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Spot;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Practised;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>What to practise on the Bench.</summary>
/// <param name="About">Id of the rule it is to teach; null where it may be any.</param>
public sealed record NewExercise(ExerciseKind Kind, int Seed, int Level, Edition Edition, string? About = null);

/// <summary>A job that was made to learn by.</summary>
/// <param name="Box">The box it is about.</param>
public sealed record MadeExercise(string Job, Id<Box> Box);

/// <summary>What an exercise asks.</summary>
/// <param name="Spot">Of a box with mistakes.</param>
/// <param name="Make">Of a box to be made up.</param>
public sealed record ToldExercise(ExerciseKind Kind, int Seed, int Level, Edition Edition, bool Shown, ToldSpot? Spot, ToldMake? Make);

/// <summary>What a learner says is wrong in a box.</summary>
public sealed record SpotAsk(IReadOnlyList<SpotSaid> Said);

/// <summary>Practice on a real Bench: a job made to learn by, whose verdicts are not told before it was graded.</summary>
internal static class ExerciseEndpoints
{
    private const int MostSaid = 40;

    /// <summary>Steps that are looked back over.</summary>
    private const int MostSteps = 400;

    public static void MapExercises(this IEndpointRouteBuilder api)
    {
        api.MapPost("/practice/bench", Results<Ok<MadeExercise>, ProblemHttpResult> (JobStore store, NewExercise ask) => (
                    PracticeEndpoints.Check(ask.Level, ask.Edition) ?? Check(ask)
                )
                    is { } refusal
                    ? (ProblemHttpResult)Problems.From(refusal)
                : Made(store, ask) is { } made ? TypedResults.Ok(made)
                : (ProblemHttpResult)Problems.From(new(Why.NoDrillOf, "about", ("rule", Teller.RuleName(ask.About!)))))
            .ProducesProblem(422)
            .WithName("practiseOnBench")
            .WithSummary("Makes a job to learn by: the same seed, level and edition give the same. It stands in no list.");

        var begun = api.MapGroup("").AddEndpointFilter<SameExercise>();
        begun
            .MapGet("/practice/bench/{exercise}", Results<Ok<ToldExercise>, NotFound> (JobStore store, string exercise) =>
                store.Find(exercise)?.Now.Job is { Exercise: { } made } now
                    ? TypedResults.Ok(
                        new ToldExercise(
                            made.Kind,
                            made.Seed,
                            made.Level,
                            now.Profile.Edition,
                            made.Shown,
                            made.Kind == ExerciseKind.Spot && Spot(now, made) is { } drill ? SpotTeller.Tell(drill) : null,
                            Make(now) is { } toMake ? MakeTeller.Tell(toMake) : null
                        )
                    )
                    : TypedResults.NotFound()
            )
            .ProducesProblem(422)
            .WithName("exercise")
            .WithSummary("What a job made to learn by asks; none for real work.");

        begun
            .MapPost(
                "/practice/bench/{exercise}/spot",
                Results<Ok<ToldSpotMark>, NotFound, ProblemHttpResult> (JobStore store, string exercise, SpotAsk ask) =>
                {
                    if (
                        store.Find(exercise)?.Now.Job is not { Exercise: { Kind: ExerciseKind.Spot } made } now
                        || Spot(now, made) is not { } drill
                    )
                    {
                        return TypedResults.NotFound();
                    }

                    if (Check(ask) is { } refusal)
                    {
                        return (ProblemHttpResult)Problems.From(refusal);
                    }

                    store.ShowExercise(exercise);
                    var told = SpotTeller.Tell(drill, SpotMarked.Of(drill, ask.Said));
                    store.Classes.Marked(exercise, ClassMark.Of(told.Skills));
                    return TypedResults.Ok(told);
                }
            )
            .ProducesProblem(422)
            .WithName("markSpot")
            .WithSummary("Marks what was said to be wrong by the rules, and shows from then on what they say.");

        begun
            .MapPost("/practice/makes/{make}/done", Results<Ok<ToldMakeMark>, NotFound> (JobStore store, string make) =>
            {
                if (store.Find(make) is not { } open || Make(open.Now.Job) is not { } drill)
                {
                    return TypedResults.NotFound();
                }

                var (version, made) = open.Now;
                var marked = MakeMarked.Of(drill, made, States(open, version, drill.Box));
                store.ShowExercise(make);
                store.Classes.Marked(make, ClassMark.Of(marked.Graded()));
                return TypedResults.Ok(MakeTeller.Tell(drill, made, marked));
            })
            .ProducesProblem(422)
            .WithName("markMake")
            .WithSummary("Marks a box that was made up: what works, what the rules say, what can be touched, in what order it was done.");
    }

    /// <summary>Makes the job of an exercise; null where no box breaks the rule it is to be about.</summary>
    internal static MadeExercise? Made(JobStore store, NewExercise ask) =>
        Drawn(ask) is not var (job, box)
            ? null
            : new(store.Practise(job with { Exercise = new(ask.Kind, ask.Seed, ask.Level, box, ask.About) }), box);

    /// <summary>The job as a learner begins with it, and the box it is about; null where no box breaks the rule it is to be
    /// about.</summary>
    internal static (Job Job, Id<Box> Box)? Drawn(NewExercise ask) =>
        ask.Kind switch
        {
            ExerciseKind.Make => MakeDrill.Make(ask.Seed, ask.Level, ask.Edition) is var apart ? (apart.Job, apart.Box) : null,
            ExerciseKind.Hunt => Hunt(HuntDrill.Make(ask.Seed, ask.Level, ask.Edition)),
            _ => Spot(ask.About, ask.Seed, ask.Level, ask.Edition) is { } drill ? (drill.Job, drill.Box) : null,
        };

    private static (Job Job, Id<Box> Box)? Hunt(HuntDrill drill) => (HuntTeller.Job(drill), drill.Scene.Boxes[0]);

    private static SpotDrill? Spot(string? about, int seed, int level, Edition edition) =>
        about is null ? SpotDrill.Make(seed, level, edition) : SpotDrill.About(about, seed, edition);

    private static MakeDrill? Make(Job job) =>
        job.Exercise is { Kind: ExerciseKind.Make } made ? MakeDrill.Make(made.Seed, made.Level, job.Profile.Edition) : null;

    /// <summary>The box after each step of the work.</summary>
    private static List<Box> States(OpenJob job, long version, Id<Box> box) =>
        [
            .. Enumerable
                .Range((int)Math.Max(0, version - MostSteps), (int)Math.Min(version, MostSteps) + 1)
                .Select(v => job.JobAt(v)?.Boxes.Find(box))
                .OfType<Box>(),
        ];

    private static SpotDrill? Spot(Job job, Exercise exercise) => Spot(exercise.About, exercise.Seed, exercise.Level, job.Profile.Edition);

    private static Refusal? Check(NewExercise ask) =>
        !Enum.IsDefined(ask.Kind) ? new(Why.NotAChoice, "kind")
        : ask.About is { } rule && (ask.Kind != ExerciseKind.Spot || Inspector.Find(rule) is null) ? new(Why.NotAChoice, "about")
        : null;

    private static Refusal? Check(SpotAsk ask) =>
        ask.Said.Count > MostSaid ? new(Why.AtMostEach, "said", ("most", MostSaid))
        : ask.Said.All(s => s.Severity is Verdict.Stop or Verdict.Fix) ? null
        : new(Why.NotAChoice, "said.severity");
}
