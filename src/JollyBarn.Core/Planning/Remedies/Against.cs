using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>The job as it is, with what remedies and ways are held against, worked out where it is asked.</summary>
internal sealed class Against(Job job)
{
    private readonly Dictionary<Id<Box>, HashSet<string>> bad = [];
    private readonly List<(IReadOnlySet<Id<Box>> Near, GoneOver Over)> found = [];
    private readonly List<(IReadOnlySet<Id<Box>> Near, Lazy<(Job Part, GoneOver Over, LeakTrips Leaks)> Part)> parts = [];
    private readonly Lazy<LeakTrips> leaks = new(() => new(job, Live.Solve(job, On(job))));

    public Job Job => job;

    public bool Has(Id<Box> id, Finding finding)
    {
        if (!bad.TryGetValue(id, out var keys))
        {
            var found = job.Boxes.TryFind(id, out var box) ? Inspector.Judge(job, id, box).Where(Bad) : [];
            bad[id] = keys = found.Select(f => f.Key).ToHashSet(StringComparer.Ordinal);
        }

        return keys.Contains(finding.Key);
    }

    /// <summary>Verdicts to stop or fix that were not there, of the box and of every other that hangs together with it.</summary>
    /// <param name="here">Verdicts of the box in the next state.</param>
    public IReadOnlyList<Finding> New(Id<Box> boxId, Job next, IReadOnlyList<Finding> here) =>
        [.. here.Where(f => Bad(f) && !Has(boxId, f)), .. Elsewhere.New(job, next, boxId, Bad)];

    /// <summary>What instruments find worse, of all that hangs together with something changed.</summary>
    public IEnumerable<string> Worse(Job next)
    {
        var near = TouchedBoxes.Between(job, next);
        return Found(near).WorseIn(GoneOver.Of(next, s => Live.After(job, next, s), near)).Concat(Unguarded(next, near));
    }

    /// <summary>What instruments find, with only the part of the job solved that hangs together with something changed: other circuits
    /// meet it at the panel and nowhere else.</summary>
    /// <returns>Whether anything is worse; and whether every outlet that was not there works by the recorded wiring.</returns>
    public (bool Worse, bool NewWork) Near(Job next)
    {
        var near = TouchedBoxes.Between(job, next);
        var (part, over, leak) = Kept(near).Value;
        var then = next.Only(near);
        var gone = GoneOver.Of(then, s => Live.After(part, then, s));
        if (over.WorseIn(gone).Any())
        {
            return (true, false);
        }

        var after = new LeakTrips(then, Live.After(part, then, On(then)));
        var slots = after.Slots(near).ToHashSet();
        return (
            leak.Slots(near).Any(s => slots.Contains(s) && Opened(leak, s) && !after.Opens(s)),
            then.Boxes.SelectMany(b =>
                    b.Value.Devices.Where(d => MadeUp(job.Boxes.Find(b.Key), b.Value, d.Key)).Select(d => (b.Key, Device: d))
                )
                .All(d => gone.Works(d.Key, d.Device.Key, DeviceKinds.Find(d.Device.Value.Kind)))
        );
    }

    /// <summary>True for a device that something lies on then and nothing did: one that was there and bare is as new as one that was
    /// not.</summary>
    internal static bool MadeUp(Box? was, Box box, Id<Device> device) => Landed(box, device) && !Landed(was, device);

    private static bool Landed(Box? box, Id<Device> device) =>
        box is not null
        && box.Devices.Has(device)
        && (
            box.Leads.Values.Any(l => l.Lands.IsOn(device) || l.Device == device && l.Lands.At == LandingAt.Joint)
            || box.Pigtails.Values.Any(p => p.From.IsOn(device) || p.To.IsOn(device))
        );

    private static bool Opened(LeakTrips leak, string slot)
    {
        lock (leak)
        {
            return leak.Opens(slot);
        }
    }

    /// <summary>The part as it is; several ways look at it at once.</summary>
    private Lazy<(Job Part, GoneOver Over, LeakTrips Leaks)> Kept(IReadOnlySet<Id<Box>> near)
    {
        lock (parts)
        {
            var at = parts.FindIndex(p => p.Near.SetEquals(near));
            if (at < 0)
            {
                at = parts.Count;
                parts.Add((near, new(() => Solved(job.Only(near)))));
            }

            return parts[at].Part;
        }
    }

    private static (Job Part, GoneOver Over, LeakTrips Leaks) Solved(Job part) =>
        (part, GoneOver.Of(part, s => Live.Solve(part, s)), new(part, Live.Solve(part, On(part))));

    /// <summary>These boxes as they are: most remedies of a verdict look at the same.</summary>
    private GoneOver Found(IReadOnlySet<Id<Box>> near)
    {
        var kept = found.FindIndex(f => f.Near.SetEquals(near));
        if (kept < 0)
        {
            (kept, var over) = (found.Count, GoneOver.Of(job, s => Live.Solve(job, s), near));
            found.Add((near, over));
        }

        return found[kept].Over;
    }

    /// <summary>Slots that something opened for on a leak, and nothing does.</summary>
    private IEnumerable<string> Unguarded(Job next, IReadOnlySet<Id<Box>> near)
    {
        var after = new Lazy<LeakTrips>(() => new(next, Live.After(job, next, On(next))));
        return leaks.Value.Slots(near).Where(s => leaks.Value.Opens(s) && after.Value.Slots(near).Contains(s) && !after.Value.Opens(s));
    }

    private static bool Bad(Finding finding) => finding.Verdict is Verdict.Stop or Verdict.Fix;

    private static Situation On(Job of) => new() { Breakers = Signature.AllOn(of) };
}
