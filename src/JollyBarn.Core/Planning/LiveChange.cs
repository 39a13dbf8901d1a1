using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>One thing a change of a box would do with the power on.</summary>
public abstract record LiveFollow
{
    /// <summary>Something opens by itself that did not.</summary>
    public sealed record Opens(Opening Opening) : LiveFollow;

    public sealed record BecomesLive(PointLive Point) : LiveFollow;

    /// <summary>No longer expected live, which is no proof.</summary>
    public sealed record NoLongerLive(PointLive Point) : LiveFollow;

    /// <summary>The metal of the box becomes live.</summary>
    public sealed record MetalLive(PointLive Metal, Touch? Touch) : LiveFollow;
}

/// <summary>What a change of a box would do with the power on.</summary>
public static class LiveChange
{
    /// <summary>What becomes live or is no longer, what would open and when, and what someone touching the box would get. Nothing is called
    /// dead by it.</summary>
    public static IReadOnlyList<LiveFollow> Between(Job before, Job after, Id<Box> id, Situation now) =>
        before.Boxes.TryFind(id, out var was) && after.Boxes.TryFind(id, out var box)
            ? Between(BoxLive.Read(before, id, was, now), BoxLive.Read(Live.After(before, after, now), id, box))
            : [];

    /// <summary>The same of two looks at the box.</summary>
    public static IReadOnlyList<LiveFollow> Between(BoxLive before, BoxLive after) => [.. Follows(before, after)];

    private static IEnumerable<LiveFollow> Follows(BoxLive before, BoxLive after)
    {
        foreach (var opening in after.Openings.Where(o => before.Openings.All(b => b.Guard != o.Guard)))
        {
            yield return new LiveFollow.Opens(opening);
        }

        foreach (var (strand, point) in after.Strands)
        {
            var was = before.Strands.GetValueOrDefault(strand)?.Expected ?? Expected.Unknown;
            if (was != point.Expected && (was == Expected.Live || point.Expected == Expected.Live))
            {
                yield return point.Expected == Expected.Live ? new LiveFollow.BecomesLive(point) : new LiveFollow.NoLongerLive(point);
            }
        }

        if (after.Metal is { Expected: Expected.Live } metal && before.Metal?.Expected != Expected.Live)
        {
            yield return new LiveFollow.MetalLive(metal, after.Touch);
        }
    }
}
