using System.Numerics;

namespace JollyBarn.Electrics;

public enum LinkKind
{
    Wire,
    Contact,
    Metal,
    Bond,
    Breaker,
    Switch,
    Load,
    Source,
    Stray,
    Leak,
    Earthing,
}

/// <summary>Two points joined by an impedance; opened it joins nothing.</summary>
public sealed class Link(string key, string from, string to, Complex ohms, LinkKind kind)
{
    public string Key => key;

    public string From { get; set; } = from;

    public string To { get; set; } = to;

    /// <summary>Ω; never zero.</summary>
    public Complex Ohms { get; set; } = ohms;

    public LinkKind Kind => kind;

    public bool Open { get; set; }

    /// <summary>Volts of a source, at <see cref="To"/> above <see cref="From"/>.</summary>
    public Complex Volts { get; init; }

    /// <summary>True for what current runs through as through wire.</summary>
    public bool Conducts =>
        !Open && Kind is LinkKind.Wire or LinkKind.Contact or LinkKind.Metal or LinkKind.Bond or LinkKind.Breaker or LinkKind.Switch;
}

/// <summary>The job's wiring as points and links, while it can still be altered: faults and switches act here, and the network is made from
/// what is left.</summary>
public sealed class Plan
{
    private readonly Dictionary<string, Link> links = new(StringComparer.Ordinal);
    private readonly List<Link> inOrder = [];
    private readonly List<string> assumed = [];

    public IReadOnlyList<Link> Links => inOrder;

    /// <summary>What was taken for given, as sentences.</summary>
    public IReadOnlyList<string> Assumed => assumed;

    /// <summary>Protective devices, in the order they were put.</summary>
    public List<Guard> Guards { get; } = [];

    /// <summary>Where an arc burns: in series with the load, or across the conductors.</summary>
    public List<(Link Link, bool Series)> Arcs { get; } = [];

    /// <summary>Faults that come and go are there just now.</summary>
    public bool There { get; init; } = true;

    /// <summary>Points that may go on to something nobody has looked at.</summary>
    public HashSet<string> Unknown { get; } = new(StringComparer.Ordinal);

    /// <summary>Nothing joins with less, Ω: a house may set a joint or a source to nothing.</summary>
    private const double LeastOhms = 1e-6;

    /// <summary>Joins two points; a key used before gets the new link beside the old under a key of its own.</summary>
    /// <param name="ohms">Ω; one that is no number, as that of no capacity at all, joins nothing.</param>
    public Link Join(string key, string from, string to, Complex ohms, LinkKind kind, Complex volts = default)
    {
        var apart = !Complex.IsFinite(ohms);
        var sound =
            apart ? 1 / LeastOhms
            : ohms.Magnitude < LeastOhms ? LeastOhms
            : ohms;
        var link = new Link(links.ContainsKey(key) ? $"{key}#{inOrder.Count}" : key, from, to, sound, kind) { Volts = volts, Open = apart };
        links[link.Key] = link;
        inOrder.Add(link);
        return link;
    }

    public Link? Find(string? key) => key is null ? null : links.GetValueOrDefault(key);

    public void Assume(string says)
    {
        if (!assumed.Contains(says))
        {
            assumed.Add(says);
        }
    }

    /// <summary>Points one gets to from some others along links for which a test holds.</summary>
    public HashSet<string> Reach(IEnumerable<string> from, Func<Link, bool> along)
    {
        var arms = inOrder
            .Where(along)
            .SelectMany(l => new[] { (l.From, l.To), (l.To, l.From) })
            .ToLookup(l => l.Item1, l => l.Item2, StringComparer.Ordinal);
        var into = new HashSet<string>(StringComparer.Ordinal);
        var queue = new Queue<string>(from);
        while (queue.Count > 0)
        {
            var point = queue.Dequeue();
            if (into.Add(point))
            {
                foreach (var next in arms[point])
                {
                    queue.Enqueue(next);
                }
            }
        }

        return into;
    }
}
