using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Hunted;

/// <summary>What can hurt whoever looks.</summary>
public enum HuntDanger
{
    /// <summary>Read on what is live.</summary>
    Live,

    /// <summary>Switched on again what tripped at once, with nothing taken off before. <em>Practice</em>: what trips is not reset for
    /// nothing.</summary>
    ResetOntoFault,
}

/// <summary>A test that was made.</summary>
/// <param name="Minutes">What it took, the way there in it.</param>
/// <param name="Opened">Boxes opened for it that were closed before.</param>
public sealed record HuntStep(Trial Trial, Sight Shows, double Minutes, IReadOnlyList<Id<Box>> Opened, HuntDanger? Danger);

/// <summary>What somebody could know after a test.</summary>
/// <param name="Left">Faults that explain everything seen until then.</param>
/// <param name="Better">What the program would have tested instead; null where it would have tested the same or has no test
/// left.</param>
public sealed record HuntKnown(HuntStep Step, int Left, Trial? Better);

/// <summary>A hunt from what was noticed to its end.</summary>
/// <param name="Start">Faults that explain what was noticed.</param>
public sealed record HuntPath(int Start, IReadOnlyList<HuntKnown> Steps)
{
    /// <summary>A fault so much less likely than another is out of the running.</summary>
    private const double Far = 0.01;

    /// <summary>What it used up.</summary>
    public HuntBudget Use => Used([.. Steps.Select(s => s.Step)]);

    /// <summary>What a minute, a box and a danger weigh together, as the program weighs them when it chooses a test, min.</summary>
    public double Cost
    {
        get
        {
            var open = new HashSet<Id<Box>>();
            var cost = 0.0;
            foreach (var step in Steps.Select(s => s.Step))
            {
                cost += step.Trial.After(open) + RankedTrial.Going;
                open.UnionWith(step.Trial.Opens);
            }

            return cost;
        }
    }

    public static HuntBudget Used(IReadOnlyList<HuntStep> steps) =>
        new(steps.Sum(s => s.Minutes), steps.Sum(s => s.Opened.Count), steps.Count(s => s.Danger is not null));

    /// <summary>What could be known after each step.</summary>
    /// <param name="better">Whether the program is asked at each step what it would test.</param>
    internal static HuntPath Of(HuntDrill drill, IReadOnlyList<HuntStep> steps, bool better)
    {
        var known = Enumerable
            .Range(0, steps.Count + 1)
            .Select(n => Suspects.Of(drill.Scene, drill.After(steps.Take(n)), pairs: false))
            .ToList();
        return new(
            Left(known[0]),
            [.. steps.Select((s, i) => new HuntKnown(s, Left(known[i + 1]), better ? Better(known[i], s.Trial) : null))]
        );
    }

    /// <summary>Faults that explain everything and are not far less likely than the likeliest of them.</summary>
    private static int Left(Suspects suspects)
    {
        var explain = suspects.All.Where(s => s.Suspect.Kind == SuspectKind.Fault && s.Against.Count == 0).ToList();
        return explain.Count == 0 ? 0 : explain.Count(s => s.Belief >= Far * explain[0].Belief);
    }

    private static Trial? Better(Suspects known, Trial made) =>
        NextTrial.Of(known, Means.Usual) is { Found: false, Ranked: [var first, ..] } && first.Trial.Key != made.Key ? first.Trial : null;
}
