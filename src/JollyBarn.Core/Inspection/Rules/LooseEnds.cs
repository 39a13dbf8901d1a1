using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The free end of a conductor is covered with an insulation as good as its own.</summary>
/// <remarks>NEC 110.14(B). A bare ground left loose is judged by the rule that joins grounds.</remarks>
public sealed class LooseEnds() : BoxRule("loose-end", "Loose end", "A loose end is live the day somebody switches on.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var ends = look.Box.Leads.Where(l => l.Value is { Form: LeadForm.Ended, IsGround: false, Lands.At: LandingAt.Loose }).Select(l => l.Key)
            .Concat(look.Box.Pigtails.Where(t => t.Value.Use is not ConductorUse.Ground && (t.Value.From.At == LandingAt.Loose || t.Value.To.At == LandingAt.Loose)).Select(t => t.Key));
        foreach (var id in ends)
        {
            yield return Fix(id, $"{Sentence.Start(look.Called(id))} ends loose. Land it, or put a cap on it.", "110.14(B)");
        }
    }
}
