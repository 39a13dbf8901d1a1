using System.Runtime.InteropServices;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What each piece of a job reaches, told once for each.</summary>
internal sealed class Labels(Pieces pieces)
{
    private readonly Dictionary<int, Found> found = [];
    private readonly Dictionary<int, Reaching> told = [];

    public Pieces Pieces => pieces;

    public void Lands(int node, PanelEnd at) => (At(node).Lands ??= []).Add(at);

    public void Open(int node, OpenEnd end) => (At(node).Open ??= []).Add(end);

    public void Box(int node, Id<Box> box) => (At(node).Boxes ??= []).Add(box);

    public Reaching Of(int node)
    {
        var root = pieces.Root(node);
        if (!told.TryGetValue(root, out var reaching))
        {
            told[root] = reaching = found.TryGetValue(root, out var all)
                ? new(all.Lands ?? [], all.Open ?? [], all.Boxes ?? [])
                : Reaching.Nothing;
        }

        return reaching;
    }

    private Found At(int node)
    {
        ref var at = ref CollectionsMarshal.GetValueRefOrAddDefault(found, pieces.Root(node), out _);
        return at ??= new();
    }

    private sealed class Found
    {
        public List<PanelEnd>? Lands { get; set; }

        public List<OpenEnd>? Open { get; set; }

        public List<Id<Box>>? Boxes { get; set; }
    }
}
