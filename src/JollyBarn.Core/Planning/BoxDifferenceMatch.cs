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

    /// <summary>The newer state of a box with the ids of the older one for joints, devices and pigtails that are the same in both; what is
    /// new keeps its id, or gets one that nothing of the older has.</summary>
    /// <returns>Null where the newer state has no such box.</returns>
    public static Box? Aligned(Job from, Job to, Id<Box> id) =>
        (from.Boxes.Find(id), to.Boxes.Find(id)) switch
        {
            ({ } a, { } b) => ReferenceEquals(a, b) ? a : new BoxDifference(from, to, id, a, b).Aligned(),
            (_, var b) => b,
        };

    private Box Aligned()
    {
        var named = Named(joints.ToDictionary(j => j.Value.Text, j => j.Key.Text), to.Joints.Ids, from.Joints.Ids);
        var byDevice = Named(devices.ToDictionary(d => d.Value.Text, d => d.Key.Text), to.Devices.Ids, from.Devices.Ids);
        var tails = new Dictionary<string, string>(StringComparer.Ordinal);
        // One that kept its id is the same, laid or made otherwise; others are told by what they are.
        foreach (var kept in to.Pigtails.Ids.Where(from.Pigtails.Has))
        {
            tails[kept] = kept;
        }

        var left = to.Pigtails.Where(t => !from.Pigtails.Has(t.Key)).Select(t => (Id: t.Key.Text, Text: Tail(to, t.Value, false))).ToList();
        foreach (var (was, tail) in from.Pigtails.Where(t => !to.Pigtails.Has(t.Key)))
        {
            if (left.FindIndex(t => t.Text == Tail(from, tail, true)) is >= 0 and var same)
            {
                tails[left[same].Id] = was.Text;
                left.RemoveAt(same);
            }
        }

        var byTail = Named(tails, to.Pigtails.Ids, from.Pigtails.Ids);
        string Lead(Id<Lead> lead) =>
            byTail.TryGetValue(lead.Text, out var tail) && to.Pigtails.Has(lead) ? tail
            : to.Leads.Find(lead)?.Device is { } of && byDevice.TryGetValue(of.Text, out var device) ? device + lead.Text[of.Text.Length..]
            : lead.Text;
        Landing At(Landing at) =>
            at with
            {
                Joint = at.Joint is { } j ? named.GetValueOrDefault(j.Text, j.Text) : at.Joint,
                Device = at.Device is { } d && byDevice.TryGetValue(d.Text, out var device) ? device : at.Device,
            };
        return to with
        {
            Joints = to.Joints.Aggregate(ById<Id<Joint>, Joint>.Empty, (all, j) => all.With(named[j.Key.Text], j.Value)),
            Devices = to.Devices.Aggregate(ById<Id<Device>, Device>.Empty, (all, d) => all.With(byDevice[d.Key.Text], d.Value)),
            Leads = to.Leads.Aggregate(ById<Id<Lead>, Lead>.Empty, (all, l) =>
                all.With(
                    Lead(l.Key),
                    l.Value with
                    {
                        Lands = At(l.Value.Lands),
                        Device = l.Value.Device is { } d ? byDevice[d.Text] : l.Value.Device,
                    }
                )
            ),
            Pigtails = to.Pigtails.Aggregate(ById<Id<Lead>, Pigtail>.Empty, (all, t) =>
                all.With(
                    Lead(t.Key),
                    t.Value with
                    {
                        From = At(t.Value.From),
                        To = At(t.Value.To),
                        Of = t.Value.Of is { } of ? Lead(of) : t.Value.Of,
                    }
                )
            ),
            Noted = to.Noted.Aggregate(ById<string, Noted>.Empty, (all, n) => all.With(
                    to.Joints.Has(n.Key) ? named[n.Key]
                        : to.Devices.Has(n.Key) ? byDevice[n.Key]
                        : to.Leads.Has(n.Key) || to.Pigtails.Has(n.Key) ? Lead(n.Key)
                        : n.Key,
                    n.Value
                )),
        };
    }

    /// <summary>Names for the ids of the newer state: the older one's for what is the same, its own or a free one for what is
    /// new.</summary>
    private static Dictionary<string, string> Named<TId>(Dictionary<string, string> same, IEnumerable<TId> ids, IEnumerable<TId> older)
        where TId : notnull
    {
        var named = new Dictionary<string, string>(StringComparer.Ordinal);
        var taken = older.Select(o => o.ToString()!).ToHashSet(StringComparer.Ordinal);
        foreach (var id in ids.Select(i => i.ToString()!))
        {
            var name = same.GetValueOrDefault(id, id);
            for (var n = 2; !same.ContainsKey(id) && !taken.Add(name); n++)
            {
                name = $"{id}-{n}";
            }

            named[id] = name;
        }

        return named;
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
