using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The free end of a conductor is covered with an insulation as good as its own.</summary>
/// <remarks>NEC 110.14(B). A bare ground left loose is judged by the rule that joins grounds.</remarks>
public sealed class LooseEnds() : BoxRule("loose-end")
{
    public enum Case
    {
        Loose,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        static bool Loose(Landing at) => at.At == LandingAt.Loose;
        var leads = look
            .Box.Leads.Where(l => l.Value is { Form: LeadForm.Ended, IsGround: false } && Loose(l.Value.Lands))
            .Select(l => l.Key);
        var tails = look
            .Box.Pigtails.Where(t => t.Value.Use is not ConductorUse.Ground && (Loose(t.Value.From) || Loose(t.Value.To)))
            .Select(t => t.Key);
        return leads.Concat(tails).Select(id => Fix(id, Case.Loose, ("lead", Thing.Lead(id))));
    }
}
