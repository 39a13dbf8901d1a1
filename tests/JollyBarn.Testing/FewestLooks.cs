namespace JollyBarn.Testing;

/// <summary>The fewest looks on the average that find what feeds one outlet: every set of breakers tried at every state of what is known
/// (R. Bellman, Dynamic Programming, 1957). Written apart from the program, from the same description of how looks go wrong.</summary>
public sealed class FewestLooks
{
    /// <summary>So many looks at most; what is not found by then counts as found, so that the figure is never too high.</summary>
    private const int Deepest = 9;

    private readonly double enough;
    private readonly int sets;
    private readonly double[] prior;
    private readonly double[][][] likely;
    private readonly Dictionary<string, double> known = [];

    /// <param name="wrong">How often a look is written down wrongly.</param>
    /// <param name="shared">How often two breakers feed an outlet.</param>
    public FewestLooks(int breakers, double enough, double wrong, double shared)
    {
        this.enough = enough;
        sets = 1 << breakers;
        var answers = new List<(int Of, double Odds)> { (0, 0.01) };
        for (var i = 0; i < breakers; i++)
        {
            answers.Add((1 << i, (1 - shared - 0.01) / breakers));
            for (var k = i + 1; k < breakers; k++)
            {
                answers.Add(((1 << i) | (1 << k), 2 * shared / (breakers * breakers)));
            }
        }

        prior = [.. answers.Select(a => a.Odds / answers.Sum(x => x.Odds))];
        // Dead, live, part of it dead: by what is off and what feeds it.
        likely =
        [
            .. Enumerable
                .Range(0, sets)
                .Select(off =>
                    answers
                        .Select(a =>
                        {
                            var right =
                                (a.Of & off) == 0 ? 1
                                : (a.Of & off) == a.Of ? 0
                                : 2;
                            return Enumerable
                                .Range(0, 3)
                                .Select(shows =>
                                    shows == right ? 1 - wrong
                                    : right == 2 ? 5 * wrong
                                    : shows == 2 ? wrong / 10
                                    : wrong
                                )
                                .ToArray();
                        })
                        .ToArray()
                ),
        ];
    }

    public double Expected() => From(prior, Deepest);

    private double From(double[] odds, int left)
    {
        if (left == 0 || odds.Max() >= enough)
        {
            return 0;
        }

        var key = left + ":" + string.Join(',', odds.Select(o => o.ToString("E6", System.Globalization.CultureInfo.InvariantCulture)));
        if (known.TryGetValue(key, out var found))
        {
            return found;
        }

        var best = double.MaxValue;
        for (var off = 1; off < sets; off++)
        {
            best = Math.Min(best, 1 + Enumerable.Range(0, 3).Sum(shows => After(odds, off, shows, left)));
        }

        return known[key] = best;
    }

    private double After(double[] odds, int off, int shows, int left)
    {
        double[] then = [.. odds.Select((o, a) => o * likely[off][a][shows])];
        var (sum, all) = (then.Sum(), odds.Select((o, a) => o * likely[off][a].Sum()).Sum());
        // What is hardly ever seen is left out: the figure is never too high for it.
        return sum / all < 1e-3 ? 0 : sum / all * From([.. then.Select(t => t / sum)], left - 1);
    }
}
