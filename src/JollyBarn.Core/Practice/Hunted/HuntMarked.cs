using JollyBarn.Tracing.Hunting;

namespace JollyBarn.Practice.Hunted;

/// <summary>What became of a hunt.</summary>
public enum HuntOutcome
{
    /// <summary>The hidden fault, or one that no test tells from it.</summary>
    Found,

    /// <summary>Another fault in the same box.</summary>
    SameBox,
    Elsewhere,
}

/// <summary>A hunt that was ended, marked.</summary>
/// <param name="Claim">What the learner says it is.</param>
/// <param name="Against">Places of the learner's own tests that speak against it, from 0.</param>
/// <param name="Apart">The cheapest test that tells it from the hidden fault; null where it was found.</param>
/// <param name="Own">As the program would have gone about it.</param>
/// <param name="Fair">Whether the budget would have borne the program's own tests.</param>
public sealed record HuntMarked(
    HuntOutcome Outcome,
    Suspect Claim,
    IReadOnlyList<int> Against,
    Trial? Apart,
    HuntPath Mine,
    HuntPath Own,
    bool Fair
)
{
    /// <summary>A hunt is thrifty up to so many times what the program used; twice that is hard.</summary>
    private const double Thrifty = 1.25,
        Wasteful = 2.5;

    public static HuntMarked Of(HuntDrill drill, IReadOnlyList<HuntStep> made, Suspect claim)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(made);
        ArgumentNullException.ThrowIfNull(claim);
        var asked = drill.Trials.Select(t => t.Asked).ToList();
        var (said, truth) = (Predicting.Of(drill.Scene, claim, asked), Predicting.Of(drill.Scene, drill.Hidden.Fault, asked));
        var found = Prediction.Same(said, truth);
        var against = Suspects
            .Of(drill.Scene, drill.After(made), pairs: false)
            .All.FirstOrDefault(s => s.Suspect.Key == claim.Key)
            ?.Against;
        var own = drill.Own();
        return new(
            found ? HuntOutcome.Found
                : Boxes(drill, claim).Intersect(Boxes(drill, drill.Hidden.Fault)).Any() ? HuntOutcome.SameBox
                : HuntOutcome.Elsewhere,
            claim,
            [.. Enumerable.Range(0, made.Count).Where(i => against?.Contains(HuntDrill.Id(i)) == true)],
            found ? null : drill.Trials.Where((_, i) => !said[i].Same(truth[i])).MinBy(t => t.Cost),
            HuntPath.Of(drill, made, better: true),
            HuntPath.Of(drill, own, better: false),
            drill.Bears(own)
        );
    }

    /// <summary>How it went by what it asks for: finding it, not wasting time and plaster, not risking oneself.</summary>
    public IReadOnlyList<SkillGrade> Graded()
    {
        var grades = new List<SkillGrade>();
        var found = Outcome == HuntOutcome.Found;
        if (Fair || found)
        {
            grades.Add(new(Skill.HuntFind, Find()));
        }

        // Who guessed wrong saved nothing, and who tested nothing risked nothing.
        if (found)
        {
            grades.Add(new(Skill.HuntThrift, Thrift(Mine.Cost / Math.Max(1, Own.Cost))));
        }

        if (Mine.Steps.Count > 0)
        {
            grades.Add(new(Skill.HuntSafely, Dangers()));
        }

        return grades;
    }

    private Grade Find() =>
        Outcome switch
        {
            HuntOutcome.Found => Grade.Good,
            HuntOutcome.SameBox => Grade.Hard,
            _ => Grade.Again,
        };

    private static Grade Thrift(double more) =>
        more switch
        {
            <= Thrifty => Grade.Good,
            <= Wasteful => Grade.Hard,
            _ => Grade.Again,
        };

    private Grade Dangers() =>
        Mine.Steps.Any(s => s.Step.Danger == HuntDanger.ResetOntoFault) ? Grade.Again
        : Mine.Use.Dangers <= Own.Use.Dangers + 1 ? Grade.Good
        : Grade.Hard;

    private static IEnumerable<Wiring.Id<Wiring.Box>> Boxes(HuntDrill drill, Suspect suspect) =>
        suspect.Faults.SelectMany(f => f.Boxes(drill.Job));
}
