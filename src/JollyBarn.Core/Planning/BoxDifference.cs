using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>One thing that differs between two states of a box.</summary>
/// <param name="Says">A sentence: "white of the cable from the porch: from joint neutrals to load neutral".</param>
/// <param name="Ids">What it is about.</param>
/// <param name="NotBack">True for a lead that does not lie where it lay: what putting back as found has to mend.</param>
public sealed record Difference(string Says, IReadOnlyList<string> Ids, bool NotBack = false);

/// <summary>What differs between two states of a box, as sentences.</summary>
/// <remarks>Two states are equal when leads, landing places, connectors, gauges, colours and lengths agree; ids of joints and pigtails do not count: joints are told apart by what lies in them.</remarks>
public sealed class BoxDifference
{
    private readonly Box from;
    private readonly Box to;
    private readonly BoxLook fromLook;
    private readonly BoxLook toLook;
    private readonly Dictionary<string, string> joints = new(StringComparer.Ordinal);

    private BoxDifference(Job jobFrom, Job jobTo, string id, Box from, Box to)
    {
        (this.from, this.to) = (from, to);
        (fromLook, toLook) = (new BoxLook(jobFrom, id, from), new BoxLook(jobTo, id, to));
        MatchJoints();
    }

    /// <summary>What differs, box first, then devices, cables, leads, joints and pigtails. Empty when the states are equal.</summary>
    public static IReadOnlyList<Difference> Between(Job from, Job to, string box) =>
        (from.Boxes.Find(box), to.Boxes.Find(box)) switch
        {
            ({ } a, { } b) => ReferenceEquals(a, b) ? [] : new BoxDifference(from, to, box, a, b).All(),
            (null, { } made) => [new($"{made.Name} is new.", [])],
            ({ } gone, null) => [new($"{gone.Name} is gone.", [])],
            _ => [],
        };

    private List<Difference> All() => [.. OfBox(), .. OfDevices(), .. OfCables(), .. OfLeads(), .. OfJoints(), .. OfPigtails()];

    private IEnumerable<Difference> OfBox()
    {
        if (from.Kind != to.Kind)
        {
            yield return new($"The box: from {KindName(from)} to {KindName(to)}.", []);
        }

        if (from.Mark.OrNull != to.Mark.OrNull && from.Kind == to.Kind)
        {
            yield return new($"Its mark: from {Mark(from)} to {Mark(to)}.", []);
        }

        foreach (var part in from.Parts.Where(p => !to.Parts.Values.Any(o => o.Kind == p.Value.Kind)))
        {
            yield return new($"{PartKinds.Find(part.Value.Kind)?.Name ?? part.Value.Kind}: taken off.", []);
        }

        foreach (var part in to.Parts.Where(p => !from.Parts.Values.Any(o => o.Kind == p.Value.Kind)))
        {
            yield return new($"{PartKinds.Find(part.Value.Kind)?.Name ?? part.Value.Kind}: put on.", []);
        }
    }

    private IEnumerable<Difference> OfDevices()
    {
        foreach (var id in from.Devices.Ids.Union(to.Devices.Ids))
        {
            switch (from.Devices.Find(id), to.Devices.Find(id))
            {
                case ({ } was, { } now) when was.Kind != now.Kind:
                    yield return new($"{Name(was)}: now a {Name(now)}.", [id]);
                    break;
                case ({ } was, { } now) when !was.BrokenTabs.Order().SequenceEqual(now.BrokenTabs.Order()):
                    yield return new($"{Name(now)}: tabs {(now.BrokenTabs.Count == 0 ? "whole" : $"broken on {string.Join(" and ", now.BrokenTabs)}")}.", [id]);
                    break;
                case ({ } was, { } now) when was.Gang != now.Gang:
                    yield return new($"{Name(now)}: from gang {was.Gang} to gang {now.Gang}.", [id]);
                    break;
                case ({ } was, null):
                    yield return new($"{Name(was)}: taken out.", [id]);
                    break;
                case (null, { } now):
                    yield return new($"{Name(now)}: put in.", [id]);
                    break;
            }
        }

        static string Name(Device d) => d.Name ?? DeviceKinds.Find(d.Kind)?.Name ?? d.Kind;
    }

    private IEnumerable<Difference> OfCables()
    {
        var (was, now) = (fromLook.Cables.ToDictionary(c => c.Id), toLook.Cables.ToDictionary(c => c.Id));
        foreach (var cable in was.Where(c => !now.ContainsKey(c.Key)))
        {
            yield return new($"{Upper(BoxLook.CableName(cable.Value))}: pulled out.", cable.Value.Leads);
        }

        foreach (var cable in now.Where(c => !was.ContainsKey(c.Key)))
        {
            yield return new($"{Upper(BoxLook.CableName(cable.Value))}: brought in.", cable.Value.Leads);
        }
    }

    private IEnumerable<Difference> OfLeads()
    {
        foreach (var (id, now) in to.Leads)
        {
            if (!from.Leads.TryFind(id, out var was))
            {
                // A new cable's leads are told where they land.
                if (now.Run is not null && now.Lands.At is not (LandingAt.Unknown or LandingAt.Loose))
                {
                    yield return new($"{toLook.Called(id)}: to {to.Says(now.Lands)}.", [id]);
                }

                continue;
            }

            if (!SameLanding(was.Lands, now.Lands) || was.Form != now.Form)
            {
                yield return new($"{toLook.Called(id)}: from {Lies(from, was)} to {Lies(to, now)}.", [id], true);
            }

            if (was.Length.OrNull != now.Length.OrNull)
            {
                yield return new($"{toLook.Called(id)}: length from {Long(was.Length)} to {Long(now.Length)}.", [id]);
            }

            if (was.Gauge != now.Gauge || was.Stranded != now.Stranded || was.Metal != now.Metal)
            {
                yield return new($"{toLook.Called(id)}: from {Wire(was)} to {Wire(now)}.", [id]);
            }

            if (was.Colour != now.Colour || was.MarkedAs != now.MarkedAs)
            {
                yield return new($"{toLook.Called(id)}: from {Colour(was)} to {Colour(now)}.", [id]);
            }
        }
    }

    private IEnumerable<Difference> OfJoints()
    {
        foreach (var (was, now) in joints)
        {
            if (from.Joints[was].Connector != to.Joints[now].Connector)
            {
                yield return new($"{Upper(toLook.JointName(now))}: from {Connector(from.Joints[was])} to {Connector(to.Joints[now])}.", [now]);
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
                yield return new($"{tail.Colour} pigtail, {from.Says(tail.From)} to {from.Says(tail.To)}: taken out.", [id]);
            }
        }

        foreach (var (id, _) in left)
        {
            var tail = to.Pigtails[id];
            yield return new($"{tail.Colour} pigtail, {to.Says(tail.From)} to {to.Says(tail.To)}{(tail.Length.OrNull is { } length ? $", {length}" : "")}: put in.", [id]);
        }
    }

    /// <summary>Joints of the two states that hold most of the same leads are the same joint.</summary>
    private void MatchJoints()
    {
        var (old, now) = (from, to);
        var pairs = old.Joints.Ids.SelectMany(a => now.Joints.Ids.Select(b => (a, b, Shared: old.Leads.Count(l => l.Value.Lands.IsIn(a) && now.Leads.Find(l.Key)?.Lands.IsIn(b) == true))))
            .Where(p => p.Shared > 0).OrderByDescending(p => p.Shared).ThenBy(p => p.a, StringComparer.Ordinal).ThenBy(p => p.b, StringComparer.Ordinal);
        var taken = new HashSet<string>(StringComparer.Ordinal);
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
            var b = now.Joints.Ids.FirstOrDefault(b => b == a && !taken.Contains(b)) ?? now.Joints.Ids.FirstOrDefault(b => !taken.Contains(b) && now.Joints[b].Name == old.Joints[a].Name);
            if (b is not null && taken.Add(b))
            {
                joints[a] = b;
            }
        }
    }

    private bool SameLanding(Landing was, Landing now) =>
        was.At == now.At && (was.At == LandingAt.Joint ? joints.GetValueOrDefault(was.Joint!) == now.Joint : was.Device == now.Device && was.Place == now.Place);

    /// <summary>A pigtail as text that two alike ones share, whatever their ids.</summary>
    private string Tail(Box box, Pigtail tail, bool old)
    {
        string End(Landing l) => l.At == LandingAt.Joint ? $"joint {(old ? joints.GetValueOrDefault(l.Joint!, "-") : l.Joint)}" : $"{l.At} {l.Device} {l.Place}";
        var ends = new[] { End(tail.From), End(tail.To) }.Order(StringComparer.Ordinal);
        return $"{string.Join("|", ends)}|{tail.Gauge}|{tail.Colour}|{tail.Stranded}|{tail.Length.OrNull}|{box.Name}";
    }

    private static string Lies(Box box, Lead lead) => lead.Form switch { LeadForm.PassingThrough => "going on unbroken", LeadForm.Loop => "an unbroken loop", _ => box.Says(lead.Lands) };

    private static string Long(Fact<Length> length) => length.OrNull?.ToString() ?? "not known";

    private static string Wire(Lead lead) => $"{lead.Gauge?.ToString() ?? "?"} AWG{(lead.Stranded ? " stranded" : "")}{(lead.Metal == Metal.Aluminum ? " aluminum" : "")}";

    private static string Colour(Lead lead) => lead.MarkedAs is null ? lead.Colour : $"{lead.Colour} marked {lead.MarkedAs}";

    private static string Mark(Box box) => box.Mark.OrNull is { } mark ? mark.ToString() : "not read";

    private static string KindName(Box box) => BoxKinds.Find(box.Kind)?.Name ?? box.Kind;

    private static string Connector(Joint joint) => ConnectorKinds.Find(joint.Connector)?.Name ?? joint.Connector;

    private static string Upper(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}

/// <summary>Whether a box was put back as it was found, and the edits that put it back.</summary>
public static class PutBack
{
    /// <summary>Leads that do not lie where they lay.</summary>
    public static IReadOnlyList<Difference> Missing(Job found, Job now, string box) => [.. BoxDifference.Between(found, now, box).Where(d => d.NotBack)];

    /// <summary>Moves every lead back whose old place is still there; null when there is none to move.</summary>
    public static Batch? Edit(Job found, Job now, string boxId)
    {
        if (found.Boxes.Find(boxId) is not { } was || now.Boxes.Find(boxId) is not { } box)
        {
            return null;
        }

        var moves = Missing(found, now, boxId).SelectMany(d => d.Ids).Where(id => was.Leads.Has(id) && box.Leads.Has(id))
            .Select(id => new MoveLead(boxId, id, was.Leads[id].Lands)).Where(m => m.Check(now) is null).ToList<Edits.Edit>();
        return moves.Count == 0 ? null : new(moves, "Put back as found");
    }
}
