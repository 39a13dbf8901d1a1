using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hot on a neutral terminal, or a neutral on a hot one.</summary>
/// <remarks>NEC 200.11. Colour proves nothing: this judges by what the conductor is recorded as used for.</remarks>
public sealed class ReversedPolarity : IBoxRule
{
    public string Id => "polarity";

    public IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, device) in look.Box.Devices)
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
                    yield return new(Id, Verdict.Stop, $"{Sentence.Start(look.Called(end))} is used as {Sentence.Of(use)} and lies on {terminal!.Name} of the {look.DeviceName(id)}: polarity is reversed. Keep it off until it is put right.", "200.11", [end, id]);
                }
            }
        }
    }
}
