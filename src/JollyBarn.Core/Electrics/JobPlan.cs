using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Reads a job into a plan: sources and panels, then runs, then what is in each box.</summary>
internal sealed class JobPlan
{
    private const double Picofarad = 1e-12;
    private const double Hertz = 60;

    public JobPlan(Job job, Situation now)
    {
        (Job, Now, Plan) = (job, now, new() { There = now.There });
        JointOhms = (double)ElectricsBook.JointMilliohms.Of(job.Practice) / 1000;
        SupplyPlan.Put(this);
        RunPlan.Put(this);
        foreach (var (id, box) in job.Boxes)
        {
            if (!box.Binned)
            {
                BoxPlan.Put(this, id, box);
            }
        }

        foreach (var load in now.Loads ? [] : Plan.Links.Where(l => l.Kind == LinkKind.Load))
        {
            load.Open = true;
        }

        foreach (var fault in now.Faults)
        {
            fault.Plant(Plan);
        }

        Hold();
    }

    public Job Job { get; }

    public Situation Now { get; }

    public Plan Plan { get; }

    /// <summary>Ω of a sound joint, screw or clamp.</summary>
    public double JointOhms { get; }

    public double Set(Assumption number) => (double)number.Of(Job.Practice);

    /// <summary>Impedance of so many picofarads at 60 Hz, Ω.</summary>
    public static Complex Capacity(double picofarads) => 1 / new Complex(0, 2 * Math.PI * Hertz * picofarads * Picofarad);

    /// <summary>A sound contact between two points.</summary>
    public Link Contact(string key, string a, string b) => Plan.Join(key, a, b, JointOhms, LinkKind.Contact);

    /// <summary>What couples to nothing else still couples a little to the earth, so that no island is adrift.</summary>
    private void Hold()
    {
        if (!Now.Stray)
        {
            return;
        }

        var held = Plan
            .Links.Where(l => l.Kind == LinkKind.Stray)
            .SelectMany(l => new[] { l.From, l.To })
            .ToHashSet(StringComparer.Ordinal);
        var little = Capacity(Set(ElectricsBook.MetalCoupling));
        foreach (
            var point in Plan
                .Links.SelectMany(l => new[] { l.From, l.To })
                .Where(p => p != Points.Earth && !held.Contains(p))
                .Distinct(StringComparer.Ordinal)
                .ToList()
        )
        {
            Plan.Join($"stray:{point}", point, Points.Earth, little, LinkKind.Stray);
        }
    }
}
