using JollyBarn.Inspection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>One thing that differs between two states of a box: a case with its details. Details that begin with <c>was</c> are of the
/// older state.</summary>
/// <param name="Ids">What it is about.</param>
/// <param name="NotBack">True for a lead that does not lie where it lay: what putting back as found has to mend.</param>
public sealed record Difference(BoxDifference.Case Case, Details Details, IReadOnlyList<string> Ids, bool NotBack = false);

/// <summary>What differs between two states of a box.</summary>
/// <remarks>Two states are equal when leads, landing places, connectors, gauges, colours and lengths agree; ids of joints and pigtails do
/// not count: joints are told apart by what lies in them, and a device of the same kind put where one was taken out is that one put
/// back.</remarks>
public sealed partial class BoxDifference
{
    private readonly Box from;
    private readonly Box to;
    private readonly BoxLook fromLook;
    private readonly BoxLook toLook;
    private readonly Dictionary<Id<Joint>, Id<Joint>> joints = [];
    private readonly Dictionary<Id<Device>, Id<Device>> devices = [];

    /// <summary>What can differ.</summary>
    public enum Case
    {
        NewBox,
        GoneBox,
        Kind,
        Mark,
        PartOff,
        PartOn,
        DeviceKind,
        Tabs,
        Gang,
        DeviceOut,
        DeviceIn,
        CableOut,
        CableIn,
        LeadTo,
        LeadMoved,
        LeadLength,
        LeadWire,
        LeadColour,
        Connector,
        PigtailOut,
        PigtailIn,
    }

    private BoxDifference(Job jobFrom, Job jobTo, Id<Box> id, Box from, Box to)
    {
        (this.from, this.to) = (from, to);
        (fromLook, toLook) = (new BoxLook(jobFrom, id, from), new BoxLook(jobTo, id, to));
        MatchDevices();
        MatchJoints();
    }

    /// <summary>What differs, box first, then devices, cables, leads, joints and pigtails. Empty when the states are equal.</summary>
    public static IReadOnlyList<Difference> Between(Job from, Job to, Id<Box> box) =>
        (from.Boxes.Find(box), to.Boxes.Find(box)) switch
        {
            ({ } a, { } b) => ReferenceEquals(a, b) ? [] : new BoxDifference(from, to, box, a, b).All(),
            (null, not null) => [Make(Case.NewBox, [], ("box", new Thing(ThingKind.Box, box)))],
            (not null, null) => [Make(Case.GoneBox, [], ("wasBox", new Thing(ThingKind.Box, box)))],
            _ => [],
        };

    private List<Difference> All() => [.. OfBox(), .. OfDevices(), .. OfCables(), .. OfLeads(), .. OfJoints(), .. OfPigtails()];

    private IEnumerable<Difference> OfBox()
    {
        if (from.Kind != to.Kind)
        {
            yield return Make(Case.Kind, [], ("was", Kind(from)), ("now", Kind(to)));
        }

        if (from.Mark.OrNull != to.Mark.OrNull && from.Kind == to.Kind)
        {
            yield return Make(Case.Mark, [], ("was", from.Mark.OrNull), ("now", to.Mark.OrNull));
        }

        foreach (var part in from.Parts.Where(p => !to.Parts.Values.Any(o => o.Kind == p.Value.Kind)))
        {
            yield return Make(Case.PartOff, [], ("part", new Thing(ThingKind.PartKind, part.Value.Kind)));
        }

        foreach (var part in to.Parts.Where(p => !from.Parts.Values.Any(o => o.Kind == p.Value.Kind)))
        {
            yield return Make(Case.PartOn, [], ("part", new Thing(ThingKind.PartKind, part.Value.Kind)));
        }
    }

    private IEnumerable<Difference> OfDevices()
    {
        var stood = devices.Values.ToHashSet();
        var pairs = from
            .Devices.Ids.Select(a => (Old: (Id<Device>?)a, New: devices.TryGetValue(a, out var b) ? b : default(Id<Device>?)))
            .Concat(to.Devices.Ids.Where(b => !stood.Contains(b)).Select(b => (Old: default(Id<Device>?), New: (Id<Device>?)b)));
        foreach (var (old, young) in pairs)
        {
            var id = (young ?? old)!.Value;
            switch (from.Devices.Find(old), to.Devices.Find(young))
            {
                case ({ } was, { } now) when was.Kind != now.Kind:
                    yield return Make(Case.DeviceKind, [id], ("was", Thing.Device(old!.Value)), ("now", Thing.Device(id)));
                    break;
                case ({ } was, { } now) when !was.BrokenTabs.Order().SequenceEqual(now.BrokenTabs.Order()):
                    yield return Make(Case.Tabs, [id], ("device", Thing.Device(id)), ("broken", now.BrokenTabs));
                    break;
                case ({ } was, { } now) when was.Gang != now.Gang:
                    yield return Make(Case.Gang, [id], ("device", Thing.Device(id)), ("was", was.Gang), ("now", now.Gang));
                    break;
                case (not null, null):
                    yield return Make(Case.DeviceOut, [id], ("was", Thing.Device(id)));
                    break;
                case (null, not null):
                    yield return Make(Case.DeviceIn, [id], ("now", Thing.Device(id)));
                    break;
            }
        }
    }

    private IEnumerable<Difference> OfCables()
    {
        var (was, now) = (fromLook.Cables.ToDictionary(c => c.Id), toLook.Cables.ToDictionary(c => c.Id));
        foreach (var cable in was.Where(c => !now.ContainsKey(c.Key)))
        {
            yield return Make(Case.CableOut, [.. cable.Value.Leads.Select(l => l.Text)], ("was", cable.Value.Thing));
        }

        foreach (var cable in now.Where(c => !was.ContainsKey(c.Key)))
        {
            yield return Make(Case.CableIn, [.. cable.Value.Leads.Select(l => l.Text)], ("now", cable.Value.Thing));
        }
    }

    private IEnumerable<Difference> OfLeads()
    {
        foreach (var (id, now) in to.Leads)
        {
            if (Was(id, now) is not { } was)
            {
                // A new cable's leads are told where they land.
                if (now.Run is not null && now.Lands.At is not (LandingAt.Unknown or LandingAt.Loose))
                {
                    yield return Make(Case.LeadTo, [id], ("lead", Thing.Lead(id)), ("now", now.Lands));
                }

                continue;
            }

            if (!SameLanding(was.Lands, now.Lands) || was.Form != now.Form)
            {
                yield return Make(Case.LeadMoved, [id], ("lead", Thing.Lead(id)), ("was", Lies(was)), ("now", Lies(now))) with
                {
                    NotBack = true,
                };
            }

            if (was.Length.OrNull != now.Length.OrNull)
            {
                yield return Make(Case.LeadLength, [id], ("lead", Thing.Lead(id)), ("was", was.Length.OrNull), ("now", now.Length.OrNull));
            }

            if (was.Gauge != now.Gauge || was.Stranded != now.Stranded || was.Metal != now.Metal)
            {
                yield return Make(Case.LeadWire, [id], ("lead", Thing.Lead(id)), ("was", was), ("now", now));
            }

            if (was.Colour != now.Colour || was.MarkedAs != now.MarkedAs)
            {
                yield return Make(Case.LeadColour, [id], ("lead", Thing.Lead(id)), ("was", was), ("now", now));
            }
        }
    }

    private IEnumerable<Difference> OfJoints()
    {
        foreach (var (was, now) in joints)
        {
            if (from.Joints[was].Connector != to.Joints[now].Connector)
            {
                yield return Make(
                    Case.Connector,
                    [now],
                    ("joint", Thing.Joint(now)),
                    ("was", Connector(from.Joints[was])),
                    ("now", Connector(to.Joints[now]))
                );
            }
        }
    }

    private IEnumerable<Difference> OfPigtails()
    {
        var left = to.Pigtails.Select(t => (t.Key, Text: Tail(to, t.Value, false))).ToList();
        foreach (var (id, tail) in from.Pigtails)
        {
            var same = left.FindIndex(t => t.Text == Tail(from, tail, true));
            if (same >= 0)
            {
                left.RemoveAt(same);
            }
            else
            {
                yield return Make(Case.PigtailOut, [id], ("wasLead", Thing.Lead(id)), ("wasFrom", tail.From), ("wasTo", tail.To));
            }
        }

        foreach (var (id, _) in left)
        {
            var tail = to.Pigtails[id];
            yield return Make(
                Case.PigtailIn,
                [id],
                ("lead", Thing.Lead(id)),
                ("from", tail.From),
                ("to", tail.To),
                ("length", tail.Length.OrNull)
            );
        }
    }

    /// <summary>Where a lead ends, or how it goes on.</summary>
    private static object Lies(Lead lead) => lead.Form == LeadForm.Ended ? lead.Lands : lead.Form;

    private static Thing Kind(Box box) => new(ThingKind.BoxKind, box.Kind);

    private static Thing Connector(Joint joint) => new(ThingKind.Connector, joint.Connector);

    private static Difference Make(Case one, IReadOnlyList<string> ids, params ReadOnlySpan<(string, object?)> details) =>
        new(one, Details.Of(details), ids);
}
