using JollyBarn.CodeBook;
using JollyBarn.Electrics.Faults;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Seen;

/// <summary>Which slots of a job go dead on a leak from hot to the earth that a class A device opens on.</summary>
/// <remarks>UL 943: it opens from 6 mA; 8 mA are tried.</remarks>
public sealed class LeakTrips(Job job, Live live)
{
    private const double Leak = 0.008;
    private readonly Dictionary<string, bool> known = new(StringComparer.Ordinal);

    private readonly Lazy<HashSet<GuardKey>> anyway = new(() => [.. Story.Unfold(live).Openings.Select(o => o.Guard)]);

    /// <summary>The hot contacts of the slots of these boxes.</summary>
    public IEnumerable<string> Slots(IEnumerable<Id<Box>> boxes) =>
        from id in boxes
        where job.Boxes.Has(id)
        from device in job.Boxes[id].Devices
        from slots in DeviceKinds.Find(device.Value.Kind)?.Inside.OfType<Slots>() ?? []
        select Points.Terminal(id, device.Key, slots.Hot);

    /// <summary>True where the leak opens something that does not open without it.</summary>
    public bool Opens(string hot)
    {
        if (!known.TryGetValue(hot, out var opens))
        {
            var ohms = live.Set(ElectricsBook.LegVolts) / Leak;
            known[hot] = opens =
                live.Has(hot)
                && Story.Unfold(live.With(new Bridged(hot, Points.Earth, ohms))).Openings.Any(o => !anyway.Value.Contains(o.Guard));
        }

        return opens;
    }
}
