using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A neutral joined to a ground past the service: in a joint, on a ground terminal, or on the box.</summary>
/// <remarks>NEC 250.24(A)(5), 250.142(B).</remarks>
public sealed class NeutralToGround() : BoxRule("neutral-ground", "Neutral and ground", "Everything meant to be safe to touch carries current.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var neutrals = look.Box.Leads.Where(l => l.Value is { Use: ConductorUse.Neutral, Run: not null }).Select(l => l.Key).ToList();
        var grounds = look.Box.Leads.Where(l => l.Value is { Use: ConductorUse.Ground, Run: not null }).Select(l => l.Key).ToList();
        foreach (var neutral in neutrals)
        {
            var met = grounds.Find(g => look.Touching.Joined(neutral, g));
            var device = look.Box.Devices.FirstOrDefault(d => DeviceKinds.Find(d.Value.Kind)?.Terminals.Any(t => t.Role == TerminalRole.Ground) == true && look.Touching.Reaches(neutral, d.Key, "ground")).Key;
            if (met is not null || device is not null || look.Touching.ReachesBox(neutral))
            {
                var what = met is not null ? $"{look.Called(met)}" : device is not null ? $"the ground of the {look.DeviceName(device)}" : "the metal box";
                yield return Stop(neutral, $"{Sentence.Start(look.Called(neutral))} is joined to {what}: ground parts carry neutral current.", "250.24(A)(5), 250.142(B)",
                    ["Switch the breaker off and tag it.", "Prove it dead, to an independent ground.", "Part neutral and ground; put each with its own kind."], met is null ? [neutral] : [neutral, met]);
                yield break;
            }
        }
    }
}
