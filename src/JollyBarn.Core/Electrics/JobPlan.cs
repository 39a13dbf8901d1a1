using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Reads one part of a job into links: a panel with its sources, a run, or what is in a box.</summary>
internal sealed class JobPlan
{
    private const double Picofarad = 1e-12;
    private const double Hertz = 60;

    private JobPlan(Job job, Situation now)
    {
        (Job, Now, Plan) = (job, now, new(now.Loads));
        JointOhms = (double)ElectricsBook.JointMilliohms.Of(job.Practice) / 1000;
    }

    public Job Job { get; }

    public Situation Now { get; }

    public Part Plan { get; }

    /// <summary>Ω of a sound joint, screw or clamp.</summary>
    public double JointOhms { get; }

    /// <summary>Everything that gives a part of the wiring: panels, then runs, then boxes.</summary>
    public static IEnumerable<Owner> Owners(Job job) =>
        [
            .. job.Panels.Ids.Select(id => new Owner(OwnerKind.Panel, id)),
            .. job.Runs.Ids.Select(id => new Owner(OwnerKind.Run, id)),
            .. job.Boxes.Where(b => !b.Value.Binned).Select(b => new Owner(OwnerKind.Box, b.Key)),
        ];

    /// <summary>What one of them gives; nothing when it is not in the job.</summary>
    public static Part Read(Job job, Situation now, Owner owner)
    {
        var to = new JobPlan(job, now);
        switch (owner.Kind)
        {
            case OwnerKind.Panel when job.Panels.TryFind(owner.Id, out var panel):
                SupplyPlan.Put(to, owner.Id, panel);
                break;
            case OwnerKind.Run when job.Runs.TryFind(owner.Id, out var run):
                RunPlan.Put(to, owner.Id, run);
                break;
            case OwnerKind.Box when job.Boxes.Find(owner.Id) is { Binned: false } box:
                BoxPlan.Put(to, owner.Id, box);
                break;
        }

        return to.Plan;
    }

    /// <summary>What differs in the wiring of two states of a job; null when so much does that it is read anew.</summary>
    public static IReadOnlyCollection<Owner>? Between(Job before, Job after)
    {
        if (
            !ReferenceEquals(before.Panels, after.Panels)
            || !ReferenceEquals(before.Circuits, after.Circuits)
            || !ReferenceEquals(before.Sources, after.Sources)
            || !ReferenceEquals(before.Practice, after.Practice)
            || before.Kind != after.Kind
        )
        {
            return null;
        }

        var boxes = Differing(before.Boxes, after.Boxes).ToHashSet();
        var runs = Differing(before.Runs, after.Runs).ToHashSet();
        IEnumerable<Id<Box>> Ends(Id<Run> id) =>
            new[] { before.Runs.Find(id), after.Runs.Find(id) }
                .OfType<Run>()
                .SelectMany(r => new[] { r.A, r.B })
                .Select(e => e.Box)
                .OfType<Id<Box>>();
        // What a conductor is used as is seen in the boxes at its ends, and what passes through a box goes by the run it leaves by.
        var near = boxes
            .SelectMany(b => new[] { before.Boxes.Find(b), after.Boxes.Find(b) })
            .OfType<Box>()
            .SelectMany(b => b.Leads.Values.SelectMany(l => new[] { l.Run, l.LeavesBy }))
            .OfType<Id<Run>>();
        return
        [
            .. runs.Union(near).Select(r => new Owner(OwnerKind.Run, r)),
            .. boxes.Union(runs.SelectMany(Ends)).Select(b => new Owner(OwnerKind.Box, b)),
        ];
    }

    public double Set(Assumption number) => (double)number.Of(Job.Practice);

    /// <summary>Impedance of so many picofarads at 60 Hz, Ω.</summary>
    public static Complex Capacity(double picofarads) => 1 / new Complex(0, 2 * Math.PI * Hertz * picofarads * Picofarad);

    /// <summary>A sound contact between two points.</summary>
    public Link Contact(string key, string a, string b) => Plan.Join(key, a, b, JointOhms, LinkKind.Contact);

    private static IEnumerable<TId> Differing<TId, T>(ById<TId, T> before, ById<TId, T> after)
        where TId : IParsable<TId>, IComparable<TId>
        where T : class =>
        ReferenceEquals(before, after) ? [] : before.Ids.Union(after.Ids).Where(id => !ReferenceEquals(before.Find(id), after.Find(id)));
}
