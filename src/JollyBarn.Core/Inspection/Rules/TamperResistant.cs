using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Receptacles of a dwelling are tamper-resistant.</summary>
/// <remarks>NEC 406.12: not over 5 1/2 ft, part of a luminaire or appliance, behind an appliance that is not easily moved, nor a
/// two-slot replacement. A replacement is of the kind required today, 406.4(D).</remarks>
public sealed class TamperResistant() : BoxRule("tamper")
{
    public enum Case
    {
        NotAsked,
        Resistant,
        Ask,
        AskExempt,
        StandsAsBuilt,
        NotResistant,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var high = look.Read(WallFacts.Height) is { } height ? height > look.Limits.Inches("box.height.tamper") : (bool?)null;
        var built = look.Read(WallFacts.AsBuilt);
        var exempt = high == true;
        FactKey?[] unknown = [high is null ? WallFacts.Height : null, built is null ? WallFacts.AsBuilt : null];
        foreach (var (id, _, _) in look.Receptacles.Where(r => r.Kind.Id is not ("receptacle-two-slot" or "range-receptacle")))
        {
            var why = look.Read(DeviceFacts.TamperWhy, id);
            FactAsked[] open =
            [
                .. unknown.OfType<FactKey>().Select(f => new FactAsked(Subjects.Box, f)),
                .. why is null ? [new FactAsked(id, DeviceFacts.TamperWhy)] : Array.Empty<FactAsked>(),
            ];
            yield return look.Read(DeviceFacts.Tamper, id) switch
            {
                _ when exempt || why is TamperWhy.PartOfAppliance or TamperWhy.DedicatedSpace => Fine(id, Case.NotAsked),
                true => Fine(id, Case.Resistant, ("device", Thing.Device(id))),
                null => Ask(id, Case.Ask, [DeviceFacts.Tamper], ("device", Thing.Device(id))),
                _ when open.Length > 0 => AskOf(id, Case.AskExempt, open, ("device", Thing.Device(id))),
                _ when built == true => Better(id, Case.StandsAsBuilt, ("device", Thing.Device(id))),
                _ => Fix(id, Case.NotResistant, ("device", Thing.Device(id))),
            };
        }
    }
}
