using JollyBarn.Inspection.Rules;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>Runs the rules over a box.</summary>
public static class Inspector
{
    public static IReadOnlyList<IBoxRule> Rules { get; } =
    [
        new JoinedThatMustNotBe(), new ReversedPolarity(), new NeutralToGround(), new LineAndLoad(),
        new JointConnector(), new LandingPlaceTakes(), new LooseEnds(), new GroundsTogether(), new MetalBoxBonded(),
    ];

    /// <summary>Everything found, worst first; in the order of the rules where equally bad. Nothing is said of a box nobody has opened.</summary>
    public static IReadOnlyList<Finding> Judge(Job job, string id, Box box)
    {
        if (box.Contents == Contents.NotOpened && box.Leads.Count == 0)
        {
            return [];
        }

        var look = new BoxLook(job, id, box);
        return [.. Rules.SelectMany(r => r.Judge(look)).OrderBy(f => f.Verdict)];
    }
}
