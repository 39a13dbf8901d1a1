using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>The boxes that a change can make worse: those it alters, those on circuits whose breakers it alters, and all that cables join
/// to
/// them.</summary>
internal static class TouchedBoxes
{
    public static IReadOnlySet<Id<Box>> Between(Job before, Job after)
    {
        var altered = Only(before, after).Concat(Only(after, before)).Select(b => b.Circuit).OfType<Id<Circuit>>().ToHashSet();
        var runs = before.Runs.Values.Concat(after.Runs.Values).ToList();
        var boxes = Touched
            .Boxes(before, after)
            .Concat(runs.Where(r => r.Circuit is { } circuit && altered.Contains(circuit)).SelectMany(r => r.Boxes))
            .ToHashSet();
        var joined = runs.SelectMany(r => r.Boxes.SelectMany(a => r.Boxes.Select(b => (a, b)))).ToLookup(p => p.a, p => p.b);
        var open = new Queue<Id<Box>>(boxes);
        while (open.TryDequeue(out var box))
        {
            foreach (var next in joined[box].Where(boxes.Add))
            {
                open.Enqueue(next);
            }
        }

        return boxes;
    }

    /// <summary>Breakers of one that are not the same in the other.</summary>
    private static IEnumerable<Breaker> Only(Job job, Job other) =>
        ReferenceEquals(job.Panels, other.Panels) ? [] : Breakers(job).Where(b => !Breakers(other).Any(o => ReferenceEquals(o, b)));

    private static IEnumerable<Breaker> Breakers(Job job) => job.Panels.Values.SelectMany(p => p.Breakers);
}
