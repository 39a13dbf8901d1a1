using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Sheets;
using JollyBarn.Store;
using JollyBarn.Telling.Practised;
using JollyBarn.Terms;
using Microsoft.AspNetCore.Mvc;

namespace JollyBarn.Web.Endpoints;

/// <summary>A learner sits down.</summary>
/// <param name="Token">What the phone made at random and shows from then on, 22 to 64 characters.</param>
public sealed record SitDown(string Name, string Token);

/// <summary>A class as anybody sees it who has its code.</summary>
public sealed record RoomDoor(string Name, bool Closed);

/// <summary>An item of a learner's sheet.</summary>
/// <param name="Answered">Whether the learner answered it.</param>
/// <param name="Chosen">Which option, where one was chosen.</param>
/// <param name="Mark">How it went; null while that is not shown.</param>
public sealed record RoomItem(ToldClassItem Item, bool Answered, int? Chosen, ToldRoomMark? Mark);

/// <summary>A learner's own sheet.</summary>
/// <param name="Number">The learner's, from 1.</param>
/// <param name="Shown">When marks are shown.</param>
public sealed record RoomSheet(
    string Class,
    string Name,
    int Number,
    bool Closed,
    MarksShown Shown,
    int Level,
    IReadOnlyList<RoomItem> Items
);

/// <summary>An answer, and how long it took.</summary>
public sealed record RoomAnswer(ClassAnswer Answer, int Seconds);

/// <summary>A class as its learners have it: its code is the way in, for drills alone, and each sees nothing but the own sheet. Nothing
/// here asks for more than the code and what the own phone shows.</summary>
internal static class RoomEndpoints
{
    private const int LeastToken = 22;
    private const int MostToken = 64;
    private const string Scheme = "Bearer ";

    public static void MapRooms(this IEndpointRouteBuilder api)
    {
        api.MapGet("/rooms/{code}", (JobStore store, string code) =>
                store.Classes.ByCode(code) is { } room
                    ? Results.Ok(new RoomDoor(room.Plan.Name, room.Closed is not null))
                    : Problems.From(new(Why.NoSuchRoom, "code"), 404)
            )
            .Produces<RoomDoor>()
            .ProducesProblem(404)
            .WithName("room")
            .WithSummary("The class a code leads into.");

        api.MapPost("/rooms/{code}/learners", (JobStore store, RoomSheets sheets, string code, SitDown ask) =>
            {
                if (store.Classes.ByCode(code) is not { } room)
                {
                    return Problems.From(new(Why.NoSuchRoom, "code"), 404);
                }

                if (Check(ask) is { } bad)
                {
                    return Problems.From(bad);
                }

                if (
                    store.Classes.Seated(room.Id, ask.Token) is null
                    && store.Classes.Sit(room.Id, ask.Name, ask.Token).Refusal is { } refusal
                )
                {
                    return Problems.From(refusal);
                }

                return Told(store, sheets, room, store.Classes.Seated(room.Id, ask.Token)!);
            })
            .Produces<RoomSheet>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("sitDown")
            .WithSummary("Sits down in a class; once more with the same phone is the same place.");

        api.MapGet("/rooms/{code}/sheet", (JobStore store, RoomSheets sheets, string code, [FromHeader] string? authorization) =>
                Seat(store, code, authorization) is var (room, learner)
                    ? Told(store, sheets, room, learner)
                    : Problems.From(new(Why.NotSeated), 401)
            )
            .Produces<RoomSheet>()
            .ProducesProblem(401)
            .WithName("roomSheet")
            .WithSummary("The learner's own sheet, with what was answered.");

        api.MapPost(
                "/rooms/{code}/items/{item}/answer",
                (JobStore store, RoomSheets sheets, string code, string item, RoomAnswer answer, [FromHeader] string? authorization) =>
                    Seat(store, code, authorization) is not var (room, learner) ? Problems.From(new(Why.NotSeated), 401)
                    : Place(room, item) is not { } place ? Problems.Missing(What.Question)
                    : Answer(store, sheets, room, learner, place, answer) is { } refusal ? Problems.From(refusal)
                    : Told(store, sheets, room, learner)
            )
            .Produces<RoomSheet>()
            .ProducesProblem(401)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("answerInRoom")
            .WithSummary("Takes a learner's answer; the first counts.");

        api.MapPost(
                "/rooms/{code}/items/{item}/bench",
                (JobStore store, RoomSheets sheets, string code, string item, [FromHeader] string? authorization) =>
                    Seat(store, code, authorization) is not var (room, learner) ? Problems.From(new(Why.NotSeated), 401)
                    : Place(room, item) is not { } place
                    || ClassTeller.Item(place, sheets.Of(room.Plan.Sheet, learner.Number)) is not { Exercise: { } kind, Seed: { } seed }
                        ? Problems.Missing(What.Question)
                    : Begin(store, room, learner, item, new(kind, seed, room.Plan.Sheet.Level, room.Plan.Sheet.Edition))
            )
            .Produces<MadeExercise>()
            .ProducesProblem(401)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("benchInRoom")
            .WithSummary("The job a learner works in on the Bench; begun again it is the same.");
    }

    private static Refusal? Check(SitDown ask) =>
        ClassPlan.CheckName(ask.Name)
        ?? (
            ask.Token.Length is >= LeastToken and <= MostToken && ask.Token.All(char.IsAsciiLetterOrDigit)
                ? null
                : new(Why.NotAChoice, "token")
        );

    /// <summary>The class and the learner whose phone this is; null where nobody sits.</summary>
    private static (KeptClass Room, KeptLearner Learner)? Seat(JobStore store, string code, string? authorization) =>
        authorization?.StartsWith(Scheme, StringComparison.Ordinal) == true
        && store.Classes.ByCode(code) is { } room
        && store.Classes.Seated(room.Id, authorization[Scheme.Length..]) is { } learner
            ? (room, learner)
            : null;

    private static ClassPlace? Place(KeptClass room, string item) => room.Plan.Places.FirstOrDefault(p => p.Id == item);

    private static Refusal? Answer(
        JobStore store,
        RoomSheets sheets,
        KeptClass room,
        KeptLearner learner,
        ClassPlace place,
        RoomAnswer answer
    )
    {
        var item = ClassTeller.Item(place, sheets.Of(room.Plan.Sheet, learner.Number));
        if (place.Bench is not null || item?.Exercise is not null)
        {
            return new(Why.NotOnPaper, "answer");
        }

        return ClassMark.Check(place, item, answer.Answer)
            ?? store.Classes.Answer(
                room.Id,
                learner.Number,
                place.Id,
                answer.Answer,
                ClassMark.Of(place, item, answer.Answer),
                answer.Seconds
            );
    }

    private static IResult Begin(JobStore store, KeptClass room, KeptLearner learner, string item, NewExercise ask)
    {
        var (job, refusal) = store.Classes.Begin(room.Id, learner.Number, item, () => ExerciseEndpoints.Made(store, ask)!.Job);
        return refusal is not null ? Problems.From(refusal)
            : store.Find(job!)?.Now.Job.Exercise is { } made ? Results.Ok(new MadeExercise(job!, made.Box))
            : Problems.Missing(What.Job);
    }

    private static IResult Told(JobStore store, RoomSheets sheets, KeptClass room, KeptLearner learner)
    {
        var (sheet, answers) = (sheets.Of(room.Plan.Sheet, learner.Number), store.Classes.Answers(room.Id, learner.Number));
        var shown = room.Plan.Shown == MarksShown.AtOnce || room.Closed is not null;
        return Results.Ok(
            new RoomSheet(
                room.Plan.Name,
                learner.Name,
                learner.Number,
                room.Closed is not null,
                room.Plan.Shown,
                room.Plan.Sheet.Level,
                [.. room.Plan.Places.Select(p => Item(p, ClassTeller.Item(p, sheet), answers.FirstOrDefault(a => a.Item == p.Id), shown))]
            )
        );
    }

    private static RoomItem Item(ClassPlace place, SheetItem? item, KeptAnswer? answer, bool shown)
    {
        // A box of real wire is done when all of it was looked at.
        var done = answer?.Mark is not null && (place.Bench is not { } task || ClassMark.IsWhole(task, answer.Answer?.Bench ?? []));
        return new(
            ClassTeller.Tell(place, item),
            done,
            answer?.Answer?.Option,
            shown && done ? RoomTeller.Tell(place, item, answer!.Answer, answer.Mark!) : null
        );
    }
}
