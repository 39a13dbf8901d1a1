namespace JollyBarn.Planning.Ways;

/// <summary>Every assignment, as far as so many steps reach.</summary>
internal sealed class CoilBranches(int[] need, int[] have, IReadOnlyList<decimal> pieces, decimal bought, int opened)
{
    private const int Steps = 30_000;
    private readonly int[] order = [.. Enumerable.Range(0, need.Length).OrderByDescending(i => need[i])];
    private readonly int[] room = (int[])have.Clone();
    private readonly int[] at = new int[need.Length];
    private (decimal Bought, int Opened) best = (bought, opened);
    private int[]? found;
    private int steps;

    /// <summary>A better assignment than the one there was; null where none was found.</summary>
    public int[]? Best()
    {
        Try(0, 0, need.Sum());
        return found;
    }

    private void Try(int depth, decimal spent, int left)
    {
        if (steps++ > Steps || spent > best.Bought || (left - room.Sum() - 1) / (decimal)CoilCutting.Grain + spent > best.Bought)
        {
            return;
        }

        if (depth == order.Length)
        {
            var begun = room.Where((r, c) => r < have[c]).Count();
            if (spent < best.Bought || (spent == best.Bought && begun < best.Opened))
            {
                (best, found) = ((spent, begun), (int[])at.Clone());
            }

            return;
        }

        var piece = order[depth];
        // A coil with as much room left as another is tried once.
        foreach (
            var coil in Enumerable
                .Range(0, have.Length)
                .Where(c => room[c] >= need[piece])
                .DistinctBy(c => (room[c], room[c] < have[c]))
                .OrderBy(c => room[c])
        )
        {
            room[coil] -= need[piece];
            at[piece] = coil;
            Try(depth + 1, spent, left - need[piece]);
            room[coil] += need[piece];
        }

        at[piece] = -1;
        Try(depth + 1, spent + pieces[piece], left - need[piece]);
    }
}
