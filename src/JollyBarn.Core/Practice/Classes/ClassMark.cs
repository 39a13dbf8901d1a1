using JollyBarn.Measures;
using JollyBarn.Practice.Sheets;
using JollyBarn.Terms;

namespace JollyBarn.Practice.Classes;

/// <summary>What was found at one point of a box of real wire.</summary>
/// <param name="Holds">Null where nobody looked.</param>
/// <param name="Tape">What the tape said, as it was typed, where it is measured: it decides then.</param>
public sealed record BenchFound(string Point, bool? Holds = null, string? Tape = null);

/// <summary>A learner's answer: which option, or a count, or what was found at a box of real wire.</summary>
public sealed record ClassAnswer(int? Option = null, FillTry? Count = null, IReadOnlyList<BenchFound>? Bench = null);

/// <summary>An answer that was marked.</summary>
/// <param name="Steps">Steps that were right, of <paramref name="All"/>.</param>
/// <param name="Graded">How each skill went that was asked for.</param>
public sealed record ClassMark(bool Right, int Steps, int All, IReadOnlyList<SkillGrade> Graded)
{
    /// <summary>Why an answer is none to a place; null where it is one.</summary>
    public static Refusal? Check(ClassPlace place, SheetItem? item, ClassAnswer answer)
    {
        ArgumentNullException.ThrowIfNull(place);
        ArgumentNullException.ThrowIfNull(answer);
        if (place.Bench is { } task)
        {
            return answer.Bench is not { } found || !found.All(f => Fits(task, f)) || !OnceEach(found) ? new(Why.NotAChoice, "bench")
                : found.All(f => f.Tape is null || Length.TryParse(f.Tape, out _)) ? null
                : new(Why.NotALength, "tape");
        }

        if (item?.Count is not null)
        {
            return answer.Count is { } count ? count.Check() : new(Why.NotAChoice, "count");
        }

        var options = place.Own?.Options.Count ?? item?.Asked?.Options.Count ?? 0;
        return answer.Option is { } option && option >= 0 && option < options ? null : new(Why.NotAChoice, "option");
    }

    /// <summary>Marks an answer that was checked.</summary>
    public static ClassMark Of(ClassPlace place, SheetItem? item, ClassAnswer answer)
    {
        ArgumentNullException.ThrowIfNull(place);
        ArgumentNullException.ThrowIfNull(answer);
        if (place.Bench is { } task)
        {
            return Bench(task, answer.Bench!);
        }

        if (item?.Count is { } drill)
        {
            var marked = FillMarked.Of(drill, answer.Count!);
            return new(marked.Wrong is null, marked.Steps, drill.Steps, Skills.Graded(drill, marked, []));
        }

        var right = answer.Option == (place.Own?.Right ?? item!.Asked!.Right);
        IReadOnlyList<SkillGrade> skills = item?.Asked is { } asked ? [new(asked.Skill, right ? Grade.Good : Grade.Again)] : [];
        return new(right, right ? 1 : 0, 1, skills);
    }

    /// <summary>The mark of work on the Bench, by how its skills went.</summary>
    public static ClassMark Of(IReadOnlyList<SkillGrade> graded)
    {
        ArgumentNullException.ThrowIfNull(graded);
        var good = graded.Count(g => g.Grade >= Grade.Good);
        return new(good == graded.Count, good, graded.Count, graded);
    }

    /// <summary>What holds of what was looked at; the tape decides where it was used.</summary>
    public static IEnumerable<(BenchPoint Point, bool? Holds)> Judged(BenchTask task, IReadOnlyList<BenchFound> found)
    {
        ArgumentNullException.ThrowIfNull(task);
        return task.Points.Select(p =>
            found.FirstOrDefault(f => f.Point == p.Id) is not { } at ? (p, (bool?)null)
            : at.Tape is { } tape && Length.TryParse(tape, out var length) ? (p, p.Holds(length.InInches))
            : (p, at.Holds)
        );
    }

    /// <summary>Whether every point of a box of real wire was looked at.</summary>
    public static bool IsWhole(BenchTask task, IReadOnlyList<BenchFound> found) => Judged(task, found).All(j => j.Holds is not null);

    private static ClassMark Bench(BenchTask task, IReadOnlyList<BenchFound> found)
    {
        var judged = Judged(task, found).ToList();
        var holds = judged.Count(j => j.Holds == true);
        return new(
            holds == judged.Count,
            holds,
            judged.Count,
            [
                .. By(Skill.MakeRules, judged.Where(j => j.Point.Answer is null)),
                .. By(Skill.MakeOrder, judged.Where(j => j.Point.Answer is not null)),
            ]
        );
    }

    /// <summary>Nothing of what nobody looked at.</summary>
    private static IEnumerable<SkillGrade> By(Skill skill, IEnumerable<(BenchPoint Point, bool? Holds)> judged)
    {
        var seen = judged.Where(j => j.Holds is not null).ToList();
        if (seen.Count > 0)
        {
            yield return new(
                skill,
                seen.Count(j => j.Holds == false) switch
                {
                    0 => Grade.Good,
                    1 => Grade.Hard,
                    _ => Grade.Again,
                }
            );
        }
    }

    private static bool Fits(BenchTask task, BenchFound found) =>
        task.Points.FirstOrDefault(p => p.Id == found.Point) is { } point && (found.Tape is null || point.Limit is not null);

    private static bool OnceEach(IReadOnlyList<BenchFound> found) => found.Select(f => f.Point).Distinct().Count() == found.Count;
}
