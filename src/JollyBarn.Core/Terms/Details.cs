using System.Globalization;

namespace JollyBarn.Terms;

/// <summary>The details of a case by name: amounts, things, choices. Two are equal when their names and values are.</summary>
public sealed class Details : IEquatable<Details>
{
    private readonly (string Name, object? Value)[] all;
    private string? text;

    private Details((string, object?)[] all) => this.all = all;

    public static Details None { get; } = new([]);

    /// <summary>Names there are details by.</summary>
    public IEnumerable<string> Names => all.Select(a => a.Name);

    /// <summary>What stands under them.</summary>
    public IEnumerable<object?> Values => all.Select(a => a.Value);

    /// <summary>What stands under a name; null where nothing does.</summary>
    public object? this[string name] => Array.Find(all, a => a.Name == name).Value;

    public static Details Of(ReadOnlySpan<(string Name, object? Value)> details) => details.Length == 0 ? None : new(details.ToArray());

    public bool Equals(Details? other) => other is not null && ToString() == other.ToString();

    public override bool Equals(object? obj) => Equals(obj as Details);

    public override int GetHashCode() => ToString().GetHashCode(StringComparison.Ordinal);

    /// <summary>The details as one text that says the same in every program: what rulings keep.</summary>
    public override string ToString() => text ??= string.Join(';', all.Select(a => $"{a.Name}={Canonical(a.Value)}"));

    private static string Canonical(object? value) =>
        value switch
        {
            null => "",
            double number => number.ToString("G6", CultureInfo.InvariantCulture),
            decimal number => number.ToString("0.######", CultureInfo.InvariantCulture),
            string said => said,
            IEnumerable<Thing> things => string.Join(',', things),
            IFormattable amount => amount.ToString(null, CultureInfo.InvariantCulture),
            _ => value.ToString() ?? "",
        };
}
