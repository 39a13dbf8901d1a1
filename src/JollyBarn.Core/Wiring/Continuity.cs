using JollyBarn.CodeBook;

namespace JollyBarn.Wiring;

/// <summary>What touches what, metal to metal, inside one box: leads, joints, pigtails, terminals and the ways through devices.</summary>
/// <remarks>Only topology: no gauge, no state of a switch. A switch counts as a way through, because it is one when it is on.</remarks>
public sealed class Continuity
{
    private static readonly Node Screw = new('s', "");

    private readonly Dictionary<Node, Node> above;
    private readonly Box box;

    private Continuity(Box box, Id<Device>? without)
    {
        this.box = box;
        above = new(2 * (box.Leads.Count + box.Pigtails.Count));
        foreach (var (id, lead) in box.Leads)
        {
            Join(LeadKey(id), Key(lead.Lands, LeadKey(id), without));
        }

        foreach (var (id, tail) in box.Pigtails)
        {
            // What goes on is one wire, also where the screw it goes round is opened.
            Join(TailKey(id), tail.Of is { } of ? Own(of) : Key(tail.From, TailKey(id), without));
            Join(TailKey(id), Key(tail.To, TailKey(id), without));
        }

        foreach (var (id, device) in box.Devices.Where(d => d.Key != without))
        {
            Through(id, device);
        }
    }

    /// <summary>What touches what with everything in place.</summary>
    public static Continuity Trace(Box box) => new(box, null);

    /// <summary>The same after a device is taken out and everything that lay on it is apart.</summary>
    public static Continuity Without(Box box, Id<Device> device) => new(box, device);

    /// <summary>True when the two leads or pigtails are joined, through whatever lies between them.</summary>
    public bool Joined(Id<Lead> one, Id<Lead> other) => Root(Own(one)) == Root(Own(other));

    /// <summary>True when the lead is joined to the box's bonding screw.</summary>
    public bool ReachesBox(Id<Lead> lead) => Root(LeadKey(lead)) == Root(Screw);

    /// <summary>True when the lead is joined to that terminal of the device.</summary>
    public bool Reaches(Id<Lead> lead, Id<Device> device, string terminal) => Root(LeadKey(lead)) == Root(TerminalKey(device, terminal));

    /// <summary>Leads of cables, grounds apart, that are not joined to any lead of a cable that feeds in.</summary>
    public IEnumerable<Id<Lead>> Unfed(IReadOnlySet<Id<Lead>> feeding) =>
        Carrying().Where(id => !feeding.Contains(id) && !feeding.Any(f => Joined(id, f)));

    /// <summary>Leads of cables that carry current: all but grounds and a device's own.</summary>
    private IEnumerable<Id<Lead>> Carrying() => box.Leads.Where(l => l.Value.Run is not null && !l.Value.IsGround).Select(l => l.Key);

    /// <summary>Runs that feed into the box: those somebody said so of at the end that is here.</summary>
    public static IReadOnlySet<Id<Lead>> Feeding(Job job, Id<Box> boxId, Box box) => Feeding(job.Runs.Find, boxId, box);

    /// <inheritdoc cref="Feeding(Job, Id{Box}, Box)"/>
    public static IReadOnlySet<Id<Lead>> Feeding(Func<Id<Run>, Run?> runs, Id<Box> boxId, Box box) =>
        box
            .Leads.Where(l =>
                !l.Value.IsGround
                && l.Value.Run is { } of
                && runs(of) is { } run
                && run.End(l.Value.Side) is { Feeds: Feeds.FeedsIn } end
                && end.IsIn(boxId)
            )
            .Select(l => l.Key)
            .ToHashSet();

    /// <summary>Runs with a conductor that is cut off from the feed when the device is taken out with nothing joined in its
    /// place.</summary>
    /// <remarks>Cut off is not dead: with only its neutral gone, a cable's hot is still live.</remarks>
    public static IReadOnlyList<Id<Run>> CutOffWithout(Job job, Id<Box> boxId, Box box, Id<Device> device) =>
        CutOffWithout(Feeding(job, boxId, box), box, device);

    /// <summary>The same where it is known which leads feed the box.</summary>
    public static IReadOnlyList<Id<Run>> CutOffWithout(IReadOnlySet<Id<Lead>> feeding, Box box, Id<Device> device)
    {
        if (feeding.Count == 0)
        {
            return [];
        }

        var before = Trace(box).Unfed(feeding).ToHashSet();
        return
        [
            .. Without(box, device).Unfed(feeding).Where(l => !before.Contains(l)).Select(l => box.Leads[l].Run!.Value).Distinct().Order(),
        ];
    }

    /// <summary>Runs that hang on the load side of a protective device in this box and not on its line side too.</summary>
    public static IReadOnlyList<Id<Run>> Protected(Box box)
    {
        var found = new SortedSet<Id<Run>>();
        foreach (var (id, _) in box.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Protects == true))
        {
            var apart = Without(box, id);
            foreach (var run in box.Leads.Where(l => l.Value.Run is not null && !l.Value.IsGround).GroupBy(l => l.Value.Run!.Value))
            {
                if (
                    run.Any(l => Sits(box, apart, l.Key, id, r => r.IsLoad()))
                    && !run.Any(l => Sits(box, apart, l.Key, id, r => r.IsLine()))
                )
                {
                    found.Add(run.Key);
                }
            }
        }

        return [.. found];
    }

    private static bool Sits(Box box, Continuity apart, Id<Lead> lead, Id<Device> device, Func<TerminalRole, bool> side)
    {
        var kind = box.Devices[device].Kind;
        bool On(Landing at) => at.IsOn(device) && DeviceKinds.Spot(kind, at.Place) is var (terminal, _) && side(terminal.Role);
        return box.Leads.Any(l => On(l.Value.Lands) && apart.Joined(l.Key, lead))
            || box.Pigtails.Any(t => (On(t.Value.From) || On(t.Value.To)) && apart.Root(TailKey(t.Key)) == apart.Root(LeadKey(lead)));
    }

    private Node Own(Id<Lead> id) => box.Pigtails.Has(id) ? TailKey(id) : LeadKey(id);

    private static Node LeadKey(Id<Lead> id) => new('l', id);

    private static Node TailKey(Id<Lead> id) => new('p', id);

    private Node TerminalKey(Id<Device> device, string terminal)
    {
        var stem =
            terminal.EndsWith("-upper", StringComparison.Ordinal) || terminal.EndsWith("-lower", StringComparison.Ordinal)
                ? terminal[..^6]
                : terminal;
        return box.Devices.Find(device)?.BrokenTabs.Contains(stem) == true ? new('t', device, terminal) : new('t', device, stem);
    }

    /// <summary>Where an end touches; an end that touches nothing is only itself.</summary>
    private Node Key(Landing at, Node self, Id<Device>? without) =>
        at.At switch
        {
            LandingAt.Joint => new('j', at.Joint ?? ""),
            LandingAt.Terminal when at.Device != without => TerminalKey(at.Device ?? "", at.Terminal ?? ""),
            LandingAt.BondingScrew => Screw,
            _ => self,
        };

    private void Through(Id<Device> id, Device device)
    {
        var kind = DeviceKinds.Find(device.Kind);
        foreach (var part in kind?.Inside ?? [])
        {
            if (part is Way way)
            {
                Join(End(id, kind, way.From), End(id, kind, way.To));
            }
            else if (part is Watches)
            {
                foreach (var (line, load, _, _) in Watches.Sides)
                {
                    Join(End(id, kind, line), End(id, kind, load));
                }
            }
        }
    }

    /// <summary>A device's terminal, or its own lead where it has leads instead.</summary>
    private Node End(Id<Device> device, DeviceKind? kind, string name) =>
        kind?.Leads.Any(l => l.Id == name) == true ? LeadKey($"{device}.{name}") : TerminalKey(device, name);

    private void Join(Node a, Node b) => above[Root(a)] = Root(b);

    private Node Root(Node key)
    {
        while (above.TryGetValue(key, out var up) && up != key)
        {
            key = up;
        }

        return key;
    }

    /// <summary>A point of the box: a lead, pigtail, joint, terminal of a device, or the bonding screw.</summary>
    private readonly record struct Node(char Of, string Id, string? Terminal = null);
}
