using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hot on a neutral terminal, or a neutral on a hot one.</summary>
/// <remarks>NEC 200.11. Colour proves nothing: this judges by what the conductor is recorded as used for.</remarks>
public sealed class ReversedPolarity() : BoxRule("polarity", "Polarity", "The shell of a lamp, and what is switched off, stay live.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, device, _) in look.Devices.Where(d => d.Kind.Family is not (DeviceFamily.Switch or DeviceFamily.Dimmer)))
        {
            foreach (var (end, at, _, _, use) in look.On(id))
            {
                var terminal = DeviceKinds.Find(device.Kind)?.Terminals.FirstOrDefault(t => t.Id == at.Terminal);
                var wrong = terminal?.Role switch
                {
                    TerminalRole.Hot or TerminalRole.LineHot or TerminalRole.LoadHot or TerminalRole.Switched or TerminalRole.Common => use == ConductorUse.Neutral,
                    TerminalRole.Neutral or TerminalRole.LineNeutral or TerminalRole.LoadNeutral => use is ConductorUse.Hot or ConductorUse.Switched or ConductorUse.Traveler,
                    _ => false,
                };
                if (wrong)
                {
                    yield return Stop(end, $"{Sentence.Start(look.Called(end))} is used as {Sentence.Of(use)} and lies on {terminal!.Name} of the {look.DeviceName(id)}: polarity is reversed.", "200.11",
                        ["Unplug what is in it, switch the breaker off and tag it.", "Prove it dead.", "Change the two over, and look upstream for where they were crossed."], end, id);
                }
            }
        }
    }
}
