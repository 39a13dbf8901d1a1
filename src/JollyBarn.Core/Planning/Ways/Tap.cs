using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Planning.Remedies;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Why a box cannot give power.</summary>
public enum TapMiss
{
    NoHot,

    /// <summary>There is no box to bring a cable into.</summary>
    NoBox,

    /// <summary>Its only hot comes through a switch.</summary>
    OnlySwitched,
    NoNeutral,

    /// <summary>It holds no protective device to hang behind.</summary>
    NoLoadSide,
}

/// <summary>Joins a new cable to what a box has: hot to a hot that no switch stands in, neutral to its neutral, ground to its
/// grounds.</summary>
/// <remarks>Into the joint that is there; else, where the house pigtails, what lies on the device is joined with the new one and a pigtail
/// goes to the device (common practice, and NEC 300.13(B) for a shared neutral); where it goes through the device, on its free
/// terminal.</remarks>
internal sealed class Tap
{
    private readonly RemedyAsk ask;
    private readonly bool load;
    private readonly HashSet<Id<Lead>> fresh;

    private Tap(Job job, Id<Box> box, Id<Run> run, RunSide side, bool load)
    {
        var here = job.Boxes[box];
        ask = RemedyAsk.OfBox(job, box);
        this.load = load;
        fresh = here.Leads.Where(l => l.Value.Run == run && l.Value.Side == side).Select(l => l.Key).ToHashSet();
    }

    /// <summary>The edits that join it, or why there are none.</summary>
    /// <param name="job">The job with the cable already in the box, its leads free.</param>
    /// <param name="load">True to hang it behind the protective device of the box.</param>
    public static (IReadOnlyList<Edit> Edits, TapMiss? Miss) Into(Job job, Id<Box> box, Id<Run> run, RunSide side, bool load)
    {
        var tap = new Tap(job, box, run, side, load);
        var leads = tap.fresh.Select(l => (Id: l, Lead: job.Boxes[box].Leads[l])).OrderBy(l => l.Lead.Index).ToList();
        var neutral = leads.FirstOrNull(l => l.Lead.Use == ConductorUse.Neutral)?.Id;
        var hot = leads.FirstOrNull(l => !l.Lead.IsGround && l.Id != neutral)?.Id;
        if (load && tap.Guard() is null)
        {
            return ([], TapMiss.NoLoadSide);
        }

        if (hot is not { } black || tap.Joined(black, Carries.Hot) is not { } hots)
        {
            return ([], tap.Any(Carries.Hot, true) ? TapMiss.OnlySwitched : TapMiss.NoHot);
        }

        if (neutral is not { } white || tap.Joined(white, Carries.Neutral) is not { } neutrals)
        {
            return ([], TapMiss.NoNeutral);
        }

        var ground = leads.FirstOrNull(l => l.Lead.IsGround)?.Id;
        IReadOnlyList<Edit> grounds = ground is not { } bare
            ? []
            : tap.Joined(bare, Carries.Ground) ?? [new MoveLead(box, bare, new(LandingAt.Cap))];
        return ([.. hots, .. neutrals, .. grounds], null);
    }

    /// <summary>Feeds a device of the box from what the box has: a pigtail from each joint, or from what lies on the device beside
    /// it.</summary>
    public static (IReadOnlyList<Edit> Edits, TapMiss? Miss) Feed(Job job, Id<Box> box, Id<Device> device)
    {
        var tap = new Tap(job, box, "", RunSide.A, false);
        var kind = DeviceKinds.Find(job.Boxes[box].Devices[device].Kind)!;
        var edits = new List<Edit>();
        foreach (
            var (carry, roles) in new[]
            {
                (Carries.Hot, new[] { TerminalRole.LineHot, TerminalRole.Hot }),
                (Carries.Neutral, [TerminalRole.LineNeutral, TerminalRole.Neutral]),
                (Carries.Ground, [TerminalRole.Ground]),
            }
        )
        {
            if (kind.Terminals.FirstOrDefault(t => roles.Contains(t.Role)) is not { } terminal)
            {
                continue;
            }

            if (tap.Tailed(carry, RemedyAsk.At(device, terminal.Landings[0].Id)) is { } tailed)
            {
                edits.AddRange(tailed);
            }
            else if (carry != Carries.Ground)
            {
                return (
                    [],
                    carry == Carries.Neutral ? TapMiss.NoNeutral
                    : tap.Any(Carries.Hot, true) ? TapMiss.OnlySwitched
                    : TapMiss.NoHot
                );
            }
        }

        return (edits, null);
    }

    private IReadOnlyList<Edit>? Tailed(Carries carry, Landing to)
    {
        var stem = carry.ToString().ToLowerInvariant();
        if (JointOf(carry) is { } joint)
        {
            return
            [
                new AddPigtail(ask.BoxId, ask.Free($"{stem}-new"), RemedyAsk.In(joint), to, Length: ask.TailLength),
                ask.Connect(joint, [], tails: 1),
            ];
        }

        if (OnTerminals(carry) is not { Count: > 0 } there)
        {
            return null;
        }

        Id<Joint> made = ask.Free($"{stem}-more");
        List<Id<Lead>> all = [.. there.Select(t => t.Id)];
        return
        [
            new JoinLeads(ask.BoxId, made, ask.Connector(all, tails: 2), all, Moves.JointName(ask.Box.Leads[all[0]].Use)),
            new AddPigtail(ask.BoxId, ask.Free($"{stem}-tail"), RemedyAsk.In(made), there[0].At, Length: ask.TailLength),
            new AddPigtail(ask.BoxId, ask.Free($"{stem}-new"), RemedyAsk.In(made), to, Length: ask.TailLength),
        ];
    }

    /// <summary>The protective device of the box.</summary>
    private Id<Device>? Guard() => ask.Look.Devices.FirstOrNull(d => d.Kind is { Protects: true } && d.Kind.Has(TerminalRole.LoadHot))?.Id;

    private IReadOnlyList<Edit>? Joined(Id<Lead> lead, Carries carry) =>
        JointOf(carry) is { } joint ? [new MoveLead(ask.BoxId, lead, RemedyAsk.In(joint)), ask.Connect(joint, [lead])]
        : OnTerminals(carry) is { Count: > 0 } there ? OnDevice(lead, carry, there)
        : load && carry != Carries.Ground && Guard() is { } guard
            ? [new MoveLead(ask.BoxId, lead, Spot(guard, carry == Carries.Hot ? TerminalRole.LoadHot : TerminalRole.LoadNeutral)!)]
        : null;

    private bool Any(Carries carry, bool switched) =>
        ask.Box.Leads.Any(l => !fresh.Contains(l.Key) && ask.Look.Sources.Of(l.Key) is var of && of.Is(carry) && of.Switched == switched);

    /// <summary>The joint of that kind with most in it, on the asked side of the box's own protection.</summary>
    private Id<Joint>? JointOf(Carries carry) =>
        ask
            .Box.Joints.Ids.Where(j =>
                Sourced.Of(ask.Look.Wires.Joint(j), Said(j)) is var of
                && of.Kinds == carry
                && !of.Switched
                && (carry == Carries.Ground || Own(ask.Look.Wires.Joint(j)) == load)
                && ask.Look.In(j).Count > 1
            )
            .OrderByDescending(j => ask.Look.In(j).Count)
            .FirstOrNull();

    /// <summary>What a joint is said to be by all that lies in it.</summary>
    private ConductorUse Said(Id<Joint> joint) =>
        ask.Look.In(joint).Select(m => m.Use).Distinct().ToList() is [var one] ? one : ConductorUse.Unknown;

    /// <summary>True for what hangs behind the protective device of this box.</summary>
    private bool Own(Connection.Wire wire) => Guard() is { } guard && wire.Behind.Any(g => g.In == ask.BoxId.Text && g.Of == guard.Text);

    /// <summary>Leads of that kind that lie on a terminal or the screw of the box, on the asked side of the box's own protection.</summary>
    private List<(Id<Lead> Id, Landing At)> OnTerminals(Carries carry) =>
        [
            .. ask
                .Box.Leads.Where(l =>
                    !fresh.Contains(l.Key)
                    && l.Value is { Form: LeadForm.Ended, Run: not null }
                    && l.Value.Lands.At is LandingAt.Terminal or LandingAt.BondingScrew
                    && ask.Look.Sources.Of(l.Key) is var of
                    && of.Kinds == carry
                    && !of.Switched
                    && (carry == Carries.Ground || OnLoad(l.Value.Lands) == load)
                )
                .Select(l => (l.Key, l.Value.Lands)),
        ];

    private bool OnLoad(Landing at) =>
        at is { Device: { } device, Terminal: { } terminal }
        && DeviceKinds.Find(ask.Box.Devices.Find(device)?.Kind)?.Terminals.FirstOrDefault(t => t.Id == terminal) is { } found
        && found.Role.IsLoad();

    private IReadOnlyList<Edit> OnDevice(Id<Lead> lead, Carries carry, List<(Id<Lead> Id, Landing At)> there)
    {
        var (first, device) = (there[0].At, there[0].At.Device);
        if (carry != Carries.Ground && there.Count == 1 && device is { } through && Free(through, first) is { } free)
        {
            return [new MoveLead(ask.BoxId, lead, free)];
        }

        var stem = carry.ToString().ToLowerInvariant();
        Id<Joint> joint = ask.Free($"{stem}-more");
        List<Id<Lead>> all = [.. there.Select(t => t.Id), lead];
        return
        [
            new JoinLeads(ask.BoxId, joint, ask.Connector(all, tails: 1), all, Moves.JointName(ask.Box.Leads[lead].Use)),
            new AddPigtail(ask.BoxId, ask.Free($"{stem}-tail"), RemedyAsk.In(joint), first, Length: ask.TailLength),
        ];
    }

    /// <summary>The other terminal of that role with nothing on it, where the house goes through the device.</summary>
    private Landing? Free(Id<Device> device, Landing at)
    {
        if (!ask.Job.Practice.Says(PracticeBook.AtDevice, "through") || DeviceKinds.Find(ask.Box.Devices[device].Kind) is not { } kind)
        {
            return null;
        }

        var role = kind.Terminals.FirstOrDefault(t => t.Id == at.Terminal)?.Role;
        return kind
            .Terminals.Where(t => t.Role == role && t.Id != at.Terminal && ask.Look.On(device).All(e => e.At.Terminal != t.Id))
            .Select(t => RemedyAsk.At(device, t.Landings[0].Id))
            .FirstOrDefault();
    }

    private Landing? Spot(Id<Device> device, TerminalRole role) =>
        DeviceKinds.Find(ask.Box.Devices[device].Kind)?.PlaceOf(role) is { } place ? RemedyAsk.At(device, place.Id) : null;
}
