using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A metal box that is not bonded: a pigtail from the grounds to a grounding screw.</summary>
public sealed class BondTheBox : IRemedies
{
    public enum Case
    {
        Pigtail,
    }

    public IReadOnlyList<string> Rules { get; } = ["box-bonded"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var gauge = ask
            .Box.Leads.Values.Where(l => l is { Use: ConductorUse.Ground, Run: not null })
            .Select(l => l.Gauge)
            .OfType<Gauge>()
            .DefaultIfEmpty(Gauge.Awg(14))
            .Max();
        var (edits, joint) = GroundJoint.Of(ask);
        if (joint is not { } grounds)
        {
            yield break;
        }

        edits.Add(
            new AddPigtail(
                ask.BoxId,
                ask.Free("bond"),
                RemedyAsk.In(grounds),
                new(LandingAt.BondingScrew),
                gauge,
                "bare",
                Length: ask.TailLength
            )
        );
        // A bond that ran by a device's ground goes to the grounds themselves; the device keeps its own.
        edits.AddRange(
            ask.Box.Pigtails.Where(t => OnScrewAndDevice(t.Value))
                .Select(t => new LandPigtail(ask.BoxId, t.Key, t.Value.To.At == LandingAt.BondingScrew, RemedyAsk.In(grounds)))
        );
        edits.Add(ask.Again(Subjects.Box, BoxFacts.BondScrew));
        yield return Remedy.Of(Case.Pigtail, new Batch(edits, For: BatchFor.BoxBonded), ("gauge", gauge), ("tail", ask.Tail));
    }

    private static bool OnScrewAndDevice(Pigtail tail) =>
        (tail.From.At, tail.To.At) is (LandingAt.BondingScrew, LandingAt.Terminal) or (LandingAt.Terminal, LandingAt.BondingScrew);
}

/// <summary>The joint in which the grounds of the box meet, made when there is none.</summary>
internal static class GroundJoint
{
    /// <summary>Edits that bring every ground of a cable into one joint, and its id; a null id where no ground comes in.</summary>
    public static (List<Edit> Edits, Id<Joint>? Joint) Of(RemedyAsk ask)
    {
        var grounds = ask
            .Box.Leads.Where(l => l.Value is { Use: ConductorUse.Ground, Run: not null, Form: LeadForm.Ended })
            .Select(l => l.Key)
            .ToList();
        if (grounds.Count == 0)
        {
            return ([], null);
        }

        var joint = ask.JointOf(ConductorUse.Ground);
        var apart = joint is { } into ? [.. grounds.Where(g => !ask.Box.Leads[g].Lands.IsIn(into))] : grounds;
        // A device that held a ground keeps it by a pigtail.
        bool Stays(Landing at) => ask.Box.Pigtails.Values.Any(t => t.From == at || t.To == at);
        var devices = apart
            .Select(g => ask.Box.Leads[g].Lands)
            .Where(l => l is { At: LandingAt.Terminal, Terminal: "ground" } && !Stays(l))
            .Distinct()
            .ToList();
        var made = joint ?? ask.Free("grounds");
        var edits = new List<Edit>();
        var screw = apart.Exists(g => ask.Box.Leads[g].Lands.At == LandingAt.BondingScrew);
        IEnumerable<Id<Lead>> inside = joint is { } held ? ask.Look.In(held).Select(m => m.Id) : [];
        var connector = ask.Connector([.. inside, .. apart], devices.Count + (screw ? 1 : 0) + 1);
        if (joint is null)
        {
            edits.Add(new JoinLeads(ask.BoxId, made, connector, grounds, "grounds"));
        }
        else
        {
            edits.AddRange(apart.Select(g => new MoveLead(ask.BoxId, g, RemedyAsk.In(made))));
            edits.Add(new SetJoint(ask.BoxId, made, connector, ask.Box.Joints[made].Name, ask.Box.Joints[made].Space));
        }

        edits.AddRange(
            devices.Select((at, i) => new AddPigtail(ask.BoxId, ask.Free("ground", i), RemedyAsk.In(made), at, Length: ask.TailLength))
        );
        if (screw)
        {
            edits.Add(
                new AddPigtail(ask.BoxId, ask.Free("screw"), RemedyAsk.In(made), new(LandingAt.BondingScrew), Length: ask.TailLength)
            );
        }

        return (edits, made);
    }
}

/// <summary>The grounds of the box brought together in one joint; or those of the box where they end.</summary>
public sealed class JoinTheGrounds : IRemedies
{
    public enum Case
    {
        Join,
        JoinThere,
    }

    public IReadOnlyList<string> Rules { get; } = ["grounds-joined", "ground-path", "device-bonded", "box-bonded", "bond-count"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (Joined(ask) is { } here)
        {
            yield return Remedy.Of(Case.Join, here, ("tail", ask.Tail));
        }

        foreach (var there in (ask.Finding.Details["boxes"] as IEnumerable<Thing> ?? []).Where(b => ask.Job.Boxes.Has((Id<Box>)b.Id)))
        {
            if (Joined(ask with { BoxId = there.Id, Look = new BoxLook(ask.Job, there.Id, ask.Job.Boxes[there.Id]) }) is { } edit)
            {
                yield return Remedy.Of(Case.JoinThere, edit, ("box", there));
            }
        }
    }

    private static Batch? Joined(RemedyAsk ask)
    {
        var (edits, joint) = GroundJoint.Of(ask);
        return joint is not null && edits.Count > 0 ? new(edits, For: BatchFor.GroundsJoined) : null;
    }
}

/// <summary>A device that is not bonded: a pigtail from the grounds to its ground terminal, or its own ground lead into them.</summary>
public sealed class BondTheDevice : IRemedies
{
    public enum Case
    {
        Pigtail,
        OwnLead,
    }

    public IReadOnlyList<string> Rules { get; } = ["device-bonded"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var (edits, joint) = GroundJoint.Of(ask);
        if (
            joint is not { } grounds
            || CodeBook.DeviceKinds.Find(ask.Box.Devices.Find(ask.Of)?.Kind) is not { } kind
            || kind.Points().FirstOrNull(p => p.Role == CodeBook.TerminalRole.Ground) is not var (name, _)
        )
        {
            yield break;
        }

        if (kind.PlaceOf(CodeBook.TerminalRole.Ground) is { Id: var place })
        {
            edits.Add(
                new AddPigtail(ask.BoxId, ask.Free("bond"), RemedyAsk.In(grounds), RemedyAsk.At(ask.Of, place), Length: ask.TailLength)
            );
            yield return Remedy.Of(
                Case.Pigtail,
                new Batch(edits, For: BatchFor.DeviceBonded),
                ("tail", ask.Tail),
                ("device", Thing.Device(ask.Of))
            );
        }
        else
        {
            edits.Add(new MoveLead(ask.BoxId, $"{ask.Of}.{name}", RemedyAsk.In(grounds)));
            yield return Remedy.Of(Case.OwnLead, new Batch(edits, For: BatchFor.DeviceBonded), ("device", Thing.Device(ask.Of)));
        }
    }
}
