using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A device with a ground terminal, and a switch with a metal plate, is bonded.</summary>
/// <remarks>NEC 250.146, 404.9(B). A self-grounding yoke or metal to metal on a surface box does it too. Where no ground comes in, other rules speak.</remarks>
public sealed class DeviceBonded() : BoxRule("device-bonded", "Device bonded", "The ground pin of a plug that goes nowhere protects nobody.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var grounds = look.Box.Leads.Where(l => l.Value is { Use: ConductorUse.Ground, Run: not null, Form: LeadForm.Ended }).Select(l => l.Key).ToList();
        foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind.Terminals.Any(t => t.Role == TerminalRole.Ground)))
        {
            if (grounds.Count == 0)
            {
                yield break;
            }

            const string article = "250.146, 404.9(B)";
            var open = grounds.Exists(g => look.Box.Leads[g].Lands.At == LandingAt.Unknown) || !look.Complete;
            var reaches = kind.Terminals.Where(t => t.Role == TerminalRole.Ground).Any(t => grounds.Exists(g => look.Touching.Reaches(g, id, t.Id)));
            var byYoke = look.Box.Material == BoxMaterial.Nonmetallic ? false : look.YesNo(id, "self-ground");
            yield return reaches || byYoke == true ? Fine(id, $"The {look.DeviceName(id)} is bonded.", article)
                : open ? AskOf(id, $"Where does the ground of the {look.DeviceName(id)} go?", article, [])
                : byYoke is null ? Ask(id, $"No ground lands on the {look.DeviceName(id)}. Does its yoke ground itself?", article, "self-ground")
                : Fix(id, $"The {look.DeviceName(id)} is not bonded, and a ground is in the box.", article);
        }
    }
}
