using System.Text.Json.Nodes;

namespace JollyBarn.Drawing.Tests;

/// <summary>The fewest crossings a long search finds for the same columns: simulated annealing from several starts, counting on its
/// own.</summary>
/// <remarks>Cuffs, devices in their gangs and terminals on their devices stand where they are; joints and everything between, and what lies
/// among the devices, may go anywhere in their column.</remarks>
internal sealed class LongSearch
{
    private const int Starts = 6;
    private const int Steps = 4000;

    private readonly (int Cuff, int Node)[] left;
    private readonly (int Node, int Block, int Row)[] right;
    private readonly int nodes;
    private readonly bool[] standing;

    public LongSearch(JsonNode graph)
    {
        var cuffs = Ids(graph["cuffs"]!);
        var middle = Ids(graph["middle"]!);
        var blocks = Ids(graph["blocks"]!);
        var rows = graph["blocks"]!
            .AsArray()
            .ToDictionary(b => (string)b!["id"]!, b => b!["rows"]!.AsArray().Select(r => (string)r!).ToList());
        left = [.. graph["a"]!.AsArray().Select(e => (cuffs.IndexOf((string)e!["cuff"]!), middle.IndexOf((string)e["node"]!)))];
        right =
        [
            .. graph["b"]!
                .AsArray()
                .Select(e =>
                    (
                        middle.IndexOf((string)e!["node"]!),
                        blocks.IndexOf((string)e["block"]!),
                        rows[(string)e["block"]!].IndexOf((string)e["row"]!)
                    )
                ),
        ];
        nodes = middle.Count;
        standing = [.. graph["blocks"]!.AsArray().Select(b => (string)b!["kind"]! == "device")];
    }

    public int Best()
    {
        var best = int.MaxValue;
        for (var start = 0; start < Starts && best > 0; start++)
        {
            best = Math.Min(best, From(new Random(start)));
        }

        return best;
    }

    private static List<string> Ids(JsonNode of) => [.. of.AsArray().Select(n => (string)n!["id"]!)];

    private int From(Random random)
    {
        int[] middle = [.. Enumerable.Range(0, nodes).OrderBy(_ => random.Next())];
        int[] blocks = [.. Enumerable.Range(0, standing.Length)];
        var (now, best) = (Count(middle, blocks), int.MaxValue);
        for (var step = 0; step < Steps && best > 0; step++)
        {
            var heat = 3.0 * (1 - (double)step / Steps);
            var moveBlock = random.Next(4) == 0 && standing.Any(s => !s);
            var (nextMiddle, nextBlocks) = moveBlock
                ? (middle, Shifted(blocks, random, i => !standing[i]))
                : (Shifted(middle, random, _ => true), blocks);
            var cost = Count(nextMiddle, nextBlocks);
            if (cost <= now || random.NextDouble() < Math.Exp((now - cost) / Math.Max(0.05, heat)))
            {
                (middle, blocks, now) = (nextMiddle, nextBlocks, cost);
            }

            best = Math.Min(best, now);
        }

        return best;
    }

    private static int[] Shifted(int[] order, Random random, Func<int, bool> may)
    {
        var movable = order.Where(may).ToList();
        if (movable.Count == 0)
        {
            return order;
        }

        var item = movable[random.Next(movable.Count)];
        var rest = order.Where(i => i != item).ToList();
        rest.Insert(random.Next(rest.Count + 1), item);
        return [.. rest];
    }

    private int Count(int[] middle, int[] blocks)
    {
        var node = new int[middle.Length];
        var block = new int[blocks.Length];
        for (var i = 0; i < middle.Length; i++)
        {
            node[middle[i]] = i;
        }

        for (var i = 0; i < blocks.Length; i++)
        {
            block[blocks[i]] = i;
        }

        var sum = 0;
        for (var i = 0; i < left.Length; i++)
        {
            for (var j = 0; j < i; j++)
            {
                sum += Math.Sign(left[i].Cuff - left[j].Cuff) * Math.Sign(node[left[i].Node] - node[left[j].Node]) < 0 ? 1 : 0;
            }
        }

        for (var i = 0; i < right.Length; i++)
        {
            for (var j = 0; j < i; j++)
            {
                var rows =
                    block[right[i].Block] != block[right[j].Block]
                        ? block[right[i].Block] - block[right[j].Block]
                        : right[i].Row - right[j].Row;
                sum += Math.Sign(rows) * Math.Sign(node[right[i].Node] - node[right[j].Node]) < 0 ? 1 : 0;
            }
        }

        return sum;
    }
}
