using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The shared neutral of a multiwire circuit does not run through a device.</summary>
/// <remarks>NEC 300.13(B).</remarks>
public sealed class MultiwireNeutral() : BoxRule("multiwire-neutral")
{
    public enum Case
    {
        Ask,
        ThroughDevice,
        Apart,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in MultiwireCables.In(look))
        {
            foreach (var neutral in cable.Leads.Where(l => look.Box.Leads[l].Use == ConductorUse.Neutral))
            {
                yield return look.Box.Leads[neutral].Lands switch
                {
                    { At: LandingAt.Unknown } => AskOf(neutral, Case.Ask, []),
                    { At: LandingAt.Terminal, Device: { } device } when look.On(device).Count(e => e.Use == ConductorUse.Neutral) > 1 =>
                        Fix(neutral, Case.ThroughDevice, ("cable", cable.Thing), ("device", Thing.Device(device))),
                    _ => Fine(neutral, Case.Apart),
                };
            }
        }
    }
}
