using System.Globalization;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>What a change of a box would do with the power on, as sentences.</summary>
public static class LiveChange
{
    /// <summary>What becomes live or is no longer, what would open and when, and what someone touching the box would get. Nothing is called
    /// dead by it.</summary>
    public static IReadOnlyList<string> Of(Job before, Job after, string id, Situation now) =>
        before.Boxes.TryFind(id, out var was) && after.Boxes.TryFind(id, out var box)
            ? Of(BoxLive.Of(before, id, was, now), BoxLive.Of(Live.After(before, after, now), id, box))
            : [];

    /// <summary>The same of two looks at the box.</summary>
    public static IReadOnlyList<string> Of(BoxLive before, BoxLive after) => [.. Sentences(before, after)];

    private static IEnumerable<string> Sentences(BoxLive before, BoxLive after)
    {
        foreach (var opening in after.Openings.Where(o => before.Openings.All(b => b.Guard != o.Guard)))
        {
            yield return $"{Start(opening.Says)}, {Within(opening.Seconds)}{(opening.Sure == Surely.Perhaps ? "; perhaps at once" : "")}";
        }

        foreach (var (strand, point) in after.Strands)
        {
            var was = before.Strands.GetValueOrDefault(strand)?.Expected ?? Expected.Unknown;
            if (was != point.Expected && (was == Expected.Live || point.Expected == Expected.Live))
            {
                yield return point.Expected == Expected.Live
                    ? $"{Start(point.Name)} becomes live, {point.Volts.ToString("0", CultureInfo.InvariantCulture)} V"
                    : $"{Start(point.Name)} is no longer expected live; that is no proof";
            }
        }

        if (after.Metal is { Expected: Expected.Live } metal && before.Metal?.Expected != Expected.Live)
        {
            yield return $"The metal box becomes live, {metal.Volts.ToString("0", CultureInfo.InvariantCulture)} "
                + $"V{Through(after.Touch)}";
        }
    }

    private static string Through(Touch? touch) =>
        touch is null ? "" : $": {touch.Milliamperes.ToString("0", CultureInfo.InvariantCulture)} mA through a person, {touch.Means}";

    private static string Start(string says) => char.ToUpperInvariant(says[0]) + says[1..];

    /// <summary>A time as people say it: within 9 ms, within 40 s, within 20 min.</summary>
    public static string Within(double seconds) =>
        seconds < 1 ? $"within {(seconds * 1000).ToString("0", CultureInfo.InvariantCulture)} ms"
        : seconds < 100 ? $"within {seconds.ToString("0.#", CultureInfo.InvariantCulture)} s"
        : $"within {(seconds / 60).ToString("0", CultureInfo.InvariantCulture)} min";
}
