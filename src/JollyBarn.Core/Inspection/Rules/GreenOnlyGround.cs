using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Green and bare conductors are grounds and nothing else.</summary>
/// <remarks>NEC 250.119: small insulated conductors are not re-marked. By what the conductor reaches; a bare one that carries current in
/// service can be touched.</remarks>
public sealed class GreenOnlyGround() : BoxRule("green")
{
    public enum Case
    {
        Live,
        BareNeutral,
        Neutral,
        Ground,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, colour) in look.Conductors().Where(w => w.Colour is "bare" or "green"))
        {
            var at = look.Sources.Of(id);
            (string, object?)[] details = [("lead", Thing.Lead(id)), ("use", at.Use), ("basis", at.Basis)];
            yield return at.Kinds switch
            {
                var kinds when kinds.HasFlag(Carries.Ground) => Fine(id, Case.Ground, ("lead", Thing.Lead(id))),
                Carries.Hot => Stop(id, Case.Live, details),
                Carries.Neutral when colour == "bare" => Stop(id, Case.BareNeutral, details),
                Carries.Neutral => Fix(id, Case.Neutral, details),
                _ => Fine(id, Case.Ground, ("lead", Thing.Lead(id))),
            };
        }
    }
}
