using JollyBarn.Measures;
using JollyBarn.Practice;
using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Sheets;

namespace JollyBarn.Telling.Practised;

/// <summary>How a learner's answer went.</summary>
/// <param name="Steps">Steps that were right, of <paramref name="All"/>.</param>
/// <param name="Answer">The right answer; null of work on the Bench and of real wire.</param>
/// <param name="Faults">What was found at the box of real wire that does not hold, a line each; then the points nobody looked
/// at.</param>
/// <param name="Skills">How each skill went, for the learner's own record.</param>
public sealed record ToldRoomMark(
    bool Right,
    int Steps,
    int All,
    ToldSheetAnswer? Answer,
    IReadOnlyList<string> Faults,
    IReadOnlyList<SkillGrade> Skills
);

/// <summary>Tells a learner how it went.</summary>
public static class RoomTeller
{
    public static ToldRoomMark Tell(ClassPlace place, SheetItem? item, ClassAnswer? answer, ClassMark mark)
    {
        ArgumentNullException.ThrowIfNull(place);
        ArgumentNullException.ThrowIfNull(mark);
        return new(
            mark.Right,
            mark.Steps,
            mark.All,
            ClassTeller.Answer(place, item),
            place.Bench is { } task && answer?.Bench is { } found ? [.. Faults(task, found)] : [],
            mark.Graded
        );
    }

    private static IEnumerable<string> Faults(BenchTask task, IReadOnlyList<BenchFound> found)
    {
        var judged = ClassMark.Judged(task, found).ToList();
        return judged
            .Where(j => j.Holds == false)
            .Select(j => Fault(j.Point, found))
            .Concat(judged.Where(j => j.Holds is null).Select(j => $"{ClassTeller.Tell(j.Point).Name}: not looked at."));
    }

    private static string Fault(BenchPoint point, IReadOnlyList<BenchFound> found)
    {
        var told = ClassTeller.Tell(point);
        return
            found.FirstOrDefault(f => f.Point == point.Id)?.Tape is { } tape
            && Length.TryParse(tape, out var length)
            && told.Limit is { } limit
            ? $"{told.Name}: {length}, and it is to be {limit}."
            : $"{told.Name}: {told.Says}";
    }
}
