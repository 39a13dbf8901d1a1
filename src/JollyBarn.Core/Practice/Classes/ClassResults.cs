namespace JollyBarn.Practice.Classes;

/// <summary>An answer of a class that was marked.</summary>
/// <param name="Learner">Number, from 1.</param>
/// <param name="Item">Id of the place.</param>
/// <param name="Seconds">How long it took.</param>
public sealed record ClassEntry(int Learner, string Item, ClassMark Mark, int Seconds);

/// <summary>How a class did at one place.</summary>
/// <param name="Steps">Steps that were right over all answers, of <paramref name="All"/>.</param>
/// <param name="Seconds">Median; null while nobody answered.</param>
public sealed record ItemResult(ClassPlace Place, int Answered, int Right, int Steps, int All, int? Seconds);

/// <summary>How a class did at one skill.</summary>
/// <param name="Asked">How often it was asked for.</param>
/// <param name="Missed">How often it went wrong.</param>
public sealed record SkillResult(Skill Skill, int Asked, int Missed);

/// <summary>How one point of the boxes of real wire went.</summary>
public sealed record PointResult(BenchTask Task, BenchPoint Point, int Looked, int Faults);

/// <summary>What a class knows and what it misses.</summary>
/// <param name="Skills">The most missed first.</param>
public sealed record ClassResults(IReadOnlyList<ItemResult> Items, IReadOnlyList<SkillResult> Skills)
{
    public static ClassResults Of(ClassPlan plan, IReadOnlyList<ClassEntry> entries)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(entries);
        var by = entries.ToLookup(e => e.Item);
        return new(
            [.. plan.Places.Select(p => Item(p, [.. by[p.Id]]))],
            [
                .. plan
                    .Places.SelectMany(p => by[p.Id])
                    .SelectMany(e => e.Mark.Graded)
                    .GroupBy(s => s.Skill)
                    .Select(g => new SkillResult(g.Key, g.Count(), g.Count(s => s.Grade == Grade.Again)))
                    .OrderByDescending(s => (double)s.Missed / s.Asked)
                    .ThenByDescending(s => s.Asked)
                    .ThenBy(s => s.Skill),
            ]
        );
    }

    /// <summary>How the points of the boxes went, the most faults first.</summary>
    /// <param name="found">What was found at each box.</param>
    public static IReadOnlyList<PointResult> Points(ClassPlan plan, ILookup<string, IReadOnlyList<BenchFound>> found)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(found);
        return
        [
            .. plan
                .Bench.SelectMany(task =>
                    found[task.Id]
                        .SelectMany(f => ClassMark.Judged(task, f))
                        .Where(j => j.Holds is not null)
                        .GroupBy(j => j.Point.Id)
                        .Select(g => new PointResult(task, g.First().Point, g.Count(), g.Count(j => j.Holds == false)))
                )
                .OrderByDescending(p => p.Faults),
        ];
    }

    private static ItemResult Item(ClassPlace place, List<ClassEntry> all) =>
        new(
            place,
            all.Count,
            all.Count(e => e.Mark.Right),
            all.Sum(e => e.Mark.Steps),
            all.Sum(e => e.Mark.All),
            all.Count == 0 ? null : all.Select(e => e.Seconds).Order().ElementAt((all.Count - 1) / 2)
        );
}
