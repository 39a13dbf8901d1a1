using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Black, red and the like are never neutral and never ground.</summary>
/// <remarks>NEC 200.6(A), 250.119. Small insulated conductors are not re-marked for either. By what the conductor reaches; pigtails
/// too.</remarks>
public sealed class OtherColours() : BoxRule("colour")
{
    public enum Case
    {
        AsNeutral,
        AsGround,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _) in look.Conductors().Where(w => w.Colour is not ("white" or "grey" or "green" or "bare")))
        {
            var at = look.Sources.Of(id);
            (string, object?)[] details = [("lead", Thing.Lead(id)), ("basis", at.Basis)];
            if (at.Kinds is Carries.Neutral or Carries.Ground)
            {
                yield return Fix(id, at.Kinds == Carries.Neutral ? Case.AsNeutral : Case.AsGround, details);
            }
        }
    }
}
