using JollyBarn.Connection;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Judging;

/// <summary>What a change of one box brings in the boxes that hang together with it.</summary>
internal static class Elsewhere
{
    /// <summary>Verdicts that were not there, each with its box.</summary>
    /// <param name="which">The verdicts that count.</param>
    public static IReadOnlyList<Finding> New(Job before, Job after, Id<Box> home, Func<Finding, bool> which)
    {
        var (was, now) = (Connected.Of(before), Connected.Of(after));
        return
        [
            .. Connected
                .Near(before, after)
                .Where(b => b != home && !was.In(b).Equals(now.In(b)))
                .SelectMany(b =>
                {
                    var old = before.Boxes.TryFind(b, out var box) ? Inspector.Judge(before, b, box).Select(f => f.Key).ToHashSet() : [];
                    return Inspector
                        .Judge(after, b, after.Boxes[b])
                        .Where(f => which(f) && !old.Contains(f.Key))
                        .Select(f => f with { Box = b });
                }),
        ];
    }
}
