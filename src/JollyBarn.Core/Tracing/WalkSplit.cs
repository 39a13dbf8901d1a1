namespace JollyBarn.Tracing;

/// <summary>Which breakers to have off so that one look at each of many outlets tells most in all.</summary>
/// <remarks>A look at an outlet is dead or live: it tells what is known of the answer before, less what a wrong look blurs (C. E.
/// Shannon, A
/// Mathematical Theory of Communication, 1948: the capacity of a binary channel). Beginning with none off, the breaker that helps most is
/// turned over until none helps any more.</remarks>
internal static class WalkSplit
{
    /// <summary>Of two that tell as much, the one with fewer to throw, nats a throw.</summary>
    private const double Throwing = 1e-6;

    public static HashSet<string> Best(Lying lying, IReadOnlyList<BreakerOdds> outlets)
    {
        var keys = lying.All.Where(lying.MayThrow).ToList();
        var odds = outlets.Select(o => o.Breakers.ToDictionary(b => b.Key, b => b.Odds)).ToList();
        var of = keys.ConvertAll(k => odds.ConvertAll(o => o.GetValueOrDefault(k)));
        // What is off and stays so counts as off for every outlet it may feed.
        var off = odds.ConvertAll(o => lying.All.Where(k => !lying.MayThrow(k) && lying.Off.Contains(k)).Sum(k => o.GetValueOrDefault(k)));
        var set = new bool[keys.Count];
        for (var told = Told(off); ; )
        {
            var best = (At: -1, Told: told);
            for (var k = 0; k < keys.Count; k++)
            {
                var then = off.Select((p, i) => p + (set[k] ? -of[k][i] : of[k][i]));
                var tells = Told(then) - (Throwing * (set[k] ? -1 : 1));
                best = tells > best.Told + 1e-9 ? (k, tells) : best;
            }

            if (best.At < 0)
            {
                return [.. keys.Where((_, k) => set[k])];
            }

            off = [.. off.Select((p, i) => p + (set[best.At] ? -of[best.At][i] : of[best.At][i]))];
            set[best.At] = !set[best.At];
            told = best.Told;
        }
    }

    /// <summary>What one look at an outlet tells with some off, nats.</summary>
    public static double Tells(Lying lying, IReadOnlySet<string> set, BreakerOdds outlet)
    {
        var stays = lying.All.Where(k => !lying.MayThrow(k) && lying.Off.Contains(k));
        var dead = outlet.Breakers.Where(b => set.Contains(b.Key) || stays.Contains(b.Key)).Sum(b => b.Odds);
        return Told([dead]) - Entropy(BreakerOdds.WrongOfMany);
    }

    /// <summary>What one look at each tells in all, nats.</summary>
    private static double Told(IEnumerable<double> dead)
    {
        const double wrong = BreakerOdds.WrongOfMany;
        return dead.Sum(p => Entropy((p * (1 - wrong)) + ((1 - p) * wrong)));
    }

    private static double Entropy(double p) => p is <= 0 or >= 1 ? 0 : -((p * Math.Log(p)) + ((1 - p) * Math.Log(1 - p)));
}
