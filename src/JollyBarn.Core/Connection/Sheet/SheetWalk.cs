namespace JollyBarn.Connection.Sheet;

/// <summary>The way a node is first reached from the breaker: through as few switches as can be, then over as few cables.</summary>
/// <param name="Before">The node before; −1 at the breaker.</param>
/// <param name="Seen">It was reached from an end that somebody followed.</param>
internal readonly record struct Reached(int Switches, int Cables, Gone Gone, int Before, bool Seen);

/// <summary>Everything a hot reaches, in the order of the feed.</summary>
internal sealed class SheetWalk
{
    private readonly Dictionary<int, Reached> reached = [];

    /// <summary>Walks out from the breakers.</summary>
    public SheetWalk(SheetGraph graph, IEnumerable<Start> starts)
    {
        var ahead = new PriorityQueue<(int Node, Reached Way), (int, int, int, int)>();
        var order = 0;
        void Put(int node, Reached way)
        {
            if (!reached.ContainsKey(node))
            {
                ahead.Enqueue((node, way), (way.Seen ? 0 : 1, way.Switches, way.Cables, order++));
            }
        }

        foreach (var start in starts)
        {
            Put(start.Node, new(0, 0, Gone.Straight, -1, !start.Taken));
        }

        while (ahead.TryDequeue(out var next, out _))
        {
            var (node, way) = next;
            if (!reached.TryAdd(node, way))
            {
                continue;
            }

            foreach (var step in graph.From(node))
            {
                if (step.Into >= 0)
                {
                    Entered.Add((step.Into, node));
                }

                Put(
                    step.To,
                    new(
                        way.Switches + (step.Turn is null ? 0 : 1),
                        way.Cables + (step.Into >= 0 ? 1 : 0),
                        step.Turn ?? way.Gone,
                        node,
                        way.Seen
                    )
                );
            }
        }
    }

    /// <summary>Boxes with the conductor each was entered by, first ways first.</summary>
    public List<(int Box, int Conductor)> Entered { get; } = [];

    public Reached? Of(int node) => reached.TryGetValue(node, out var way) ? way : null;
}
