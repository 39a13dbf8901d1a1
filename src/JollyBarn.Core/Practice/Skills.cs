using System.Globalization;
using JollyBarn.Fill;

namespace JollyBarn.Practice;

/// <summary>What one can be good or weak at.</summary>
public enum Skill
{
    FillConductors,
    FillCanopy,
    FillClamps,
    FillFittings,
    FillDevices,
    FillGrounds,
    FillSum,
    FillRoom,
    FillVerdict,
    SpotConnections,
    SpotGrounding,
    SpotJoints,
    SpotCables,
    SpotWires,
    SpotDevices,
    SpotBox,

    /// <summary>Telling what can hurt somebody now from what is to be fixed.</summary>
    SpotSeverity,

    /// <summary>Not calling wrong what holds.</summary>
    SpotFalse,
    KnowNumbers,
    KnowWire,
    KnowConnectors,
    KnowBoxes,
    KnowHouse,
    KnowSayings,

    /// <summary>Strips, colours and order of making up.</summary>
    KnowMaking,
    TesterShows,
    TesterBehind,

    /// <summary>Choosing the test that tells most.</summary>
    TesterNext,
    HuntFind,

    /// <summary>Not wasting time and plaster.</summary>
    HuntThrift,

    /// <summary>Not risking oneself.</summary>
    HuntSafely,

    /// <summary>Making up a box so that everything works as wished.</summary>
    MakeWorks,

    /// <summary>Making up a box by the rules.</summary>
    MakeRules,

    /// <summary>Making up a box in the order of the house.</summary>
    MakeOrder,
}

/// <summary>A skill with how it went.</summary>
public sealed record SkillGrade(Skill Skill, Grade Grade);

/// <summary>How well a skill is kept, by a person's own record.</summary>
/// <param name="At">Day it was practised last, ISO 8601.</param>
/// <param name="Due">Day it comes back.</param>
public sealed record SkillKept(Skill Skill, double Stability, double Difficulty, string At, string Due);

/// <summary>Skills and when they come back, per skill and not per drill.</summary>
public static class Skills
{
    /// <summary>The skill a step of a count asks for.</summary>
    public static Skill Of(FillStep step, FillRow? row) =>
        step switch
        {
            FillStep.Sum => Skill.FillSum,
            FillStep.Available => Skill.FillRoom,
            FillStep.Verdict => Skill.FillVerdict,
            _ => row!.Value.Kind switch
            {
                FillKind.Conductors => Skill.FillConductors,
                FillKind.Canopy => Skill.FillCanopy,
                FillKind.Clamps => Skill.FillClamps,
                FillKind.Stud or FillKind.Hickey => Skill.FillFittings,
                FillKind.Device => Skill.FillDevices,
                _ => Skill.FillGrounds,
            },
        };

    /// <summary>How each skill went that a count asked for: what was right, what a hint was taken for, what went wrong. What comes after
    /// the first mistake was not marked and says nothing.</summary>
    /// <param name="hinted">Lines a hint was taken for.</param>
    public static IReadOnlyList<SkillGrade> Graded(FillDrill drill, FillMarked marked, IReadOnlyCollection<FillRow> hinted)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(marked);
        ArgumentNullException.ThrowIfNull(hinted);
        var right = drill
            .Rows.Select(r => (Skill: Of(FillStep.Line, r), Hinted: hinted.Contains(r)))
            .Concat(new[] { FillStep.Sum, FillStep.Available, FillStep.Verdict }.Select(s => (Skill: Of(s, null), Hinted: false)))
            .Take(marked.Steps)
            .Select(s => new SkillGrade(s.Skill, s.Hinted ? Grade.Hard : Grade.Good));
        var all = marked.Wrong is { } wrong ? right.Append(new(Of(wrong, marked.Row), Grade.Again)) : right;
        return Worst([.. all]);
    }

    /// <summary>One grade for each skill: the worst.</summary>
    internal static IReadOnlyList<SkillGrade> Worst(IReadOnlyList<SkillGrade> all) =>
        [.. all.GroupBy(g => g.Skill).Select(g => g.MinBy(x => x.Grade)!).OrderBy(g => g.Skill)];

    /// <summary>A record after a practice; the worst first that comes back first.</summary>
    /// <param name="today">Day of the practice.</param>
    public static IReadOnlyList<SkillKept> After(IReadOnlyList<SkillKept> record, IReadOnlyList<SkillGrade> graded, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(record);
        var kept = record.GroupBy(k => k.Skill).ToDictionary(g => g.Key, g => g.Last());
        foreach (var (skill, grade) in graded.Select(g => (g.Skill, g.Grade)))
        {
            var before = kept.GetValueOrDefault(skill);
            Memory? memory = before is null ? null : new(before.Stability, before.Difficulty);
            var days = before is null ? 0 : Math.Max(0, today.DayNumber - Day(before.At).DayNumber);
            var after = Recall.Next(memory, days, grade);
            kept[skill] = new(skill, after.Stability, after.Difficulty, Text(today), Text(today.AddDays(Recall.Days(after))));
        }

        return [.. kept.Values.OrderBy(k => k.Due, StringComparer.Ordinal).ThenBy(k => k.Skill)];
    }

    /// <summary>True for a record that can have come from here.</summary>
    public static bool Holds(IReadOnlyList<SkillKept> record)
    {
        ArgumentNullException.ThrowIfNull(record);
        return record.Count <= Enum.GetValues<Skill>().Length
            && record.All(k =>
                Enum.IsDefined(k.Skill)
                && k.Stability is >= 1e-3 and <= 36_500
                && k.Difficulty is >= 1 and <= 10
                && TryDay(k.At, out var at)
                && TryDay(k.Due, out _)
                && at.Year is > 2000 and < 3000
            );
    }

    private static DateOnly Day(string text) => TryDay(text, out var day) ? day : default;

    private static bool TryDay(string? text, out DateOnly day) =>
        DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out day);

    private static string Text(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
