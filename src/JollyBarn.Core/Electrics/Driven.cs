using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>Nodes that a current is driven into, in the order they are taken out: room that each thread keeps, for it is asked for
/// thousands of times.</summary>
internal sealed class Driven
{
    [ThreadStatic]
    private static Driven? kept;

    private readonly PriorityQueue<int, int> ahead = new();
    private Complex[] loads = [];
    private bool[] waits = [];

    /// <summary>Empty room for so many nodes.</summary>
    public static Driven Here(int nodes)
    {
        var here = kept ??= new();
        while (here.TryTake(out _, out _)) { }

        if (here.loads.Length < nodes)
        {
            (here.loads, here.waits) = (new Complex[nodes], new bool[nodes]);
        }

        return here;
    }

    /// <summary>Drives more into a node; into the earth it is gone.</summary>
    public void Put(int node, int place, Complex more)
    {
        if (node == Network.Earth)
        {
            return;
        }

        if (!waits[node])
        {
            (waits[node], loads[node]) = (true, more);
            ahead.Enqueue(node, place);
        }
        else
        {
            loads[node] += more;
        }
    }

    public bool TryTake(out int node, out Complex load)
    {
        var any = ahead.TryDequeue(out node, out _);
        load = any ? loads[node] : Complex.Zero;
        if (any)
        {
            waits[node] = false;
        }

        return any;
    }
}
