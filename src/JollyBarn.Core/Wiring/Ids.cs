using System.Text.RegularExpressions;

namespace JollyBarn.Wiring;

/// <summary>Ids are made by whoever makes the thing, so that posting twice makes it once.</summary>
public static partial class Ids
{
    public const string Rule = "An id has 1 to 64 of a–z, 0–9, dot and dash, and begins with a letter or figure.";

    public static bool IsGood(string? id) => id is not null && Pattern().IsMatch(id);

    /// <summary>The stem itself, or with the first number from 2 on that makes it free.</summary>
    public static string Free(string stem, Func<string, bool> taken) =>
        Enumerable.Range(2, int.MaxValue - 2).Select(n => $"{stem}-{n}").Prepend(stem).First(id => !taken(id));

    /// <summary>A foreign string cut short enough to be named in a sentence.</summary>
    public static string Shown(string? text) =>
        text is null ? "nothing"
        : text.Length <= 40 ? text
        : text[..40] + "…";

    [GeneratedRegex(@"\A[a-z0-9][a-z0-9.\-]{0,63}\z")]
    private static partial Regex Pattern();
}
