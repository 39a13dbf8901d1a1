using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>An assembly in a few words: the box, its ring and extension, and its clamps where they change.</summary>
internal static class InsteadWords
{
    public static string Of(InsteadOption option)
    {
        var clamps = option.Change.ClampsOut ? "clamps outside" : null;
        var ring = option.Change.Ring ? A(PartKinds.Find(option.Ring)) : null;
        var extension = A(PartKinds.Find(option.Extension));
        string?[] pieces = option.Keeps
            ? ["this box", clamps, ring, extension]
            : [BoxKinds.Find(option.Box)?.Name ?? option.Box, ring, extension, clamps];
        return string.Join(", ", pieces.OfType<string>());
    }

    /// <summary>The part with its article and the mark to look for, or nothing.</summary>
    private static string? A(PartKind? part) =>
        part is null ? null : $"{(Vowel(part.Name) ? "an" : "a")} {part.Name}{(PartMarks.ByMark(part) ? Mark(part) : "")}";

    private static string Mark(PartKind part) =>
        string.Create(CultureInfo.InvariantCulture, $" marked {part.Volume!.Value.CubicInches} in³");

    /// <summary>True for a name that is said with a vowel first.</summary>
    private static bool Vowel(string name) =>
        name[0] is 'o' or 'u' or 'a' or 'e' or 'i'
        && !name.StartsWith("one", StringComparison.Ordinal)
        && !name.StartsWith("utility", StringComparison.Ordinal);
}
