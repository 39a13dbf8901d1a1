using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Seen;

/// <summary>Points of a box an instrument is laid on, as the network names them, and what each is a point of.</summary>
public static class ProbePoints
{
    /// <summary>Slots first, then terminals, leads, joints, the metal, and what is independent of the box.</summary>
    public static IEnumerable<(string Point, Thing Thing)> Of(Job job, Id<Box> id, Box box) =>
        [
            .. box.Devices.SelectMany(d => OfDevice(id, d.Key, d.Value)),
            .. box.Leads.Select(l => (Points.Lead(id, l.Key, l.Value), Thing.Lead(l.Key))),
            .. box.Pigtails.Ids.Select(t => (Points.Pigtail(id, t), Thing.Lead(t))),
            .. box.Joints.Ids.Select(j => (Points.Joint(id, j), Thing.Joint(j))),
            .. box.Material == BoxMaterial.Nonmetallic
                ? Array.Empty<(string, Thing)>()
                : [(Points.Metal(id), new Thing(ThingKind.Metal, id))],
            (Points.Plate(id), new Thing(ThingKind.Plate, id)),
            .. FarLoads
                .Of(job, box)
                .Select(f => (Points.Frame(f.Run, f.Side), new Thing(ThingKind.FarMetal, Subjects.CableEnd(f.Run, f.Side)))),
            .. job.Panels.Ids.Select(p => (Points.GroundBar(p), new Thing(ThingKind.IndependentGround, p))),
            (Points.Earth, new Thing(ThingKind.Earth, "")),
        ];

    private static IEnumerable<(string, Thing)> OfDevice(Id<Box> id, Id<Device> deviceId, Device device)
    {
        foreach (var half in new[] { "", "upper", "lower" })
        {
            foreach (var slot in new[] { "hot", "neutral", "ground" })
            {
                yield return (Points.Face(id, deviceId, half + slot), new Thing(ThingKind.Slot, half + slot, deviceId));
            }
        }

        foreach (var terminal in DeviceKinds.Find(device.Kind)?.Terminals.Where(t => t.Id != "ground") ?? [])
        {
            yield return (Points.Terminal(id, deviceId, terminal.Id), new Thing(ThingKind.Terminal, terminal.Id, deviceId));
        }

        yield return (Points.Yoke(id, deviceId), new Thing(ThingKind.Terminal, "ground", deviceId));
    }
}
