using System.Runtime.InteropServices;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>Where a job's pieces land and where its record stops, by node; what each piece reaches of that is told once.</summary>
internal sealed class Labels(Pieces pieces, Marks marks)
{
    private readonly Dictionary<int, Reaching> told = [];
    private Dictionary<int, (List<PanelEnd>? Lands, List<OpenEnd>? Open)>? found;
    private Dictionary<int, List<Id<Box>>>? spans;

    public Pieces Pieces => pieces;

    public Reaching Of(int node)
    {
        var root = pieces.Root(node);
        if (!told.TryGetValue(root, out var reaching))
        {
            found ??= Found();
            var (lands, open) = found.GetValueOrDefault(root);
            told[root] = reaching = lands is null && open is null ? Dead(root) : new(lands ?? [], open ?? [], []);
        }

        return reaching;
    }

    /// <summary>What lands nowhere, with the boxes it goes between.</summary>
    private Reaching Dead(int root)
    {
        spans ??= Spans();
        return spans.TryGetValue(root, out var boxes) ? new([], [], boxes) : Reaching.Nothing;
    }

    private Dictionary<int, (List<PanelEnd>? Lands, List<OpenEnd>? Open)> Found()
    {
        var all = new Dictionary<int, (List<PanelEnd>? Lands, List<OpenEnd>? Open)>();
        foreach (var (node, at) in marks.Lands)
        {
            ref var here = ref CollectionsMarshal.GetValueRefOrAddDefault(all, pieces.Root(node), out _);
            (here.Lands ??= []).Add(at);
        }

        foreach (var (node, end) in marks.Open)
        {
            ref var here = ref CollectionsMarshal.GetValueRefOrAddDefault(all, pieces.Root(node), out _);
            (here.Open ??= []).Add(end);
        }

        return all;
    }

    private Dictionary<int, List<Id<Box>>> Spans()
    {
        var all = new Dictionary<int, List<Id<Box>>>();
        foreach (var (node, box) in marks.Spans)
        {
            var root = pieces.Root(node);
            if (!found!.ContainsKey(root))
            {
                (all.TryGetValue(root, out var boxes) ? boxes : all[root] = []).Add(box);
            }
        }

        foreach (var boxes in all.Values)
        {
            boxes.Sort();
        }

        return all;
    }
}

/// <summary>What is known of nodes before it is known how they hang together.</summary>
internal sealed class Marks
{
    public List<(int Node, PanelEnd At)> Lands { get; } = [];

    public List<(int Node, OpenEnd End)> Open { get; } = [];

    /// <summary>Conductors of cables with the boxes they end in.</summary>
    public List<(int Node, Id<Box> Box)> Spans { get; } = [];
}
