using JollyBarn.Electrics.Faults;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>Boxes the hand worked in that made a fault: they are looked at too. Who worked where is somebody's word, or the mark of a
/// step.</summary>
public static class SameHand
{
    /// <summary>Boxes not looked into since, likeliest first.</summary>
    public static IReadOnlyList<Id<Box>> Of(Job job, FoundFault found)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(found);
        if (found.Who is not { } who)
        {
            return [];
        }

        bool Same(string? other) => string.Equals(other?.Trim(), who.Trim(), StringComparison.OrdinalIgnoreCase);
        // What is hidden for practice says nothing of anybody's hand.
        var real = job.Complaints.Values.Where(c => c.Hidden is null).ToList();
        var worked = real.SelectMany(c => c.Worked.Values)
            .Where(w => Same(w.Who))
            .Select(w => w.Box)
            .Concat(real.SelectMany(c => c.Found.Values).Where(f => Same(f.Who)).Select(f => f.Box))
            .Concat(job.Changes.Values.SelectMany(c => c.Ticks).Where(t => t.Done is not null && Same(t.By)).Select(t => t.Box))
            .ToHashSet();
        var looked = real.SelectMany(c => c.Observed.Values)
            .Where(o => o.Look.Kind == LookKind.Inside && string.CompareOrdinal(o.At, found.At) >= 0)
            .Select(o => o.Look.At)
            .ToHashSet(StringComparer.Ordinal);
        return
        [
            .. worked
                .Where(b => b != found.Box && job.Boxes.Has(b) && !looked.Contains(b))
                .OrderByDescending(b => Likely(job, b, found.Case, worked))
                .ThenBy(b => b),
        ];
    }

    /// <summary>Weight of the same kind of fault there.</summary>
    private static double Likely(Job job, Id<Box> box, string fault, IReadOnlySet<Id<Box>> worked)
    {
        var scene = Scene.Of(job, [box]);
        return FaultOffers
            .At(scene.Recorded, box, scene.Job.Boxes[box])
            .Where(o => o.Case.ToString() == fault)
            .Select(o => Odds.Of(scene.Job, box, o, worked))
            .DefaultIfEmpty(0)
            .Sum();
    }
}
