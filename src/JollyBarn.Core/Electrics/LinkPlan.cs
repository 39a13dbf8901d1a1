using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>The wiring of a job as it stands in a situation: what was built of it, and what faults, switches and protection altered
/// since.</summary>
public sealed class LinkPlan
{
    private readonly Wired wired;
    private readonly Dictionary<int, Link?> instead;
    private readonly Dictionary<string, Link> added;
    private readonly Dictionary<string, int> newNodes;
    private readonly Dictionary<Owner, Part> replaced;
    private List<Guard> guards;

    internal LinkPlan(Wired wired)
    {
        this.wired = wired;
        (instead, added, newNodes) = ([], new(StringComparer.Ordinal), new(StringComparer.Ordinal));
        (guards, replaced) = (wired.Guards, []);
    }

    private LinkPlan(LinkPlan from)
    {
        (wired, Passing) = (from.wired, from.Passing);
        (instead, added, newNodes) = (
            new(from.instead),
            new(from.added, StringComparer.Ordinal),
            new(from.newNodes, StringComparer.Ordinal)
        );
        (guards, replaced) = (from.guards, new(from.replaced));
        Arcs.AddRange(from.Arcs);
    }

    public IEnumerable<Link> Links => wired.Links.Select(Now).OfType<Link>().Concat(added.Values);

    /// <summary>What was taken for given.</summary>
    public IReadOnlyList<Assumed> Assumed => replaced.Count == 0 ? wired.Assumed : [.. Parts.SelectMany(p => p.Assumed).Distinct()];

    /// <summary>Protective devices, in the order they were put.</summary>
    public IReadOnlyList<Guard> Guards => guards;

    /// <summary>Where an arc burns: in series with the load, or across the conductors.</summary>
    public List<(Link Link, bool Series)> Arcs { get; } = [];

    /// <summary>Which faults that are there only at times are there.</summary>
    public Passing Passing { get; init; } = Passing.AllThere;

    /// <summary>Points that may go on to something nobody has looked at.</summary>
    public IEnumerable<string> Unknown => replaced.Count == 0 ? wired.Unknown : Parts.SelectMany(p => p.Unknown).Distinct();

    /// <summary>True when nothing was altered since it was built.</summary>
    internal bool Plain => instead.Count + added.Count == 0;

    internal int Nodes => wired.Nodes + newNodes.Count;

    /// <summary>Links that are not as they were built; null for one that is gone.</summary>
    internal IReadOnlyDictionary<int, Link?> Instead => instead;

    internal IEnumerable<Link> Added => added.Values;

    /// <summary>The same, to be altered apart.</summary>
    internal LinkPlan Copy() => new(this);

    public Link? Find(string? key) =>
        key is null ? null
        : added.TryGetValue(key, out var own) ? own
        : wired.Find(key) is { } link ? Now(link)
        : null;

    /// <summary>A link as it is now; null when it is gone.</summary>
    public Link? Now(Link link) =>
        link.Index < 0 ? Find(link.Key)
        : instead.TryGetValue(link.Index, out var altered) ? altered
        : wired.Links[link.Index];

    /// <summary>A link altered.</summary>
    internal void Put(Link link)
    {
        _ = (Noded(link.From), Noded(link.To));
        if (link.Index < 0)
        {
            added[link.Key] = link;
        }
        else
        {
            instead[link.Index] = link;
        }
    }

    /// <summary>Joins two points that were not; a key used before gets the new link beside the old under a key of its own.</summary>
    internal Link Join(string key, string from, string to, Complex ohms, LinkKind kind)
    {
        var own = Find(key) is null ? key : $"{key}#{added.Count}";
        var link = Part.Made(own, from, to, ohms, kind);
        Put(link);
        return link;
    }

    /// <summary>A protective device that never opens.</summary>
    internal void Stick(GuardKey? guard) => guards = [.. guards.Select(g => g.Key == guard ? g with { Stuck = true } : g)];

    internal bool Opened(Guard guard) => guard.Links.All(l => Now(l) is not { Open: false });

    /// <summary>Links at a point.</summary>
    internal IEnumerable<Link> Touching(string point) =>
        Built(point).Concat(Altered).Where(l => l.From == point || l.To == point).Distinct();

    /// <summary>Links built at a point, as they are now.</summary>
    private IEnumerable<Link> Built(string point) =>
        TryNode(point, out var node) && node < wired.Nodes
            ? wired.Touching(node).ToArray().Select(i => Now(wired.Links[i])).OfType<Link>()
            : [];

    /// <summary>Links that are not as they were built, or were not there.</summary>
    private IEnumerable<Link> Altered => instead.Values.OfType<Link>().Concat(added.Values);

    /// <summary>Puts another part in the place of what a panel, run or box gave.</summary>
    /// <returns>The points whose links are others now.</returns>
    internal IReadOnlySet<string> Replace(Owner owner, Part part)
    {
        var points = part.Links.SelectMany(l => new[] { l.From, l.To }).ToHashSet(StringComparer.Ordinal);
        if (wired.Parts.TryGetValue(owner, out var old))
        {
            foreach (var index in old.Links)
            {
                points.UnionWith([wired.Links[index].From, wired.Links[index].To]);
                instead[index] = null;
            }

            guards = [.. guards.Where(g => !old.Part.Guards.Contains(g))];
        }

        replaced[owner] = part;
        guards = [.. guards, .. part.Guards];
        foreach (var link in part.Links)
        {
            // Links of the same key stay one link, so that its branch is altered and not taken out and put in again.
            Put(
                wired.Find(link.Key) is { } same && instead.TryGetValue(same.Index, out var gone) && gone is null
                    ? link.With(index: same.Index)
                    : link
            );
        }

        return points;
    }

    internal bool TryNode(string point, out int node) => wired.TryNode(point, out node) || newNodes.TryGetValue(point, out node);

    /// <summary>Points one gets to from some others along links for which a test holds.</summary>
    internal Reached Reach(IEnumerable<string> from, Func<Link, bool> along)
    {
        var into = new Reached(this);
        var ahead = new Queue<int>();
        void Go(int node)
        {
            if (into.Add(node))
            {
                ahead.Enqueue(node);
            }
        }

        var later = Altered
            .Where(along)
            .SelectMany(l => new[] { (Node(l.From), Node(l.To)), (Node(l.To), Node(l.From)) })
            .ToLookup(p => p.Item1, p => p.Item2);
        foreach (var point in from)
        {
            if (TryNode(point, out var node))
            {
                Go(node);
            }
        }

        while (ahead.TryDequeue(out var node))
        {
            if (node < wired.Nodes)
            {
                foreach (var index in wired.Touching(node))
                {
                    var link = wired.Links[index];
                    if (!instead.ContainsKey(index) && along(link))
                    {
                        var far = wired.Ends(index);
                        Go(far.From == node ? far.To : far.From);
                    }
                }
            }

            foreach (var next in later[node])
            {
                Go(next);
            }
        }

        return into;
    }

    /// <summary>The nodes of every link for which a test holds.</summary>
    internal IEnumerable<(int From, int To)> Ends(Func<Link, bool> test)
    {
        foreach (var link in wired.Links)
        {
            if (!instead.ContainsKey(link.Index) && test(link))
            {
                yield return wired.Ends(link.Index);
            }
        }

        foreach (var link in Altered.Where(test))
        {
            yield return (Node(link.From), Node(link.To));
        }
    }

    /// <summary>Names of all points with their nodes.</summary>
    internal IEnumerable<KeyValuePair<string, int>> Named => wired.Named.Concat(newNodes);

    internal int Node(string point) => TryNode(point, out var node) ? node : Network.Earth;

    /// <summary>What each panel, run and box gives now.</summary>
    private IEnumerable<Part> Parts =>
        wired.Parts.Where(p => !replaced.ContainsKey(p.Key)).Select(p => p.Value.Part).Concat(replaced.Values);

    private int Noded(string point)
    {
        if (!TryNode(point, out var node))
        {
            newNodes[point] = node = Nodes;
        }

        return node;
    }

    /// <summary>What couples to nothing else still couples a little to the earth, and what couples to something needs no more.</summary>
    internal void Hold(IReadOnlySet<string> points, Complex little)
    {
        // Once for all of them: a part that is altered has many points.
        var altered = Altered
            .SelectMany(l => new[] { (At: l.From, Link: l), (At: l.To, Link: l) })
            .Where(l => points.Contains(l.At))
            .ToLookup(l => l.At, l => l.Link, StringComparer.Ordinal);
        foreach (var point in points.Where(p => p != Points.Earth))
        {
            var key = LinkKeys.Held(point);
            var coupled = Built(point)
                .Where(l => l.From == point || l.To == point)
                .Concat(altered[point])
                .Any(l => l is { Open: false, Kind: LinkKind.Stray } && l.Key != key);
            var held = Find(key);
            if (coupled && held is not null)
            {
                Put(held.With(open: true));
            }
            else if (!coupled && held is not { Open: false })
            {
                Put(held?.With(open: false) ?? Part.Made(key, point, Points.Earth, little, LinkKind.Stray));
            }
        }
    }
}
