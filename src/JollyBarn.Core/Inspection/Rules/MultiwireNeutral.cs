using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The shared neutral of a multiwire circuit does not run through a device.</summary>
/// <remarks>NEC 300.13(B).</remarks>
public sealed class MultiwireNeutral() : BoxRule("multiwire-neutral", "Shared neutral", "Take that device off and 240 V lies across what is plugged in.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in MultiwireCables.In(look))
        {
            foreach (var neutral in cable.Leads.Where(l => look.Box.Leads[l].Use == ConductorUse.Neutral))
            {
                var lands = look.Box.Leads[neutral].Lands;
                var through = lands.At == LandingAt.Terminal && look.On(lands.Device!).Count(e => e.Use == ConductorUse.Neutral) > 1;
                yield return lands.At == LandingAt.Unknown ? AskOf(neutral, "Where does the shared neutral go?", "300.13(B)", [])
                    : through ? Fix(neutral, $"The shared neutral of {BoxLook.CableName(cable)} runs through the {look.DeviceName(lands.Device!)}.", "300.13(B)")
                    : Fine(neutral, "The shared neutral does not run through a device.", "300.13(B)");
            }
        }
    }
}
