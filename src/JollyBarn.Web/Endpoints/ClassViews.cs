using JollyBarn.Practice.Classes;
using JollyBarn.Store;
using JollyBarn.Telling.Practised;

namespace JollyBarn.Web.Endpoints;

/// <summary>A class in the list of classes.</summary>
/// <param name="Closed">Whether answers are not taken any more.</param>
public sealed record ClassLine(string Id, string Code, string Name, string Made, bool Closed, int Learners);

/// <summary>What a learner did at one place.</summary>
/// <param name="Right">Null while it was only begun.</param>
public sealed record LearnerCell(string Item, bool? Right, int Steps, int All, int Seconds);

/// <summary>A learner of a class with what was answered.</summary>
/// <param name="Out">Whether this learner is let in again by the same name.</param>
/// <param name="Seconds">Over all answers.</param>
public sealed record LearnerLine(int Number, string Name, bool Out, int Answered, int Right, int Seconds, IReadOnlyList<LearnerCell> Cells);

/// <summary>A place of a class with how all did.</summary>
/// <param name="Seconds">Median of those who answered.</param>
public sealed record PlaceLine(ToldClassPlace Place, int Answered, int Right, int Steps, int All, int? Seconds);

/// <summary>A point of the boxes of real wire with how often it failed.</summary>
public sealed record PointLine(string Box, string Name, int Looked, int Faults);

/// <summary>A class as its teacher sees it.</summary>
/// <param name="Plan">What it does.</param>
/// <param name="Skills">The most missed first.</param>
/// <param name="Points">The most faults first.</param>
public sealed record ClassView(
    string Id,
    string Code,
    string Made,
    bool Closed,
    ClassPlan Plan,
    IReadOnlyList<PlaceLine> Places,
    IReadOnlyList<LearnerLine> Learners,
    IReadOnlyList<SkillResult> Skills,
    IReadOnlyList<PointLine> Points,
    IReadOnlyList<ToldBenchTask> Bench
);

/// <summary>Views of classes.</summary>
internal static class ClassViews
{
    public static ClassLine Line(ClassStore classes, KeptClass one) =>
        new(one.Id, one.Code, one.Plan.Name, one.Made, one.Closed is not null, classes.Learners(one.Id).Count);

    public static ClassView Of(ClassStore classes, KeptClass one)
    {
        var (learners, answers) = (classes.Learners(one.Id), classes.Answers(one.Id));
        var results = ClassResults.Of(one.Plan, [.. Entries(answers)]);
        var found = answers.Where(a => a.Answer?.Bench is not null).ToLookup(a => a.Item, a => a.Answer!.Bench!);
        var by = answers.ToLookup(a => a.Learner);
        return new(
            one.Id,
            one.Code,
            one.Made,
            one.Closed is not null,
            one.Plan,
            [.. results.Items.Select(i => new PlaceLine(ClassTeller.Tell(i.Place), i.Answered, i.Right, i.Steps, i.All, i.Seconds))],
            [.. learners.Select(l => Line(l, [.. by[l.Number]]))],
            results.Skills,
            [
                .. ClassResults
                    .Points(one.Plan, found)
                    .Select(p => new PointLine(p.Task.Name, ClassTeller.Tell(p.Point).Name, p.Looked, p.Faults)),
            ],
            [.. one.Plan.Bench.Select(ClassTeller.Tell)]
        );
    }

    private static IEnumerable<ClassEntry> Entries(IEnumerable<KeptAnswer> answers) =>
        answers.Where(a => a.Mark is not null).Select(a => new ClassEntry(a.Learner, a.Item, a.Mark!, a.Seconds));

    private static LearnerLine Line(KeptLearner learner, List<KeptAnswer> answers) =>
        new(
            learner.Number,
            learner.Name,
            learner.Out,
            answers.Count(a => a.Mark is not null),
            answers.Count(a => a.Mark is { Right: true }),
            answers.Sum(a => a.Seconds),
            [.. answers.Select(a => new LearnerCell(a.Item, a.Mark?.Right, a.Mark?.Steps ?? 0, a.Mark?.All ?? 0, a.Seconds))]
        );
}
