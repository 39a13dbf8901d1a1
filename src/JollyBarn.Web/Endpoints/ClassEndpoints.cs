using JollyBarn.Practice.Classes;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Practised;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Endpoints;

/// <summary>Whether answers are taken.</summary>
public sealed record ClassClosed(bool Closed);

/// <summary>The list by which a box of real wire would be looked over.</summary>
/// <param name="Against">What the rules say against the box as it is drawn.</param>
public sealed record BenchListView(IReadOnlyList<ToldBenchPoint> Points, IReadOnlyList<string> Against);

/// <summary>What a teacher found at a box.</summary>
/// <param name="Photo">A picture that was handed in, by its hash.</param>
public sealed record BenchPost(IReadOnlyList<BenchFound> Found, int Seconds, string? Photo = null);

/// <summary>A box of real wire as one learner made it.</summary>
/// <param name="Found">What was found, a line each that somebody looked at.</param>
public sealed record BenchView(
    ToldBenchTask Task,
    int Learner,
    string Name,
    IReadOnlyList<BenchPointView> Found,
    int Seconds,
    string? Photo
);

/// <summary>A point of a box with what was found.</summary>
/// <param name="Tape">What the tape said, as it was typed.</param>
public sealed record BenchPointView(string Point, bool? Holds, string? Tape);

/// <summary>Classes as a teacher has them. Served to other machines, these are the signed-in teacher's alone; learners have
/// <see cref="RoomEndpoints"/>.</summary>
internal static class ClassEndpoints
{
    public static void MapClasses(this IEndpointRouteBuilder api)
    {
        api.MapGet("/classes", (JobStore store) => store.Classes.List().Select(c => ClassViews.Line(store.Classes, c)))
            .WithName("classes")
            .WithSummary("All classes, the youngest first.");

        api.MapPost("/classes/{class}", (JobStore store, string @class, ClassPlan plan) =>
                Told(
                    store,
                    @class,
                    store.Classes.Find(@class) is null ? store.Classes.Make(@class, plan) : store.Classes.Plan(@class, plan)
                )
            )
            .Produces<ClassView>()
            .ProducesProblem(422)
            .WithName("putClass")
            .WithSummary("Makes a class, or changes what it does; what was answered stays.");

        api.MapGet("/classes/{class}", (JobStore store, string @class) => Told(store, @class, null))
            .Produces<ClassView>()
            .ProducesProblem(404)
            .WithName("class")
            .WithSummary("A class: its code, who sits in it, how each did, what the class misses.");

        api.MapPost("/classes/{class}/remove", (JobStore store, string @class) =>
                store.Classes.Remove(@class) is { } refusal ? From(refusal) : Results.NoContent()
            )
            .Produces(204)
            .ProducesProblem(404)
            .WithName("removeClass")
            .WithSummary("Takes a class away, with its learners and answers.");

        api.MapPost("/classes/{class}/closed", (JobStore store, string @class, ClassClosed ask) =>
                Told(store, @class, store.Classes.Close(@class, ask.Closed))
            )
            .Produces<ClassView>()
            .ProducesProblem(404)
            .WithName("closeClass")
            .WithSummary("Stops taking answers, or takes them again.");

        api.MapPost("/classes/{class}/learners/{learner}/let-in", (JobStore store, string @class, int learner) =>
                Told(store, @class, store.Classes.LetIn(@class, learner))
            )
            .Produces<ClassView>()
            .ProducesProblem(404)
            .WithName("letLearnerIn")
            .WithSummary("Lets a learner in again whose phone is lost: whoever comes next by this name has the place.");

        api.MapGet("/classes/{class}/sheets", (JobStore store, RoomSheets sheets, string @class, int first = 1, int learners = 1) =>
                store.Classes.Find(@class) is not { } one ? Problems.Missing(What.Class)
                : PracticeEndpoints.Check(learners, first) is { } refusal ? Problems.From(refusal)
                : Results.Ok(Enumerable.Range(first, learners).Select(l => ClassTeller.Sheet(one.Plan, sheets.Of(one.Plan.Sheet, l), l)))
            )
            .Produces<IEnumerable<ToldSheet>>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("classSheets")
            .WithSummary(
                "The sheets of a class on paper, with their answers: own numbers for each learner, the teacher's questions between."
            );

        api.MapGet("/classes/{class}/results.csv", (JobStore store, string @class) => Csv(store, @class, "results", ClassCsv.Results))
            .Produces(200, contentType: "text/csv")
            .ProducesProblem(404)
            .WithName("classResults")
            .WithSummary("Results as CSV: a line for each learner and place.");

        api.MapGet("/classes/{class}/misses.csv", (JobStore store, string @class) => Csv(store, @class, "misses", ClassCsv.Misses))
            .Produces(200, contentType: "text/csv")
            .ProducesProblem(404)
            .WithName("classMisses")
            .WithSummary("What the class misses as CSV: a line for each place, each skill, each point of a box of real wire.");

        api.MapGet("/classes/{class}/events", IResult (JobStore store, ClassEvents events, string @class, CancellationToken stop) =>
                store.Classes.Find(@class) is not null
                    ? TypedResults.ServerSentEvents(events.Listen(@class, stop), "changed")
                    : Problems.Missing(What.Class)
            )
            .WithName("classEvents")
            .WithSummary("Server-sent events: that something of the class changed, as it does.");
        MapBench(api);
    }

    private static void MapBench(IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/boxes/{box}/bench-list", (JobStore store, string job, Id<Box> box) =>
                store.Find(job)?.Now.Job is { } now && now.Boxes.Has(box)
                    ? Results.Ok(
                        new BenchListView(
                            [.. BenchList.Of(now, box).Select(ClassTeller.Tell)],
                            [.. new Teller(now, box).Tell(BenchList.Against(now, box)).Select(f => f.Says)]
                        )
                    )
                    : Problems.Missing(What.Box)
            )
            .Produces<BenchListView>()
            .ProducesProblem(404)
            .WithName("benchList")
            .WithSummary("By what a box made with real wire like this one would be looked over.");

        api.MapGet("/classes/{class}/bench/{task}/learners/{learner}", (JobStore store, string @class, string task, int learner) =>
                Seen(store, @class, task, learner)
            )
            .Produces<BenchView>()
            .ProducesProblem(404)
            .WithName("bench")
            .WithSummary("A box of real wire as one learner made it, with what was found.");

        api.MapPost(
                "/classes/{class}/bench/{task}/learners/{learner}",
                (JobStore store, string @class, string task, int learner, BenchPost post) =>
                {
                    if (Bench(store, @class, task, learner) is not { } at)
                    {
                        return Problems.Missing(What.Class);
                    }

                    var (place, answer) = (ClassPlace.Of(at.Task), new ClassAnswer(Bench: post.Found));
                    return
                        (
                            ClassMark.Check(place, null, answer)
                            ?? Check(store, @class, post)
                            ?? store.Classes.Found(
                                @class,
                                learner,
                                task,
                                answer,
                                ClassMark.Of(place, null, answer),
                                post.Seconds,
                                post.Photo
                            )
                        )
                            is { } refusal
                        ? From(refusal)
                        : Seen(store, @class, task, learner);
                }
            )
            .Produces<BenchView>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("putBench")
            .WithSummary("Keeps what was found at a box of real wire: each point holds or not, or what the tape says.");

        api.MapPost("/classes/{class}/photos", async (JobStore store, string @class, HttpRequest request) =>
                store.Classes.Find(@class) is null
                    ? Problems.Missing(What.Class)
                    : await PhotoEndpoints.TakeAsync(store, ClassStore.Pictures(@class), request)
            )
            .Accepts<Stream>("image/jpeg")
            .Produces<PhotoTaken>()
            .ProducesProblem(422)
            .WithName("handInBenchPhoto")
            .WithSummary("Takes a JPEG of a box of real wire in, without its metadata.");

        api.MapGet("/classes/{class}/photos/{sha}", (JobStore store, string @class, string sha) =>
                store.Classes.Find(@class) is not null && store.Photo(ClassStore.Pictures(@class), sha) is { } bytes
                    ? Results.File(bytes, "image/jpeg")
                    : Problems.Missing(What.Picture)
            )
            .WithName("benchPhoto");
    }

    private static (BenchTask Task, KeptLearner Learner, KeptAnswer? Answer)? Bench(JobStore store, string id, string task, int learner) =>
        store.Classes.Find(id)?.Plan.Bench.FirstOrDefault(b => b.Id == task) is { } set
        && store.Classes.Learners(id).FirstOrDefault(l => l.Number == learner) is { } made
            ? (set, made, store.Classes.Answers(id, learner).FirstOrDefault(a => a.Item == task))
            : null;

    private static IResult Seen(JobStore store, string id, string task, int learner)
    {
        if (Bench(store, id, task, learner) is not { } at)
        {
            return Problems.Missing(What.Class);
        }

        var found = at.Answer?.Answer?.Bench ?? [];
        return Results.Ok(
            new BenchView(
                ClassTeller.Tell(at.Task),
                learner,
                at.Learner.Name,
                [
                    .. ClassMark
                        .Judged(at.Task, found)
                        .Where(j => found.Any(f => f.Point == j.Point.Id))
                        .Select(j => new BenchPointView(j.Point.Id, j.Holds, found.First(f => f.Point == j.Point.Id).Tape)),
                ],
                at.Answer?.Seconds ?? 0,
                at.Answer?.Photo
            )
        );
    }

    private static Refusal? Check(JobStore store, string id, BenchPost post) =>
        post.Photo is { } sha && !store.HasPhoto(ClassStore.Pictures(id), sha)
            ? new(Why.NothingAtAddress, "photo", ("what", What.Picture))
            : null;

    private static IResult Csv(JobStore store, string id, string what, Func<ClassView, IEnumerable<string[]>> rows) =>
        store.Classes.Find(id) is { } one
            ? Lists.Csv(Lists.FileName($"{one.Plan.Name} {what}", "csv"), rows(ClassViews.Of(store.Classes, one)))
            : Problems.Missing(What.Class);

    /// <summary>The class as it stands after something was done, or why it was not.</summary>
    private static IResult Told(JobStore store, string id, Refusal? refusal) =>
        refusal is not null ? From(refusal)
        : store.Classes.Find(id) is { } one ? Results.Ok(ClassViews.Of(store.Classes, one))
        : Problems.Missing(What.Class);

    private static IResult From(Refusal refusal) => Problems.From(refusal, refusal.Why == Why.NothingAtAddress ? 404 : 422);
}
