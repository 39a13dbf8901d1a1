using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Sheets;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Practised;

/// <summary>An item of a class as a learner meets it.</summary>
/// <param name="Asks">What is asked.</param>
/// <param name="Given">What is known, a line each; of a box of real wire what will be looked at.</param>
/// <param name="Options">Answers to choose from.</param>
/// <param name="Count">A box to count.</param>
/// <param name="Exercise">Work on the Bench.</param>
/// <param name="Bench">The box to make with real wire.</param>
public sealed record ToldClassItem(
    string Id,
    string Asks,
    IReadOnlyList<string> Given,
    IReadOnlyList<string> Options,
    ToldDrill? Count,
    ExerciseKind? Exercise,
    ToldBenchTask? Bench
);

/// <summary>A box to be made with real wire, in words.</summary>
/// <param name="Job">The job it is drawn in.</param>
public sealed record ToldBenchTask(string Id, string Name, string Job, Id<Box> Box, IReadOnlyList<ToldBenchPoint> Points);

/// <summary>A point of the list a box is looked over by.</summary>
/// <param name="Says">What holds where it is good.</param>
/// <param name="Limit">What a length is held against, in words; null where there is nothing to measure.</param>
/// <param name="Inches">The same in inches.</param>
/// <param name="Most">Whether it may not be passed.</param>
/// <param name="Answer">How this house does it, of what is no rule.</param>
public sealed record ToldBenchPoint(string Id, string Name, string Says, string? Limit, decimal? Inches, bool Most, string? Answer);

/// <summary>A place of a class, for who looks over its results.</summary>
/// <param name="Says">Which it is; the same for every learner.</param>
public sealed record ToldClassPlace(string Id, string Says);

/// <summary>Tells what a class does.</summary>
public static class ClassTeller
{
    /// <summary>An item as a learner meets it.</summary>
    /// <param name="item">What was generated for the learner; null of a teacher's own question and of a box of real wire.</param>
    public static ToldClassItem Tell(ClassPlace place, SheetItem? item)
    {
        ArgumentNullException.ThrowIfNull(place);
        if (place.Bench is { } task)
        {
            return new(place.Id, $"Make it with real wire: {task.Name}.", [], [], null, null, Tell(task));
        }

        if (place.Own is { } own)
        {
            return new(place.Id, own.Asks, [], own.Options, null, null, null);
        }

        var told = SheetTeller.Item(item!);
        var count = item!.Count is { } drill ? DrillTeller.Tell(drill) : null;
        return new(place.Id, told.Asks, told.Given, told.Options, count, item.Exercise, null);
    }

    /// <summary>The sheet of a learner on paper: boxes of real wire stand on no sheet.</summary>
    /// <param name="sheet">What was generated for the learner.</param>
    public static ToldSheet Sheet(ClassPlan plan, IReadOnlyList<SheetItem> sheet, int learner)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(sheet);
        var told = plan
            .Places.Where(p => p.Bench is null)
            .Select(p =>
                p.Own is { } own
                    ? (Item: new ToldSheetItem(own.Asks, [], own.Options, []), Answer: Answer(p, null)!)
                    : PaperTeller.Tell(Item(p, sheet)!, plan.Sheet, false)
            )
            .ToList();
        return new(learner, [.. told.Select(t => t.Item)], [.. told.Select(t => t.Answer)]);
    }

    /// <summary>What was generated for a place; null of a teacher's own question and of a box of real wire.</summary>
    public static SheetItem? Item(ClassPlace place, IReadOnlyList<SheetItem> sheet)
    {
        ArgumentNullException.ThrowIfNull(place);
        ArgumentNullException.ThrowIfNull(sheet);
        return place.Number is { } number ? sheet[number - 1] : null;
    }

    /// <summary>The right answer of an item; null of a box of real wire, which has none.</summary>
    public static ToldSheetAnswer? Answer(ClassPlace place, SheetItem? item)
    {
        ArgumentNullException.ThrowIfNull(place);
        return place.Own is { } own ? new(own.Right, [], own.Why, "")
            : item is not null ? SheetTeller.Answer(item)
            : null;
    }

    public static ToldClassPlace Tell(ClassPlace place)
    {
        ArgumentNullException.ThrowIfNull(place);
        return new(
            place.Id,
            place.Bench is { } task ? task.Name
                : place.Own is { } own ? own.Asks
                : Kind(place.Kind!.Value)
        );
    }

    public static ToldBenchTask Tell(BenchTask task)
    {
        ArgumentNullException.ThrowIfNull(task);
        return new(task.Id, task.Name, task.Job, task.Box, [.. task.Points.Select(Tell)]);
    }

    public static ToldBenchPoint Tell(BenchPoint point)
    {
        ArgumentNullException.ThrowIfNull(point);
        var limit = point.Limit is { } inches ? $"{(point.Most ? "at most" : "at least")} {Length.FromInches(inches)}" : null;
        return point.Answer is { } answer && PracticeBook.Questions.FirstOrDefault(q => q.Key == point.Id) is { } question
            ? new(
                point.Id,
                question.Name,
                question.Choices.FirstOrDefault(c => c.Value == answer)?.Name ?? answer,
                limit,
                point.Limit,
                point.Most,
                answer
            )
            : new(point.Id, Teller.RuleName(point.Id), Teller.RuleWhy(point.Id), limit, point.Limit, point.Most, null);
    }

    /// <summary>What a kind asks, in a few words.</summary>
    public static string Kind(SheetKind kind) =>
        kind switch
        {
            SheetKind.Count => "Count a box",
            SheetKind.Numbers => "Numbers of the code",
            SheetKind.Wire => "Wire for a breaker",
            SheetKind.Connectors => "Connectors",
            SheetKind.Boxes => "Choosing a box",
            SheetKind.House => "How the house does it",
            SheetKind.Heard => "Heard on the job",
            SheetKind.Shows => "What a tester shows",
            SheetKind.Behind => "What is behind it",
            SheetKind.Next => "What to test next",
            SheetKind.Making => "Strips, colours, order",
            SheetKind.Spot => "Spot it",
            SheetKind.Hunt => "Find the fault",
            _ => "Make it up",
        };
}
