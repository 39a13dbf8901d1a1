using System.Collections.Frozen;
using System.Text;

namespace JollyBarn.Terms;

/// <summary>How an enum of choices is written in files: <c>OnePlastic</c> as <c>one-plastic</c>.</summary>
public static class Choice
{
    public static string Text<T>(T value)
        where T : struct, Enum => Kept<T>.Texts[value];

    /// <summary>Null for a text that is none of the choices.</summary>
    public static T? Parse<T>(string? text)
        where T : struct, Enum => text is not null && Kept<T>.Values.TryGetValue(text, out var value) ? value : null;

    /// <summary>All texts in the order of the choices.</summary>
    public static IReadOnlyList<string> Texts<T>()
        where T : struct, Enum => [.. Enum.GetValues<T>().Select(v => Kept<T>.Texts[v])];

    private static string Kebab(string name)
    {
        var text = new StringBuilder(name.Length + 4);
        foreach (var letter in name)
        {
            if (char.IsUpper(letter) && text.Length > 0)
            {
                text.Append('-');
            }

            text.Append(char.ToLowerInvariant(letter));
        }

        return text.ToString();
    }

    private static class Kept<T>
        where T : struct, Enum
    {
        public static readonly FrozenDictionary<T, string> Texts = Enum.GetValues<T>().ToFrozenDictionary(v => v, v => Kebab(v.ToString()));

        public static readonly FrozenDictionary<string, T> Values = Texts.ToFrozenDictionary(
            p => p.Value,
            p => p.Key,
            StringComparer.Ordinal
        );
    }
}
