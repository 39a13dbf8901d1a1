using JollyBarn.Inspection;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>What a learner says is wrong.</summary>
/// <param name="Part">What was pointed at: an id in the box, a cable end, or <see cref="Subjects.Box"/>.</param>
/// <param name="Rule">Id of the rule it breaks.</param>
/// <param name="Severity">Whether it can hurt somebody now, or is to be fixed.</param>
public sealed record SpotSaid(string Part, string Rule, Verdict Severity);

/// <summary>What became of what a learner said.</summary>
public enum SpotOutcome
{
    Found,

    /// <summary>Found before by another line.</summary>
    Again,

    /// <summary>Something is wrong with that part, and it is something else.</summary>
    OtherThing,

    /// <summary>That is wrong in this box, and in another part.</summary>
    OtherPart,

    /// <summary>It holds.</summary>
    FalseAlarm,

    /// <summary>Nobody measured or recorded what would tell.</summary>
    CannotTell,
}

/// <summary>A line that was marked.</summary>
/// <param name="Mistake">Which mistake it found; null where it found none.</param>
/// <param name="Severity">Whether its severity was right; null where it found nothing.</param>
/// <param name="Judged">What the rule says of the part, for who was wrong about it; null where it says nothing.</param>
public sealed record SpotLine(SpotSaid Said, SpotOutcome Outcome, Planted? Mistake, bool? Severity, Finding? Judged);

/// <summary>A box that was looked over, marked.</summary>
public sealed record SpotMarked(IReadOnlyList<SpotLine> Lines, IReadOnlyList<Planted> Missed)
{
    /// <summary>True where each was found with its severity, and nothing was said that is not so.</summary>
    public bool Right => Missed.Count == 0 && Lines.All(l => l is { Outcome: SpotOutcome.Found or SpotOutcome.Again, Severity: true });

    public static SpotMarked Of(SpotDrill drill, IReadOnlyList<SpotSaid> said)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(said);
        var box = drill.Job.Boxes[drill.Box];
        var all = SpotDrill.All(drill.Job, drill.Box);
        var (lines, found) = (new List<SpotLine>(), new HashSet<Mistake>());
        foreach (var one in said)
        {
            var line = Marked(drill, box, all, one);
            var again = line.Mistake is { } mistake && line.Outcome == SpotOutcome.Found && !found.Add(mistake.Mistake);
            lines.Add(again ? line with { Outcome = SpotOutcome.Again } : line);
        }

        return new(lines, [.. drill.Planted.Where(p => !found.Contains(p.Mistake))]);
    }

    private static SpotLine Marked(SpotDrill drill, Box box, IReadOnlyList<Finding> all, SpotSaid said)
    {
        bool Of(Finding f) => SpotParts.About(box, f).Contains(said.Part);
        bool By(Finding f) => f.Rule == said.Rule;
        var planted = drill.Planted.FirstOrDefault(p => p.Findings.Any(f => Of(f) && By(f)));
        if (planted is not null)
        {
            // A mistake that breaks two rules is as bad as the worse of them.
            var severity = planted.Worst == said.Severity || planted.Findings.Any(f => Of(f) && By(f) && f.Verdict == said.Severity);
            return new(said, SpotOutcome.Found, planted, severity, null);
        }

        var judged = all.FirstOrDefault(f => Of(f) && By(f));
        var outcome =
            judged?.Verdict == Verdict.Measure ? SpotOutcome.CannotTell
            : drill.Planted.Any(p => p.Findings.Any(Of)) ? SpotOutcome.OtherThing
            : drill.Planted.Any(p => p.Findings.Any(By)) ? SpotOutcome.OtherPart
            : SpotOutcome.FalseAlarm;
        return new(said, outcome, null, null, judged);
    }
}
