using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>What somebody holds in the hand: the ends of leads, one end of a pigtail, or a new pigtail pulled out of a joint.</summary>
/// <param name="Leads">Leads whose ends are picked; several go to one place together.</param>
/// <param name="Pigtail">A pigtail, one end of which is picked.</param>
/// <param name="FarEnd">Which end of it.</param>
/// <param name="FromJoint">A joint a new pigtail is pulled from.</param>
/// <param name="NewId">Id for what landing would make: a joint or a pigtail.</param>
/// <param name="FromPlace">A terminal or the screw of the box that a new piece of wire begins at.</param>
/// <param name="Onward">A lead, or the further part of one, that goes on from where it lies.</param>
public sealed record Held(
    IReadOnlyList<Id<Lead>> Leads,
    Id<Lead>? Pigtail,
    bool FarEnd,
    Id<Joint>? FromJoint,
    string NewId,
    Landing? FromPlace = null,
    Id<Lead>? Onward = null
);

/// <summary>What changes for a cable or lead when an end moves. Nothing is called dead: only a proof says that.</summary>
public enum Following
{
    CutOff,

    /// <summary>A neutral is cut off while a hot of its cable is not: the trap of an open neutral.</summary>
    CutOffHotLive,
    JoinedToFeed,
    Protected,
    NoLongerProtected,
}

/// <param name="Thing">The lead or the run.</param>
public sealed record Follow(Following What, Thing Thing);

/// <summary>A place it may go, with everything that would follow.</summary>
/// <param name="Key">Stable name of the place: <c>joint:hots</c>, <c>at:d1:line-hot/plate</c>, <c>new</c>, <c>screw</c>, <c>cap</c>,
/// <c>loose</c>.</param>
/// <param name="To">Where that is; null for a new joint.</param>
/// <param name="Edit">The edit that does it; null when it is refused.</param>
/// <param name="Follows">What changes for cables: cut off from the feed or joined to it, protected or no longer.</param>
public sealed record Move(
    string Key,
    Landing? To,
    bool Here,
    Refusal? Refusal,
    Edit? Edit,
    Fit Fit,
    VolumeSpan Needed,
    VolumeSpan Left,
    IReadOnlyList<Follow> Follows,
    IReadOnlyList<Finding> New,
    IReadOnlyList<Finding> Settled
);

/// <summary>Every place a picked end may go, each with its consequences, so that hovering need ask nothing.</summary>
public static class Moves
{
    private const int FewUnderMedium = 4;

    /// <summary>Places in the order of the picture: joints, a new joint, terminals, the bonding screw, a cap, loose.</summary>
    public static IReadOnlyList<Move> Find(Job job, Id<Box> boxId, Held held)
    {
        if (!job.Boxes.TryFind(boxId, out var box))
        {
            return [];
        }

        var before = new State(job, boxId, box);
        return [.. Places(box, held).Select(place => Judge(before, held, place.Key, place.To))];
    }

    private static IEnumerable<(string Key, Landing? To)> Places(Box box, Held held)
    {
        foreach (var joint in box.Joints.Ids.Where(j => j != held.FromJoint))
        {
            yield return ("joint:" + joint, new Landing(LandingAt.Joint, joint));
        }

        if (held.FromJoint is null && held.FromPlace is null && held.Onward is null)
        {
            yield return ("new", null);
        }

        foreach (var (id, device) in box.Devices)
        {
            foreach (var place in (CodeBook.DeviceKinds.Find(device.Kind)?.Terminals ?? []).SelectMany(t => t.Landings))
            {
                yield return ($"at:{id}:{place.Id}", new Landing(LandingAt.Terminal, null, id, place.Id));
            }
        }

        if (box.Material != CodeBook.BoxMaterial.Nonmetallic)
        {
            foreach (var place in GroundingPlaces.Landings(box))
            {
                yield return (place.Place ?? "screw", place);
            }
        }

        yield return ("cap", new Landing(LandingAt.Cap));
        yield return ("loose", Landing.Loose);
    }

    private static Move Judge(State before, Held held, string key, Landing? to)
    {
        var (job, id, box) = (before.Job, before.Id, before.Box);
        var edit = EditFor(id, box, held, to);
        var here = to is not null && Ends(box, held).Any() && Ends(box, held).All(e => e == to);
        if (edit.Check(job) is { } refusal)
        {
            return new(key, to, here, refusal, null, before.Fill.Fit, before.Fill.Needed, before.Fill.Left, [], [], []);
        }

        var next = edit.Apply(job);
        var after = new State(next, id, next.Boxes[id]);
        return new(
            key,
            to,
            here,
            null,
            edit,
            after.Fill.Fit,
            after.Fill.Needed,
            after.Fill.Left,
            [.. Follows(before, after)],
            [
                .. after.Findings.Where(f => !before.Findings.Any(b => Same(b, f))),
                .. Elsewhere.New(job, next, id, f => f.Verdict == Verdict.Stop),
            ],
            [.. before.Findings.Where(f => !after.Findings.Any(a => Same(a, f)))]
        );
    }

    private static IEnumerable<Landing> Ends(Box box, Held held) =>
        held.Pigtail is not null
            ? box.Pigtails.Find(held.Pigtail) is { } tail
                ? [held.FarEnd ? tail.To : tail.From]
                : []
            : held.Leads.Select(l => box.Leads.Find(l)?.Lands).OfType<Landing>();

    private static Edit EditFor(Id<Box> box, Box now, Held held, Landing? to)
    {
        var connector = held.Leads.Count > FewUnderMedium ? "twist-on-large" : "twist-on-medium";
        if (held.FromJoint is { } from)
        {
            return new AddPigtail(box, held.NewId, new Landing(LandingAt.Joint, from), to ?? Landing.Loose);
        }

        if (held.Onward is { } lead)
        {
            return new GoOn(box, lead, held.NewId, to ?? Landing.Loose);
        }

        if (held.FromPlace is { } place)
        {
            var like = now.Leads.Values.FirstOrDefault(l => place.Device is { } d && l.Lands.IsOn(d) && l.Lands.Terminal == place.Terminal);
            var ground = place.At == LandingAt.BondingScrew || like?.IsGround == true;
            var gauge = like?.Gauge ?? Agreed(now, ground);
            return new AddPigtail(box, held.NewId, place, to ?? Landing.Loose, gauge, ground ? "bare" : like?.Colour);
        }

        if (held.Pigtail is { } tail)
        {
            return to is not null
                ? new LandPigtail(box, tail, held.FarEnd, to)
                : new Batch(
                    [
                        new AddJoint(box, held.NewId, connector),
                        new LandPigtail(box, tail, held.FarEnd, new Landing(LandingAt.Joint, held.NewId)),
                    ],
                    For: BatchFor.NewJoint
                );
        }

        if (to is null)
        {
            return new JoinLeads(box, held.NewId, connector, held.Leads, JointName(now, held.Leads));
        }

        return held.Leads.Count == 1
            ? new MoveLead(box, held.Leads[0], to)
            : new Batch([.. held.Leads.Select(l => new MoveLead(box, l, to))], For: BatchFor.LeadsTo);
    }

    /// <summary>The one gauge of every ground, or of every other conductor, that a cable brings here; null where they differ.</summary>
    private static Gauge? Agreed(Box box, bool ground)
    {
        var gauges = box.Leads.Values.Where(l => l.Device is null && l.IsGround == ground).Select(l => l.Gauge).Distinct().ToList();
        return gauges is [{ } one] ? one : null;
    }

    /// <summary>What people call a joint of these: hots, neutrals, grounds; null when they are mixed.</summary>
    private static string? JointName(Box box, IReadOnlyList<Id<Lead>> leads)
    {
        var uses = leads.Select(l => box.Leads.Find(l)?.Use).Distinct().ToList();
        return uses is [{ } use] ? JointName(use) : null;
    }

    /// <summary>What people call a joint of conductors of this use; null where there is no usual word.</summary>
    public static string? JointName(ConductorUse use) =>
        use switch
        {
            ConductorUse.Hot => "hots",
            ConductorUse.Neutral => "neutrals",
            ConductorUse.Ground => "grounds",
            ConductorUse.Traveler => "travelers",
            ConductorUse.Switched => "switched",
            _ => null,
        };

    private static IEnumerable<Follow> Follows(State before, State after)
    {
        foreach (var lead in before.CutOff.Union(after.CutOff).Where(l => before.CutOff.Contains(l) != after.CutOff.Contains(l)).Order())
        {
            var cut = after.LiveBeside(lead) ? Following.CutOffHotLive : Following.CutOff;
            yield return new(after.CutOff.Contains(lead) ? cut : Following.JoinedToFeed, Thing.Lead(lead));
        }

        foreach (var run in before.Protected.Union(after.Protected).Order())
        {
            if (before.Protected.Contains(run) != after.Protected.Contains(run))
            {
                yield return new(
                    after.Protected.Contains(run) ? Following.Protected : Following.NoLongerProtected,
                    new(ThingKind.RunHere, run)
                );
            }
        }
    }

    private static bool Same(Finding a, Finding b) => a.Key == b.Key;

    /// <summary>A box with what is said of it.</summary>
    private sealed class State
    {
        public State(Job job, Id<Box> id, Box box)
        {
            (Job, Id, Box, Look) = (job, id, box, new BoxLook(job, id, box));
            Fill = Look.Fill;
            Findings = [.. Inspector.JudgeLook(Look).Where(f => f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better)];
            var feeding = Continuity.Feeding(job, id, box);
            CutOff = feeding.Count == 0 ? [] : Continuity.Trace(box).Unfed(feeding).ToHashSet();
            Protected = Continuity.Protected(box);
        }

        public Job Job { get; }

        public Id<Box> Id { get; }

        public Box Box { get; }

        public FillAnswer Fill { get; }

        public IReadOnlyList<Finding> Findings { get; }

        public BoxLook Look { get; }

        public HashSet<Id<Lead>> CutOff { get; }

        public IReadOnlyList<Id<Run>> Protected { get; }

        /// <summary>True for a neutral that is cut off while a hot of its cable is not: the trap of an open neutral.</summary>
        public bool LiveBeside(Id<Lead> lead) =>
            CutOff.Contains(lead)
            && Box.Leads[lead] is { Use: ConductorUse.Neutral } neutral
            && Box.Leads.Any(l =>
                l.Value.Run == neutral.Run
                && l.Value.Side == neutral.Side
                && l.Value.Use is ConductorUse.Hot or ConductorUse.Switched
                && !CutOff.Contains(l.Key)
            );
    }
}
