using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A switch is in the hot, never in the neutral.</summary>
/// <remarks>NEC 404.2(B).</remarks>
public sealed class SwitchInHot() : BoxRule("switch-neutral-cut")
{
    public enum Case
    {
        InNeutral,
        InHot,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind is { OnlySwitches: true, TakesNeutral: false }))
        {
            var ends = look.On(id);
            if (ends.FirstOrNull(e => e.Use == ConductorUse.Neutral)?.Id is { } cut)
            {
                yield return Stop(id, Case.InNeutral, ("lead", Thing.Lead(cut)), ("device", Thing.Device(id))).Pointing(id, cut);
            }
            else if (ends.Count > 0 && ends.All(e => e.Use != ConductorUse.Unknown))
            {
                yield return Fine(id, Case.InHot);
            }
        }
    }
}
