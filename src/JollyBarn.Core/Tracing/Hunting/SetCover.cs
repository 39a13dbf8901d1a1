namespace JollyBarn.Tracing.Hunting;

/// <summary>The fewest columns that cover every row that any covers.</summary>
/// <remarks>Rows that ask for the same, and columns that give no more than another does, are left out first; what is left is split where
/// nothing joins it, and searched branch by branch with the bound of rows that share no column. A search that is too long ends with the
/// best cover found: greedy, with what it has too much taken out again.</remarks>
public static class SetCover
{
    private const int MostNodes = 40_000;

    /// <param name="rows">For each row the columns that cover it.</param>
    /// <param name="cost">What a column costs; of covers of as many columns the cheapest is taken.</param>
    public static IReadOnlyList<int> Of(IReadOnlyList<IReadOnlySet<int>> rows, Func<int, double> cost)
    {
        ArgumentNullException.ThrowIfNull(rows);
        ArgumentNullException.ThrowIfNull(cost);
        var left = Distinct(rows.Where(r => r.Count > 0));
        var chosen = new List<int>();
        foreach (var piece in Pieces(left))
        {
            chosen.AddRange(new Search(piece, cost).Best());
        }

        return [.. chosen.Order()];
    }

    /// <summary>Rows that ask for no less than another are covered with it.</summary>
    private static List<IReadOnlySet<int>> Distinct(IEnumerable<IReadOnlySet<int>> rows)
    {
        var kept = new List<IReadOnlySet<int>>();
        foreach (var row in rows.OrderBy(r => r.Count))
        {
            if (!kept.Any(k => k.IsSubsetOf(row)))
            {
                kept.Add(row);
            }
        }

        return kept;
    }

    /// <summary>Rows that share no column, even over others, are covered apart.</summary>
    private static List<List<IReadOnlySet<int>>> Pieces(List<IReadOnlySet<int>> rows)
    {
        var pieces = new List<(HashSet<int> Columns, List<IReadOnlySet<int>> Rows)>();
        foreach (var row in rows)
        {
            var meets = pieces.Where(p => p.Columns.Overlaps(row)).ToList();
            var whole = (Columns: row.ToHashSet(), Rows: new List<IReadOnlySet<int>> { row });
            foreach (var piece in meets)
            {
                whole.Columns.UnionWith(piece.Columns);
                whole.Rows.AddRange(piece.Rows);
                pieces.Remove(piece);
            }

            pieces.Add(whole);
        }

        return [.. pieces.Select(p => p.Rows)];
    }

    private sealed class Search(List<IReadOnlySet<int>> rows, Func<int, double> cost)
    {
        private readonly Dictionary<int, List<int>> covers = rows.SelectMany((r, i) => r.Select(c => (c, i)))
            .GroupBy(x => x.c)
            .ToDictionary(g => g.Key, g => g.Select(x => x.i).ToList());

        private readonly int[] times = new int[rows.Count];
        private readonly List<int> now = [];
        private List<int> best = [];
        private int nodes;

        public List<int> Best()
        {
            best = Greedy();
            Branch();
            return best;
        }

        private List<int> Greedy()
        {
            var (open, chosen) = (Enumerable.Range(0, rows.Count).ToHashSet(), new List<int>());
            while (open.Count > 0)
            {
                var next = covers.MaxBy(c => (c.Value.Count(open.Contains), -cost(c.Key)));
                chosen.Add(next.Key);
                open.ExceptWith(next.Value);
            }

            foreach (var column in chosen.OrderByDescending(cost).ToList())
            {
                if (covers[column].All(r => chosen.Any(c => c != column && rows[r].Contains(c))))
                {
                    chosen.Remove(column);
                }
            }

            return chosen;
        }

        private void Branch()
        {
            if (++nodes > MostNodes)
            {
                return;
            }

            var row = Hardest();
            if (row < 0)
            {
                if (now.Count < best.Count || (now.Count == best.Count && now.Sum(cost) < best.Sum(cost)))
                {
                    best = [.. now];
                }

                return;
            }

            if (now.Count + Apart() > best.Count)
            {
                return;
            }

            foreach (var column in rows[row].OrderByDescending(c => covers[c].Count(r => times[r] == 0)).ThenBy(cost))
            {
                Put(column, 1);
                Branch();
                Put(column, -1);
            }
        }

        private void Put(int column, int more)
        {
            if (more > 0)
            {
                now.Add(column);
            }
            else
            {
                now.RemoveAt(now.Count - 1);
            }

            foreach (var row in covers[column])
            {
                times[row] += more;
            }
        }

        /// <summary>The open row with fewest columns; −1 where none is open.</summary>
        private int Hardest()
        {
            var (found, fewest) = (-1, int.MaxValue);
            for (var r = 0; r < rows.Count; r++)
            {
                if (times[r] == 0 && rows[r].Count < fewest)
                {
                    (found, fewest) = (r, rows[r].Count);
                }
            }

            return found;
        }

        /// <summary>Open rows that share no column: each takes one of its own.</summary>
        private int Apart()
        {
            var (taken, count) = (new HashSet<int>(), 0);
            for (var r = 0; r < rows.Count; r++)
            {
                if (times[r] == 0 && !taken.Overlaps(rows[r]))
                {
                    taken.UnionWith(rows[r]);
                    count++;
                }
            }

            return count;
        }
    }
}
