using System.Globalization;

namespace JollyBarn.Wiring;

/// <summary>Where grounds are held to a metal box: its tapped holes with their screws, and listed clips on its edge, NEC 250.148(C). A
/// landing on the screw names which by <see cref="Landing.Place"/>; none is the first hole.</summary>
public static class GroundingPlaces
{
    public const int Most = 4;
    private const string Hole = "hole-";
    private const string Clip = "clip-";

    /// <summary>The places of a box, the first hole as null.</summary>
    public static IEnumerable<string?> Of(Box box) =>
        new string?[] { null }
            .Concat(Enumerable.Range(2, box.MoreGroundHoles).Select(n => Named(Hole, n)))
            .Concat(Enumerable.Range(1, box.GroundClips).Select(n => Named(Clip, n)));

    public static IEnumerable<Landing> Landings(Box box) => Of(box).Select(p => new Landing(LandingAt.BondingScrew, Place: p));

    public static bool IsClip(string? place) => place?.StartsWith(Clip, StringComparison.Ordinal) == true;

    /// <summary>Its number among its kind, from 1.</summary>
    public static int Number(string? place) =>
        int.TryParse(place?[(place.IndexOf('-', StringComparison.Ordinal) + 1)..], CultureInfo.InvariantCulture, out var n) ? n : 1;

    private static string Named(string kind, int number) => kind + number.ToString(CultureInfo.InvariantCulture);
}
