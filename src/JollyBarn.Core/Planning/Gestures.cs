using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>What a hand does to several parts of a box in one go.</summary>
public enum Gesture
{
    /// <summary>Leads of one device joined, one pigtail in their place.</summary>
    PigtailThese,

    /// <summary>A joint and its pigtail taken away, each lead on a screw of its own.</summary>
    OntoDevice,

    /// <summary>A piece joined onto each.</summary>
    MakeReach,

    /// <summary>The cables that are joined here joined in a junction box beside it, one cable coming from there.</summary>
    JointsAside,
}

/// <summary>One of them, with the edit that does it: one gesture, one undo.</summary>
/// <param name="Count">Leads or cables it is of.</param>
/// <param name="Tail">Length of the pigtails it makes by house practice; null where it makes none.</param>
public sealed record GestureWay(Gesture Gesture, int Count, Length? Tail, Edit Edit);

/// <summary>What can be done in one go with what is picked in a box.</summary>
public static class Gestures
{
    /// <summary>Gestures for these leads, this joint, or the whole box where neither is picked; only those that can be done.</summary>
    /// <exception cref="KeyNotFoundException">There is no such box.</exception>
    public static IReadOnlyList<GestureWay> Find(Job job, Id<Box> id, IReadOnlyList<Id<Lead>> leads, Id<Joint>? joint)
    {
        var box = job.Boxes[id];
        var ask = RemedyAsk.OfBox(job, id);
        var picked = leads.Where(l => box.Leads.Find(l) is { Form: LeadForm.Ended }).ToList();
        IEnumerable<GestureWay?> ways =
            joint is { } one ? [Onto(ask, one)]
            : picked.Count > 0 ? [Pigtailed(ask, picked), Reaching(ask, picked)]
            : [.. new JointsAside().For(ask).Select(r => new GestureWay(Gesture.JointsAside, 0, null, r.Edit))];
        return [.. ways.OfType<GestureWay>().Where(w => w.Edit.Check(job) is null)];
    }

    private static GestureWay? Pigtailed(RemedyAsk ask, List<Id<Lead>> leads)
    {
        var of = leads.ConvertAll(l => ask.Box.Leads[l]);
        if (of.Count < 2 || of[0].Lands is not { At: LandingAt.Terminal, Device: { } device })
        {
            return null;
        }

        if (!of.TrueForAll(l => l.Lands.IsOn(device) && l.Use == of[0].Use))
        {
            return null;
        }

        var joint = ask.Free("joint");
        Edit[] edits =
        [
            new JoinLeads(ask.BoxId, joint, ask.Connector(leads, tails: 1), leads, Moves.JointName(of[0].Use)),
            new AddPigtail(ask.BoxId, ask.Free("tail"), RemedyAsk.In(joint), of[0].Lands, Length: ask.TailLength),
        ];
        return new(Gesture.PigtailThese, leads.Count, ask.Tail, new Batch(edits, For: BatchFor.JoinedWithTail));
    }

    /// <summary>Only where the device has as many screws of that role as leads lie in the joint, and one pigtail goes to it.</summary>
    private static GestureWay? Onto(RemedyAsk ask, Id<Joint> joint)
    {
        var box = ask.Box;
        var leads = box.Leads.Where(l => l.Value.Lands.IsIn(joint)).ToList();
        var tails = box.Pigtails.Where(t => t.Value.From.IsIn(joint) || t.Value.To.IsIn(joint)).ToList();
        if (tails is not [var (tail, of)] || leads.Count < 2 || leads.Exists(l => l.Value.Run is null))
        {
            return null;
        }

        var to = of.From.IsIn(joint) ? of.To : of.From;
        if (to is not { At: LandingAt.Terminal, Device: { } device } || DeviceKinds.Find(box.Devices.Find(device)?.Kind) is not { } kind)
        {
            return null;
        }

        var role = kind.Terminals.FirstOrDefault(t => t.Id == to.Terminal)?.Role;
        var places = kind
            .Terminals.Where(t => t.Role == role)
            .OrderByDescending(t => t.Id == to.Terminal)
            .Select(t => t.Landings[0])
            .Where(p => p.Id == to.Place || !Taken(box, device, p.Id))
            .ToList();
        if (places.Count < leads.Count)
        {
            return null;
        }

        Edit[] edits =
        [
            new RemovePigtail(ask.BoxId, tail),
            .. leads.Zip(places, (l, p) => new MoveLead(ask.BoxId, l.Key, RemedyAsk.At(device, p.Id))),
            new RemoveJoint(ask.BoxId, joint),
        ];
        return new(Gesture.OntoDevice, leads.Count, null, new Batch(edits, For: BatchFor.OntoDevice));
    }

    private static GestureWay? Reaching(RemedyAsk ask, List<Id<Lead>> leads)
    {
        if (!leads.TrueForAll(l => ask.Box.Leads[l].Lands.At is LandingAt.Terminal or LandingAt.Joint))
        {
            return null;
        }

        var edits = leads.SelectMany((l, i) => LongerLead.Extended(ask, l, ask.Free("longer", i), ask.Free("piece", i)));
        return new(Gesture.MakeReach, leads.Count, ask.Tail, new Batch([.. edits], For: BatchFor.LongerLead));
    }

    private static bool Taken(Box box, Id<Device> device, string place) =>
        box.Leads.Values.Any(l => l.Lands.IsOn(device) && l.Lands.Place == place)
        || box.Pigtails.Values.Any(t => (t.From.IsOn(device) && t.From.Place == place) || (t.To.IsOn(device) && t.To.Place == place));
}
