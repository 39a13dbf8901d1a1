using System.Collections.Concurrent;
using System.Collections.ObjectModel;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>The part of a job a complaint is about, solved in each setup it was or may be looked at in.</summary>
/// <remarks>Boxes that only panels join to it are left out: the network of what is left is small, and gives the same there.</remarks>
public sealed class Scene
{
    private readonly ConcurrentDictionary<(string Setup, bool There, bool Wet), AsRecorded> recorded = new();

    private readonly ConcurrentDictionary<string, IReadOnlyDictionary<string, Prediction>> known = new(StringComparer.Ordinal);

    private Scene(Job job, IReadOnlyList<Id<Box>> boxes)
    {
        var near = boxes.ToHashSet();
        Whole = job;
        Boxes = boxes;
        Job = job.Only(near);
        Recorded = Solved(Setup.AsItIs, true, true);
    }

    /// <summary>The job as it is recorded.</summary>
    public Job Whole { get; }

    /// <summary>What of it is looked at.</summary>
    public Job Job { get; }

    /// <summary>Boxes of the scene in feed order, as far as it is known.</summary>
    public IReadOnlyList<Id<Box>> Boxes { get; }

    /// <summary>As recorded, breakers on, without a fault.</summary>
    public Live Recorded { get; }

    /// <summary>Everything that runs join to some boxes; the whole job where none is named.</summary>
    public static Scene Of(Job job, IReadOnlyCollection<Id<Box>> named)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(named);
        var all = job.Boxes.Where(b => !b.Value.Binned).Select(b => b.Key).ToHashSet();
        var seen = named.Where(all.Contains).ToHashSet();
        if (seen.Count == 0)
        {
            seen = all;
        }

        var joined = job
            .Runs.Values.Where(r => r.Boxes.Count() == 2)
            .SelectMany(r => new[] { (A: r.A.Box!.Value, B: r.B.Box!.Value), (A: r.B.Box!.Value, B: r.A.Box!.Value) })
            .ToLookup(r => r.A, r => r.B);
        for (var ahead = new Queue<Id<Box>>(seen); ahead.TryDequeue(out var at); )
        {
            foreach (var next in joined[at].Where(n => all.Contains(n) && seen.Add(n)))
            {
                ahead.Enqueue(next);
            }
        }

        return new(job, [.. FeedOrder(job, seen)]);
    }

    /// <summary>The scenes that some boxes are in, each joined by runs in itself and to no other; of the whole job where none is
    /// named.</summary>
    public static IReadOnlyList<Scene> Apart(Job job, IReadOnlyCollection<Id<Box>> named)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(named);
        var (scenes, left) = (new List<Scene>(), named.Count > 0 ? named.ToHashSet() : [.. Of(job, []).Boxes]);
        foreach (var box in left.ToList())
        {
            if (left.Contains(box) && job.Boxes.Find(box) is { Binned: false })
            {
                scenes.Add(Of(job, [box]));
                left.ExceptWith(scenes[^1].Boxes);
            }
        }

        return scenes;
    }

    /// <summary>The run a box hangs on, and the box it comes from: the first in feed order that one joins it to; null for a box that none
    /// before it feeds.</summary>
    public (Id<Box> From, Id<Run> Run)? Feed(Id<Box> box)
    {
        var before = Boxes.TakeWhile(b => b != box).ToList();
        return Job
            .Runs.Where(r => r.Value.Boxes.Contains(box))
            .SelectMany(r => r.Value.Boxes.Where(before.Contains).Select(b => ((Id<Box> From, Id<Run> Run)?)(b, r.Key)))
            .MinBy(f => before.IndexOf(f!.Value.From));
    }

    /// <summary>The boxes that the observations of a complaint name, by their points and guards.</summary>
    public static Scene Of(Job job, Complaint complaint)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(complaint);
        return Of(
            job,
            [.. complaint.Observed.Values.SelectMany(o => Places.Of(job, o.Look)).Concat(complaint.Worked.Values.Select(w => w.Box))]
        );
    }

    /// <summary>What is predicted already of a suspect, by the look.</summary>
    internal IReadOnlyDictionary<string, Prediction> KnownOf(Suspect suspect) =>
        known.GetValueOrDefault(suspect.Key) ?? ReadOnlyDictionary<string, Prediction>.Empty;

    /// <summary>Keeps what was predicted of a suspect more. Of pairs nothing is kept: there are many, and each is asked once.</summary>
    internal void Keep(Suspect suspect, IReadOnlyCollection<KeyValuePair<string, Prediction>> more)
    {
        if (suspect.Faults.Count < 2 && more.Count > 0)
        {
            // Whole and never altered: who reads it waits for nobody.
            known[suspect.Key] = new Dictionary<string, Prediction>(KnownOf(suspect).UnionBy(more, m => m.Key), StringComparer.Ordinal);
        }
    }

    /// <summary>How things are in a setup with no fault.</summary>
    /// <param name="key">The setup's own.</param>
    internal AsRecorded AsRecorded(Setup setup, string key, bool there, bool wet) =>
        recorded.GetOrAdd((key, there, wet), _ => new(Solved(setup, there, wet), [.. Lifted(setup)]));

    /// <summary>Cable ends that are taken off in a setup, as what it does to the wiring.</summary>
    private IEnumerable<Fault> Lifted(Setup setup) =>
        from end in setup.Apart
        let cable = Subjects.CableEnd(end)
        where cable is not null
        let run = cable.Value.Run
        let box = Job.Runs.Find(run)?.End(cable.Value.Side).Box
        where box is not null && Job.Boxes.Has(box.Value)
        from lead in Job.Boxes[box.Value].Leads
        where lead.Value.Run == run && lead.Value.Side == cable.Value.Side && !lead.Value.IsGround
        select new OpenLink(LinkKeys.Land(box.Value, lead.Key));

    private Live Solved(Setup setup, bool there, bool wet) =>
        Live.Fresh(
            Job,
            new Situation
            {
                Switches = Job
                    .Boxes.SelectMany(b => Lever.In(b.Key, b.Value).Where(l => setup.Thrown.Contains(l.Key)).Select(l => (b.Value, l)))
                    .ToDictionary(x => x.l.Key, x => !x.l.AsLies(x.Value), StringComparer.Ordinal),
                Breakers = Signature.AllOn(Job).ToDictionary(b => b.Key, b => !setup.Off.Contains(b.Key), StringComparer.Ordinal),
                Plugged = setup.Drawing is { } on ? new Dictionary<string, double> { [on] = Drawn } : [],
                There = there,
                Dry = !wet,
                Unplugged = setup.Unplugged,
            }
        );

    /// <summary>What is switched on to see whether it works or trips, W: a heater.</summary>
    private const double Drawn = 1200;

    private static IEnumerable<Id<Box>> FeedOrder(Job job, HashSet<Id<Box>> boxes)
    {
        var order = Connection
            .Sheet.RunSheet.Of(job)
            .Rails.SelectMany(r => r.Stops)
            .Select(s => s.Key)
            .Where(k => k.StartsWith("b:", StringComparison.Ordinal))
            .Select(k => (Id<Box>)k[2..])
            .Distinct()
            .Where(boxes.Contains)
            .ToList();
        return order.Concat(boxes.Except(order).Order());
    }
}
