namespace JollyBarn.Planning.Ways;

/// <summary>Cutting stock over coils and offcuts of differing length: least new cable, then fewest coils begun, then the longest
/// remnant.</summary>
/// <remarks>Offcuts are filled one after another, each as full as it can be from what is left (subset sums over tenths of a foot, R.
/// Bellman
/// 1957), in every order of few coils; single pieces are exchanged between what is cut and what is bought while that buys less; then
/// every assignment is tried, longest pieces first, as far as so many steps reach, each branch given up that cannot buy less (branch and
/// bound, A. Land and A. Doig 1960).</remarks>
public static class CoilCutting
{
    /// <summary>Lengths are weighed in tenths of a foot, rounded up: no piece comes out short.</summary>
    internal const int Grain = 10;
    private const int FewCoils = 4;
    private const int Shakes = 40;

    public static CoilPlan Plan(IReadOnlyList<decimal> pieces, IReadOnlyList<decimal> coils)
    {
        ArgumentNullException.ThrowIfNull(pieces);
        ArgumentNullException.ThrowIfNull(coils);
        var need = pieces.Select(p => (int)Math.Ceiling(p * Grain)).ToArray();
        var have = coils.Select(c => (int)Math.Floor(c * Grain)).ToArray();
        var bound = Math.Max(0, pieces.Sum() - coils.Sum());
        var plans = Orders(have)
            .SelectMany(o => new[] { Fill(need, have, o, false), Fill(need, have, o, true) })
            .Select(assigned => Fewer(need, have, Repacked(need, have, Better(need, have, assigned))))
            .Select(at => Told(pieces, coils, at, bound))
            .OrderBy(p => p.Bought)
            .ThenBy(p => p.Opened)
            .ThenByDescending(p => p.Longest)
            .ToList();
        if (plans[0].Bought > bound && have.Length > 1)
        {
            plans = [.. plans.Append(Told(pieces, coils, Fewer(need, have, Shaken(need, have, plans[0])), bound)).OrderBy(p => p.Bought)];
        }

        var exact = new CoilBranches(need, have, pieces, plans[0].Bought, plans[0].Opened).Best();
        return exact is null
            ? plans[0]
            : plans
                .Append(Told(pieces, coils, exact, bound))
                .OrderBy(p => p.Bought)
                .ThenBy(p => p.Opened)
                .ThenByDescending(p => p.Longest)
                .First();
    }

    /// <summary>Orders of the coils: all of few, else from the shortest, from the longest, and some between.</summary>
    private static IEnumerable<int[]> Orders(int[] have)
    {
        int[] up = [.. Enumerable.Range(0, have.Length).OrderBy(i => have[i])];
        if (have.Length <= FewCoils)
        {
            return Permuted(up);
        }

        return Enumerable.Range(0, have.Length).Select(turn => (int[])[.. up.Skip(turn), .. up.Take(turn)]).Append([.. up.Reverse()]);
    }

    private static IEnumerable<int[]> Permuted(int[] all) =>
        all.Length <= 1
            ? [all]
            : all.SelectMany(first => Permuted([.. all.Where(a => a != first)]).Select(rest => (int[])[first, .. rest]));

    /// <summary>Fills coil after coil; −1 for what is left to buy.</summary>
    /// <param name="longFirst">Fill each with its longest pieces first where several fillings are as full.</param>
    private static int[] Fill(int[] need, int[] have, int[] order, bool longFirst)
    {
        var at = Enumerable.Repeat(-1, need.Length).ToArray();
        foreach (var coil in order)
        {
            var open = Enumerable.Range(0, need.Length).Where(i => at[i] < 0).OrderBy(i => longFirst ? need[i] : -need[i]).ToList();
            foreach (var piece in Fullest(need, open, have[coil]))
            {
                at[piece] = coil;
            }
        }

        return at;
    }

    /// <summary>Pieces that fill so much as full as it can be.</summary>
    private static List<int> Fullest(int[] need, List<int> open, int room)
    {
        // by[s] is the piece that reached the sum s first, with the sum before it.
        var by = new (int Piece, int From)[room + 1];
        var reached = new bool[room + 1];
        reached[0] = true;
        foreach (var piece in open)
        {
            for (var sum = room; sum >= need[piece]; sum--)
            {
                if (!reached[sum] && reached[sum - need[piece]])
                {
                    (reached[sum], by[sum]) = (true, (piece, sum - need[piece]));
                }
            }
        }

        var chosen = new List<int>();
        for (var at = Array.FindLastIndex(reached, r => r); at > 0; at = by[at].From)
        {
            chosen.Add(by[at].Piece);
        }

        return chosen;
    }

    /// <summary>Exchanges a bought piece for a shorter one that is cut, or for two, while that buys less.</summary>
    private static int[] Better(int[] need, int[] have, int[] at)
    {
        for (var better = true; better; )
        {
            better = false;
            var room = Rooms(need, have, at);
            foreach (var bought in Enumerable.Range(0, need.Length).Where(i => at[i] < 0).OrderByDescending(i => need[i]))
            {
                var coil = Array.FindIndex(room, r => r >= need[bought]);
                if (coil >= 0)
                {
                    (at[bought], better) = (coil, true);
                    break;
                }

                var swap = Enumerable
                    .Range(0, need.Length)
                    .Where(i => at[i] >= 0 && need[i] < need[bought] && room[at[i]] + need[i] >= need[bought])
                    .OrderBy(i => need[i])
                    .Select(i => (int?)i)
                    .FirstOrDefault();
                if (swap is { } out_)
                {
                    (at[bought], at[out_], better) = (at[out_], -1, true);
                    break;
                }
            }
        }

        return at;
    }

    /// <summary>The plan with some coils emptied and filled again in another order, over and over, as far as that buys less. Always the
    /// same for the same pieces.</summary>
    private static int[] Shaken(int[] need, int[] have, CoilPlan plan)
    {
        var best = Enumerable.Repeat(-1, need.Length).ToArray();
        foreach (var (coil, piece) in plan.Cuts.SelectMany(c => c.Pieces.Select(p => (c.Coil, p))))
        {
            best[piece] = coil;
        }

        var random = new Random(need.Length);
        var least = Math.Max(0, need.Sum() - have.Sum());
        for (var shake = 0; shake < Shakes && Bought(need, best) > least; shake++)
        {
            var then = (int[])best.Clone();
            var emptied = Enumerable.Range(0, have.Length).OrderBy(_ => random.Next()).Take(random.Next(2, have.Length + 1)).ToList();
            for (var i = 0; i < then.Length; i++)
            {
                then[i] = emptied.Contains(then[i]) ? -1 : then[i];
            }

            foreach (var coil in emptied)
            {
                var open = Enumerable.Range(0, need.Length).Where(i => then[i] < 0).OrderBy(_ => random.Next()).ToList();
                foreach (var piece in Fullest(need, open, have[coil]))
                {
                    then[piece] = coil;
                }
            }

            then = Repacked(need, have, then);
            best = Bought(need, then) <= Bought(need, best) ? then : best;
        }

        return best;
    }

    /// <summary>Empties two coils at a time and fills them anew from what was in them and what is bought, while that buys less.</summary>
    private static int[] Repacked(int[] need, int[] have, int[] at)
    {
        var bought = Bought(need, at);
        for (var better = true; better && bought > 0; )
        {
            better = false;
            foreach (
                var (one, other) in from a in Enumerable.Range(0, have.Length)
                from b in Enumerable.Range(0, have.Length)
                where a != b
                select (a, b)
            )
            {
                var then = (int[])at.Clone();
                for (var i = 0; i < then.Length; i++)
                {
                    then[i] = then[i] == one || then[i] == other ? -1 : then[i];
                }

                foreach (var coil in new[] { one, other })
                {
                    var open = Enumerable.Range(0, need.Length).Where(i => then[i] < 0).OrderByDescending(i => need[i]).ToList();
                    foreach (var piece in Fullest(need, open, have[coil]))
                    {
                        then[piece] = coil;
                    }
                }

                if (Bought(need, then) < bought)
                {
                    (at, bought, better) = (then, Bought(need, then), true);
                }
            }
        }

        return at;
    }

    private static int Bought(int[] need, int[] at) => need.Where((_, i) => at[i] < 0).Sum();

    /// <summary>Empties a coil into the others where that can be: one begun fewer.</summary>
    private static int[] Fewer(int[] need, int[] have, int[] at)
    {
        foreach (var coil in Enumerable.Range(0, have.Length).Where(at.Contains).OrderBy(c => at.Count(a => a == c)).ToList())
        {
            var then = (int[])at.Clone();
            var moved = Enumerable.Range(0, need.Length).Where(i => at[i] == coil).OrderByDescending(i => need[i]).ToList();
            if (
                moved.TrueForAll(piece =>
                {
                    var room = Rooms(need, have, then);
                    then[piece] = -2;
                    var to = Enumerable
                        .Range(0, have.Length)
                        .Where(c => c != coil && then.Contains(c) && room[c] >= need[piece])
                        .OrderBy(c => room[c])
                        .Select(c => (int?)c)
                        .FirstOrDefault();
                    then[piece] = to ?? coil;
                    return to is not null;
                })
            )
            {
                at = then;
            }
        }

        return at;
    }

    private static int[] Rooms(int[] need, int[] have, int[] at)
    {
        var room = (int[])have.Clone();
        for (var i = 0; i < need.Length; i++)
        {
            if (at[i] >= 0)
            {
                room[at[i]] -= need[i];
            }
        }

        return room;
    }

    private static CoilPlan Told(IReadOnlyList<decimal> pieces, IReadOnlyList<decimal> coils, int[] at, decimal bound) =>
        new(
            [
                .. Enumerable
                    .Range(0, pieces.Count)
                    .GroupBy(i => at[i])
                    .OrderBy(g => g.Key)
                    .Select(g => new CoilCut(g.Key, [.. g], g.Key < 0 ? 0 : coils[g.Key] - g.Sum(i => pieces[i]))),
            ],
            Enumerable.Range(0, pieces.Count).Where(i => at[i] < 0).Sum(i => pieces[i]),
            bound,
            coils.Select((c, i) => c - Enumerable.Range(0, pieces.Count).Where(p => at[p] == i).Sum(p => pieces[p])).DefaultIfEmpty(0).Max()
        );
}
