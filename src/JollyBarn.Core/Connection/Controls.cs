using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What a switch does to what hangs behind it.</summary>
public enum SwitchWork
{
    /// <summary>What it is joined to is not known, or too much to try.</summary>
    Unknown,
    Works,

    /// <summary>However it lies, nothing changes.</summary>
    Nothing,

    /// <summary>One of several that control the same, and it does so only as another lies.</summary>
    NotAlways,
}

/// <summary>A way through a switch that is closed in one of its positions.</summary>
internal readonly record struct SwitchEdge(int From, int To, Id<Box> Box, Id<Device> Switch, bool WhenOn);

/// <summary>What every switch does, found by laying all that hang together in every position.</summary>
internal sealed class Controls
{
    /// <summary>More that hang together are not tried.</summary>
    private const int Most = 10;

    private readonly Dictionary<(Id<Box>, Id<Device>), SwitchWork> work = [];
    private readonly Labels always;

    /// <param name="outlets">Pieces that something hangs on.</param>
    public Controls(Labels always, Labels switched, IReadOnlyList<SwitchEdge> edges, IReadOnlyList<int> outlets)
    {
        this.always = always;
        var hanging = outlets.ToLookup(o => switched.Pieces.Root(o), o => always.Pieces.Root(o));
        foreach (var group in edges.GroupBy(e => switched.Pieces.Root(e.From)))
        {
            Try([.. group], [.. hanging[group.Key].Distinct()]);
        }
    }

    public SwitchWork Of(Id<Box> box, Id<Device> device) => work.GetValueOrDefault((box, device));

    private void Try(List<SwitchEdge> edges, List<int> outlets)
    {
        var switches = edges.Select(e => (e.Box, e.Switch)).Distinct().ToList();
        var roots = edges
            .SelectMany(e => new[] { always.Pieces.Root(e.From), always.Pieces.Root(e.To) })
            .Concat(outlets)
            .Distinct()
            .ToList();
        var place = roots.Select((r, i) => (r, i)).ToDictionary(p => p.r, p => p.i);
        var hots = roots.Where(r => always.Of(r) is { Hot: true } or { Taken.What: Gives.Hot }).Select(r => place[r]).ToList();
        if (switches.Count > Most || outlets.Count > 30)
        {
            return;
        }

        // A loop that hangs on nothing switches nothing; where the record stops it may.
        if (hots.Count == 0 || outlets.Count == 0)
        {
            foreach (var one in roots.TrueForAll(r => always.Of(r).Closed) ? switches : [])
            {
                work[one] = SwitchWork.Nothing;
            }

            return;
        }

        var live = Enumerable
            .Range(0, 1 << switches.Count)
            .Select(position => Live(position, edges, switches, place, hots, outlets))
            .ToArray();
        var several = switches.Select(s => edges.Where(e => (e.Box, e.Switch) == s).Select(e => e.WhenOn).Distinct().Count() > 1).ToList();
        for (var i = 0; i < switches.Count; i++)
        {
            var toggled = Enumerable.Range(0, live.Length).Select(p => live[p] ^ live[p ^ (1 << i)]).ToList();
            var touched = toggled.Aggregate(0, (a, b) => a | b);

            // Plain switches in the same way may be off; those that control together may not stand in each other's way.
            var plainOn = Enumerable.Range(0, switches.Count).Where(k => !several[k] && k != i).Aggregate(0, (mask, k) => mask | (1 << k));
            var free = Enumerable.Range(0, live.Length).Where(p => (p & plainOn) == plainOn);
            work[switches[i]] =
                touched == 0 ? SwitchWork.Nothing
                : several[i] && free.Any(p => toggled[p] != touched) ? SwitchWork.NotAlways
                : SwitchWork.Works;
        }
    }

    /// <summary>Which outlets are live in one position, as bits.</summary>
    private int Live(
        int position,
        List<SwitchEdge> edges,
        List<(Id<Box>, Id<Device>)> switches,
        Dictionary<int, int> place,
        List<int> hots,
        List<int> outlets
    )
    {
        var pieces = new Pieces(place.Count);
        foreach (var edge in edges)
        {
            var on = (position >> switches.IndexOf((edge.Box, edge.Switch)) & 1) == 1;
            if (on == edge.WhenOn)
            {
                pieces.Join(place[always.Pieces.Root(edge.From)], place[always.Pieces.Root(edge.To)]);
            }
        }

        var mask = 0;
        for (var i = 0; i < outlets.Count; i++)
        {
            mask |= hots.Exists(h => pieces.Root(h) == pieces.Root(place[outlets[i]])) ? 1 << i : 0;
        }

        return mask;
    }
}
