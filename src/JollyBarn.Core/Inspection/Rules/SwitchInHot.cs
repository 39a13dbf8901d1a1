using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A switch is in the hot, never in the neutral.</summary>
/// <remarks>NEC 404.2(B).</remarks>
public sealed class SwitchInHot() : BoxRule("switch-neutral-cut", "Switch in the hot", "Off, the lamp is dark and its socket live.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Family is DeviceFamily.Switch or DeviceFamily.Dimmer))
        {
            var ends = look.On(id).ToList();
            var cut = ends.FirstOrDefault(e => e.Use == ConductorUse.Neutral);
            if (cut.Id is not null)
            {
                yield return Stop(id, $"{Sentence.Start(look.Called(cut.Id))} is a neutral and lies on the {look.DeviceName(id)}: off, what it switches stays live.", "404.2(B)", ["Switch the breaker off and tag it.", "Prove it dead, at the lamp too.", "Put the neutrals together and the hot on the switch."], id, cut.Id);
            }
            else if (ends.Count > 0 && ends.All(e => e.Use != ConductorUse.Unknown))
            {
                yield return Fine(id, "The switch is in the hot.", "404.2(B)");
            }
        }
    }
}
