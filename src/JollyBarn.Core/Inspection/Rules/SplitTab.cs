using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A split receptacle has its tab broken, and a whole one is fed once.</summary>
/// <remarks>NEC 210.7: both halves of two circuits open together. A whole tab between two legs is a short of 240 V.</remarks>
public sealed class SplitTab() : BoxRule("split-tab")
{
    public enum Case
    {
        TwoCircuits,
        WholeOnSplit,
        Broken,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, device, kind) in look.Receptacles.Where(r => r.Kind.Terminals.Any(t => t.Half is not null)))
        {
            var whole = !device.BrokenTabs.Contains("hot");
            if (
                whole
                && Circuits(look, id, "hot-upper") is { Count: > 0 } upper
                && Circuits(look, id, "hot-lower") is { Count: > 0 } lower
                && !upper.Overlaps(lower)
            )
            {
                yield return Stop(id, Case.TwoCircuits, ("device", Thing.Device(id)));
            }
            else if (kind.FedApart)
            {
                yield return whole ? Fix(id, Case.WholeOnSplit, ("device", Thing.Device(id))) : Fine(id, Case.Broken);
            }
        }
    }

    private static HashSet<Id<Circuit>> Circuits(BoxLook look, Id<Device> device, string terminal) =>
        look.On(device)
            .Where(e => e.At.Terminal == terminal)
            .Select(e => look.Cables.FirstOrDefault(c => c.Leads.Contains(e.Id))?.Run.Circuit)
            .OfType<Id<Circuit>>()
            .ToHashSet();
}
