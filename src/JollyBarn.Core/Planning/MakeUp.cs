using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning.Remedies;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>Puts the leads of a box where they usually lie, place by place: a joint with its pigtails, or the device.</summary>
internal sealed class MakeUp(Id<Box> id, Box box, string newId, HousePractice house)
{
    private readonly List<MakePlace> joints = [];
    private readonly List<(Id<Lead> Lead, Landing? To)> direct = [];
    private readonly Dictionary<Id<Lead>, ConductorUse> uses = [];
    private readonly HashSet<(Id<Device> Device, string Place)> taken = [];
    private int made;

    /// <summary>Its places, joints first.</summary>
    public IReadOnlyList<MakePlace> Done() =>
        [
            .. joints,
            .. direct
                .GroupBy(l => l.To!.Device)
                .Select(g => new MakePlace(
                    null,
                    g.Key,
                    [.. g],
                    [],
                    new([.. Uses(g.Select(l => l.Lead)), .. g.Select(l => new MoveLead(id, l.Lead, l.To!))], For: BatchFor.LeadsTo)
                )),
        ];

    public MakeUp Grounds(IReadOnlyList<MakeUpCable> cables)
    {
        var leads = cables.Select(c => c.Ground).OfType<Id<Lead>>().ToList();
        var screw = box.Material == BoxMaterial.Metal ? new[] { new Landing(LandingAt.BondingScrew) } : [];
        return leads.Count == 0
            ? this
            : Group("grounds", leads, [.. Spots(TerminalRole.Ground).Take(1), .. screw], Own(TerminalRole.Ground));
    }

    /// <param name="role">Only this terminal; the neutral of whatever the device is when not given.</param>
    public MakeUp Neutrals(IReadOnlyList<MakeUpCable> cables, TerminalRole? role = null)
    {
        TerminalRole[] roles = role is { } one ? [one] : [TerminalRole.LineNeutral, TerminalRole.Neutral];
        var leads = cables.Select(c => c.Neutral).OfType<Id<Lead>>().ToList();
        return leads.Count == 0 ? this : Group("neutrals", leads, [.. Spots(roles).Take(1)], Own(roles));
    }

    public MakeUp Hots(IReadOnlyList<MakeUpCable> cables, TerminalRole? role = null)
    {
        TerminalRole[] roles = role is { } one ? [one] : [TerminalRole.LineHot, TerminalRole.Hot];
        return Group("hots", [.. cables.Select(c => c.Hots[0])], [.. Spots(roles).Take(1)], Own(roles));
    }

    /// <summary>Two cables, each on terminals of its own; null where the device has not two of a kind.</summary>
    public MakeUp? Through(IReadOnlyList<MakeUpCable> cables)
    {
        var (hots, neutrals) = (Spots(TerminalRole.Hot).ToList(), Spots(TerminalRole.Neutral).ToList());
        if (hots.Count < 2 || neutrals.Count < 2 || cables.Any(c => c.Neutral is null))
        {
            return null;
        }

        Grounds(cables);
        foreach (var (cable, i) in cables.Select((c, i) => (c, i)))
        {
            Put(cable.Hots[0], hots[i]);
            Put(cable.Neutral!.Value, neutrals[i]);
        }

        return this;
    }

    /// <summary>Leads under one connector, like on like across the cables.</summary>
    public MakeUp Splice(IReadOnlyList<MakeUpCable> cables)
    {
        Grounds(cables);
        var leads = cables.SelectMany(c => c.Neutral is { } n ? [.. c.Hots, n] : c.Hots).ToList();
        foreach (var same in leads.GroupBy(l => box.Leads[l].Colour).Where(g => g.Count() > 1))
        {
            Joined(
                Moves.JointName(box.Leads[same.First()].Use) is { } name && same.Key is "black" or "white" ? name! : same.Key,
                [.. same]
            );
        }

        return this;
    }

    /// <summary>Leads under one connector; one alone is left for the eye.</summary>
    public MakeUp Joined(string name, IReadOnlyList<Id<Lead>> leads)
    {
        if (leads.Count > 1)
        {
            Join(name, leads);
        }

        return this;
    }

    public MakeUp On(Id<Lead> lead, TerminalRole role)
    {
        if (Own(role) is { Count: > 0 } own)
        {
            Join(Moves.JointName(box.Leads[own[0]].Use) ?? "", [lead, .. own]);
        }
        else if (Spots(role).FirstOrDefault() is { } spot)
        {
            Put(lead, spot);
        }

        return this;
    }

    public MakeUp Use(Id<Lead> lead, ConductorUse use)
    {
        uses[lead] = use;
        return this;
    }

    /// <summary>One lead and one terminal, or the screw of the box: the lead on it. Otherwise a joint with a pigtail to each
    /// terminal.</summary>
    private MakeUp Group(string name, List<Id<Lead>> leads, List<Landing> to, List<Id<Lead>> own)
    {
        if (leads.Count == 1 && own.Count == 0 && to.Count == 1)
        {
            Put(leads[0], to[0]);
        }
        else if (leads.Count + own.Count + to.Count > 1)
        {
            Join(name, [.. leads, .. own], to);
        }

        return this;
    }

    private void Join(string name, IReadOnlyList<Id<Lead>> leads, List<Landing>? tails = null)
    {
        Id<Joint> joint = $"{newId}j{made++}";
        tails ??= [];
        var inside = leads.Select(l => box.Leads.Find(l)?.Gauge).ToList();
        var connector = Connectors.For([.. inside, .. Enumerable.Repeat(inside[0], tails.Count)], house);
        Edit[] edits =
        [
            .. Uses(leads),
            new JoinLeads(id, joint, connector, leads, name),
            .. tails.Select(to => new AddPigtail(id, $"{newId}t{made++}", new(LandingAt.Joint, joint), to)),
        ];
        joints.Add(
            new(
                name,
                null,
                [.. leads.Select(l => (l, (Landing?)null))],
                tails,
                new(edits, For: tails.Count > 0 ? BatchFor.JoinedWithTail : BatchFor.Joined)
            )
        );
        foreach (var to in tails)
        {
            Take(to);
        }
    }

    private void Put(Id<Lead> lead, Landing to)
    {
        direct.Add((lead, to));
        Take(to);
    }

    /// <summary>What these leads are used as, where that is other than their colour says.</summary>
    private IEnumerable<Edit> Uses(IEnumerable<Id<Lead>> leads) =>
        from lead in leads
        where uses.ContainsKey(lead)
        let of = box.Leads[lead]
        select new IdentifyLead(id, lead, of.Colour, uses[lead], of.MarkedAs);

    private void Take(Landing to)
    {
        if (to is { Device: { } device, Place: { } place })
        {
            taken.Add((device, place));
        }
    }

    /// <summary>Terminals of these roles that nothing lies on yet, each by its first landing place.</summary>
    private IEnumerable<Landing> Spots(params TerminalRole[] roles) =>
        from device in box.Devices
        from terminal in DeviceKinds.Find(device.Value.Kind)?.Terminals ?? []
        where roles.Contains(terminal.Role) && !taken.Contains((device.Key, terminal.Landings[0].Id))
        select new Landing(LandingAt.Terminal, null, device.Key, terminal.Landings[0].Id);

    /// <summary>The device's own leads of these roles.</summary>
    private List<Id<Lead>> Own(params TerminalRole[] roles) =>
        [
            .. from lead in box.Leads
            where
                lead.Value is { Device: not null, Lands.At: LandingAt.Unknown or LandingAt.Loose }
                && RoleOf(lead.Value) is { } role
                && roles.Contains(role)
            select lead.Key,
        ];

    private TerminalRole? RoleOf(Lead lead) =>
        DeviceKinds.Find(box.Devices.Find(lead.Device)?.Kind)?.Leads.ElementAtOrDefault(lead.Index)?.Role;
}
