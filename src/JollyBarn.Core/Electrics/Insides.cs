using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>The insides of devices: what joins their terminals, by kind, tab and position.</summary>
internal static class Insides
{
    private const double ContactOhms = 0.002;

    /// <summary>Screws and ears of a yoke on a metal box.</summary>
    private const double YokeOhms = 0.01;

    /// <summary>A family of devices is one line here.</summary>
    private static readonly Dictionary<DeviceFamily, Action<Inside>> Families = new()
    {
        [DeviceFamily.Receptacle] = Receptacle,
        [DeviceFamily.ProtectiveReceptacle] = Protective,
        [DeviceFamily.Switch] = Switch,
        [DeviceFamily.Dimmer] = i => i.Way("hot", "switched", i.On),
        [DeviceFamily.SmartSwitch] = Standing,
        [DeviceFamily.Timer] = Standing,
        [DeviceFamily.Combination] = Combination,
        [DeviceFamily.Luminaire] = i => i.Load("hot", "neutral", ElectricsBook.LuminaireWatts),
        [DeviceFamily.Fan] = Fan,
        [DeviceFamily.Alarm] = i => i.Load("hot", "neutral", ElectricsBook.AlarmWatts),
    };

    public static void Put(Inside i)
    {
        if (Families.TryGetValue(i.Kind.Family, out var put))
        {
            put(i);
        }

        if (i.Kind.Leads.Any(l => l.Role == TerminalRole.Ground))
        {
            i.To.Contact($"frame:{i.Name}", Points.Own(i.Box, $"{i.Id}.ground"), Points.Yoke(i.Box, i.Id));
        }

        if (i.Of.Material != BoxMaterial.Nonmetallic && i.Kind.Family is not (DeviceFamily.Blank or DeviceFamily.Splice))
        {
            i.To.Plan.Join($"yoke:{i.Name}", Points.Yoke(i.Box, i.Id), Points.Metal(i.Box), YokeOhms, LinkKind.Metal);
        }
    }

    private static void Receptacle(Inside i)
    {
        if (i.Kind.Terminals.Any(t => t.Id == "hot-upper"))
        {
            Halves(i);
            Face(i, "hot-upper", "neutral-upper", "upper");
            Face(i, "hot-lower", "neutral-lower", "lower");
        }
        else
        {
            Face(i, i.Kind.Terminals.Any(t => t.Id == "hot") ? "hot" : "hot-1", "neutral", "");
        }
    }

    private static void Halves(Inside i)
    {
        foreach (var side in new[] { "hot", "neutral" }.Where(s => i.Kind.Terminals.Any(t => t.Id == s + "-upper")))
        {
            i.Tab(side);
        }
    }

    /// <summary>What a plug meets, and what is plugged in.</summary>
    private static void Face(Inside i, string hot, string neutral, string half)
    {
        i.Join($"slot:{i.Name}/{half}hot", i.At(hot), Points.Face(i.Box, i.Id, half + "hot"), LinkKind.Contact);
        i.Join($"slot:{i.Name}/{half}neutral", i.At(neutral), Points.Face(i.Box, i.Id, half + "neutral"), LinkKind.Contact);
        if (i.Kind.Terminals.Any(t => t.Id == "ground"))
        {
            i.Join($"slot:{i.Name}/{half}ground", Points.Yoke(i.Box, i.Id), Points.Face(i.Box, i.Id, half + "ground"), LinkKind.Contact);
        }

        if (half is "" or "upper" && i.To.Now.Plugged.TryGetValue(i.Name, out var watts) && watts > 0)
        {
            i.Load(Points.Face(i.Box, i.Id, half + "hot"), Points.Face(i.Box, i.Id, half + "neutral"), watts);
        }
    }

    /// <summary>Line to load and line to face through contacts that open together, as in those made today: tripped, or fed at the wrong end
    /// and so never reset, the face is dead. The face of an old one hangs on its load terminals; that is a fault to plant.</summary>
    private static void Protective(Inside i)
    {
        var ways = new List<Link>();
        foreach (var side in new[] { "hot", "neutral" })
        {
            var face = i.Join(
                $"gfci:{i.Name}/face-{side}",
                i.At("line-" + side),
                Points.Terminal(i.Box, i.Id, "face-" + side),
                LinkKind.Switch
            );
            var load = i.Join($"gfci:{i.Name}/{side}", i.At("line-" + side), i.At("load-" + side), LinkKind.Switch);
            ways.AddRange([face, load]);
        }

        i.To.Plan.Guards.Add(
            new($"gfci:{i.Name}", $"the protective receptacle of {i.Of.Name}", ways, ways)
            {
                Supply = (i.At("line-hot"), i.At("line-neutral")),
                Loop = (i.At("line-neutral"), i.At("load-neutral")),
            }
        );
        Face(i, "face-hot", "face-neutral", "");
    }

    private static void Switch(Inside i)
    {
        if (i.Kind.Terminals.Any(t => t.Id == "common"))
        {
            i.Way("common", "traveler-1", !i.On);
            i.Way("common", "traveler-2", i.On);
        }
        else if (i.Kind.Terminals.Any(t => t.Id == "in-1"))
        {
            i.Way("in-1", "out-1", !i.On);
            i.Way("in-2", "out-2", !i.On);
            i.Way("in-1", "out-2", i.On);
            i.Way("in-2", "out-1", i.On);
        }
        else
        {
            i.Way("hot", "switched", i.On);
        }
    }

    private static void Standing(Inside i)
    {
        i.Way("hot", "switched", i.On);
        i.Load("hot", "neutral", ElectricsBook.AlarmWatts);
    }

    private static void Combination(Inside i)
    {
        i.Tab("hot");
        i.Way("hot-upper", "switched", i.On);
        Face(i, "hot-lower", "neutral", "");
    }

    private static void Fan(Inside i)
    {
        i.Load("hot", "neutral", ElectricsBook.FanWatts);
        i.Load("light", "neutral", ElectricsBook.LuminaireWatts);
    }

    /// <summary>How a switch lies when nothing else is said: as recorded, else on, and a three-way its first way.</summary>
    public static bool AsLies(Device device, DeviceKind kind) => device.On ?? kind.Terminals.All(t => t.Id is not ("common" or "in-1"));

    /// <summary>One device while it is put into the plan.</summary>
    internal sealed record Inside(JobPlan To, string Box, Box Of, string Id, Device Device, DeviceKind Kind)
    {
        public string Name => $"{Box}/{Id}";

        public bool On => To.Now.Switches.TryGetValue(Name, out var on) ? on : AsLies(Device, Kind);

        /// <summary>A terminal, or the device's own lead where it has leads instead.</summary>
        public string At(string terminal) =>
            Kind.Leads.Any(l => l.Id == terminal) ? Points.Own(Box, $"{Id}.{terminal}") : Points.Terminal(Box, Id, terminal);

        public Link Join(string key, string a, string b, LinkKind kind, bool open = false) =>
            To.Plan.Join(key, a, b, ContactOhms, kind, open: open);

        public void Way(string from, string to, bool on) => Join($"switch:{Name}/{from}-{to}", At(from), At(to), LinkKind.Switch, !on);

        /// <summary>The tab between the halves of one side, whole or broken.</summary>
        public void Tab(string side) =>
            Join($"tab:{Name}/{side}", At(side + "-upper"), At(side + "-lower"), LinkKind.Contact, Device.BrokenTabs.Contains(side));

        public void Load(string hot, string neutral, Assumption watts)
        {
            To.Plan.Assume($"{Assume(watts)} takes {watts.Of(To.Job.Practice):0.##} W.");
            Load(At(hot), At(neutral), To.Set(watts));
        }

        /// <summary>A load of so many watts at the volts of a leg.</summary>
        public void Load(string hot, string neutral, double watts)
        {
            var volts = To.Set(ElectricsBook.LegVolts);
            To.Plan.Join($"load:{Name}", hot, neutral, volts * volts / watts, LinkKind.Load);
        }

        private static string Assume(Assumption watts) => char.ToUpperInvariant(watts.Name[0]) + watts.Name[1..];
    }
}
