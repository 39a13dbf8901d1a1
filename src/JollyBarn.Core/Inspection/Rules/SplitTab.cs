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

    /// <summary>Circuits of the cables whose conductors come to a terminal, directly or by pigtails, not through the device.</summary>
    private static HashSet<Id<Circuit>> Circuits(BoxLook look, Id<Device> device, string terminal)
    {
        var ends = look.On(device).Where(e => e.At.Terminal == terminal).Select(e => e.Id).ToList();
        for (var i = 0; i < ends.Count; i++)
        {
            if (look.Box.Pigtails.Find(ends[i]) is { } tail)
            {
                var joints = new[] { tail.From.Joint, tail.To.Joint }.OfType<Id<Joint>>();
                ends.AddRange(joints.SelectMany(look.In).Select(m => m.Id).Where(m => !ends.Contains(m)).ToList());
            }
        }

        return look.Cables.Where(c => c.Leads.Any(ends.Contains)).Select(c => c.Run.Circuit).OfType<Id<Circuit>>().ToHashSet();
    }
}
