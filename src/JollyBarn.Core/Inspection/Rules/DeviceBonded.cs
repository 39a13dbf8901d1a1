using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A device with a ground terminal, and a switch with a metal plate, is bonded.</summary>
/// <remarks>NEC 250.146, 404.9(B). A self-grounding yoke or metal to metal on a surface box does it too. Where no ground comes in, other
/// rules speak.</remarks>
public sealed class DeviceBonded() : BoxRule("device-bonded")
{
    public enum Case
    {
        Bonded,
        AskWhere,
        AskYoke,
        NotBonded,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var grounds = look.Ended.Where(l => l.Lead.Use == ConductorUse.Ground).Select(l => l.Id).ToList();
        if (grounds.Count == 0)
        {
            yield break;
        }

        var open = grounds.Exists(g => look.Box.Leads[g].Lands.At == LandingAt.Unknown) || !look.Complete;
        foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind.Terminals.Any(t => t.Role == TerminalRole.Ground)))
        {
            var reaches = kind
                .Terminals.Where(t => t.Role == TerminalRole.Ground)
                .Any(t => grounds.Exists(g => look.Touching.Reaches(g, id, t.Id)));
            var byYoke = look.Box.Material == BoxMaterial.Nonmetallic ? false : look.Read(DeviceFacts.SelfGround, id);
            yield return id switch
            {
                _ when reaches || byYoke == true => Fine(id, Case.Bonded, ("device", Thing.Device(id))),
                _ when open => AskOf(id, Case.AskWhere, [], ("device", Thing.Device(id))),
                _ when byYoke is null => Ask(id, Case.AskYoke, [DeviceFacts.SelfGround], ("device", Thing.Device(id))),
                _ => Fix(id, Case.NotBonded, ("device", Thing.Device(id))),
            };
        }
    }
}
