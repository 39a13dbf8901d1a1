using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>What one panel, run or box gives to the wiring: its links, what opens by itself, and what was taken for given.</summary>
internal sealed class Part(bool loads)
{
    /// <summary>Nothing joins with less, Ω: a house may set a joint or a source to nothing.</summary>
    private const double LeastOhms = 1e-6;

    private readonly HashSet<string> keys = new(StringComparer.Ordinal);

    public List<Link> Links { get; } = [];

    /// <summary>Protective devices, in the order they were put.</summary>
    public List<Guard> Guards { get; } = [];

    /// <summary>Points that may go on to something nobody has looked at.</summary>
    public List<string> Unknown { get; } = [];

    /// <summary>Ends of cables that are taken to land where a mark says they come from.</summary>
    public HashSet<string> Taken { get; } = new(StringComparer.Ordinal);

    /// <summary>What was taken for given.</summary>
    public List<Assumed> Assumed { get; } = [];

    /// <summary>A link between two points.</summary>
    /// <param name="ohms">Ω; one that is no number, as that of no capacity at all, joins nothing.</param>
    public static Link Made(string key, string from, string to, Complex ohms, LinkKind kind, Complex volts = default, bool open = false)
    {
        var apart = !Complex.IsFinite(ohms);
        var least = ohms.Magnitude < LeastOhms ? LeastOhms : ohms;
        return new()
        {
            Key = key,
            From = from,
            To = to,
            Ohms = apart ? 1 / LeastOhms : least,
            Kind = kind,
            Volts = volts,
            Open = open || apart,
        };
    }

    /// <summary>Joins two points; a key used before gets the new link beside the old under a key of its own.</summary>
    public Link Join(string key, string from, string to, Complex ohms, LinkKind kind, Complex volts = default, bool open = false)
    {
        var own = keys.Add(key) ? key : $"{key}#{Links.Count}";
        var link = Made(own, from, to, ohms, kind, volts, open || (kind == LinkKind.Load && !loads));
        Links.Add(link);
        return link;
    }

    public void Assume(AssumedCase taken, params ReadOnlySpan<(string, object?)> about) => Assumed.Add(Electrics.Assumed.Of(taken, about));
}
