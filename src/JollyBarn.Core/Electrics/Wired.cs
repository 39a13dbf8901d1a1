using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>The wiring of a job as points and links, built once and never altered, with what is found by key and by point.</summary>
internal sealed class Wired
{
    private readonly Dictionary<string, int> byKey = new(StringComparer.Ordinal);
    private readonly Dictionary<string, int> nodes = new(StringComparer.Ordinal) { [Points.Earth] = Network.Earth };
    private readonly Link[] links;
    private readonly (int From, int To)[] ends;
    private readonly int[] first;
    private readonly int[] touching;

    /// <param name="little">Ω by which what couples to nothing else still couples to the earth, so that no island is adrift; null for
    /// none.</param>
    public Wired(IEnumerable<(Owner Owner, Part Part)> parts, Complex? little)
    {
        var all = new List<Link>();
        foreach (var (owner, part) in parts)
        {
            var indexes = new int[part.Links.Count];
            for (var i = 0; i < indexes.Length; i++)
            {
                indexes[i] = Put(all, part.Links[i]);
            }

            Guards.AddRange(part.Guards);
            Unknown.UnionWith(part.Unknown);
            Assumed.AddRange(part.Assumed.Where(a => !Assumed.Contains(a)));
            Parts[owner] = (part, indexes);
        }

        if (little is { } ohms)
        {
            var held = new bool[nodes.Count];
            foreach (var link in all.Where(l => l.Kind == LinkKind.Stray))
            {
                held[nodes[link.From]] = held[nodes[link.To]] = true;
            }

            foreach (var (point, node) in nodes.Where(n => n.Value != Network.Earth && !held[n.Value]).ToList())
            {
                Put(all, Part.Made(LinkKeys.Held(point), point, Points.Earth, ohms, LinkKind.Stray));
            }
        }

        links = [.. all];
        ends = [.. all.Select(l => (nodes[l.From], nodes[l.To]))];
        (first, touching) = Touches();
    }

    public IReadOnlyList<Link> Links => links;

    public List<Guard> Guards { get; } = [];

    public HashSet<string> Unknown { get; } = new(StringComparer.Ordinal);

    public List<Assumed> Assumed { get; } = [];

    /// <summary>Who gave what: the part, and the numbers of its links.</summary>
    public Dictionary<Owner, (Part Part, int[] Links)> Parts { get; } = [];

    public int Nodes => nodes.Count;

    public Link? Find(string key) => byKey.TryGetValue(key, out var index) ? links[index] : null;

    public bool TryNode(string point, out int node) => nodes.TryGetValue(point, out node);

    /// <summary>Numbers of the links at a node.</summary>
    public ReadOnlySpan<int> Touching(int node) => touching.AsSpan(first[node], first[node + 1] - first[node]);

    /// <summary>The nodes of a link's points.</summary>
    public (int From, int To) Ends(int index) => ends[index];

    /// <summary>Names of all points with their nodes.</summary>
    public IEnumerable<KeyValuePair<string, int>> Named => nodes;

    private int Put(List<Link> all, Link link)
    {
        var index = all.Count;
        var unique = byKey.TryAdd(link.Key, index);
        all.Add(unique ? link.With(index: index) : Renamed(link, index));
        _ = (Node(link.From), Node(link.To));
        return index;
    }

    private Link Renamed(Link link, int index)
    {
        var key = $"{link.Key}#{index}";
        byKey[key] = index;
        return new()
        {
            Key = key,
            From = link.From,
            To = link.To,
            Ohms = link.Ohms,
            Kind = link.Kind,
            Open = link.Open,
            Volts = link.Volts,
            Index = index,
        };
    }

    private int Node(string point)
    {
        if (!nodes.TryGetValue(point, out var node))
        {
            nodes[point] = node = nodes.Count;
        }

        return node;
    }

    private (int[] First, int[] Touching) Touches()
    {
        var starts = new int[nodes.Count + 1];
        foreach (var link in links)
        {
            starts[nodes[link.From] + 1]++;
            starts[nodes[link.To] + 1]++;
        }

        for (var i = 0; i < nodes.Count; i++)
        {
            starts[i + 1] += starts[i];
        }

        var (next, of) = (starts.ToArray(), new int[2 * links.Length]);
        foreach (var link in links)
        {
            of[next[nodes[link.From]]++] = link.Index;
            of[next[nodes[link.To]]++] = link.Index;
        }

        return (starts, of);
    }
}
