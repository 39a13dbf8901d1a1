using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>What is in a box: leads and pigtails where they land, the metal, and the insides of devices.</summary>
internal static class BoxPlan
{
    /// <summary>Screws that hold a plate to a yoke.</summary>
    private const double PlateOhms = 0.01;

    private const double PigtailFeet = 8 / 12.0;

    public static void Put(JobPlan to, Id<Box> id, Box box)
    {
        foreach (var (leadId, lead) in box.Leads)
        {
            var here = Points.Lead(id, leadId, lead);
            if (lead.LeavesBy is { } on && to.Job.Runs.Find(on) is { } next)
            {
                foreach (var side in next.SidesIn(id))
                {
                    to.Contact(LinkKeys.Through(id, leadId), here, Points.End(on, side, lead.Index));
                }
            }
            else
            {
                Land(to, id, box, LinkKeys.Land(id, leadId), here, lead.Lands);
            }
        }

        foreach (var (run, side, index) in Sheaths(to.Job, id, box))
        {
            to.Contact(LinkKeys.Land(id, $"{run}.{side}"), Points.End(run, side, index), Points.Metal(id));
        }

        foreach (var (tailId, tail) in box.Pigtails)
        {
            var here = Points.Pigtail(id, tailId);
            var ohms = to.JointOhms + Copper.Ohms(tail.Gauge ?? Gauge.Awg(14), PigtailFeet, to.Now.Celsius, tail.Metal);
            if (tail.Of is { } of)
            {
                var before = box.Leads.Find(of) is { } lead ? Points.Lead(id, of, lead) : Points.Pigtail(id, of);
                to.Contact(LinkKeys.TailFrom(id, tailId), here, before);
            }
            else
            {
                Land(to, id, box, LinkKeys.TailFrom(id, tailId), here, tail.From);
            }

            if (Where(id, box, tail.To) is { } far)
            {
                to.Plan.Join(LinkKeys.TailTo(id, tailId), here, far, ohms, LinkKind.Contact);
            }
        }

        foreach (var (deviceId, device) in box.Devices)
        {
            if (DeviceKinds.Find(device.Kind) is { } kind)
            {
                Insides.Put(new(to, id, box, deviceId, device, kind));
            }
        }

        if (box.Fact(Subjects.Box, "plate-metal") is { Value: "yes" })
        {
            foreach (var (deviceId, _) in box.Devices.Where(d => d.Value.Gang > 0))
            {
                to.Plan.Join(LinkKeys.Plate(id, deviceId), Points.Plate(id), Points.Yoke(id, deviceId), PlateOhms, LinkKind.Metal);
            }
        }

        if (box.Contents == Contents.NotOpened)
        {
            foreach (var (leadId, lead) in box.Leads)
            {
                to.Plan.Unknown.Add(Points.Lead(id, leadId, lead));
            }
        }
    }

    /// <summary>Cables and raceways whose own metal is a ground, as they come into a box that is not plastic: their fittings join
    /// it.</summary>
    public static IEnumerable<(Id<Run> Run, RunSide Side, int Index)> Sheaths(Job job, Id<Box> id, Box box) =>
        box.Material == BoxMaterial.Nonmetallic
            ? []
            : box
                .Leads.Values.Select(l => l.Run)
                .OfType<Id<Run>>()
                .Distinct()
                .SelectMany(r =>
                    job.Runs.Find(r) is { Ground: GroundKind.Sheath } run ? run.SidesIn(id).Select(s => (r, s, run.Conductors.Count)) : []
                );

    private static void Land(JobPlan to, Id<Box> id, Box box, string key, string here, Landing landing)
    {
        if (landing.At == LandingAt.Unknown)
        {
            to.Plan.Unknown.Add(here);
        }
        else if (Where(id, box, landing) is { } there)
        {
            to.Contact(key, here, there);
        }
    }

    /// <summary>The point a landing is on; null for a free end.</summary>
    private static string? Where(Id<Box> id, Box box, Landing landing) =>
        landing.At switch
        {
            LandingAt.Joint => Points.Joint(id, landing.Joint!.Value),
            LandingAt.Terminal when landing.Terminal == "ground" => Points.Yoke(id, landing.Device!.Value),
            LandingAt.Terminal => Points.Terminal(id, landing.Device!.Value, landing.Terminal!),
            LandingAt.BondingScrew when box.Material != BoxMaterial.Nonmetallic => Points.Metal(id),
            _ => null,
        };
}
