namespace JollyBarn.Telling.Phrases;

/// <summary>A sentence with places for details: <c>{at}</c>, <c>{At}</c> to begin a sentence with, <c>{amperes:0.0}</c> in a
/// format.</summary>
internal sealed class Line
{
    private readonly Func<Filling, string> make;

    public Line(string template)
    {
        var pieces = Pieces(template);
        Asks = [.. pieces.Select(p => p.Name).OfType<string>()];
        make = fill =>
            string.Concat(
                pieces.Select(p =>
                    p.Name is null ? p.Text
                    : p.Capital ? Start(fill.Text(p.Name, p.Text))
                    : fill.Text(p.Name, p.Text)
                )
            );
    }

    /// <summary>A line whose form hangs on its details.</summary>
    public Line(Func<Filling, string> make) => (this.make, Asks) = (make, []);

    /// <summary>Names of the details it shows, as far as a template tells.</summary>
    public IReadOnlyList<string> Asks { get; }

    public static implicit operator Line(string template) => new(template);

    /// <summary>A text with its first letter large.</summary>
    public static string Start(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    public string Make(Filling fill) => make(fill);

    private static List<(string? Name, string? Text, bool Capital)> Pieces(string template)
    {
        var pieces = new List<(string?, string?, bool)>();
        var at = 0;
        while (template.IndexOf('{', at) is >= 0 and var open)
        {
            pieces.Add((null, template[at..open], false));
            var close = template.IndexOf('}', open);
            var inside = template[(open + 1)..close].Split(':', 2);
            var name = inside[0];
            pieces.Add((char.ToLowerInvariant(name[0]) + name[1..], inside.Length > 1 ? inside[1] : null, char.IsUpper(name[0])));
            at = close + 1;
        }

        pieces.Add((null, template[at..], false));
        return pieces;
    }
}
