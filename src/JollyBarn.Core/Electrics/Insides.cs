using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>The insides of devices: what joins their terminals, by kind, tab and position.</summary>
internal static class Insides
{
    private const double ContactOhms = 0.002;

    /// <summary>Screws and ears of a yoke on a metal box.</summary>
    private const double YokeOhms = 0.01;

    public static void Put(Inside i)
    {
        foreach (var part in i.Kind.Inside)
        {
            Put(i, part);
        }

        if (i.Kind.Leads.Any(l => l.Role == TerminalRole.Ground))
        {
            i.To.Contact(LinkKeys.Frame(i.Name), Points.Own(i.Box, $"{i.Id}.ground"), Points.Yoke(i.Box, i.Id));
        }

        if (i.Of.Material != BoxMaterial.Nonmetallic && i.Kind.Electrical)
        {
            i.To.Plan.Join(LinkKeys.Yoke(i.Name), Points.Yoke(i.Box, i.Id), Points.Metal(i.Box), YokeOhms, LinkKind.Metal);
        }
    }

    private static void Put(Inside i, DevicePart part)
    {
        switch (part)
        {
            case Way way:
                i.Join(
                    LinkKeys.Way(i.Name, way.From, way.To),
                    i.At(way.From),
                    i.At(way.To),
                    LinkKind.Switch,
                    i.On(way.Lever) != way.WhenOn
                );
                break;
            case Tab tab:
                i.Join(
                    LinkKeys.Tab(i.Name, tab.Side),
                    i.At(tab.Upper),
                    i.At(tab.Lower),
                    LinkKind.Contact,
                    i.Device.BrokenTabs.Contains(tab.Side)
                );
                break;
            case Slots slots:
                Face(i, slots);
                break;
            case Draws draws:
                i.Load(draws);
                break;
            case Watches:
                Protective(i);
                break;
            default:
                throw new ArgumentOutOfRangeException(nameof(part), part, null);
        }
    }

    /// <summary>What a plug meets, and what is plugged in.</summary>
    private static void Face(Inside i, Slots slots)
    {
        var half = slots.Half;
        i.Join(LinkKeys.Slot(i.Name, half + "hot"), i.At(slots.Hot), Points.Face(i.Box, i.Id, half + "hot"), LinkKind.Contact);
        i.Join(LinkKeys.Slot(i.Name, half + "neutral"), i.At(slots.Neutral), Points.Face(i.Box, i.Id, half + "neutral"), LinkKind.Contact);
        if (i.Kind.PlaceOf(TerminalRole.Ground) is not null)
        {
            i.Join(
                LinkKeys.Slot(i.Name, half + "ground"),
                Points.Yoke(i.Box, i.Id),
                Points.Face(i.Box, i.Id, half + "ground"),
                LinkKind.Contact
            );
        }

        if (half is "" or "upper" && i.To.Now.Plugged.TryGetValue(i.Name, out var watts) && watts > 0)
        {
            i.Load(Points.Face(i.Box, i.Id, half + "hot"), Points.Face(i.Box, i.Id, half + "neutral"), watts);
        }
    }

    private static void Protective(Inside i)
    {
        var ways = new List<Link>();
        foreach (var (line, load, face, side) in Watches.Sides)
        {
            ways.Add(i.Join(LinkKeys.WatchedFace(i.Name, side), i.At(line), i.At(face), LinkKind.Switch));
            ways.Add(i.Join(LinkKeys.Watched(i.Name, side), i.At(line), i.At(load), LinkKind.Switch));
        }

        var (hot, neutral) = (Watches.Sides[0], Watches.Sides[1]);
        i.To.Plan.Guards.Add(
            new(GuardKey.Device(i.Box, i.Id), ways, ways)
            {
                Supply = (i.At(hot.Line), i.At(neutral.Line)),
                Loop = (i.At(neutral.Line), i.At(neutral.Load)),
            }
        );
    }

    /// <summary>One device while it is put into the plan.</summary>
    internal sealed record Inside(JobPlan To, Id<Box> Box, Box Of, Id<Device> Id, Device Device, DeviceKind Kind)
    {
        public string Name => $"{Box}/{Id}";

        public bool On(string lever) =>
            To.Now.Switches.TryGetValue(Lever.KeyOf(Box, Id, lever), out var on) ? on : Lever.AsLies(Device, Kind, lever);

        /// <summary>A terminal, or the device's own lead where it has leads instead.</summary>
        public string At(string terminal) =>
            Kind.Leads.Any(l => l.Id == terminal) ? Points.Own(Box, $"{Id}.{terminal}") : Points.Terminal(Box, Id, terminal);

        public Link Join(string key, string a, string b, LinkKind kind, bool open = false) =>
            To.Plan.Join(key, a, b, ContactOhms, kind, open: open);

        public void Load(Draws draws)
        {
            To.Plan.Assume(AssumedCase.Takes, ("what", draws.Watts.Name), ("watts", draws.Watts.Of(To.Job.Practice)));
            Load(At(draws.Hot), At(draws.Neutral), To.Set(draws.Watts));
        }

        /// <summary>A load of so many watts at the volts of a leg.</summary>
        public void Load(string hot, string neutral, double watts)
        {
            var volts = To.Set(ElectricsBook.LegVolts);
            To.Plan.Join(LinkKeys.Load(Name), hot, neutral, volts * volts / watts, LinkKind.Load);
        }
    }
}
