using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Why a standard make does not go into a box.</summary>
public enum PatternMiss
{
    /// <summary>Leads of it lie somewhere already, or devices stand in it.</summary>
    NotFree,

    /// <summary>Its cables are others: by conductors, colours or ground.</summary>
    Cables,

    /// <summary>It opens to too few gangs.</summary>
    Gangs,
}

/// <summary>A standard make laid into a box, adapted to it: its own cables, its gauges, pigtails as long as its depth asks, its metal
/// bonded.</summary>
/// <param name="Edit">The edits that make it; null where it does not go.</param>
public sealed record PatternMake(PatternMiss? Miss, Batch? Edit)
{
    public static PatternMake Of(Job job, Pattern pattern, Id<Box> id)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(pattern);
        var (box, made) = (job.Boxes[id], pattern.Box);
        if (
            box.Joints.Count + box.Pigtails.Count + box.Devices.Count > 0
            || box.Leads.Values.Any(l =>
                l.Form != LeadForm.Ended || l.Lands.At is not (LandingAt.Unknown or LandingAt.Loose or LandingAt.Cap)
            )
        )
        {
            return new(PatternMiss.NotFree, null);
        }

        var needed = made.Devices.Values.Where(d => d.Gang > 0).Select(d => d.Gang + Wide(d) - 1).DefaultIfEmpty(0).Max();
        return needed > box.OpenGangs ? new(PatternMiss.Gangs, null)
            : Matched(job, pattern, id, box) is not { } leads ? new(PatternMiss.Cables, null)
            : new(null, new Batch([.. Edits(job, made, id, box, leads)], pattern.Name));
    }

    private static int Wide(Device device) => Math.Max(1, DeviceKinds.Find(device.Kind)?.GangsWide ?? 1);

    /// <summary>The lead of the box for each lead of the make: cable by cable, those that do the same first.</summary>
    private static Dictionary<Id<Lead>, Id<Lead>>? Matched(Job job, Pattern pattern, Id<Box> id, Box box)
    {
        var left = Cables(box);
        var leads = new Dictionary<Id<Lead>, Id<Lead>>();
        foreach (var (end, cable) in Cables(pattern.Box).OrderBy(c => pattern.Feeds.GetValueOrDefault(c.Key) == Feeds.CannotTell ? 1 : 0))
        {
            var feeds = pattern.Feeds.GetValueOrDefault(end);
            var colours = Colours(cable);
            var same = left.Where(c => Colours(c.Value).SequenceEqual(colours))
                .OrderBy(c =>
                    Does(job, id, c.Value) == feeds ? 0
                    : Does(job, id, c.Value) == Feeds.CannotTell ? 1
                    : 2
                )
                .FirstOrNull();
            if (same is not { } found || (Told(Does(job, id, found.Value)) && Told(feeds) && In(Does(job, id, found.Value)) != In(feeds)))
            {
                return null;
            }

            left.Remove(found.Key);
            foreach (var (from, to) in cable.Zip(found.Value))
            {
                leads[from.Key] = to.Key;
            }
        }

        return left.Count == 0 ? leads : null;
    }

    private static bool Told(Feeds feeds) => feeds != Feeds.CannotTell;

    private static bool In(Feeds feeds) => feeds == Feeds.FeedsIn;

    private static Feeds Does(Job job, Id<Box> id, List<KeyValuePair<Id<Lead>, Lead>> cable) =>
        job.Runs.Find(cable[0].Value.Run)?.End(cable[0].Value.Side) is { } end && end.IsIn(id) ? end.Feeds : Feeds.CannotTell;

    private static IEnumerable<string> Colours(List<KeyValuePair<Id<Lead>, Lead>> cable) => cable.Select(l => l.Value.Colour);

    private static Dictionary<string, List<KeyValuePair<Id<Lead>, Lead>>> Cables(Box box) =>
        box
            .Leads.Where(l => l.Value.Run is not null)
            .GroupBy(l => Subjects.CableEnd(l.Value.Run!.Value, l.Value.Side))
            .ToDictionary(g => g.Key, g => g.OrderBy(l => l.Value.Index).ToList(), StringComparer.Ordinal);

    private static IEnumerable<Edit> Edits(Job job, Box made, Id<Box> id, Box box, Dictionary<Id<Lead>, Id<Lead>> leads)
    {
        foreach (var (device, of) in made.Devices)
        {
            yield return new AddDevice(id, device, of.Kind, of.Gang, of.Name);
            if (of.BrokenTabs.Count > 0 || of.Turned)
            {
                yield return new SetDevice(id, device, BrokenTabs: of.BrokenTabs, Turned: of.Turned);
            }
        }

        Id<Lead> Here(Id<Lead> lead) => leads.TryGetValue(lead, out var here) ? here : lead;
        foreach (var (lead, of) in made.Leads.Where(l => l.Value.Run is not null))
        {
            var now = box.Leads[Here(lead)];
            if (now.Use != of.Use || now.MarkedAs != of.MarkedAs)
            {
                yield return new IdentifyLead(id, Here(lead), now.Colour, of.Use, of.MarkedAs);
            }
        }

        foreach (var (joint, of) in made.Joints)
        {
            yield return new AddJoint(id, joint, Connector(made, box, joint, of, leads), of.Name, Math.Min(of.Space, box.Partitions.Count));
        }

        foreach (var (lead, of) in made.Leads.Where(l => l.Value.Form == LeadForm.Ended && l.Value.Lands.At is not LandingAt.Loose))
        {
            if (Fits(box, of.Lands) is { } to)
            {
                yield return new MoveLead(id, Here(lead), to);
            }
        }

        var look = new BoxLook(job, id, box);
        var length = Planning.Remedies.Tails.Planned(look);
        foreach (var (tail, of) in made.Pigtails)
        {
            if (Fits(box, of.From) is not { } from || Fits(box, of.To) is not { } to)
            {
                continue;
            }

            yield return of.Of is { } on
                ? new GoOn(id, Here(on), tail, to)
                : new AddPigtail(id, tail, from, to, Thickest(made, box, of, leads) ?? of.Gauge, of.Colour, of.Stranded, length);
        }

        if (box.Material == BoxMaterial.Metal && !Bonded(made) && Grounds(made) is { } grounds)
        {
            yield return new AddPigtail(
                id,
                "bond",
                new(LandingAt.Joint, grounds),
                new(LandingAt.BondingScrew),
                Colour: "bare",
                Length: length
            );
        }
    }

    /// <summary>The landing in this box: a plastic one has no screw, and what would go there is left out.</summary>
    private static Landing? Fits(Box box, Landing at) =>
        at.At != LandingAt.BondingScrew ? at
        : box.Material == BoxMaterial.Nonmetallic ? null
        : new(LandingAt.BondingScrew);

    private static bool Bonded(Box made) =>
        made.Leads.Values.Any(l => l.Lands.At == LandingAt.BondingScrew)
        || made.Pigtails.Values.Any(t => t.From.At == LandingAt.BondingScrew || t.To.At == LandingAt.BondingScrew);

    private static Id<Joint>? Grounds(Box made) =>
        made.Joints.Ids.FirstOrNull(j => made.Leads.Values.Any(l => l.Lands.IsIn(j) && l.IsGround));

    /// <summary>Its own connector where that takes the wires of this box; the twist-on that does where not.</summary>
    private static string Connector(Box made, Box box, Id<Joint> joint, Joint of, Dictionary<Id<Lead>, Id<Lead>> leads)
    {
        var gauges = TakingApart
            .Members(made, joint)
            .Select(m =>
                leads.TryGetValue(m.Lead, out var here) ? box.Leads[here].Gauge
                : made.Pigtails.Find(m.Lead) is { } tail ? Thickest(made, box, tail, leads) ?? tail.Gauge
                : made.Leads.Find(m.Lead)?.Gauge
            )
            .ToList();
        return ConnectorKinds.Find(of.Connector)?.Takes(gauges) == true ? of.Connector : ConnectorKinds.TwistOnFor(gauges).Id;
    }

    /// <summary>A pigtail is as thick as the thickest lead of the joint it begins in.</summary>
    private static Gauge? Thickest(Box made, Box box, Pigtail tail, Dictionary<Id<Lead>, Id<Lead>> leads) =>
        (tail.From.Joint ?? tail.To.Joint) is { } joint
            ? made.Leads.Where(l => l.Value.Lands.IsIn(joint) && leads.ContainsKey(l.Key)).Select(l => box.Leads[leads[l.Key]].Gauge).Max()
            : null;
}
