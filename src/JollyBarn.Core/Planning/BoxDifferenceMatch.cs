using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <content>Which devices and joints of the two states are the same.</content>
public sealed partial class BoxDifference
{
    /// <summary>The device of the newer state that stands for one of the older; itself where none does.</summary>
    private Id<Device>? Now(Id<Device>? was) => was is { } old && devices.TryGetValue(old, out var now) ? now : was;

    /// <summary>The lead as it was: the same of a cable, and of a device that was put back the one at the same place among its
    /// own.</summary>
    private Lead? Was(Id<Lead> id, Lead now) =>
        from.Leads.Find(id)
        ?? (
            now.Device is { } device
                ? from.Leads.Values.FirstOrDefault(l => l.Device is { } old && Now(old) == device && l.Index == now.Index)
                : null
        );

    /// <summary>Devices that kept their id are the same. Of those taken out and put in, the same kind in the same gang is the one put back,
    /// then the same kind anywhere, then what stands in the gang of another.</summary>
    private void MatchDevices()
    {
        foreach (var id in from.Devices.Ids.Where(to.Devices.Has))
        {
            devices[id] = id;
        }

        Func<Device, Device, bool>[] alike =
        [
            (a, b) => a.Kind == b.Kind && a.Gang == b.Gang,
            (a, b) => a.Kind == b.Kind,
            (a, b) => a.Gang > 0 && a.Gang == b.Gang && DeviceKinds.Find(a.Kind)?.Yoke == DeviceKinds.Find(b.Kind)?.Yoke,
        ];
        foreach (var same in alike)
        {
            foreach (var (id, was) in from.Devices.Where(d => !devices.ContainsKey(d.Key)).ToList())
            {
                if (to.Devices.FirstOrNull(d => !devices.ContainsValue(d.Key) && same(was, d.Value)) is { } found)
                {
                    devices[id] = found.Key;
                }
            }
        }
    }

    /// <summary>Joints of the two states that hold most of the same leads are the same joint.</summary>
    private void MatchJoints()
    {
        var (old, now) = (from, to);
        var pairs = old
            .Joints.Ids.SelectMany(a =>
                now.Joints.Ids.Select(b =>
                    (a, b, Shared: now.Leads.Count(l => l.Value.Lands.IsIn(b) && Was(l.Key, l.Value)?.Lands.IsIn(a) == true))
                )
            )
            .Where(p => p.Shared > 0)
            .OrderByDescending(p => p.Shared)
            .ThenBy(p => p.a)
            .ThenBy(p => p.b);
        var taken = new HashSet<Id<Joint>>();
        foreach (var (a, b, _) in pairs)
        {
            if (!joints.ContainsKey(a) && taken.Add(b))
            {
                joints[a] = b;
            }
        }

        // Joints that hold only pigtails go by their id, then by their name.
        foreach (var a in old.Joints.Ids.Where(a => !joints.ContainsKey(a)).ToList())
        {
            var same = now.Joints.Ids.FirstOrNull(b => b == a && !taken.Contains(b))
                ?? now.Joints.Ids.FirstOrNull(b => !taken.Contains(b) && now.Joints[b].Name == old.Joints[a].Name);
            if (same is { } b && taken.Add(b))
            {
                joints[a] = b;
            }
        }
    }

    private bool SameLanding(Landing was, Landing now) =>
        was.At == now.At
        && (
            was.At == LandingAt.Joint
                ? joints.TryGetValue(was.Joint!.Value, out var same) && same == now.Joint
                : was.Place == now.Place && Now(was.Device) == now.Device
        );

    /// <summary>A pigtail as text that two alike ones share, whatever their ids.</summary>
    private string Tail(Box box, Pigtail tail, bool old)
    {
        string End(Landing l) =>
            l.At == LandingAt.Joint
                ? $"joint {(old ? joints.GetValueOrDefault(l.Joint!.Value, "-") : l.Joint)}"
                : $"{l.At} {(old ? Now(l.Device) : l.Device)} {l.Place}";
        var ends = new[] { End(tail.From), End(tail.To) }.Order(StringComparer.Ordinal);
        return $"{string.Join("|", ends)}|{tail.Gauge}|{tail.Colour}|{tail.Stranded}|{tail.Length.OrNull}|{tail.Of}|{box.Name}";
    }
}
