using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Practice;
using JollyBarn.Practice.Asked;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Sheets;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling.Practised;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A count to be marked.</summary>
/// <param name="Hinted">Lines a hint was taken for.</param>
public sealed record DrillAsk(int Seed, int Level, Edition Edition, FillTry Try, IReadOnlyList<FillRow>? Hinted = null);

/// <summary>Which questions.</summary>
public enum AskedOf
{
    Sizes,
    Heard,
    Tester,
}

/// <summary>An answer to a question.</summary>
/// <param name="Answer">Number of the one that was chosen, from 0.</param>
public sealed record AskedAnswer(AskedOf Of, int Seed, int Level, Edition Edition, int Answer);

/// <summary>A person's own record, and how skills went.</summary>
/// <param name="Today">The person's own day, ISO 8601.</param>
public sealed record PracticeAsk(IReadOnlyList<SkillKept> Record, IReadOnlyList<SkillGrade> Graded, string Today);

/// <summary>Practice with no job and no account: a person's record is the person's own.</summary>
internal static class PracticeEndpoints
{
    private const int MostGraded = 40;

    public static void MapPractice(this IEndpointRouteBuilder api)
    {
        api.MapGet("/practice/fill", Results<Ok<ToldDrill>, ProblemHttpResult> (int seed, int level, Edition edition = Edition.Nec2023) =>
                Check(level, edition) is { } refusal
                    ? Told(refusal)
                    : TypedResults.Ok(DrillTeller.Tell(FillDrills.Make(seed, level, edition)))
            )
            .ProducesProblem(422)
            .WithName("fillDrill")
            .WithSummary("A box to be counted: the same seed, level and edition give the same box.");

        api.MapPost("/practice/fill/marked", Results<Ok<ToldDrillMark>, ProblemHttpResult> (DrillAsk ask) =>
            {
                if ((Check(ask.Level, ask.Edition) ?? Check(ask)) is { } refusal)
                {
                    return Told(refusal);
                }

                var drill = FillDrills.Make(ask.Seed, ask.Level, ask.Edition);
                return TypedResults.Ok(DrillTeller.Tell(drill, FillMarked.Of(drill, ask.Try), ask.Hinted ?? []));
            })
            .ProducesProblem(422)
            .WithName("fillDrillMarked")
            .WithSummary("Where a count first went wrong, what may have been done, and the whole sum.");

        api.MapGet(
                "/practice/asked",
                Results<Ok<ToldAsked>, ProblemHttpResult> (AskedOf of, int seed, int level, Edition edition = Edition.Nec2023) =>
                    (Check(level, edition) ?? Check(of)) is { } refusal
                        ? Told(refusal)
                        : TypedResults.Ok(AskedTeller.Tell(Item(of, seed, level, edition)))
            )
            .ProducesProblem(422)
            .WithName("asked")
            .WithSummary("A question with answers to choose from, made from the code book and the rules in force.");

        api.MapPost("/practice/asked/marked", Results<Ok<ToldAskedMark>, ProblemHttpResult> (AskedAnswer ask) =>
                (Check(ask.Level, ask.Edition) ?? Check(ask.Of)) is { } refusal
                    ? Told(refusal)
                    : TypedResults.Ok(AskedTeller.Tell(Item(ask.Of, ask.Seed, ask.Level, ask.Edition), ask.Answer))
            )
            .ProducesProblem(422)
            .WithName("askedMarked")
            .WithSummary("Whether the answer is right, which is, and why: the article, and the case that shows it.");

        api.MapGet(
                "/practice/sheets",
                Results<Ok<IReadOnlyList<ToldSheet>>, ProblemHttpResult> (
                    SheetKind[] kinds,
                    int level,
                    int items,
                    int seed,
                    int learners = 1,
                    int first = 1,
                    Edition edition = Edition.Nec2023
                ) =>
                    new SheetAsk(kinds, level, items, seed, edition) is var ask && (ask.Check() ?? Check(learners, first)) is { } refusal
                        ? Told(refusal)
                        : TypedResults.Ok<IReadOnlyList<ToldSheet>>([
                            .. Enumerable.Range(first, learners).Select(l => SheetTeller.Tell(ask, l)),
                        ])
            )
            .ProducesProblem(422)
            .WithName("practiceSheets")
            .WithSummary(
                "Sheets for a class with their answers: own numbers for each learner, of the same kinds and difficulty. "
                    + "Learner 0 is nobody: the sheet for the wall."
            );

        api.MapGet(
                "/practice/picture",
                Results<Ok<BoxView>, ProblemHttpResult> (
                    ExerciseKind of,
                    int seed,
                    int level,
                    bool made = false,
                    Edition edition = Edition.Nec2023
                ) =>
                    (Check(level, edition) ?? (of is ExerciseKind.Spot or ExerciseKind.Make ? null : new(Why.NotAChoice, "of")))
                        is { } refusal
                        ? Told(refusal)
                        : TypedResults.Ok(Drawn(of, seed, level, made, edition))
            )
            .ProducesProblem(422)
            .WithName("practicePicture")
            .WithSummary("The box of an exercise to be drawn on paper or on the wall, without what the rules say of it.");

        api.MapPost("/practice/record", Results<Ok<IReadOnlyList<SkillKept>>, ProblemHttpResult> (PracticeAsk ask) =>
                Skills.Holds(ask.Record)
                && ask.Graded.Count <= MostGraded
                && ask.Graded.All(g => Enum.IsDefined(g.Skill) && Enum.IsDefined(g.Grade))
                && DateOnly.TryParseExact(ask.Today, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var today)
                && today.Year is > 2000 and < 3000
                    ? TypedResults.Ok(Skills.After(ask.Record, ask.Graded, today))
                    : Told(new(Why.NotAChoice, "record"))
            )
            .ProducesProblem(422)
            .WithName("practiceRecord")
            .WithSummary("A person's record after a practice: how well each skill is kept, and the day it comes back.");
    }

    private static AskedItem Item(AskedOf of, int seed, int level, Edition edition) =>
        of switch
        {
            AskedOf.Heard => AskedItems.Heard(seed, level, edition),
            AskedOf.Tester => TesterItems.Make(seed, level, edition),
            _ => AskedItems.Size(seed, level, edition),
        };

    private static BoxView Drawn(ExerciseKind of, int seed, int level, bool made, Edition edition)
    {
        if (of == ExerciseKind.Spot)
        {
            var spot = SpotDrill.Make(seed, level, edition);
            return Views.ViewBare(spot.Job, spot.Box);
        }

        var make = MakeDrill.Make(seed, level, edition);
        return Views.ViewBare(made ? make.Sound : make.Job, make.Box);
    }

    private static Refusal? Check(AskedOf of) => Enum.IsDefined(of) ? null : new(Why.NotAChoice, "of");

    internal static Refusal? Check(int level, Edition edition) =>
        level is < 1 or > FillDrills.Levels ? new(Why.CountRange, "level", ("most", FillDrills.Levels))
        : Enum.IsDefined(edition) ? null
        : new(Why.NotAChoice, "edition");

    internal static Refusal? Check(int learners, int first) =>
        first is < 0 or > PracticeSheet.MostLearners ? new(Why.CountRange, "first", ("most", PracticeSheet.MostLearners))
        : learners is < 1 or > PracticeSheet.MostLearners ? new(Why.CountRange, "learners", ("most", PracticeSheet.MostLearners))
        : null;

    private static Refusal? Check(DrillAsk ask) =>
        ask.Hinted?.Count > FillTry.MostRows ? new(Why.AtMostEach, "hinted", ("most", FillTry.MostRows)) : ask.Try.Check();

    private static ProblemHttpResult Told(Refusal refusal) => (ProblemHttpResult)Problems.From(refusal);
}
